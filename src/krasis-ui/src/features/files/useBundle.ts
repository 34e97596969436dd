import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { BundleView, FactChoice, LookView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { useAttempt } from '@/shared/useAttempt'

/** What is done with a drink of a file. */
export type TakenAs = 'leave' | 'beside' | 'replace'

const mostMegabytes = 50
const mostAtOnce = 200

/** A file of another house, from the moment it is chosen until its drinks are taken in. */
export function useBundle() {
  const client = useQueryClient()
  const bundle = ref<BundleView | null>(null)
  const look = ref<LookView | null>(null)
  const { problem, isBusy, attempt } = useAttempt()
  const fileName = ref('')
  /** What is done with each drink, by its id there. */
  const as = ref<Record<string, TakenAs>>({})
  /** What was decided of each fact, by sort and id. */
  const choices = ref<Record<string, FactChoice>>({})
  const chosen = computed(() => (bundle.value?.drinks ?? []).filter(({ id }) => as.value[id] !== 'leave'))

  async function choose(file: File): Promise<void> {
    forget()
    if (file.size > mostMegabytes * 1e6) {
      problem.value = `${file.name} is larger than ${mostMegabytes} MB.`
      return
    }

    fileName.value = file.name
    bundle.value = await attempt(() =>
      ask(
        api.POST('/api/files/bundles', {
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as File,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    )
    let left = mostAtOnce
    for (const { id, standing } of bundle.value?.drinks ?? []) {
      as.value[id] = standing === 'new' && left-- > 0 ? 'beside' : 'leave'
    }

    await lookThrough()
  }

  /** Works out what the chosen drinks would be here. */
  async function lookThrough(): Promise<void> {
    const key = bundle.value?.key
    if (!key || chosen.value.length === 0) {
      look.value = null
      return
    }

    look.value = await attempt(() =>
      ask(
        api.POST('/api/files/bundles/{key}/look', {
          params: { path: { key } },
          body: { drinks: chosen.value.map(({ id }) => id), choices: Object.values(choices.value) },
        }),
      ),
    )
  }

  async function decide(choice: FactChoice): Promise<void> {
    choices.value[`${choice.kind} ${choice.id}`] = choice
    await lookThrough()
  }

  async function take(): Promise<void> {
    const key = bundle.value?.key ?? ''
    const taken = await attempt(() =>
      ask(
        api.POST('/api/files/bundles/{key}/take', {
          params: { path: { key } },
          body: {
            drinks: chosen.value.map(({ id }) => ({ id, as: as.value[id] ?? 'beside' })),
            choices: (look.value?.facts ?? []).map(({ choice }) => choice),
          },
        }),
      ),
    )
    if (taken) {
      await done(taken)
    }
  }

  async function moveIn(): Promise<void> {
    const key = bundle.value?.key ?? ''
    const taken = await attempt(() =>
      ask(api.POST('/api/files/bundles/{key}/house', { params: { path: { key } } })),
    )
    if (taken) {
      await done(taken, false)
    }
  }

  /** A whole house is undone below, where it is asked first: a notice stays while others work. */
  async function done(taken: { id: string; says: string }, isUndoneHere = true): Promise<void> {
    forget()
    tell({
      text: `Taken in: ${taken.says}.`,
      ...(isUndoneHere ? { action: { label: 'Undo', run: () => takeBack(taken.id) } } : {}),
    })
    await client.invalidateQueries()
  }

  /** Undoes what was taken in. */
  async function takeBack(id: string): Promise<void> {
    try {
      await ask(api.POST('/api/files/taken/{id}/undo', { params: { path: { id } } }))
      tell({ text: 'It is as it was before.' })
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
    }

    await client.invalidateQueries()
  }

  function forget(): void {
    bundle.value = look.value = null
    problem.value = fileName.value = ''
    as.value = {}
    choices.value = {}
  }

  return {
    bundle,
    look,
    problem,
    isBusy,
    fileName,
    as,
    chosen,
    choose,
    lookThrough,
    decide,
    take,
    moveIn,
    takeBack,
    forget,
  }
}
