import type { QueryClient } from '@tanstack/vue-query'
import { computed, ref, shallowReactive, type Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { CellEdit, CellTrouble, Draft, EditDocument, Mend } from '@/shared/api/types'
import { newId } from '@/shared/newId'
import { tell } from '@/shared/notice/notice'
import { toDraft } from './draft'
import { foreknow } from './useSheet'

/** Sends what is to be done to the build on the sheet to the server, and lays on the sheet what comes of it. One undo takes each back. */
export function useEdits(
  client: QueryClient,
  draft: Ref<Draft | null>,
  change: (make: (next: Draft) => void, of?: string | null) => void,
) {
  /** Edits of which nothing is known yet; until then they are not in the draft. */
  const underWay = shallowReactive(new Set<Promise<unknown>>())
  let last: Promise<unknown> | null = null
  /** The line that was added last, until its reference cell can be typed into. */
  const wanted = ref<string | null>(null)

  /**
   * Does one thing to the build, after everything that was asked for before.
   * @param of What it is a change of: one after another of the same thing are one step back.
   * @returns The cells that were not taken.
   * @throws ApiProblem when nothing was done.
   */
  function send(edit: EditDocument, of: string | null = null): Promise<CellTrouble[]> {
    const now = () => perform(edit, of)
    // Where nothing is before it, it goes out at once: the key that asked for it has more to do, and the answer is under way meanwhile.
    const mine = last ? last.then(now, now) : now()
    last = mine
    underWay.add(mine)
    return mine.finally(() => {
      underWay.delete(mine)
      if (last === mine) {
        last = null
      }
    })
  }

  async function perform(edit: EditDocument, of: string | null): Promise<CellTrouble[]> {
    for (;;) {
      const asked = draft.value
      if (!asked) {
        return []
      }

      const edited = await ask(api.POST('/api/edit', { body: { build: asked, edit } }))
      // What has been changed in the meantime stays: the edit is of what stands there now.
      if (draft.value === asked) {
        change((next) => {
          Object.assign(next, toDraft(edited.build))
          if (edited.sheet) {
            foreknow(client, next, edited.sheet)
          }
        }, of)
        edited.said.forEach((text) => tell({ text, isFault: true }))
        return edited.troubles
      }
    }
  }

  /** The same for what cannot wait: what is wrong is told. */
  async function attempt(edit: EditDocument): Promise<void> {
    try {
      await send(edit)
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
    }
  }

  return {
    send,
    wanted,
    isSending: computed(() => underWay.size > 0),
    /** Once everything that was asked for is done or refused. */
    allDone: async () => void (await Promise.allSettled(underWay)),
    refer: (size: string) => attempt({ reference: size }),
    chooseSizes: (sizes: string[]) => attempt({ sizes }),
    measure: (line: string, to: string) => attempt({ measure: { line, to } }),
    ingredient: (line: string, to: string) => attempt({ ingredient: { line, to } }),
    remove: (line: string) => attempt({ remove: line }),
    unpin: (line: string, size: string) => attempt({ unpin: { line, size } }),
    put: (cells: CellEdit[]) => attempt({ cells }),
    mend: (mend: Mend) => attempt({ mend }),
    /** Puts a line in another place of the pour order, counted before it is taken out: 0 is first. */
    place: (line: string, to: number) =>
      attempt({ before: { line, to: draft.value?.lines[to]?.id ?? null } }),
    /** Moves a line up (-1) or down (1) in the pour order. */
    async move(line: string, by: -1 | 1): Promise<void> {
      const lines = draft.value?.lines ?? []
      const to = lines.findIndex(({ id }) => id === line) + by
      if (to >= 0 && to < lines.length) {
        await attempt({ before: { line, to: lines[by < 0 ? to : to + 1]?.id ?? null } })
      }
    },
    async add(ingredient: string): Promise<void> {
      const id = newId()
      wanted.value = id
      await attempt({ add: { line: id, to: ingredient } })
    },
  }
}

export type Edits = ReturnType<typeof useEdits>
