<script setup lang="ts">
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced, useNow, useStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { LotView } from '@/shared/api/types'
import { day, decimal, reading, timer, when } from '@/shared/format'
import { newId } from '@/shared/newId'
import { tell } from '@/shared/notice/notice'
import { typedNumber } from '@/shared/typedNumber'
import ScalePanel from '@/shared/scale/ScalePanel.vue'
import { useScale } from '@/shared/scale/useScale'
import { usePlan } from './usePlan'
import { mass, quantity, span } from './words'

/** Making one batch, on a tablet: what goes in for this amount, timers, and ticking it off. */
const props = defineProps<{ batch: string }>()
const client = useQueryClient()
const { begin, isBusy, trouble } = usePlan()
const done = ref<LotView | null>(null)
const typed = ref('')
const grams = computed(() => {
  const number = typedNumber(typed.value)
  return Number.isFinite(number) && number > 0 ? number : null
})
const asked = refDebounced(grams, 250)
const sheet = useQuery({
  queryKey: computed(() => [...keys.prep, 'batch', props.batch, asked.value]),
  queryFn: () =>
    ask(
      api.GET('/api/prep/batches/{key}', {
        params: { path: { key: props.batch }, query: asked.value === null ? {} : { grams: asked.value } },
      }),
    ),
  placeholderData: keepPreviousData,
  // What is done is no longer in the plan.
  enabled: computed(() => done.value === null),
})
const view = computed(() => sheet.data.value ?? null)
const who = useStorage('krasis.who', '')
const really = ref('')
const id = newId()
const now = useNow({ interval: 1000 })
const ticked = ref(new Set<string>())
const { isOpen: isScaleOpen, reading: onScale, ready, zero } = useScale()
/** What goes in next, for the scale to count along. */
const next = computed(() => view.value?.lines.find(({ item }) => !ticked.value.has(item)) ?? null)
const toGo = computed(() => (next.value && onScale.value ? next.value.grams - onScale.value.grams : null))
const celsius = ref('')

const left = (endsAt: string | null) =>
  endsAt === null ? null : (new Date(endsAt).getTime() - now.value.getTime()) / 1000

/** Hours are not counted in seconds. */
const clock = (seconds: number) => (seconds >= 3600 ? span(Math.ceil(seconds / 60)) : timer(seconds))

async function start(): Promise<void> {
  if (await begin(props.batch, who.value || null, asked.value)) {
    await sheet.refetch()
  }
}

const cooling = useQuery({
  queryKey: [...keys.prep, 'cooling', props.batch],
  queryFn: () => ask(api.GET('/api/prep/batches/{key}/cooling', { params: { path: { key: props.batch } } })),
  enabled: computed(() => Boolean(view.value?.batch.isCooked && view.value.begunAt !== null)),
  refetchInterval: 60_000,
})

async function note(leftTheHeat: boolean): Promise<void> {
  try {
    const measured = leftTheHeat ? null : typedNumber(celsius.value)
    await ask(
      api.POST('/api/prep/batches/{key}/cooling', {
        params: { path: { key: props.batch } },
        body: {
          celsius: measured === null || Number.isNaN(measured) ? null : measured,
          leftTheHeat,
          who: who.value || null,
        },
      }),
    )
    celsius.value = ''
    await Promise.all([cooling.refetch(), sheet.refetch()])
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }
}

async function finish(): Promise<void> {
  const made = really.value.trim() === '' ? (view.value?.grams ?? NaN) : typedNumber(really.value)
  try {
    done.value = await ask(
      api.POST('/api/prep/batches/{key}/done', {
        params: { path: { key: props.batch } },
        body: { id, grams: Number.isNaN(made) ? null : made, who: who.value || null },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.prep })
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }
}

/** What is on the scale is in: the next thing is weighed from nothing. */
function weighed(): void {
  if (next.value) {
    tick(next.value.item)
    zero()
  }
}

function tick(what: string): void {
  const next = new Set(ticked.value)
  if (!next.delete(what)) {
    next.add(what)
  }

  ticked.value = next
}
</script>

<template>
  <main class="page batch-page">
    <p>
      <RouterLink to="/prep/day"><i class="pi pi-arrow-left" aria-hidden="true" /> Day sheet</RouterLink>
    </p>
    <section v-if="done" class="banner done" role="status" data-test="lot">
      <strong>Lot {{ done.lot }}</strong>
      <span
        >{{ quantity(done.left, done.unit) }} of {{ done.name }} are in stock<template v-if="done.useBy"
          >, use by {{ day(done.useBy) }}</template
        >.</span
      >
      <RouterLink :to="`/prep/labels?lots=${done.lot}`" data-test="label">Print its label</RouterLink>
      <RouterLink to="/prep/day">What is next</RouterLink>
    </section>
    <p v-else-if="sheet.error.value" class="error" role="alert">
      {{ ApiProblem.of(sheet.error.value).message }}
    </p>
    <template v-else-if="view">
      <h1>{{ view.batch.name }}</h1>
      <p class="soft">
        {{ view.batch.isBegun ? `Ready ${view.batch.readySays}` : `Needed ${view.batch.dueSays}`
        }}<template v-if="view.keepsDays">
          · keeps {{ view.keepsDays }} {{ view.keepsDays === 1 ? 'day' : 'days' }}, today counted</template
        ><template v-if="view.isChilled"> · at 5 °C or below</template>
      </p>
      <p class="amount">
        <label for="grams">Make</label>
        <InputText
          id="grams"
          v-model="typed"
          :placeholder="`${Math.round(view.batch.grams)}`"
          class="big"
          inputmode="decimal"
          data-test="grams"
        />
        g
        <label for="who">by</label>
        <InputText id="who" v-model="who" class="who" placeholder="initials" data-test="who" />
        <Button
          v-if="!view.begunAt"
          label="Begin"
          icon="pi pi-play"
          :disabled="isBusy"
          data-test="begin-it"
          @click="start"
        />
        <span v-else class="soft" data-test="begun">Begun</span>
      </p>
      <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
      <p class="amount">
        <Button
          :label="isScaleOpen ? 'Put the scale away' : 'Weigh along'"
          severity="secondary"
          outlined
          data-test="weigh-along"
          @click="isScaleOpen = !isScaleOpen"
        />
        <span v-if="isScaleOpen && next && toGo !== null" role="status" data-test="to-go">
          {{ next.name }}: {{ toGo >= 0 ? `${mass(toGo)} to go` : `${mass(-toGo)} too much` }}
          <Button label="It is in" :disabled="!ready" data-test="it-is-in" @click="weighed" />
        </span>
      </p>
      <ul class="lines">
        <li v-for="line in view.lines" :key="line.item">
          <button
            type="button"
            :aria-pressed="ticked.has(line.item)"
            data-test="into"
            @click="tick(line.item)"
          >
            <span class="tick" aria-hidden="true">{{ ticked.has(line.item) ? '✓' : '' }}</span>
            <strong>{{ mass(line.grams) }}</strong>
            <span>
              {{ line.name }}
              <span class="soft">
                <template v-if="line.ml !== null">{{ reading(line.ml, 'ml') }}</template>
                <template v-if="line.lots.length > 0">
                  · take lot {{ line.lots.join(', then ') }} first</template
                >
              </span>
            </span>
          </button>
        </li>
        <li v-if="view.waterGrams !== null">
          <button type="button" :aria-pressed="ticked.has('water')" @click="tick('water')">
            <span class="tick" aria-hidden="true">{{ ticked.has('water') ? '✓' : '' }}</span>
            <strong>{{ mass(view.waterGrams) }}</strong> <span>water</span>
          </button>
        </li>
      </ul>
      <ol v-if="view.steps.length > 0" class="steps">
        <li v-for="(step, i) in view.steps" :key="i">{{ step }}.</li>
      </ol>
      <ul class="timers">
        <li v-for="each in view.timers" :key="each.name" :class="{ over: (left(each.endsAt) ?? 1) < 0 }">
          <strong>{{ each.name }}</strong>
          <span v-if="left(each.endsAt) === null" class="soft"
            >{{ span(each.minutes) }} from when the work is done</span
          >
          <span v-else-if="(left(each.endsAt) ?? 0) >= 0" class="clock" data-test="timer">{{
            clock(left(each.endsAt) ?? 0)
          }}</span>
          <span v-else class="clock">{{ clock(-(left(each.endsAt) ?? 0)) }} ago</span>
        </li>
      </ul>
      <section v-if="view.batch.isCooked && view.begunAt !== null" class="cooling" aria-label="Cooling">
        <p v-if="cooling.data.value" role="status" class="verdict" data-test="cooling">
          {{ cooling.data.value.says }}
        </p>
        <form class="amount" @submit.prevent="note(false)">
          <Button
            v-if="cooling.data.value?.isSinceBegun"
            label="Off the heat now"
            severity="secondary"
            outlined
            data-test="off-heat"
            @click="note(true)"
          />
          <label for="celsius">It is now at</label>
          <InputText id="celsius" v-model="celsius" class="who" inputmode="decimal" data-test="celsius" />
          °C
          <Button type="submit" label="Record" severity="secondary" outlined data-test="note-celsius" />
        </form>
        <p v-if="cooling.data.value?.isSinceBegun" class="soft">
          Nobody recorded when it left the heat, so the time counts from the start of the batch.
        </p>
        <ul v-if="cooling.data.value?.readings.length" data-test="readings">
          <li v-for="(noted, i) in cooling.data.value.readings" :key="i">
            {{ when(noted.at) }}:
            {{ noted.celsius === null ? 'left the heat' : `${decimal(noted.celsius, 1)} °C`
            }}<template v-if="noted.who">, {{ noted.who }}</template>
          </li>
        </ul>
      </section>
      <form class="amount finish" @submit.prevent="finish">
        <label for="really">Really made</label>
        <InputText
          id="really"
          v-model="really"
          :placeholder="`${Math.round(view.grams)}`"
          class="big"
          inputmode="decimal"
          data-test="really"
        />
        g
        <Button type="submit" label="Done" icon="pi pi-check" data-test="done" />
      </form>
    </template>
    <div class="dock"><ScalePanel /></div>
  </main>
</template>

<style scoped>
/* To be read from where the pot stands. */
.verdict {
  margin: 0.6rem 0;
  font-weight: 600;
  font-size: 1.35rem;
}

.batch-page {
  max-width: 52rem;
}

h1 {
  font-size: 2rem;
}

.amount {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  margin: 0.75rem 0;
  font-size: 1.2rem;
}

.amount :deep(button) {
  min-height: 3.5rem;
  font-size: 1.2rem;
}

.big {
  width: 7rem;
  font-weight: 700;
  font-size: 1.4rem;
}

.who {
  width: 6rem;
}

.lines,
.timers {
  margin: 0;
  padding: 0;
  list-style: none;
}

.lines button {
  display: flex;
  flex-wrap: wrap;
  gap: 0.9rem;
  align-items: center;
  width: 100%;
  min-height: 4.5rem;
  padding: 0.4rem 0.25rem;
  border: 0;
  border-bottom: 1px solid var(--line);
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 1.2rem;
  text-align: left;
  cursor: pointer;
}

.lines strong {
  flex: 0 0 11rem;
  font-size: 2.6rem;
}

.tick {
  flex: 0 0 2rem;
  height: 2rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.3rem;
  color: var(--cobalt);
  font-weight: 700;
  line-height: 2rem;
  text-align: center;
}

.steps {
  font-size: 1.2rem;
}

.timers li {
  display: flex;
  gap: 1rem;
  align-items: baseline;
  padding: 0.3rem 0;
  font-size: 1.2rem;
}

.clock {
  font-weight: 700;
  font-size: 2.4rem;
}

.timers .over .clock {
  color: var(--warning);
}

.done {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.25rem;
  align-items: baseline;
  padding: 1rem;
  font-size: 1.2rem;
}

/* On a phone in the hand the name stands under its amount. */
@media (width < 40rem) {
  .lines strong {
    flex-basis: auto;
  }

  .timers li {
    flex-wrap: wrap;
  }
}
</style>
