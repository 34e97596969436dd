import { useQueryClient } from '@tanstack/vue-query'
import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { keys } from '@/shared/api/queries'
import type { BuildView, Draft, MergeChoice, MergeView } from '@/shared/api/types'
import { newGuid, newId } from '@/shared/newId'
import { isAway, onReturn } from '@/shared/api/server'
import { dropUnsaved, findUnsaved, keepUnsaved } from '@/shared/unsaved/unsaved'
import { toDraft } from './draft'
import { useHistory } from './useHistory'
import { useTabs } from './useTabs'

/** A draft is saved when nothing has been changed for so long, ms. */
const pause = 800

type Life = Pick<BuildView, 'state' | 'savesItself' | 'moves' | 'standard' | 'version'>

/** Of a build that is not kept yet. */
const unborn: Life = { state: 'draft', savesItself: true, moves: [], standard: null, version: 1 }

/**
 * One build under the lead's hands: loaded, changed, saved. A draft saves itself; what is on trial or a standard is saved when
 * the lead says so.
 * @param first The build's id; null for a new one.
 * @param isReadable Whether everything on the sheet can be read; what cannot is not saved around.
 */
export function useBuildEditor(first: string | null, isReadable: () => boolean) {
  const client = useQueryClient()
  const id = ref(first)
  /** What a new build is to be known by: asked for again when an answer was lost, it is not kept twice. */
  const ownId = newGuid()
  /** What this page is known by: saves of two pages are never folded into one in the history. */
  const page = newId()
  const what = computed(() => id.value ?? 'new')
  const draft = shallowRef<Draft | null>(null)
  const history = useHistory(draft)
  const baseline = ref('')
  const etag = ref<string | null>(null)
  /** How far it has come, as the server says. */
  const life = shallowRef<Life>(unborn)
  const loadProblem = shallowRef<ApiProblem | null>(null)
  const saveProblem = shallowRef<ApiProblem | null>(null)
  const broughtBack = ref<string | null>(null)
  const merged = shallowRef<MergeView | null>(null)
  /** What both changed differently, while not all of it is answered; nothing is saved before it is. */
  const clashing = shallowRef<MergeView | null>(null)
  /** Whose version of each clash is kept, by its key. */
  const choices = ref<Record<string, MergeChoice>>({})
  /** What was here before it was merged with clashes: it goes into the history with the next save. */
  const beforeMerge = shallowRef<Draft | null>(null)
  /** What was sent to the server and is not answered: nobody knows which is kept, this or what was before it. */
  const unanswered = shallowRef<Draft | null>(null)
  let sending: Promise<unknown> = Promise.resolve()
  /** Whether a save that was asked for is on its way; one that was not goes unnoticed. */
  const isBusy = ref(false)
  /** Whether a save that was asked for waits for the server. */
  const isOwed = ref(false)
  const isDirty = computed(() => {
    const now = JSON.stringify(draft.value)
    return (
      draft.value !== null &&
      // After a merge, what was here before it still has to go into the history, even where theirs was chosen throughout.
      (now !== baseline.value ||
        beforeMerge.value !== null ||
        (unanswered.value !== null && now !== JSON.stringify(unanswered.value)))
    )
  })
  const savesItself = computed(() => life.value.savesItself)
  const isOvertaken = computed(() => [404, 412].includes(saveProblem.value?.status ?? 0))
  const tabs = useTabs(id, () => void hearOfSave())

  function settle(next: Draft, version: string | null): void {
    // It is known now what is kept.
    unanswered.value = null
    baseline.value = JSON.stringify(next)
    etag.value = version
    draft.value = next
  }

  /**
   * Loads what is kept, and puts unsaved changes of this browser on top.
   * @param bringBack Whether to: a page that is open already has its own, and those of the browser may be another tab's.
   */
  async function load(bringBack = true): Promise<void> {
    loadProblem.value = null
    try {
      const kept = id.value
        ? await ask(api.GET('/api/builds/{id}', { params: { path: { id: id.value } } }))
        : { document: await ask(api.GET('/api/builds/blank')), etag: null }
      settle(toDraft(kept.document), kept.etag)
      beforeMerge.value = null
      forgetClashes()
      life.value = 'state' in kept ? kept : unborn
      const unsaved = bringBack ? findUnsaved<Draft>(what.value) : null
      if (unsaved && JSON.stringify(unsaved.draft) !== baseline.value) {
        if (unsaved.etag !== kept.etag) {
          // Made on an older version, they must not slip past a newer one.
          etag.value = unsaved.etag
          baseline.value = JSON.stringify(unsaved.origin ?? null)
          saveProblem.value = ApiProblem.overtaken()
        }

        beforeMerge.value = unsaved.mine ?? null
        history.change((next) => Object.assign(next as Draft, unsaved.draft))
        broughtBack.value = unsaved.at
      }
    } catch (error) {
      loadProblem.value = ApiProblem.of(error)
    }
  }

  watch(draft, (now) => {
    // What was wrong with the fields may be mended now; the next save will tell. A conflict stays until it is settled.
    if (saveProblem.value && !isOvertaken.value) {
      saveProblem.value = null
    }

    keepInBrowser()
    if (now && isDirty.value) {
      wait()
    } else {
      broughtBack.value = null
    }
  })

  /** Keeps what the server has not, should the page be lost. */
  function keepInBrowser(): void {
    const now = draft.value
    if (now && isDirty.value) {
      const origin = (JSON.parse(baseline.value || 'null') as Draft | null) ?? now
      const mine = beforeMerge.value ?? undefined
      keepUnsaved(what.value, { draft: now, origin, mine, etag: etag.value, at: new Date().toISOString() })
    } else {
      dropUnsaved(what.value)
    }
  }

  /** Begun anew with every change. */
  const { start: wait, stop: waitNoMore } = useTimeoutFn(() => void saveByItself(), pause, {
    immediate: false,
  })

  /** Whether the draft can go out without being asked for. */
  function isRipe(): boolean {
    const now = draft.value
    const hasBegun = id.value !== null || (now?.lines.length ?? 0) > 0
    return (
      savesItself.value &&
      isDirty.value &&
      !isOvertaken.value &&
      !isAway.value &&
      isReadable() &&
      hasBegun &&
      (now?.name.trim() ?? '') !== ''
    )
  }

  async function saveByItself(): Promise<boolean> {
    await sending
    return isRipe() && (await send(true)) !== null
  }

  onReturn(() => {
    if (isOwed.value) {
      void save()
    } else {
      void saveByItself()
    }
  })

  /** Another tab has saved this build: without changes of one's own it is simply taken over. */
  async function hearOfSave(): Promise<void> {
    if (!isDirty.value) {
      history.forget()
      await load(false)
    } else if (id.value) {
      const kept = await ask(api.GET('/api/builds/{id}', { params: { path: { id: id.value } } }))
      if (kept.etag !== etag.value) {
        saveProblem.value = ApiProblem.overtaken()
      }
    }
  }

  function change(make: (next: Draft) => void, of: string | null = null): void {
    history.change((next) => {
      if (next) {
        make(next)
      }
    }, of)
  }

  function write(body: Draft, byItself: boolean): Promise<BuildView> {
    if (!id.value || !etag.value) {
      return ask(api.POST('/api/builds', { params: { query: { byItself, asked: ownId, page } }, body }))
    }

    const header = { 'If-Match': etag.value }
    const path = { id: id.value }
    return beforeMerge.value
      ? ask(
          api.PUT('/api/builds/{id}/merged', {
            params: { header, path, query: { page } },
            body: { mine: beforeMerge.value, document: body },
          }),
        )
      : ask(api.PUT('/api/builds/{id}', { params: { header, path, query: { byItself, page } }, body }))
  }

  /** Sends what stands on the sheet once what was sent before is answered: two on their way would overtake each other. */
  function send(byItself: boolean, as?: string): Promise<BuildView | null> {
    isBusy.value ||= !byItself
    const mine = sending.then(() => perform(byItself, as))
    sending = mine
    return mine
  }

  async function perform(byItself: boolean, as?: string): Promise<BuildView | null> {
    const sent = draft.value
    if (!sent) {
      return null
    }

    unanswered.value = as === undefined ? sent : null
    isBusy.value = !byItself
    saveProblem.value = null
    try {
      const kept = await (as === undefined
        ? write(sent, byItself)
        : ask(api.POST('/api/builds', { body: { ...sent, name: as } })))
      // A new build has been kept in the browser as new; from here on it has an id.
      dropUnsaved(what.value)
      isOwed.value = false
      broughtBack.value = null
      merged.value = null
      unanswered.value = null
      forgetClashes()
      beforeMerge.value = null
      if (as === undefined) {
        id.value = kept.id
        etag.value = kept.etag
        life.value = kept
        // The server trims names, but not under the fingers of somebody who is about to type on. What was changed while the
        // answer was on its way stays as it is, unsaved.
        const isStill = draft.value === sent && !byItself
        baseline.value = JSON.stringify(isStill ? toDraft(kept.document) : sent)
        if (isStill) {
          draft.value = toDraft(kept.document)
        }

        tabs.tellSaved()
      } else {
        // The page goes on to the copy.
        baseline.value = JSON.stringify(draft.value)
      }

      void client.invalidateQueries({ queryKey: keys.builds })
      return kept
    } catch (error) {
      const problem = ApiProblem.of(error)
      isOwed.value = problem.isForLater && !byItself
      // That the server is gone is told once, for everything on the page.
      saveProblem.value = problem.isForLater ? null : problem
      unanswered.value = problem.isForLater ? unanswered.value : null
      return null
    } finally {
      isBusy.value = false
      keepInBrowser()
      if (isDirty.value) {
        wait()
      }
    }
  }

  /** Saves; the problem, if there is one, is in saveProblem. */
  const save = () => send(false)

  /** Saves as another build, leaving the one that was opened as it is. */
  const saveAs = (name: string) => send(false, name)

  function forgetClashes(): void {
    clashing.value = null
    choices.value = {}
  }

  /**
   * Puts one's own changes together with what somebody else has saved; nothing is kept before it is saved. What both changed
   * differently is asked about first, and until all of it is answered the draft stays as it is here.
   */
  async function merge(): Promise<void> {
    const mine = draft.value
    if (!id.value || !mine) {
      return
    }

    try {
      const origin = (JSON.parse(baseline.value) as Draft | null) ?? mine
      const body = { origin, mine, choices: choices.value }
      const view = await ask(api.POST('/api/builds/{id}/merge', { params: { path: { id: id.value } }, body }))
      if (view.clashes.some(({ key }) => choices.value[key] === undefined)) {
        clashing.value = view
        return
      }

      beforeMerge.value = view.clashes.length > 0 ? mine : null
      saveProblem.value = null
      etag.value = view.etag
      baseline.value = JSON.stringify(toDraft(view.theirs))
      merged.value = view
      forgetClashes()
      // It may be no draft any more.
      await lookAtState()
      change((next) => Object.assign(next, toDraft(view.document)))
      // A step back past a merge would take back what somebody else has saved. Both sides are in the history of the build.
      history.forget()
      keepInBrowser()
      wait()
    } catch (error) {
      saveProblem.value = ApiProblem.of(error)
    }
  }

  /** Answers one clash; once all are answered, both are put together. */
  async function choose(key: string, choice: MergeChoice): Promise<void> {
    choices.value = { ...choices.value, [key]: choice }
    if (clashing.value?.clashes.every((clash) => choices.value[clash.key] !== undefined)) {
      await merge()
    }
  }

  /** Asks the server again how far the build has come; the draft stays. */
  async function lookAtState(): Promise<void> {
    if (id.value) {
      const kept = await ask(api.GET('/api/builds/{id}', { params: { path: { id: id.value } } }))
      life.value = kept
      // A move is a version of its own. What somebody else has saved in the meantime is not to be saved over.
      if (JSON.stringify(toDraft(kept.document)) === baseline.value) {
        etag.value = kept.etag
      }

      tabs.tellSaved()
    }
  }

  /** Forgets the unsaved changes, for a page that is being left. */
  function discardLocally(): void {
    waitNoMore()
    beforeMerge.value = null
    baseline.value = JSON.stringify(draft.value)
    dropUnsaved(what.value)
  }

  /** Gives the unsaved changes up and loads what is kept. */
  async function discard(): Promise<void> {
    // What is given up must not go out by itself while what is kept is on its way.
    discardLocally()
    await sending
    broughtBack.value = null
    merged.value = null
    saveProblem.value = null
    history.forget()
    await load()
  }

  return {
    id,
    draft,
    etag,
    life,
    isDirty,
    isBusy,
    isOwed,
    savesItself,
    isElsewhere: tabs.isElsewhere,
    loadProblem,
    saveProblem,
    broughtBack,
    merged,
    clashing,
    choices,
    choose,
    load,
    change,
    save,
    saveAs,
    saveByItself,
    merge,
    discard,
    discardLocally,
    lookAtState,
    undo: history.undo,
    redo: history.redo,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
  }
}
