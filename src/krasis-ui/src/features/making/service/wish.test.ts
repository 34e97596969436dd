import { expect, it } from 'vitest'
import type { PossibleWishes } from '@/shared/api/types'
import { bare, holds, queryOf, wishesOf, wishOf } from './wish'

const possible: PossibleWishes = {
  milks: [{ id: 'oat', name: 'Oat drink' }],
  sweet: [50],
  shots: 1,
  fewer: 1,
  decaf: true,
  halfCaf: true,
  strokes: true,
  syrups: [{ id: 'maple', name: 'Maple syrup' }],
  ice: ['none', 'light', 'extra'],
  heat: ['extra', 'kids'],
  biggerCup: true,
  noTop: true,
}

it('says each wish once, and each comes back from an address as it was', () => {
  const wishes = wishesOf(possible)
  expect(wishes.map(({ says }) => says)).toEqual([
    'Oat drink',
    '50 % sweet',
    '1 stroke more',
    '1 stroke less',
    '1 shot fewer',
    '1 shot more',
    'Half-caf',
    'Decaf',
    'No ice',
    'Light ice',
    'Extra ice',
    'Extra hot',
    'For a child',
    'Nothing on top',
    'In a bigger cup',
    'Maple syrup',
  ])
  for (const each of wishes) {
    expect(wishOf(queryOf(each.on))).toEqual(bare(each.on))
    expect(wishes.filter((other) => holds(wishOf(queryOf(each.on)), other))).toEqual([each])
  }
})
