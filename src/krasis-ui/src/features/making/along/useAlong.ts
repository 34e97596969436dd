import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type {
  CardsView,
  MadeView,
  MakeRequest,
  MakingPlan,
  MakingStep,
  Rescue,
  WishQuery,
} from '@/shared/api/types'
import { newId } from '@/shared/newId'
import { tell } from '@/shared/notice/notice'
import { keepMake, keptMake, type Make, type Poured } from './kept'
import { useSending } from './sending'
import { useWeighing } from './useWeighing'
import { standing } from './weight'

/** How long a weight that is right must stay so before the step goes on by itself, ms. */
const calm = 900

/** A make under way: its steps, what is in, and what is to be done when something went wrong. */
export function useAlong() {
  const make = ref<Make | null>(keptMake())
  const weighing = useWeighing()
  const { send, flush, throwAway, waiting } = useSending()
  const rescue = ref<Rescue | null>(null)
  const problem = ref<string | null>(null)
  const made = ref<MadeView | null>(null)
  const isOver = ref(false)
  const isHandsFree = ref(true)
  /** What somebody has typed for this step, because there is no scale. */
  const typed = ref<number | null>(null)
  /** Whether what stands in its box, or in that of the milk's warmth, cannot be. */
  const isWrong = ref(false)
  const isWarmWrong = ref(false)
  const seconds = ref<number | null>(null)
  const celsius = ref<number | null>(null)
  /** Whether a pull is being timed: then it is not over, whatever it weighs. */
  const isTiming = ref(false)
  const step = computed(() => make.value?.plan.steps[make.value.at] ?? null)
  const target = computed(() => step.value?.target ?? null)
  const inside = computed(() => typed.value ?? weighing.grams.value)
  const stands = computed(() => standing(inside.value, target.value))

  // Time goes on by a clock that nobody sets back; what has gone by is kept with the rest.
  let heard = performance.now()
  useIntervalFn(() => {
    const now = performance.now()
    if (make.value && !isOver.value) {
      make.value.seconds += (now - heard) / 1000
    }

    heard = now
  }, 500)
  let isKept = true
  watch(
    make,
    (now) => {
      const before = isKept
      isKept = keepMake(now)
      if (before && !isKept && now) {
        tell({
          text: 'This device cannot save your progress: its storage is full or blocked. Keep this page open until the drink is done.',
          isFault: true,
        })
      }
    },
    { deep: true, flush: 'sync' },
  )

  function clear(): void {
    typed.value = null
    seconds.value = null
    celsius.value = null
    isTiming.value = false
    isWrong.value = false
    isWarmWrong.value = false
    rescue.value = null
    problem.value = null
  }

  function begin(
    view: CardsView,
    plan: MakingPlan,
    wish: WishQuery,
    station: string | null,
    who: string,
  ): void {
    clear()
    isOver.value = false
    made.value = null
    make.value = {
      id: newId(),
      build: view.build,
      size: plan.size,
      wish,
      standard: view.standard,
      station,
      who,
      startedAt: new Date().toISOString(),
      seconds: 0,
      at: 0,
      plan,
      poured: [],
      rescued: null,
      stands: null,
      limits: view.limits,
    }
    weighing.tare()
  }

  const drink = computed(() => ({
    build: make.value?.build ?? null,
    standard: make.value?.standard ?? null,
    size: make.value?.size ?? null,
    wish: make.value?.wish ?? {},
  }))
  /** What is in with so much of this step. */
  function pour(now: Make, grams: number): Poured[] {
    const { line, title, target: aim } = now.plan.steps[now.at] as MakingStep
    return [
      ...now.poured,
      {
        line: line ?? '',
        title,
        grams: Math.round(Math.max(0, grams) * 10) / 10,
        target: aim?.grams ?? null,
        base: weighing.base.value,
        ...(seconds.value === null ? {} : { seconds: seconds.value }),
        ...(celsius.value === null ? {} : { celsius: celsius.value }),
      },
    ]
  }

  /** The step is done: with what the scale shows, what was typed, or where there is neither, with what was to go in. */
  async function done(): Promise<void> {
    const now = make.value
    if (!now || !step.value || isOver.value) {
      return
    }

    if (step.value.target) {
      const grams = inside.value ?? step.value.target.grams
      if (standing(grams, step.value.target) !== 'right' && rescue.value === null) {
        await askForRescue(now, grams)
        return
      }

      now.poured = pour(now, grams)
    }

    stand(now)

    go(now)
  }

  /** Once something is in, it stands until something else is. */
  function stand(now: Make): void {
    const { mayStand, title, target: aim } = now.plan.steps[now.at] as MakingStep
    if (aim) {
      now.stands = mayStand == null ? null : { what: title, since: now.seconds, most: mayStand }
    }
  }

  function go(now: Make): void {
    clear()
    if (now.at + 1 >= now.plan.steps.length) {
      void finish(now, true)
      return
    }

    now.at += 1
    weighing.tare()
  }

  async function askForRescue(now: Make, grams: number): Promise<void> {
    problem.value = null
    const poured = pour(now, grams).map(({ line, grams: g }) => ({ line, grams: g }))
    try {
      rescue.value = await ask(
        api.POST('/api/rescue', { body: { drink: drink.value, station: now.station, poured } }),
      )
    } catch (error) {
      problem.value = ApiProblem.of(error).message
      // Without the server nobody can say what still helps; one goes on as one sees fit.
      rescue.value = {
        kind: 'carryOn',
        says: 'What still helps cannot be worked out now. Go on as planned, or start again.',
        changes: [],
        strength: null,
        sweetness: null,
        roomLeft: 0,
        plan: null,
      }
    }
  }

  /** Goes on as the rescue says. What is in counts as it is. */
  function takeRescue(): void {
    const [now, way] = [make.value, rescue.value]
    if (!now || !way) {
      return
    }

    const { plan, kind, says } = way
    now.poured = pour(now, inside.value ?? target.value?.grams ?? 0)
    stand(now)
    if (plan && kind === 'change') {
      // What is in stands first in it, and more of what is in comes next.
      const inCup = new Set(now.poured.map(({ line }) => line))
      const still = new Set(plan.steps.map(({ line }) => line))
      now.leftOut = now.plan.steps.flatMap(({ line }) => (line != null && !still.has(line) ? [line] : []))
      now.plan = plan
      now.at = plan.steps.findLastIndex(({ line, isMore }) => line != null && inCup.has(line) && !isMore)
      now.rescued = says
    }

    go(now)
  }

  /** One step back: what was poured in it is poured anew, or more of it. */
  function undo(): void {
    const now = make.value
    if (!now || now.at === 0) {
      return
    }

    clear()
    now.at -= 1
    now.stands = null
    if (step.value?.target) {
      const last = now.poured.at(-1)
      now.poured = now.poured.slice(0, -1)
      if (last) {
        weighing.tareAt(last.base)
      }
    }
  }

  async function finish(now: Make, isDone: boolean): Promise<void> {
    isOver.value = true
    const request: MakeRequest = {
      drink: drink.value,
      station: now.station,
      who: now.who.trim() || null,
      startedAt: now.startedAt,
      seconds: Math.round(now.seconds),
      isDone,
      poured: now.poured.map(({ line, grams, target: aim, seconds: ran, celsius: warm }) => ({
        line,
        grams,
        target: aim ?? null,
        seconds: ran ?? null,
        celsius: warm ?? null,
      })),
      leftOut: now.leftOut ?? [],
    }
    const { id } = now
    keepMake(null)
    made.value = await send({ id, says: `${now.plan.drink}, ${now.plan.sizeName}`, request })
  }

  /** Everything goes into the sink, and is told as given up. */
  async function giveUp(): Promise<void> {
    if (make.value) {
      await finish(make.value, false)
    }

    make.value = null
    isOver.value = false
    clear()
  }

  // Hands-free: what is right and at rest for a while is in.
  let since: ReturnType<typeof setTimeout> | undefined
  watch(
    () =>
      isHandsFree.value &&
      stands.value === 'right' &&
      !isTiming.value &&
      weighing.isSettled.value &&
      typed.value === null &&
      !isOver.value,
    (is) => {
      clearTimeout(since)
      if (is) {
        since = setTimeout(() => void done(), calm)
      }
    },
  )

  return {
    make,
    step,
    target,
    drink,
    inside,
    typed,
    seconds,
    celsius,
    isHandsFree,
    isTiming,
    isWrong,
    isWarmWrong,
    isOver,
    made,
    waiting,
    sendAgain: () => void flush(true),
    throwAway,
    rescue,
    problem,
    weighing,
    begin,
    done,
    undo,
    takeRescue,
    giveUp,
  }
}

/** A make under way, with all that is to be done about it. */
export type Along = ReturnType<typeof useAlong>
