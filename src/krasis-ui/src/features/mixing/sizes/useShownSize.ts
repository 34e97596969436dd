import { useMediaQuery, useSwipe } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { SizeSheet } from '@/shared/api/types'

/** What a column is, as its cells are dressed. */
export interface Column {
  reference: boolean
  focused: boolean
  shown: boolean
}

/** Which size one is in: its figures are read out, and on a phone it is the one that is shown. */
export function useShownSize(sizes: Ref<SizeSheet[]>, box: Ref<HTMLElement | null>) {
  /** The size that somebody chose; else it is the reference. */
  const focused = ref<string | null>(null)
  const current = computed(
    () =>
      sizes.value.find(({ size }) => size === focused.value) ??
      sizes.value.find(({ isReference }) => isReference) ??
      sizes.value[0],
  )
  /** Whether the window is too narrow for more than one size. */
  const isOneAtATime = useMediaQuery('(width < 40rem)')
  const columns = computed(
    () =>
      new Map<string, Column>(
        sizes.value.map(({ size, isReference }) => [
          size,
          {
            reference: isReference,
            focused: focused.value === size,
            shown: current.value?.size === size,
          },
        ]),
      ),
  )

  useSwipe(box, {
    threshold: 60,
    onSwipeEnd: (_, direction) => {
      if (isOneAtATime.value && (direction === 'left' || direction === 'right')) {
        const at = sizes.value.findIndex(({ size }) => size === current.value?.size)
        focused.value = sizes.value[at + (direction === 'left' ? 1 : -1)]?.size ?? focused.value
      }
    },
  })

  return {
    focused,
    current,
    columns,
    isOneAtATime,
    /** Goes into a size, or out of it again. */
    toggle: (size: string) => (focused.value = focused.value === size ? null : size),
  }
}
