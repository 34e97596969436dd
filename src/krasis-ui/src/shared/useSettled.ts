import { onScopeDispose, shallowRef, watch, type Ref } from 'vue'

/** The value once it has not changed for so many milliseconds, so that typing asks once and not at every key. */
export function useSettled<T>(source: Ref<T>, milliseconds: number): Ref<T> {
  const settled = shallowRef(source.value) as Ref<T>
  let timer = 0
  watch(source, (now) => {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => (settled.value = now), milliseconds)
  })
  onScopeDispose(() => window.clearTimeout(timer))
  return settled
}
