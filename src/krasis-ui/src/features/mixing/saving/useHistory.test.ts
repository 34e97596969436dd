import { ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { useHistory } from './useHistory'

describe('useHistory', () => {
  const begin = () => {
    const value = ref({ name: 'Plum latte', lines: [1, 2] })
    return { value, history: useHistory(value) }
  }

  it('takes a change back and brings it again', () => {
    const { value, history } = begin()
    history.change((next) => (next.name = 'Pear latte'))
    expect(value.value.name).toBe('Pear latte')
    history.undo()
    expect(value.value.name).toBe('Plum latte')
    history.redo()
    expect(value.value.name).toBe('Pear latte')
  })

  it('takes one thing that was changed letter by letter back at once', () => {
    const { value, history } = begin()
    for (const name of ['P', 'Pe', 'Pear']) {
      history.change((next) => (next.name = name), 'name')
    }

    history.change((next) => next.lines.push(3))
    history.undo()
    expect(value.value).toEqual({ name: 'Pear', lines: [1, 2] })
    history.undo()
    expect(value.value.name).toBe('Plum latte')
    expect(history.canUndo.value).toBe(false)
  })

  it('does not count what changes nothing', () => {
    const { history } = begin()
    history.change((next) => (next.name = 'Plum latte'))
    expect(history.canUndo.value).toBe(false)
  })

  it('forgets what was taken back once something else is changed', () => {
    const { history } = begin()
    history.change((next) => (next.name = 'Pear latte'))
    history.undo()
    history.change((next) => (next.name = 'Fig latte'))
    expect(history.canRedo.value).toBe(false)
  })

  it('keeps what is the same the same object', () => {
    const { value, history } = begin()
    const lines = value.value.lines
    history.change((next) => (next.name = 'Pear latte'))
    expect(value.value.lines).toBe(lines)
  })
})
