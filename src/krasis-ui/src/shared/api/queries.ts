import { useQuery } from '@tanstack/vue-query'
import { api, ask } from './client'

export const keys = {
  bar: ['bar'],
  builds: ['builds'],
  deleted: ['builds', 'deleted'],
} as const

/** All of the bar's facts. */
export function useBar() {
  return useQuery({ queryKey: keys.bar, queryFn: () => ask(api.GET('/api/bar')), shallow: true })
}

/** The schools that a build can follow; they change only with the program. */
export function useSchools() {
  return useQuery({ queryKey: ['schools'], queryFn: () => ask(api.GET('/api/schools')), staleTime: Infinity })
}

/** The builds by name. */
export function useBuilds() {
  return useQuery({ queryKey: keys.builds, queryFn: () => ask(api.GET('/api/builds')) })
}

/** The builds that can be restored. */
export function useDeletedBuilds() {
  return useQuery({ queryKey: keys.deleted, queryFn: () => ask(api.GET('/api/builds/deleted')) })
}
