import { reactive } from 'vue'
import { describe, expect, it } from 'vitest'
import { copyOf, isSame, pathOf, read, write } from './paths'

describe('paths', () => {
  it('copies what is reactive, down to the last part of it', () => {
    const document = reactive({ name: 'Syrup', per100g: { fat: 0 }, strokes: [1, 2] })
    const copy = copyOf(document)
    expect(copy).toEqual({ name: 'Syrup', per100g: { fat: 0 }, strokes: [1, 2] })
    copy.per100g.fat = 9
    expect(document.per100g.fat).toBe(0)
    expect(() => structuredClone(document)).toThrow()
  })

  it('writes at a path and makes what is not there', () => {
    const before = { name: 'Pump' }
    const after = write(before, 'strokesGrams.1', 7.5)
    expect(after).toEqual({ name: 'Pump', strokesGrams: [undefined, 7.5] })
    expect(before).toEqual({ name: 'Pump' })
    expect(read(after, 'strokesGrams.1')).toBe(7.5)
    expect(read(after, 'lines.3.amount')).toBeUndefined()
  })

  it('takes what says nothing for what is not there', () => {
    expect(isSame({ a: 1, b: null, c: [] }, { a: 1 })).toBe(true)
    expect(isSame({ a: 1, b: 2 }, { b: 2, a: 1 })).toBe(true)
    expect(isSame({ a: 1 }, { a: 2 })).toBe(false)
  })

  it('reads a field as the server names it', () => {
    expect(pathOf('lines[2].amount')).toBe('lines.2.amount')
  })
})
