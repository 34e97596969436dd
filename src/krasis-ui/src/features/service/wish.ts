import type { LocationQuery } from 'vue-router'
import type { WishQuery } from '@/shared/api/types'

const text = (value: unknown) => (typeof value === 'string' && value !== '' ? value : null)
const number = (value: unknown) => (text(value) === null ? null : Number(value))

/** What a guest asks for, out of an address; what is not asked for is left out. */
export function wishOf(query: LocationQuery): WishQuery {
  return bare({
    milk: text(query.milk),
    sweet: number(query.sweet),
    shots: number(query.shots),
    decaf: query.decaf === 'true',
    noTop: query.noTop === 'true',
  })
}

/** The same without what is not asked for, so that it can be put into an address and compared. */
export function bare(wish: WishQuery): WishQuery {
  return Object.fromEntries(Object.entries(wish).filter(([, value]) => value))
}

/** Whether anything is asked for. */
export const isAsked = (wish: WishQuery) => Object.keys(bare(wish)).length > 0

/** A wish as it stands in an address. */
export function queryOf(wish: WishQuery): Record<string, string> {
  return Object.fromEntries(Object.entries(bare(wish)).map(([name, value]) => [name, String(value)]))
}
