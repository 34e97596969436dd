import { useDebounceFn } from '@vueuse/core'
import { nextTick, ref, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { TastingDocument, TastingView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { onReturn } from '@/shared/api/server'
import { dropUnsaved, findUnsaved, keepUnsaved } from '@/shared/unsaved/unsaved'
import type { Tasting } from './useTasting'

const copy = (document: TastingDocument) => JSON.parse(JSON.stringify(document)) as TastingDocument

/**
 * A tasting as it is being set up: it saves itself. What the server has not got yet is kept in this browser, and goes out when the
 * server is back or the page is opened again.
 */
export function useSetUp(id: string, tasting: Tasting, view: TastingView) {
  const what = `tasting.${id}`
  const kept = findUnsaved<TastingDocument>(what)
  const draft = ref(copy(kept?.draft ?? view.document))
  const isUnsaved = ref(kept !== null)
  /** Whether somebody else has saved it meanwhile: nothing is laid over that. */
  const isStale = ref(false)
  /** The version that the draft was made on; not the one that is there by now. */
  let etag = kept?.etag ?? view.etag
  let saving: Promise<unknown> = Promise.resolve()

  function keep(): void {
    keepUnsaved(what, { draft: draft.value, etag, at: new Date().toISOString() })
  }

  /** One save after another, so that none is overtaken. */
  function save(): Promise<unknown> {
    saving = saving.then(async () => {
      if (!isUnsaved.value || isStale.value) {
        return
      }

      const body = copy(draft.value)
      try {
        const params = { path: { id }, header: { 'If-Match': etag } }
        const answer = await ask(api.PUT('/api/tastings/{id}', { params, body }))
        etag = answer.etag
        isUnsaved.value = JSON.stringify(body) !== JSON.stringify(draft.value)
        if (!isUnsaved.value) {
          dropUnsaved(what)
        } else {
          keep()
        }

        tasting.lay(answer)
      } catch (error) {
        const problem = ApiProblem.of(error)
        isStale.value = problem.status === 412
        if (!isStale.value) {
          tell({ text: problem.message, isFault: true })
        }
      }
    })
    return saving
  }

  const soon = useDebounceFn(save, 400)
  watch(
    draft,
    () => {
      isUnsaved.value = true
      keep()
      void soon()
    },
    { deep: true },
  )
  if (kept) {
    void save()
  }

  onReturn(() => void save())
  onBeforeRouteLeave(async () => void (await save()))

  /** Once nothing is on its way; what was not saved is given up. */
  async function giveUp(): Promise<void> {
    await saving
    isUnsaved.value = false
    dropUnsaved(what)
  }

  /** Takes what somebody else has saved in the place of what stands here. */
  async function takeTheirs(): Promise<void> {
    const theirs = await ask(api.GET('/api/tastings/{id}', { params: { path: { id } } }))
    etag = theirs.etag
    draft.value = copy(theirs.document)
    await nextTick()
    await giveUp()
    isStale.value = false
    tasting.lay(theirs)
  }

  return { draft, isUnsaved, isStale, save, giveUp, takeTheirs }
}
