import { describe, expect, it } from 'vitest'
import { amount, decimal, fixed, reading, timer } from './format'

describe('numbers on screen', () => {
  it.each([
    [decimal(-0.4, 0), '0'],
    [decimal(-0.6, 0), '-1'],
    [fixed(-0.04, 1), '0.0'],
    [fixed(-0.06, 1), '-0.1'],
    [fixed(-0.4, 0), '0'],
    [reading(-0.04, 'ml'), '0 ml'],
    [reading(9.94, 'g'), '9.9 g'],
    [reading(9.96, 'g'), '10 g'],
    [amount(1.005), '1.01'],
    [timer(390), '6:30'],
    [timer(59.4), '0:59'],
    [timer(59.6), '1:00'],
  ])('says %s', (says, expected) => expect(says).toBe(expected))
})
