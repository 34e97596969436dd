import { computed, readonly, ref, shallowRef } from 'vue'
import type { ScaleReading, ScaleState } from './Scale'
import { SimulatedScale } from './SimulatedScale'

/** The one scale at this counter. */
const scale = new SimulatedScale()
const state = ref<ScaleState>('off')
const reading = shallowRef<ScaleReading | null>(null)
const isOpen = ref(false)

scale.listen(
  (now) => (reading.value = now),
  (now) => {
    state.value = now
    reading.value = null
  },
)

/** Whether there is a reading that may be taken: the scale is there, at rest and not overloaded. */
const ready = computed(
  () =>
    state.value === 'connected' &&
    reading.value !== null &&
    reading.value.isSettled &&
    !reading.value.isOverloaded,
)

/** The scale, and what it shows now. */
export function useScale() {
  return { scale, state: readonly(state), reading, ready, isOpen }
}
