import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { keys } from '@/shared/api/queries'
import type { BuildState, BuildView, Draft } from '@/shared/api/types'
import { toDraft } from './draft'
import { dropUnsaved, findUnsaved, keepUnsaved } from '@/shared/unsaved/unsaved'
import { useHistory } from './useHistory'

/**
 * One build under the lead's hands: loaded, changed, saved.
 * @param id The build's id; null for a new one.
 */
export function useBuildEditor(id: string | null) {
  const client = useQueryClient()
  const what = id ?? 'new'
  const draft = ref<Draft | null>(null)
  const history = useHistory(draft)
  const baseline = ref('')
  const etag = ref<string | null>(null)
  const state = ref<BuildState>('draft')
  const loadProblem = shallowRef<ApiProblem | null>(null)
  const saveProblem = shallowRef<ApiProblem | null>(null)
  const broughtBack = ref<string | null>(null)
  const isSaving = ref(false)
  const isDirty = computed(() => draft.value !== null && JSON.stringify(draft.value) !== baseline.value)

  function settle(next: Draft, version: string | null): void {
    baseline.value = JSON.stringify(next)
    etag.value = version
    draft.value = next
  }

  /** Loads what is kept, and puts unsaved changes of this browser on top. */
  async function load(): Promise<void> {
    loadProblem.value = null
    try {
      const kept = id
        ? await ask(api.GET('/api/builds/{id}', { params: { path: { id } } }))
        : { document: await ask(api.GET('/api/builds/blank')), etag: null }
      settle(toDraft(kept.document), kept.etag)
      state.value = 'state' in kept ? kept.state : 'draft'
      const unsaved = findUnsaved<Draft>(what)
      if (unsaved && JSON.stringify(unsaved.draft) !== baseline.value) {
        history.change((next) => Object.assign(next as Draft, unsaved.draft))
        // Made on an older version, they must not slip past a newer one.
        etag.value = unsaved.etag
        broughtBack.value = unsaved.at
      }
    } catch (error) {
      loadProblem.value = ApiProblem.of(error)
    }
  }

  watch(draft, (now) => {
    // What was wrong with the fields may be mended now; the next save will tell. A conflict stays until it is settled.
    if (saveProblem.value?.status === 422) {
      saveProblem.value = null
    }

    if (now && isDirty.value) {
      keepUnsaved(what, { draft: now, etag: etag.value, at: new Date().toISOString() })
    } else {
      dropUnsaved(what)
      broughtBack.value = null
    }
  })

  function change(make: (next: Draft) => void, of: string | null = null): void {
    history.change((next) => {
      if (next) {
        make(next)
      }
    }, of)
  }

  async function send(write: (body: Draft) => Promise<BuildView>): Promise<BuildView | null> {
    const sent = draft.value
    if (!sent) {
      return null
    }

    isSaving.value = true
    saveProblem.value = null
    try {
      const kept = await write(sent)
      dropUnsaved(what)
      broughtBack.value = null
      baseline.value = JSON.stringify(toDraft(kept.document))
      etag.value = kept.etag
      // The server trims names. What was changed while the answer was on its way stays as it is, unsaved.
      if (draft.value === sent) {
        draft.value = toDraft(kept.document)
      }

      await client.invalidateQueries({ queryKey: keys.builds })
      return kept
    } catch (error) {
      saveProblem.value = ApiProblem.of(error)
      return null
    } finally {
      isSaving.value = false
    }
  }

  /** Saves; the problem, if there is one, is in saveProblem. */
  function save(): Promise<BuildView | null> {
    return send((body) =>
      id && etag.value
        ? ask(
            api.PUT('/api/builds/{id}', {
              params: { path: { id } },
              headers: { 'If-Match': etag.value },
              body,
            }),
          )
        : ask(api.POST('/api/builds', { body })),
    )
  }

  /** Saves as another build, leaving the one that was opened as it is. */
  function saveAs(name: string): Promise<BuildView | null> {
    return send((body) => ask(api.POST('/api/builds', { body: { ...body, name } })))
  }

  /** Asks the server again how far the build has come; the draft stays. */
  async function lookAtState(): Promise<void> {
    if (id) {
      state.value = (await ask(api.GET('/api/builds/{id}', { params: { path: { id } } }))).state
    }
  }

  /** Forgets the unsaved changes, for a page that is being left. */
  function discardLocally(): void {
    baseline.value = JSON.stringify(draft.value)
    dropUnsaved(what)
  }

  /** Gives the unsaved changes up and loads what is kept. */
  async function discard(): Promise<void> {
    dropUnsaved(what)
    broughtBack.value = null
    saveProblem.value = null
    history.forget()
    await load()
  }

  return {
    draft,
    etag,
    state,
    isDirty,
    isSaving,
    loadProblem,
    saveProblem,
    broughtBack,
    load,
    change,
    save,
    saveAs,
    discard,
    discardLocally,
    lookAtState,
    undo: history.undo,
    redo: history.redo,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
  }
}
