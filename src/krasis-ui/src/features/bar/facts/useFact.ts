import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { forgetFacts, keys } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { dropUnsaved, findUnsaved, keepUnsaved } from '@/shared/unsaved/unsaved'
import { createFact, removeFact, tryFact, updateFact, type Fact, type Kind } from './facts'
import { copyOf, isSame, pathOf, read, write, type FactDocument } from './paths'

/**
 * One fact of the bar under somebody's hands: measured, tried, kept.
 * @param kind Its kind.
 * @param kept The fact as it is kept; null for a new one.
 * @param blank What a new one begins with.
 */
export function useFact(kind: Kind, kept: Fact | null, blank: FactDocument) {
  const client = useQueryClient()
  const what = `bar.${kind}.${kept?.id ?? 'new'}`
  const baseline = shallowRef<FactDocument>(toRaw(kept?.document ?? blank))
  const etag = ref(kept?.etag ?? null)
  const draft = shallowRef<FactDocument>(copyOf(baseline.value))
  /** What was laid there without anybody typing it. */
  let laid = blank
  /** What was typed and is no number, by its path. */
  const unreadable = ref(new Map<string, string>())
  const touched = ref(new Set<string>())
  const hasAsked = ref(false)
  const refusal = shallowRef<ApiProblem | null>(null)
  const theirs = shallowRef<Fact | null>(null)
  const isBusy = ref(false)
  const broughtBack = ref<string | null>(null)
  const isDirty = computed(() => unreadable.value.size > 0 || !isSame(draft.value, baseline.value))

  const unsaved = findUnsaved<FactDocument>(what)
  if (unsaved && !isSame(unsaved.draft, baseline.value)) {
    draft.value = unsaved.draft
    // Made on an older version, they must not slip past a newer one.
    etag.value = unsaved.etag
    broughtBack.value = unsaved.at
  }

  watch(draft, (now) => {
    refusal.value = null
    if (isDirty.value) {
      keepUnsaved(what, { draft: now, etag: etag.value, at: new Date().toISOString() })
    } else {
      dropUnsaved(what)
    }
  })

  const settled = refDebounced(draft, 120)
  const query = useQuery({
    queryKey: computed(() => [
      ...keys.try,
      kind,
      kept?.id ?? null,
      etag.value,
      JSON.stringify(settled.value),
    ]),
    queryFn: async ({ signal }) => {
      const document = settled.value
      return { document, trial: await tryFact(kind, kept?.id ?? null, document, signal) }
    },
    placeholderData: keepPreviousData,
    gcTime: 30_000,
  })
  const trial = computed(() => query.data.value?.trial ?? null)

  /** Whether what a trial said of a field is about what now stands there: it must not blame what has just been mended. */
  function isOfNow(path: string): boolean {
    const tried = query.data.value?.document ?? {}
    return JSON.stringify(read(tried, path)) === JSON.stringify(read(draft.value, path))
  }

  const problems = computed(() => {
    const found = new Map<string, string>()
    const tried = (trial.value?.problems ?? []).filter(({ field }) => isOfNow(pathOf(field)))
    const said = [...tried, ...(refusal.value?.errors ?? [])]
    for (const { field, message, accepted } of said) {
      found.set(pathOf(field), `${message} Accepted: ${accepted}.`)
    }

    for (const [path, text] of unreadable.value) {
      found.set(path, `'${text.slice(0, 40)}' is not a number.`)
    }

    return found
  })

  /** What is wrong at a path; not before it has been touched, or everything was to be kept. */
  function problemAt(path: string): string | null {
    const isShown = hasAsked.value || touched.value.has(path) || kept !== null
    return isShown ? (problems.value.get(path) ?? null) : null
  }

  function put(path: string, value: unknown): void {
    unreadable.value.delete(path)
    draft.value = write(draft.value, path, value)
  }

  function putUnreadable(path: string, text: string): void {
    unreadable.value = new Map(unreadable.value).set(path, text)
    draft.value = write(draft.value, path, null)
  }

  function settle(fact: Fact): void {
    dropUnsaved(what)
    baseline.value = fact.document
    etag.value = fact.etag
    draft.value = copyOf(fact.document)
    unreadable.value = new Map()
    theirs.value = null
    broughtBack.value = null
    hasAsked.value = false
  }

  /** What was typed while the answer was on its way stays: on this page, and on the one that a new fact gets. */
  function typedOn(fact: Fact, now: FactDocument): void {
    draft.value = now
    keepUnsaved(`bar.${kind}.${fact.id}`, { draft: now, etag: fact.etag, at: new Date().toISOString() })
  }

  /** This fact as it is kept now. Of the house there is one, of everything else a list. */
  function factIn(bar: BarView | undefined): Fact | null {
    const facts = bar ? [bar[kind]].flat() : []
    return (facts as Fact[]).find(({ id }) => id === kept?.id) ?? null
  }

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    isBusy.value = true
    refusal.value = null
    try {
      await work()
      return true
    } catch (error) {
      refusal.value = ApiProblem.of(error)
      return false
    } finally {
      isBusy.value = false
    }
  }

  /** Keeps the draft. A change that somebody else has made meanwhile is shown, not overwritten. */
  async function keep(): Promise<Fact | null> {
    hasAsked.value = true
    if (unreadable.value.size > 0) {
      return null
    }

    let fact: Fact | null = null
    await attempt(async () => {
      const sent = draft.value
      fact =
        kept && etag.value ? await updateFact(kind, kept.id, etag.value, sent) : await createFact(kind, sent)
      const now = draft.value
      settle(fact)
      if (now !== sent) {
        typedOn(fact, now)
      }

      await forgetFacts(client)
    })
    if (refusal.value?.status === 412) {
      await look()
    }

    return fact
  }

  /** Fetches what somebody else has kept. */
  async function look(): Promise<void> {
    await client.invalidateQueries({ queryKey: keys.bar })
    theirs.value = factIn(client.getQueryData<BarView>(keys.bar))
  }

  function takeTheirs(): void {
    if (theirs.value) {
      settle(theirs.value)
      refusal.value = null
    }
  }

  async function keepMine(): Promise<void> {
    etag.value = theirs.value?.etag ?? etag.value
    theirs.value = null
    await keep()
  }

  function takeBack(): void {
    dropUnsaved(what)
    settle(
      factIn(client.getQueryData<BarView>(keys.bar)) ?? {
        id: '',
        etag: etag.value ?? '',
        document: baseline.value,
      },
    )
    refusal.value = null
    touched.value = new Set()
  }

  async function remove(): Promise<boolean> {
    return attempt(async () => {
      await removeFact(kind, kept?.id ?? '', etag.value ?? '')
      dropUnsaved(what)
      draft.value = baseline.value
      await forgetFacts(client)
    })
  }

  return {
    kind,
    id: kept?.id ?? null,
    draft,
    baseline,
    trial,
    isDirty,
    isBusy,
    broughtBack,
    refusal,
    theirs,
    problems,
    unreadable,
    measured: <T>() => computed(() => (trial.value?.measured ?? null) as T | null),
    read: (path: string) => read(draft.value, path),
    put,
    putUnreadable,
    /** Lays a whole document under what has been typed. */
    begin(document: FactDocument): void {
      // What was typed already stays; what was begun from before does not.
      const typed = Object.entries(draft.value).filter(
        ([field, value]) =>
          value !== null && value !== '' && JSON.stringify(value) !== JSON.stringify(laid[field]),
      )
      draft.value = { ...copyOf(document), ...Object.fromEntries(typed) }
      laid = copyOf(document)
    },
    /** Puts a whole document in the place of what stands there; it is not saved yet. */
    lay(document: FactDocument): void {
      unreadable.value = new Map()
      draft.value = {
        ...copyOf(document),
        ...(draft.value['id'] === undefined ? {} : { id: draft.value['id'] }),
      }
    },
    touch: (path: string) => (touched.value = new Set(touched.value).add(path)),
    problemAt,
    keep,
    remove,
    takeBack,
    takeTheirs,
    keepMine,
  }
}
