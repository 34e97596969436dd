import { describe, expect, it } from 'vitest'
import type { BuildSummary } from '@/shared/api/types'
import { dueSoon, listed } from './library'

const build = (name: string, more: Partial<BuildSummary> = {}) =>
  ({
    id: name,
    name,
    state: 'draft',
    faults: 0,
    warnings: 0,
    drifting: 0,
    updatedAt: '2026-01-01',
    ...more,
  }) as BuildSummary
const all = [
  build('Plum', { warnings: 2, updatedAt: '2026-03-01' }),
  build('Fig', { faults: 1, drifting: 2, updatedAt: '2026-01-01' }),
  build('Ash', { state: 'retired', updatedAt: '2026-02-01' }),
]
const names = (...args: Parameters<typeof listed>) => listed(...args).map((one) => one.build.name)

describe('listed', () => {
  it('leaves out what is retired, unless that is asked for', () => {
    expect(names(all, null, null, 'name')).toEqual(['Fig', 'Plum'])
    expect(names(all, null, 'retired', 'name')).toEqual(['Ash'])
  })

  it('orders by what is wanted, and by name where that is even', () => {
    expect(names(all, null, null, 'saved')).toEqual(['Plum', 'Fig'])
    expect(names(all, null, null, 'findings')).toEqual(['Plum', 'Fig'])
    expect(names(all, null, null, 'drift')).toEqual(['Fig', 'Plum'])
  })

  it('shows only what was found, and what is not known of last', () => {
    const found = [
      { id: 'Fig', why: 'not read for nuts: Fig syrup.', isKnown: false },
      { id: 'Plum', why: null, isKnown: true },
    ]
    expect(names(all, found, null, 'name')).toEqual(['Plum', 'Fig'])
    expect(names(all, [], null, 'name')).toEqual([])
    expect(listed(all, found, null, 'name')[1]?.found?.why).toBe('not read for nuts: Fig syrup.')
  })
})

describe('dueSoon', () => {
  const due = (name: string, inDays: number) =>
    build(name, { board: { isOn: true, inDays } as BuildSummary['board'] })

  it('names three, the soonest first, and counts the others', () => {
    const builds = ['Elm', 'Oak', 'Yew', 'Box', 'Bay'].map((name, i) => due(name, 20 - i))
    const { first, more } = dueSoon(builds)
    expect(first.map(({ name }) => name)).toEqual(['Bay', 'Box', 'Yew'])
    expect(more).toBe(2)
  })

  it('looks thirty days ahead and no further, and past what is on all the year', () => {
    const { first, more } = dueSoon([due('Elm', 30), due('Oak', 31), build('Yew', { board: null })])
    expect(first.map(({ name }) => name)).toEqual(['Elm'])
    expect(more).toBe(0)
  })
})
