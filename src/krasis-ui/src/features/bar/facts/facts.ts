import type { QueryClient } from '@tanstack/vue-query'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { forgetFacts } from '@/shared/api/queries'
import type { BarView, Effect, FieldProblem } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import type { FactDocument } from './paths'

/** The sorts of fact that a bar has: whatever the server sends of it that is kept. */
export type Kind = Exclude<keyof BarView, 'rules' | 'words' | 'today'>

/** What a fact would come to and do if it were kept. */
export interface Trial<TMeasured = unknown> {
  measured: TMeasured | null
  problems: FieldProblem[]
  conflict: string | null
  effect: Effect | null
  uses: string[]
}

/** A fact as it is kept. */
export interface Fact {
  id: string
  etag: string
  document: FactDocument
}

// All kinds are read and written alike; the compiler is shown one of them, and the server reads each field.
const paths = (kind: Kind) => ({
  all: `/api/bar/${kind}` as '/api/bar/cups',
  one: `/api/bar/${kind}/{id}` as '/api/bar/cups/{id}',
  trial: `/api/bar/${kind}/try` as '/api/bar/cups/try',
  history: `/api/bar/${kind}/{id}/history` as '/api/bar/cups/{id}/history',
  restore: `/api/bar/${kind}/{id}/restore` as '/api/bar/cups/{id}/restore',
})

export async function createFact(kind: Kind, body: FactDocument): Promise<Fact> {
  return (await ask(api.POST(paths(kind).all, { body }))) as Fact
}

export async function updateFact(kind: Kind, id: string, etag: string, body: FactDocument): Promise<Fact> {
  return (await ask(
    api.PUT(paths(kind).one, { params: { header: { 'If-Match': etag }, path: { id } }, body }),
  )) as Fact
}

export function removeFact(kind: Kind, id: string, etag: string) {
  return ask(api.DELETE(paths(kind).one, { params: { header: { 'If-Match': etag }, path: { id } } }))
}

export async function tryFact(
  kind: Kind,
  id: string | null,
  body: FactDocument,
  signal: AbortSignal,
): Promise<Trial> {
  const query = id === null ? {} : { id }
  return (await ask(api.POST(paths(kind).trial, { params: { query }, body, signal }))) as Trial
}

/** A fact as it was kept once; without a document where it was removed. */
export interface FactVersion {
  version: number
  at: string | null
  document: FactDocument | null
  changes: { where: string; before: string; after: string }[]
}

export async function factHistory(kind: Kind, id: string): Promise<FactVersion[]> {
  return (await ask(api.GET(paths(kind).history, { params: { path: { id } } }))) as FactVersion[]
}

/** Brings a removed fact back as it was; says so, or why it cannot be. */
export async function bringBack(client: QueryClient, kind: Kind, id: string, name: string): Promise<boolean> {
  try {
    await ask(api.POST(paths(kind).restore, { params: { path: { id } } }))
    await forgetFacts(client)
    tell({ text: `${name} is back.` })
    return true
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
    return false
  }
}
