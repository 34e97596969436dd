import { computed, readonly, ref, shallowRef } from 'vue'
import { barScale } from './BarScale'
import type { Scale, ScaleReading, ScaleState } from './Scale'
import { SerialScale, type SerialPorts } from './SerialScale'
import { SimulatedScale } from './SimulatedScale'

const simulated = new SimulatedScale()
/** The serial ports, where the browser has any; a browser that is driven by tests is left without. */
const ports = navigator.webdriver ? undefined : (navigator as { serial?: SerialPorts }).serial
const real = ports ? new SerialScale(ports) : null
/** The one scale at this counter. */
const scale = shallowRef<Scale>(simulated)
const state = ref<ScaleState>('off')
const reading = shallowRef<ScaleReading | null>(null)
const isOpen = ref(false)
/** How often it has been made to show nothing. */
const zeroed = ref(0)

for (const each of [simulated, real, barScale]) {
  each?.listen(
    (now) => {
      if (scale.value === each) {
        reading.value = now
      }
    },
    (now) => {
      if (scale.value === each) {
        state.value = now
        reading.value = null
      }
    },
  )
}

/** Whether there is a reading that may be taken: the scale is there, at rest and not overloaded. */
const ready = computed(
  () =>
    state.value === 'connected' &&
    reading.value !== null &&
    reading.value.isSettled &&
    !reading.value.isOverloaded,
)

/** Makes what lies on it now nothing. */
function zero(): void {
  scale.value.zero()
  zeroed.value++
}

/** Puts the other scale in the place of this one. */
function take(other: Scale): void {
  scale.value.disconnect()
  state.value = 'off'
  reading.value = null
  scale.value = other
}

/** The scale, and what it shows now. */
export function useScale() {
  return {
    scale,
    simulated,
    real,
    barScale,
    take,
    zero,
    zeroed: readonly(zeroed),
    state: readonly(state),
    reading,
    ready,
    isOpen,
  }
}
