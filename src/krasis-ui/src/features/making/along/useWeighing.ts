import { computed, ref, watch } from 'vue'
import { useScale } from '@/shared/scale/useScale'

/** So much less than nothing is no trembling: the cup has been lifted. g. */
const lifted = -15
/** A cup that comes back otherwise by more than this is another cup. g. */
const another = 8

/**
 * What has gone in since a step began. The scale is tared by reckoning and not by its key, so that a step can be undone, and a
 * plug that was pulled loses nothing.
 */
export function useWeighing() {
  const { state, reading, ready, zeroed } = useScale()
  /** What the scale showed when the step began. */
  const base = ref(0)
  /** What was in of the step when the scale was last heard. */
  const last = ref(0)
  const isOff = ref(false)
  const isOther = ref(false)
  /** What it showed at rest before the cup was lifted. */
  let before = 0
  const isThere = computed(() => state.value === 'connected' && reading.value !== null)
  const grams = computed(() => {
    const now = isThere.value ? reading.value : null
    return now && !now.isOverloaded ? now.grams - base.value : null
  })
  const isSettled = computed(() => ready.value && !isOff.value)

  watch(reading, (now, then) => {
    if (!now || now.isOverloaded) {
      return
    }

    if (!then) {
      // It has come back, and shows nothing for what stands on it: what was in of the step is in still.
      base.value = now.grams - last.value
      return
    }

    const inside = now.grams - base.value
    if (inside < lifted) {
      isOff.value = true
    } else if (isOff.value && now.isSettled) {
      isOff.value = false
      isOther.value = Math.abs(now.grams - before) > another
    } else if (!isOff.value) {
      last.value = inside
      if (now.isSettled) {
        before = now.grams
      }
    }
  })

  // Whoever makes the scale show nothing begins the step anew.
  watch(zeroed, () => {
    base.value = 0
    last.value = 0
    isOff.value = false
    isOther.value = false
  })

  /** Begins a step: what stands on the scale now counts for nothing. */
  function tare(): void {
    base.value = reading.value && !reading.value.isOverloaded ? reading.value.grams : base.value
    last.value = 0
    isOther.value = false
  }

  /** Goes back to a step that began when the scale showed so much. */
  function tareAt(showed: number): void {
    base.value = showed
    last.value = reading.value ? reading.value.grams - showed : 0
  }

  return { state, reading, isThere, grams, isSettled, isOff, isOther, base, tare, tareAt }
}
