import { useSessionStorage } from '@vueuse/core'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { NameChoice, RecipesView } from '@/shared/api/types'
import { newGuid } from '@/shared/newId'
import { useAttempt } from '@/shared/useAttempt'

const mostMegabytes = 8

/** What became of a recipe that was read. */
export type Standing =
  { is: 'open' } | { is: 'left' } | { is: 'kept'; id: string; name: string } | { is: 'refused'; why: string }

/** Recipes from the moment they are pasted until each is kept or left. */
export function useRecipes() {
  const client = useQueryClient()
  /** Kept in the browser: what was pasted is not lost with the page. */
  const text = useSessionStorage('krasis-recipes', '')
  const found = ref<RecipesView | null>(null)
  const standings = ref<Standing[]>([])
  const { problem, isBusy, attempt } = useAttempt()
  const choices = ref<NameChoice[]>([])
  // The ids that drafts are to have: what is asked for twice is kept once.
  const ids = new Map<number, string>()

  async function choose(file: File): Promise<void> {
    if (file.size > mostMegabytes * 1e6) {
      problem.value = `${file.name} is larger than ${mostMegabytes} MB.`
      return
    }

    const told = await attempt(() =>
      ask(
        api.POST('/api/recipes/text', {
          params: { query: { name: file.name } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as File,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    )
    if (told) {
      text.value = told.text
      await read()
    }
  }

  /** Reads the text anew; nothing of it has been kept then. */
  async function read(): Promise<void> {
    choices.value = []
    ids.clear()
    if (await again()) {
      standings.value = (found.value?.recipes ?? []).map(() => ({ is: 'open' }))
    }
  }

  async function again(): Promise<boolean> {
    const view = await attempt(() =>
      ask(api.POST('/api/recipes/read', { body: { text: text.value, choices: choices.value } })),
    )
    if (view) {
      found.value = view
      text.value = view.text
    }

    return view !== null
  }

  /** Says what a name in the text means here. */
  async function decide(said: string, ingredient: string): Promise<void> {
    choices.value = [...choices.value.filter((choice) => choice.said !== said), { said, ingredient }]
    await again()
  }

  /** Keeps a recipe as a draft. */
  async function keep(at: number, name: string): Promise<Standing> {
    const recipe = found.value?.recipes[at]
    if (!recipe) {
      return { is: 'open' }
    }

    const asked = ids.get(at) ?? newGuid()
    ids.set(at, asked)
    isBusy.value = true
    try {
      const kept = await ask(
        api.POST('/api/recipes/keep', {
          params: { query: { asked } },
          body: { draft: { ...recipe.draft, name }, parts: recipe.parts },
        }),
      )
      standings.value[at] = { is: 'kept', id: kept.id, name: kept.name }
      await client.invalidateQueries()
    } catch (error) {
      standings.value[at] = { is: 'refused', why: ApiProblem.of(error).message }
    } finally {
      isBusy.value = false
    }

    return standings.value[at]
  }

  function forget(): void {
    text.value = problem.value = ''
    found.value = null
    standings.value = []
  }

  return { text, found, standings, problem, isBusy, choose, read, decide, keep, forget }
}
