import { useQuery, type QueryClient } from '@tanstack/vue-query'
import { api, ask } from './client'

export const keys = {
  bar: ['bar'],
  start: ['bar', 'start'],
  setup: ['bar', 'setup'],
  builds: ['builds'],
  deleted: ['builds', 'deleted'],
  cards: ['builds', 'cards'],
  oldCards: ['builds', 'old-cards'],
  service: ['builds', 'service'],
  order: ['order'],
  poured: ['poured'],
  tastings: ['tastings'],
  prep: ['prep'],
  files: ['files'],
  short: ['builds', 'short'],
  complaints: ['complaints'],
  tastingChoices: ['tasting-choices'],
  schools: ['schools'],
  pantry: ['pantry'],
  mix: ['mix'],
  pour: ['pour'],
  try: ['try'],
  transform: ['transform'],
  history: ['history'],
  moved: ['moved'],
} as const

/** All of the bar's facts. */
/** Which devices the bar has; it does not get another while the program runs. */
export function useDevices() {
  return useQuery({
    queryKey: ['devices'],
    queryFn: () => ask(api.GET('/api/devices')),
    staleTime: Infinity,
  })
}

export function useBar() {
  return useQuery({ queryKey: keys.bar, queryFn: () => ask(api.GET('/api/bar')), shallow: true })
}

/** The schools that a build can follow; they change only with the program. */
export function useSchools() {
  return useQuery({
    queryKey: keys.schools,
    queryFn: () => ask(api.GET('/api/schools')),
    staleTime: Infinity,
  })
}

/** The builds by name. */
export function useBuilds() {
  return useQuery({ queryKey: keys.builds, queryFn: () => ask(api.GET('/api/builds')) })
}

/** The builds that can be restored. */
export function useDeletedBuilds() {
  return useQuery({ queryKey: keys.deleted, queryFn: () => ask(api.GET('/api/builds/deleted')) })
}

/** Forgets what rests on the bar's facts, for when one of them has been changed. */
export async function forgetFacts(client: QueryClient): Promise<void> {
  client.removeQueries({ queryKey: keys.mix })
  client.removeQueries({ queryKey: keys.pour })
  await Promise.all([
    client.invalidateQueries({ queryKey: keys.bar }),
    client.invalidateQueries({ queryKey: keys.builds }),
    client.invalidateQueries({ queryKey: keys.moved }),
  ])
}
