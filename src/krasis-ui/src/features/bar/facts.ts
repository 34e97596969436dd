import { api, ask } from '@/shared/api/client'
import type { FactDocument } from './fields'

export type Kind = 'cups' | 'ingredients' | 'dispensers' | 'espresso'

// The four kinds are read and written alike; the compiler is shown one of them, and the server reads each field.
const paths = (kind: Kind) => ({
  all: `/api/bar/${kind}` as '/api/bar/cups',
  one: `/api/bar/${kind}/{id}` as '/api/bar/cups/{id}',
})

export function createFact(kind: Kind, body: FactDocument) {
  return ask(api.POST(paths(kind).all, { body }))
}

export function updateFact(kind: Kind, id: string, etag: string, body: FactDocument) {
  return ask(api.PUT(paths(kind).one, { params: { path: { id } }, headers: { 'If-Match': etag }, body }))
}

export function removeFact(kind: Kind, id: string, etag: string) {
  return ask(api.DELETE(paths(kind).one, { params: { path: { id } }, headers: { 'If-Match': etag } }))
}

export function updateHouse(id: string, etag: string, body: FactDocument) {
  return ask(
    api.PUT('/api/bar/house/{id}', { params: { path: { id } }, headers: { 'If-Match': etag }, body }),
  )
}
