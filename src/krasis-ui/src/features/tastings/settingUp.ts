import { api, ask } from '@/shared/api/client'
import type { SampleDocument } from '@/shared/api/types'
import { newId } from '@/shared/newId'

const longest = 120

/** Begins to set a tasting up, and says under which id. */
export async function setUp(begun: {
  question: string
  samples: SampleDocument[]
  name?: string
}): Promise<string> {
  const id = newId()
  const body = {
    ...begun,
    name: (begun.name ?? '').slice(0, longest),
    scales: ['strength', 'sweetness', 'flavour'],
    own: [],
    tasters: 12,
    // Another order and other codes every time.
    seed: Math.floor(Math.random() * 1_000_000),
    conditions: {},
  }
  await ask(api.PUT('/api/tastings/{id}', { params: { path: { id } }, body }))
  return id
}
