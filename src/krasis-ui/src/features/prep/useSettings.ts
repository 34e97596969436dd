import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { PrepDocument } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { dropUnsaved, findUnsaved, keepUnsaved, storageRefuses } from '@/shared/unsaved/unsaved'

const what = 'prep-settings'
const copy = (document: PrepDocument) => JSON.parse(JSON.stringify(document)) as PrepDocument

/** How the house prepares, as it is being entered. What is not saved yet is kept in this browser. */
export function useSettings() {
  const client = useQueryClient()
  const key = [...keys.prep, 'settings']
  const query = useQuery({ queryKey: key, queryFn: () => ask(api.GET('/api/prep/settings')) })
  const draft = ref<PrepDocument | null>(null)
  const saved = ref('')
  let etag = ''
  const problem = ref<ApiProblem | null>(null)
  const isSaving = ref(false)
  const isUnsaved = computed(() => draft.value !== null && JSON.stringify(draft.value) !== saved.value)

  watch(
    () => query.data.value,
    (view) => {
      if (!view || draft.value) {
        return
      }

      const kept = findUnsaved<PrepDocument>(what)
      etag = kept?.etag ?? view.etag
      saved.value = JSON.stringify(view.document)
      draft.value = kept ? kept.draft : copy(view.document)
    },
    { immediate: true },
  )
  watch(
    draft,
    (document) => {
      if (document && isUnsaved.value) {
        keepUnsaved(what, { draft: document, etag, at: new Date().toISOString() })
      } else {
        dropUnsaved(what)
      }
    },
    { deep: true },
  )

  async function save(): Promise<boolean> {
    if (!draft.value) {
      return false
    }

    isSaving.value = true
    problem.value = null
    const body = copy(draft.value)
    try {
      const view = await ask(
        api.PUT('/api/prep/settings', { body, params: { header: { 'If-Match': etag } } }),
      )
      etag = view.etag
      saved.value = JSON.stringify(body)
      if (!isUnsaved.value) {
        dropUnsaved(what)
      }

      client.setQueryData(key, view)
      await client.invalidateQueries({ queryKey: keys.prep })
      tell({ text: 'How you prepare is saved.' })
      return true
    } catch (error) {
      problem.value = ApiProblem.of(error)
      return false
    } finally {
      isSaving.value = false
    }
  }

  /** Goes back to what is saved. */
  async function undo(): Promise<void> {
    dropUnsaved(what)
    problem.value = null
    const view = (await query.refetch()).data
    if (view) {
      etag = view.etag
      saved.value = JSON.stringify(view.document)
      draft.value = copy(view.document)
    }
  }

  onBeforeRouteLeave(
    () =>
      !isUnsaved.value ||
      window.confirm(
        storageRefuses.value
          ? 'Your changes are not saved, and this browser cannot keep them. Leave the page and lose them?'
          : 'What you changed here is not saved. It stays in this browser. Leave the page?',
      ),
  )

  return { view: computed(() => query.data.value ?? null), draft, problem, isSaving, isUnsaved, save, undo }
}
