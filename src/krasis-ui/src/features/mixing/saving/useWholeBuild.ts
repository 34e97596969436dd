import { useQueryClient } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { useRouter } from 'vue-router'
import { deleteWithUndo, duplicate } from '@/features/builds/actions'
import type { Draft } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import type { useBuildEditor } from './useBuildEditor'

/** What is done to a build as a whole, and leaves for another page: kept as another, duplicated, deleted. */
export function useWholeBuild(draft: Ref<Draft | null>, editor: ReturnType<typeof useBuildEditor>) {
  const router = useRouter()
  const client = useQueryClient()

  async function saveCopy(): Promise<void> {
    const kept = await editor.saveAs(`${draft.value?.name ?? ''} (my version)`)
    if (kept) {
      await router.replace(`/builds/${kept.id}`)
      tell({ text: `Saved as '${kept.document.name}'.` })
    }
  }

  async function duplicateThis(): Promise<void> {
    const kept = draft.value && (await duplicate(client, draft.value))
    if (kept) {
      await router.push(`/builds/${kept.id}`)
    }
  }

  async function deleteThis(): Promise<void> {
    const etag = editor.etag.value
    const name = draft.value?.name ?? ''
    if (editor.id.value && etag && (await deleteWithUndo(client, { id: editor.id.value, etag, name }))) {
      editor.discardLocally()
      await router.push('/')
    }
  }

  return { saveCopy, duplicateThis, deleteThis }
}
