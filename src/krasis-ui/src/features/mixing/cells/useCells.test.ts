import { QueryClient } from '@tanstack/vue-query'
import { describe, expect, it } from 'vitest'
import { ref, shallowRef } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Draft } from '@/shared/api/types'
import { network, noAnswer, only } from '@/testing/network'
import { onPage } from '@/testing/onPage'
import { until } from '@/testing/until'
import { toDraft } from '@/features/mixing/saving/draft'
import { useCells } from './useCells'
import { useEdits } from '@/features/mixing/saving/useEdits'
import { useHistory } from '@/features/mixing/saving/useHistory'

/** The cells of one of the demo's builds, as a sheet has them. */
async function open(name = 'Cardamom latte') {
  const row = (await ask(api.GET('/api/builds'))).find((one) => one.name === name)
  const kept = await ask(api.GET('/api/builds/{id}', { params: { path: { id: row?.id ?? '' } } }))
  const draft = shallowRef<Draft | null>(toDraft(kept.document))
  const history = useHistory(draft)
  const { used, leave } = onPage(() => {
    const edits = useEdits(new QueryClient(), draft, (make, of) =>
      history.change((next) => next && make(next), of),
    )
    return { edits, cells: useCells(draft, edits, ref('test')) }
  })
  const line = draft.value?.lines.find(({ measure }) => measure === 'ml')?.id ?? ''
  return { draft, history, leave, line, reference: kept.document.referenceSize ?? '', ...used }
}

const amountOf = (draft: Draft | null, id: string) => draft?.lines.find((line) => line.id === id)?.amount

describe('useCells', () => {
  it('takes what is typed, and takes it back at one step', async () => {
    const { cells, draft, history, line, reference } = await open()
    const before = amountOf(draft.value, line)
    await cells.commit(line, reference, '190')
    expect(amountOf(draft.value, line)).toBe(190)
    expect(cells.hasFaults.value).toBe(false)
    history.undo()
    expect(amountOf(draft.value, line)).toBe(before)
  })

  it('asks before the key that took it does anything else', async () => {
    const { cells, line, reference } = await open()
    let isAsked = false
    network.onTheWay = () => {
      isAsked = true
      return Promise.resolve()
    }
    const taken = cells.commit(line, reference, '190')
    expect(isAsked).toBe(true)
    await taken
  })

  it('leaves what cannot be read in its cell with what is wrong with it, and the draft alone', async () => {
    const { cells, draft, line, reference } = await open()
    const before = draft.value
    await cells.commit(line, reference, '3 cubits')
    expect(draft.value).toBe(before)
    expect(cells.fault(line, reference)).toMatchObject({ text: '3 cubits' })
    expect(cells.fault(line, reference)?.message).toContain("'cubits' is not a measure this bar knows.")
    expect(cells.hasFaults.value).toBe(true)
    expect(cells.onlyWaits.value).toBe(false)
    cells.revert(line, reference)
    expect(cells.hasFaults.value).toBe(false)
  })

  it('takes of a block what can be read, at one step back', async () => {
    const { cells, draft, history, line, reference } = await open()
    const before = draft.value
    const other = draft.value?.sizes.find((size) => size !== reference) ?? ''
    await cells.commitBlock([
      { line, size: reference, text: '200' },
      { line, size: other, text: 'lots' },
    ])
    expect(amountOf(draft.value, line)).toBe(200)
    expect(cells.fault(line, other)?.text).toBe('lots')
    history.undo()
    expect(draft.value).toEqual(before)
  })

  it('forgets what was wrong with a cell that is no longer there', async () => {
    const { cells, draft, edits, line, reference } = await open()
    await cells.commit(line, reference, 'lots')
    await edits.remove(line)
    expect(draft.value?.lines.some(({ id }) => id === line)).toBe(false)
    cells.prune()
    expect(cells.hasFaults.value).toBe(false)
  })

  it('waits for a server that is gone, and reads what was typed when it is back', async () => {
    const { cells, draft, line, reference } = await open()
    network.onTheWay = () => Promise.reject(noAnswer())
    await cells.commit(line, reference, '185')
    expect(cells.fault(line, reference)).toMatchObject({ text: '185', isWaiting: true })
    expect(cells.onlyWaits.value).toBe(true)
    network.mend()
    await until(() => expect(amountOf(draft.value, line)).toBe(185))
    expect(cells.hasFaults.value).toBe(false)
  })

  it('finds what waited again when the page is opened anew', async () => {
    const first = await open()
    network.onTheWay = () => Promise.reject(noAnswer())
    await first.cells.commit(first.line, first.reference, '180')
    await until(() => expect(localStorage.length).toBe(1))
    first.leave()
    network.mend()

    const { cells, draft, line } = await open()
    await cells.bringBack()
    expect(amountOf(draft.value, line)).toBe(180)
    await until(() => expect(localStorage.length).toBe(0))
  })

  it('does one thing after another, each to what the one before has left', async () => {
    const { cells, edits, draft, line, reference } = await open()
    const sizes = draft.value?.sizes.slice(0, 2) ?? []
    await Promise.all([
      cells.commit(line, reference, '175'),
      edits.chooseSizes([...new Set([reference, ...sizes])]),
    ])
    expect(amountOf(draft.value, line)).toBe(175)
    expect(edits.isSending.value).toBe(false)
  })

  it('does an edit again to what was changed while its answer was on its way', async () => {
    const { cells, draft, history, line, reference } = await open()
    let isFirst = true
    network.onTheWayBack = only('POST', () => {
      if (isFirst) {
        isFirst = false
        history.change((next) => next && (next.name = 'Renamed meanwhile'))
      }

      return Promise.resolve()
    })
    await cells.commit(line, reference, '170')
    expect(draft.value?.name).toBe('Renamed meanwhile')
    expect(amountOf(draft.value, line)).toBe(170)
  })
})
