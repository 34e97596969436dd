import { computed, inject, onUnmounted, provide, shallowRef, watch, type InjectionKey, type Ref } from 'vue'

interface DirtyRows {
  mark: (row: symbol, isDirty: boolean) => void
}

const key: InjectionKey<DirtyRows> = Symbol('dirty rows')

/** Knows whether any row of the page holds something that has not been kept. */
export function useDirtyRows() {
  const rows = shallowRef(new Set<symbol>())
  provide(key, {
    mark(row, isDirty) {
      const next = new Set(rows.value)
      if (isDirty) {
        next.add(row)
      } else {
        next.delete(row)
      }

      rows.value = next
    },
  })
  return computed(() => rows.value.size > 0)
}

/** Tells the page whether a row holds something that has not been kept, as long as the row is there. */
export function useDirtyRow(isDirty: Ref<boolean>): void {
  const page = inject(key)
  const row = Symbol('row')
  watch(isDirty, (now) => page?.mark(row, now))
  onUnmounted(() => page?.mark(row, false))
}
