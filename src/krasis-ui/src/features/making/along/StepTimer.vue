<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'

/** Counts down what takes its time: stirring, steeping, standing. */
const props = defineProps<{ seconds: number; of: number }>()

const left = ref(props.seconds)
let ends = 0
const ticking = useIntervalFn(
  () => {
    left.value = Math.max(0, (ends - performance.now()) / 1000)
    if (left.value === 0) {
      ticking.pause()
    }
  },
  200,
  { immediate: false },
)
const says = computed(() => (left.value === 0 ? 'Time is up' : `${Math.ceil(left.value)} s`))

watch(
  () => props.of,
  () => {
    ticking.pause()
    left.value = props.seconds
  },
)

function start(): void {
  ends = performance.now() + props.seconds * 1000
  left.value = props.seconds
  ticking.resume()
}
</script>

<template>
  <section class="timer" aria-label="Timer" data-test="timer">
    <p class="time" role="timer">{{ says }}</p>
    <Button label="Start the timer" outlined @click="start" />
  </section>
</template>

<style scoped>
.timer {
  padding: 0.8rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.9rem;
}

.time {
  font-weight: 700;
  font-size: 2.6rem;
}
</style>
