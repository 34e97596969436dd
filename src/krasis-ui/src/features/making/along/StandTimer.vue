<script setup lang="ts">
import { computed } from 'vue'
import type { Make } from './kept'

/** How long something stands in the cup with nothing on it, against how long it may. */
const props = defineProps<{ make: Make }>()

const stands = computed(() => props.make.stands)
const seconds = computed(() => Math.floor(props.make.seconds - (stands.value?.since ?? 0)))
</script>

<template>
  <p v-if="stands" class="stands" :class="{ long: seconds > stands.most }" role="timer" data-test="stands">
    {{ stands.what }} stands <b>{{ seconds }} s</b>; {{ stands.most }} s is the longest.
  </p>
</template>

<style scoped>
.stands {
  font-size: 1.25rem;
}

b {
  font-size: 2.2rem;
}

.long {
  color: var(--fault);
}
</style>
