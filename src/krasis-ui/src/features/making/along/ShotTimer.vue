<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { DrinkRequest, MakingStep } from '@/shared/api/types'
import { decimal, fixed } from '@/shared/format'

/** Times a pull, and says what is to be said of it. */
const props = defineProps<{
  step: MakingStep
  drink: DrinkRequest
  station: string | null
  /** What has run into the cup, g; null without a scale. */
  grams: number | null
}>()
const seconds = defineModel<number | null>({ required: true })

const isRunning = defineModel<boolean>('running', { default: false })
const verdict = ref<{ isGood: boolean; words: string } | null>(null)
/** By the machine's own clock, which nobody sets back. */
let began = 0
const shown = ref(0)
const ticking = useIntervalFn(() => (shown.value = (performance.now() - began) / 1000), 100, {
  immediate: false,
})
const window = computed(() => {
  const { shot } = props.step
  return shot?.secondsFrom && shot.secondsTo
    ? `${decimal(shot.secondsFrom, 1)} to ${decimal(shot.secondsTo, 1)} s`
    : null
})

watch(
  () => props.step.line,
  () => {
    ticking.pause()
    isRunning.value = false
    verdict.value = null
    shown.value = 0
  },
)

function start(): void {
  began = performance.now()
  isRunning.value = true
  verdict.value = null
  seconds.value = null
  ticking.resume()
}

async function stop(): Promise<void> {
  ticking.pause()
  isRunning.value = false
  const ran = Math.round(((performance.now() - began) / 1000) * 10) / 10
  seconds.value = ran
  shown.value = ran
  try {
    verdict.value = await ask(
      api.POST('/api/shot', {
        body: {
          drink: props.drink,
          station: props.station,
          line: props.step.line ?? null,
          grams: props.grams ?? props.step.target?.grams ?? null,
          seconds: ran,
        },
      }),
    )
  } catch (error) {
    verdict.value = { isGood: false, words: ApiProblem.of(error).message }
  }
}
</script>

<template>
  <section class="shot" aria-label="The shot" data-test="shot-timer">
    <h2>The shot</h2>
    <p class="time" data-test="shot-time">{{ fixed(shown, isRunning ? 0 : 1) }} s</p>
    <p v-if="window" class="soft">{{ window }} is right</p>
    <p v-if="verdict" :class="verdict.isGood ? 'good' : 'error'" role="status" data-test="shot-verdict">
      {{ verdict.words }}
    </p>
    <Button v-if="!isRunning" label="The shot runs" data-test="shot-start" @click="start" />
    <Button v-else label="Stop" severity="danger" data-test="shot-stop" @click="stop" />
  </section>
</template>

<style scoped>
.shot {
  padding: 0.8rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.9rem;
}

.time {
  font-weight: 700;
  font-size: 3.75rem;
  line-height: 1;
}

.good,
.error {
  font-size: 1.25rem;
}

.good {
  color: light-dark(#12512d, #8fd3ab);
}

.shot :deep(button) {
  min-height: 3.4rem;
  width: 100%;
  margin-top: 0.5rem;
  font-size: 1.3rem;
}
</style>
