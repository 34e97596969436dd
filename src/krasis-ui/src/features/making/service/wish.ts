import type { LocationQuery } from 'vue-router'
import type { PossibleWishes, WishQuery } from '@/shared/api/types'

type Ice = PossibleWishes['ice'][number]
type Heat = PossibleWishes['heat'][number]

const text = (value: unknown) => (typeof value === 'string' && value !== '' ? value : null)
const number = (value: unknown) => (text(value) === null ? null : Number(value))

/** What a guest asks for, out of an address; what is not asked for is left out. */
export function wishOf(query: LocationQuery): WishQuery {
  return bare({
    milk: text(query.milk),
    sweet: number(query.sweet),
    shots: number(query.shots),
    decaf: query.decaf === 'true',
    halfCaf: query.halfCaf === 'true',
    strokes: number(query.strokes),
    syrup: text(query.syrup),
    ice: text(query.ice),
    heat: text(query.heat),
    biggerCup: query.biggerCup === 'true',
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

/** Shots more or fewer, as it is said. */
const shotsSay = (shots: number) =>
  `${Math.abs(shots)} ${Math.abs(shots) === 1 ? 'shot' : 'shots'} ${shots > 0 ? 'more' : 'fewer'}`

const iceSays: Record<Ice, string> = { none: 'No ice', light: 'Light ice', extra: 'Extra ice' }
const heatSays: Record<Heat, string> = { extra: 'Extra hot', kids: 'For a child' }

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
    ...(possible.strokes ? [1, -1] : []).map((strokes) => ({
      group: 'Sweetness',
      says: `1 stroke ${strokes > 0 ? 'more' : 'less'}`,
      test: `strokes-${strokes}`,
      on: { strokes },
    })),
    ...[
      ...Array.from({ length: possible.fewer }, (_, i) => i - possible.fewer),
      ...Array.from({ length: possible.shots }, (_, i) => i + 1),
    ].map((shots) => ({
      group: 'Coffee',
      says: shotsSay(shots),
      test: `shots-${shots}`,
      on: { shots },
    })),
    ...(possible.halfCaf
      ? [{ group: 'Coffee', says: 'Half-caf', test: 'half-caf', on: { halfCaf: true } }]
      : []),
    ...(possible.decaf ? [{ group: 'Coffee', says: 'Decaf', test: 'decaf', on: { decaf: true } }] : []),
    ...possible.ice.map((ice) => ({ group: 'Ice', says: iceSays[ice], test: `ice-${ice}`, on: { ice } })),
    ...possible.heat.map((heat) => ({
      group: 'Heat',
      says: heatSays[heat],
      test: `heat-${heat}`,
      on: { heat },
    })),
    ...(possible.noTop
      ? [{ group: 'Top', says: 'Nothing on top', test: 'no-top', on: { noTop: true } }]
      : []),
    ...(possible.biggerCup
      ? [{ group: 'Cup', says: 'In a bigger cup', test: 'bigger-cup', on: { biggerCup: true } }]
      : []),
    ...possible.syrups.map(({ id, name }) => ({
      group: 'Syrup',
      says: name,
      test: `syrup-${id}`,
      on: { syrup: id },
    })),
  ]
}

/** Whether a wish holds one of them. */
export const holds = (wish: WishQuery, { on }: Wished) =>
  Object.entries(on).every(([name, value]) => wish[name as keyof WishQuery] === value)
