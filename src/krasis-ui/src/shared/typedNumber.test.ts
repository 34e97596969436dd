import { describe, expect, it } from 'vitest'
import { typedNumber } from './typedNumber'

describe('a typed number', () => {
  it.each([
    ['1.5', 1.5],
    ['1,5', 1.5],
    [' 250 ', 250],
    ['0,125', 0.125],
    ['-2,5', -2.5],
    ['1,500.5', 1500.5],
    ['1,500,000', 1500000],
    ['1500', 1500],
    ['12,34', 12.34],
  ])('reads %s', (text, number) => expect(typedNumber(text)).toBe(number))

  it.each(['', '  ', '200g', '1,500', '12,000', '1.2.3', 'two'])('does not guess at %s', (text) =>
    expect(typedNumber(text)).toBeNaN(),
  )
})
