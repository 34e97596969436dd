import { describe, expect, it, onTestFinished, vi } from 'vitest'
import { api, ask } from '@/shared/api/client'
import type { BuildDocument } from '@/shared/api/types'
import { held, network, noAnswer, only } from '@/testing/network'
import { onPage } from '@/testing/onPage'
import { storageRefuses } from '@/shared/unsaved/unsaved'
import { until } from '@/testing/until'
import { useBuildEditor } from './useBuildEditor'

/** A draft of the test's own, kept on the server. */
async function keep(name = 'Fennel latte') {
  const rows = await ask(api.GET('/api/builds'))
  const one = await ask(api.GET('/api/builds/{id}', { params: { path: { id: rows[0]?.id ?? '' } } }))
  const kept = await ask(api.POST('/api/builds', { body: { ...one.document, name, parent: null } }))
  onTestFinished(async () => {
    network.mend()
    const now = await look(kept.id)
    await ask(
      api.DELETE('/api/builds/{id}', {
        params: { header: { 'If-Match': now.etag }, path: { id: kept.id } },
      }),
    )
  })
  return kept
}

const look = (id: string) => ask(api.GET('/api/builds/{id}', { params: { path: { id } } }))
const nameOf = async (id: string) => (await look(id)).document.name
const write = (id: string, etag: string, body: BuildDocument) =>
  ask(api.PUT('/api/builds/{id}', { params: { header: { 'If-Match': etag }, path: { id } }, body }))

async function open(id: string | null, isReadable = () => true) {
  const page = onPage(() => useBuildEditor(id, isReadable))
  await page.used.load()
  return { editor: page.used, leave: page.leave }
}

type Editor = Awaited<ReturnType<typeof open>>['editor']
const rename = (editor: Editor, name: string) => editor.change((next) => (next.name = name))
const saved = (editor: Editor) => until(() => expect(editor.isDirty.value).toBe(false))

describe('useBuildEditor', () => {
  it('saves a draft by itself once nothing has changed for a while', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    rename(editor, 'Fennel')
    rename(editor, 'Fennel latte, longer')
    expect(editor.isDirty.value).toBe(true)
    await saved(editor)
    expect(await nameOf(id)).toBe('Fennel latte, longer')
    expect(network.sent.filter((request) => request.startsWith('PUT'))).toHaveLength(1)
  })

  it('keeps in the browser what is not saved, and lays it on what is kept', async () => {
    const { id } = await keep()
    const { editor, leave } = await open(id)
    rename(editor, 'Half a name')
    await until(() => expect(localStorage.length).toBe(1))
    leave()

    const { editor: again } = await open(id)
    expect(again.draft.value?.name).toBe('Half a name')
    expect(again.broughtBack.value).not.toBeNull()
    again.undo()
    expect(again.draft.value?.name).toBe('Fennel latte')
  })

  it('saves one after another: what was gone back to while a save was under way is what is kept', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    const put = held('onTheWay')
    rename(editor, 'Other words')
    void editor.saveByItself()
    await put.begun
    rename(editor, 'Fennel latte')
    // Nobody knows yet which of the two is kept.
    expect(editor.isDirty.value).toBe(true)
    put.letGo()
    await saved(editor)
    expect(await nameOf(id)).toBe('Fennel latte')
  })

  it('keeps what is typed while a save is under way, and saves it next', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    const put = held('onTheWayBack')
    rename(editor, 'First')
    const saving = editor.save()
    await put.begun
    rename(editor, 'First and more')
    put.letGo()
    await saving
    expect(editor.draft.value?.name).toBe('First and more')
    await saved(editor)
    expect(await nameOf(id)).toBe('First and more')
  })

  it('keeps a new build once, though the first answer was lost', async () => {
    const { editor } = await open(null)
    const some = await look((await keep()).id)
    network.onTheWayBack = only('POST', () => Promise.reject(noAnswer()))
    editor.change((next) => Object.assign(next, { ...some.document, name: 'Lost and found' }))
    expect(await editor.save()).toBeNull()
    expect(editor.isOwed.value).toBe(true)
    expect(editor.isDirty.value).toBe(true)

    network.mend()
    expect(await editor.save()).not.toBeNull()
    expect(editor.isOwed.value).toBe(false)
    const rows = await ask(api.GET('/api/builds'))
    expect(rows.filter(({ name }) => name === 'Lost and found')).toHaveLength(1)
  })

  it('takes an answer that was lost for no conflict', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    network.onTheWayBack = only('PUT', () => Promise.reject(noAnswer()))
    rename(editor, 'Kept, but who knows')
    expect(await editor.save()).toBeNull()
    expect(await nameOf(id)).toBe('Kept, but who knows')

    network.mend()
    expect(await editor.save()).not.toBeNull()
    expect(editor.saveProblem.value).toBeNull()
  })

  it('saves what was asked for as soon as the server is back', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    network.onTheWay = () => Promise.reject(noAnswer())
    rename(editor, 'Said in the dark')
    await editor.save()
    expect(editor.isOwed.value).toBe(true)
    expect(editor.saveProblem.value).toBeNull()
    network.mend()
    await saved(editor)
    expect(await nameOf(id)).toBe('Said in the dark')
  })

  it('never saves over somebody else, and lays both together when it is told to', async () => {
    const { id, etag, document } = await keep()
    const { editor } = await open(id)
    await write(id, etag, { ...document, tags: ['theirs'] })
    rename(editor, 'Mine')
    expect(await editor.save()).toBeNull()
    expect(editor.saveProblem.value?.status).toBe(412)
    expect(await nameOf(id)).toBe('Fennel latte')

    // What is in conflict does not go out by itself.
    expect(await editor.saveByItself()).toBe(false)
    await editor.merge()
    expect(editor.draft.value).toMatchObject({ name: 'Mine', tags: ['theirs'] })
    await saved(editor)
    expect((await look(id)).document).toMatchObject({ name: 'Mine', tags: ['theirs'] })
  })

  it('asks about what both changed, stays until it is answered, and keeps both sides in the history', async () => {
    const { id, etag, document } = await keep()
    const { editor } = await open(id)
    await write(id, etag, { ...document, name: 'Theirs', tags: ['theirs'] })
    rename(editor, 'Mine')
    await editor.save()
    await editor.merge()

    // Nothing is put together yet, and nothing goes out.
    expect(editor.clashing.value?.clashes).toEqual([
      { key: 'Name', where: 'Name', theirs: 'Theirs', mine: 'Mine' },
    ])
    expect(editor.draft.value?.name).toBe('Mine')
    expect(await editor.saveByItself()).toBe(false)
    rename(editor, 'Mine, longer')
    expect(await editor.saveByItself()).toBe(false)
    expect(await nameOf(id)).toBe('Theirs')

    await editor.choose('Name', 'theirs')
    expect(editor.clashing.value).toBeNull()
    expect(editor.draft.value).toMatchObject({ name: 'Theirs', tags: ['theirs'] })
    // A step back would take theirs away.
    expect(editor.canUndo.value).toBe(false)
    await saved(editor)
    await until(async () => expect((await look(id)).version).toBe(4))
    const names = await Promise.all(
      [1, 2, 3, 4].map(async (version) => {
        const then = await ask(
          api.GET('/api/builds/{id}/revisions/{version}', { params: { path: { id, version } } }),
        )
        return then.name
      }),
    )
    expect(names).toEqual(['Fennel latte', 'Theirs', 'Mine, longer', 'Theirs'])
  })

  it('asks again after the page was loaded anew', async () => {
    const { id, etag, document } = await keep()
    const first = await open(id)
    rename(first.editor, 'Mine')
    await until(() => expect(localStorage.length).toBe(1))
    await write(id, etag, { ...document, name: 'Theirs' })
    await first.editor.save()
    await first.editor.merge()
    expect(first.editor.clashing.value).not.toBeNull()
    first.leave()

    const { editor } = await open(id)
    expect(editor.draft.value?.name).toBe('Mine')
    expect(editor.saveProblem.value?.status).toBe(412)
    await editor.merge()
    expect(editor.clashing.value?.clashes[0]?.key).toBe('Name')
    await editor.choose('Name', 'mine')
    await saved(editor)
    expect(await nameOf(id)).toBe('Mine')
  })

  it('says when this browser keeps nothing', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    network.onTheWay = () => Promise.reject(noAnswer())
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('Full', 'QuotaExceededError')
    })
    rename(editor, 'Nowhere but here')
    await until(() => expect(storageRefuses.value).toBe(true))
    full.mockRestore()
    rename(editor, 'Kept again')
    await until(() => expect(storageRefuses.value).toBe(false))
    network.mend()
    await saved(editor)
  })

  it('gives one’s own changes up for what somebody else has saved', async () => {
    const { id, etag, document } = await keep()
    const { editor } = await open(id)
    await write(id, etag, { ...document, name: 'Theirs' })
    rename(editor, 'Mine')
    await editor.save()
    await editor.discard()
    expect(editor.draft.value?.name).toBe('Theirs')
    expect(editor.isDirty.value).toBe(false)
    expect(editor.canUndo.value).toBe(false)
  })

  it('lets nothing out that is being given up', async () => {
    const { id, etag, document } = await keep()
    const { editor } = await open(id)
    await write(id, etag, { ...document, name: 'Theirs' })
    rename(editor, 'Mine')
    await editor.save()
    network.sent = []
    const kept = held('onTheWay', 'GET')
    const giving = editor.discard()
    await kept.begun
    expect(await editor.saveByItself()).toBe(false)
    kept.letGo()
    await giving
    expect(network.sent).toEqual([`GET /api/builds/${id}`])
    expect(editor.draft.value?.name).toBe('Theirs')
    expect(editor.saveProblem.value).toBeNull()
    expect(editor.isDirty.value).toBe(false)
  })

  it('asks about changes that were made on an older version', async () => {
    const { id, etag, document } = await keep()
    const first = await open(id)
    rename(first.editor, 'Made on the older one')
    await until(() => expect(localStorage.length).toBe(1))
    first.leave()
    await write(id, etag, { ...document, name: 'Newer' })

    const { editor } = await open(id)
    expect(editor.draft.value?.name).toBe('Made on the older one')
    expect(editor.saveProblem.value?.status).toBe(412)
    expect(await editor.saveByItself()).toBe(false)
    expect(await nameOf(id)).toBe('Newer')
  })

  it('does not save by itself around what cannot be read, nor without a name', async () => {
    const { id } = await keep()
    let isReadable = false
    const { editor } = await open(id, () => isReadable)
    rename(editor, 'With a cell in red')
    expect(await editor.saveByItself()).toBe(false)
    isReadable = true
    rename(editor, '  ')
    expect(await editor.saveByItself()).toBe(false)
    expect(await nameOf(id)).toBe('Fennel latte')
  })

  it('saves what is on trial only when it is told to', async () => {
    const { id, etag } = await keep()
    await ask(
      api.POST('/api/builds/{id}/state', {
        params: { header: { 'If-Match': etag }, path: { id } },
        body: { state: 'trial', reason: null, who: null },
      }),
    )
    const { editor } = await open(id)
    rename(editor, 'On trial')
    expect(await editor.saveByItself()).toBe(false)
    expect(await editor.save()).not.toBeNull()
    expect(await nameOf(id)).toBe('On trial')
  })

  it('goes with what another tab has saved, and keeps its own changes from being lost by it', async () => {
    const { id } = await keep()
    const here = await open(id)
    const there = await open(id)
    await until(() => expect(there.editor.isElsewhere.value).toBe(true))
    rename(there.editor, 'Said there')
    await there.editor.save()
    await until(() => expect(here.editor.draft.value?.name).toBe('Said there'))

    rename(here.editor, 'Said here')
    rename(there.editor, 'Said there again')
    await there.editor.save()
    await until(() => expect(here.editor.saveProblem.value?.status).toBe(412))
    expect(here.editor.draft.value?.name).toBe('Said here')
  })

  it('takes over what another tab has saved, and never what that tab has not saved yet', async () => {
    const { id, etag, document } = await keep()
    const here = await open(id)
    const there = await open(id)
    await until(() => expect(there.editor.isElsewhere.value).toBe(true))
    await write(id, etag, { ...document, name: 'Theirs' })
    rename(there.editor, 'Mine')
    await there.editor.save()
    await there.editor.merge()
    await there.editor.choose('Name', 'mine')
    await saved(there.editor)
    await until(() => expect(here.editor.draft.value?.name).toBe('Mine'))
    expect(here.editor.isDirty.value).toBe(false)
    expect(here.editor.broughtBack.value).toBeNull()
  })

  it('leaves the one that was opened as it is when it is saved as another', async () => {
    const { id } = await keep()
    const { editor } = await open(id)
    rename(editor, 'Not to be saved here')
    const copy = await editor.saveAs('A copy')
    expect(copy?.id).not.toBe(id)
    expect(await nameOf(id)).toBe('Fennel latte')
    expect(await nameOf(copy?.id ?? '')).toBe('A copy')
  })
})
