import { inject, provide, type InjectionKey } from 'vue'
import type { useFact } from './useFact'

export type Bench = ReturnType<typeof useFact>

const key: InjectionKey<Bench> = Symbol('bench')

/** Lays the fact that is measured on the bench, for every box on it. */
export function provideBench(bench: Bench): void {
  provide(key, bench)
}

/** The fact that is measured on this bench. */
export function useBench(): Bench {
  const bench = inject(key)
  if (!bench) {
    throw new Error('There is no bench around this box.')
  }

  return bench
}
