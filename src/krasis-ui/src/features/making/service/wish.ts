import type { LocationQuery } from 'vue-router'
import type { PossibleWishes, WishQuery } from '@/shared/api/types'

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

/** A wish as it stands in an address. */
export function queryOf(wish: WishQuery): Record<string, string> {
  return Object.fromEntries(Object.entries(bare(wish)).map(([name, value]) => [name, String(value)]))
}

/** Shots more, as it is said. */
const shotsMore = (shots: number) => `${shots} ${shots === 1 ? 'shot' : 'shots'} more`

/** One thing that a guest may ask for, and how it is said. */
export interface Wished {
  group: string
  says: string
  test: string
  on: WishQuery
}

/** All that a guest may ask for of a drink, each as it is said wherever it is. */
export function wishesOf(possible: PossibleWishes): Wished[] {
  return [
    ...possible.milks.map(({ id, name }) => ({
      group: 'Milk',
      says: name,
      test: `milk-${id}`,
      on: { milk: id },
    })),
    ...possible.sweet.map((share) => ({
      group: 'Sweetness',
      says: `${share} % sweet`,
      test: `sweet-${share}`,
      on: { sweet: share },
    })),
    ...Array.from({ length: possible.shots }, (_, i) => ({
      group: 'Coffee',
      says: shotsMore(i + 1),
      test: `shots-${i + 1}`,
      on: { shots: i + 1 },
    })),
    ...(possible.decaf ? [{ group: 'Coffee', says: 'Decaf', test: 'decaf', on: { decaf: true } }] : []),
    ...(possible.noTop
      ? [{ group: 'Top', says: 'Nothing on top', test: 'no-top', on: { noTop: true } }]
      : []),
  ]
}

/** Whether a wish holds one of them. */
export const holds = (wish: WishQuery, { on }: Wished) =>
  Object.entries(on).every(([name, value]) => wish[name as keyof WishQuery] === value)
