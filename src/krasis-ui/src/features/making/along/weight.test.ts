import { describe, expect, it } from 'vitest'
import { standing, stepOfTotal } from './weight'

const target = { from: 36, to: 40 }

describe('a weight beside what is right', () => {
  it.each([
    [35.9, 'less'],
    [36, 'right'],
    [40, 'right'],
    [40.1, 'more'],
    [null, 'none'],
  ])('stands %s as %s', (grams, is) => {
    expect(standing(grams, target)).toBe(is)
  })
})

describe('a weight that looks like a total', () => {
  it.each([
    // 120 g in the cup and 38 g added: the scale shows 158.
    [158, 120, 38],
    [156, 120, 36],
    [155.9, 120, null],
    [160, 120, 40],
    [160.1, 120, null],
    // Right for the step, or the cup was empty before.
    [38, 120, null],
    [38, 1, null],
    [158, 0, null],
    [null, 120, null],
  ])('of %s g with %s g before is %s', (typed, before, step) => {
    expect(stepOfTotal(typed, before, target)).toBe(step)
  })
})
