<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import SelectButton from 'primevue/selectbutton'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { SeriesView } from '@/shared/api/types'
import { decimal, timer, when } from '@/shared/format'
import PourChart from './PourChart.vue'

/** What the bar really pours. */
const days = ref(21)
const spans = [
  { value: 7, label: '7 days' },
  { value: 21, label: '3 weeks' },
  { value: 90, label: '3 months' },
]
const poured = useQuery({
  queryKey: computed(() => [...keys.poured, days.value]),
  queryFn: () => ask(api.GET('/api/poured', { params: { query: { days: days.value } } })),
  placeholderData: keepPreviousData,
})
const view = computed(() => poured.data.value ?? null)
const keyOf = ({ series }: SeriesView) => `${series.of} ${series.id} ${series.station ?? ''}`
const chosen = ref<string | null>(null)
const shown = computed(
  () => view.value?.series.find((each) => keyOf(each) === chosen.value) ?? view.value?.series[0] ?? null,
)
/** What the values of a chart are. */
const explained = {
  dispenser: 'How far each pour was from what was to go in.',
  hand: 'How far each pour was from what was to go in.',
  person: 'How far each pour was from what was to go in.',
  pull: 'How long each pull ran. The band is the window of the recipe.',
  drink: 'How far each was from its standard in strength.',
  time: 'How long each took, from the first step to the hand-over.',
} as const
const unitOf = ({ series }: SeriesView) => (['pull', 'time'].includes(series.of) ? 's' : '%')
const nameOf = ({ series }: SeriesView) => `${series.name}${series.station ? `, ${series.station}` : ''}`
type Finding = NonNullable<typeof view.value>['findings'][number]

/** The chart that a finding was read from; a person's is that of everybody. */
const chartOf = (finding: Finding) =>
  view.value?.series.find(
    ({ series }) =>
      series.id === finding.id &&
      (series.station ?? null) === (finding.station ?? null) &&
      (finding.of === 'person' ? series.of === 'hand' : series.of === finding.of),
  )

// The first chart shown is that of what is furthest off.
watch(
  view,
  (now) => {
    const first = now?.findings.map(chartOf).find((each) => each)
    if (now && !now.series.some((each) => keyOf(each) === chosen.value)) {
      chosen.value = first ? keyOf(first) : null
    }
  },
  { immediate: true },
)

function show(finding: Finding): void {
  const chart = chartOf(finding)
  if (chart) {
    chosen.value = keyOf(chart)
  }
}

const percent = (value: number | null) => {
  if (value === null) {
    return '–'
  }

  const whole = decimal(Math.abs(value), 0)
  return whole === '0' ? '0 %' : `${value > 0 ? '+' : '−'}${whole} %`
}
/** A number with a minus and not a hyphen. */
const signed = (value: number) => decimal(value, 1).replace('-', '−')
</script>

<template>
  <main class="page">
    <h1>What was poured</h1>
    <p v-if="poured.error.value" class="error" role="alert">
      {{ ApiProblem.of(poured.error.value).message }}
    </p>
    <template v-if="view">
      <div class="bar">
        <SelectButton
          v-model="days"
          :options="spans"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-label="How far back"
        />
        <span data-test="makes"
          >{{ view.makes }} {{ view.makes === 1 ? 'drink' : 'drinks'
          }}{{ view.read < view.makes ? `, of which the last ${view.read} are looked into` : '' }}</span
        >
        <a :href="`/api/poured/export.csv?days=${days}`" download>All of it as CSV</a>
      </div>
      <p v-if="view.makes === 0" data-test="nothing-poured">
        Nothing has been made with scale and timer yet. Choose a drink
        <RouterLink to="/service">at the bar</RouterLink>
        and make it with them.
      </p>
      <template v-else>
        <section aria-label="What stands out">
          <h2>What stands out</h2>
          <p v-if="view.findings.length === 0">Nothing: what is poured differs by chance alone.</p>
          <ul class="findings">
            <li
              v-for="finding in view.findings"
              :key="finding.says"
              data-test="finding"
              :data-id="finding.id"
            >
              <button type="button" @click="show(finding)">{{ finding.says }}</button>
              <RouterLink
                v-if="finding.of === 'dispenser'"
                :to="`/bar/dispensers/${finding.id}`"
                data-test="to-bench"
                >Weigh it</RouterLink
              >
            </li>
          </ul>
        </section>
        <section v-if="shown" class="chart" :aria-label="`Chart of ${nameOf(shown)}`">
          <h2 data-test="chart-name">{{ nameOf(shown) }}</h2>
          <p class="soft">
            {{ explained[shown.series.of] }}
            Mean {{ signed(shown.chart.centre) }} {{ unitOf(shown)
            }}<template v-if="shown.chart.lower !== null && shown.chart.upper !== null"
              >; a steady hand stays between {{ signed(shown.chart.lower) }} and
              {{ signed(shown.chart.upper) }}</template
            >. {{ shown.out.length }} of {{ shown.series.points.length }} are beyond.
          </p>
          <PourChart :view="shown" />
          <p class="soft">How far each was from the one before.</p>
          <PourChart :view="shown" is-range />
          <div class="series" role="group" aria-label="Of what">
            <button
              v-for="each in view.series"
              :key="keyOf(each)"
              type="button"
              :aria-pressed="keyOf(each) === keyOf(shown)"
              data-test="series"
              @click="chosen = keyOf(each)"
            >
              {{ nameOf(each) }}
            </button>
          </div>
        </section>
        <section>
          <h2>Drinks</h2>
          <div class="scroll">
            <table class="plain">
              <thead>
                <tr>
                  <th scope="col">Drink</th>
                  <th scope="col">Made</th>
                  <th scope="col">Half of them within</th>
                  <th scope="col">As the house wants them</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="drink in view.drinks" :key="drink.drink" data-test="poured-drink">
                  <th scope="row">{{ drink.drink }}</th>
                  <td>{{ drink.makes }}</td>
                  <td>{{ timer(drink.medianSeconds) }}</td>
                  <td>{{ drink.allowed }} of {{ drink.makes }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
        <section>
          <h2>The last ones</h2>
          <div class="scroll">
            <table class="plain">
              <thead>
                <tr>
                  <th scope="col">When</th>
                  <th scope="col">Drink</th>
                  <th scope="col">Who</th>
                  <th scope="col">Strength</th>
                  <th scope="col">Sweetness</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="make in view.last.slice(0, 12)" :key="make.id" data-test="last-make">
                  <td>{{ when(make.at) }}</td>
                  <td>
                    {{ make.drink }}, {{ make.size
                    }}<template v-if="make.station">, {{ make.station }}</template
                    ><template v-if="!make.isDone">, given up</template>
                  </td>
                  <td>{{ make.who ?? '–' }}</td>
                  <td>{{ percent(make.strength) }}</td>
                  <td>{{ percent(make.sweetness) }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
      </template>
    </template>
  </main>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.5rem;
  align-items: center;
  margin: 0.6rem 0;
}

section {
  margin-top: 1rem;
}

.findings {
  margin: 0.3rem 0 0;
  padding: 0;
  list-style: none;
}

.findings li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.2rem;
  align-items: center;
  padding: 0.15rem 0.9rem;
  border-left: 4px solid var(--warning);
  background: var(--warning-wash);
}

.findings li + li {
  margin-top: 0.3rem;
}

.findings button {
  min-height: 2.75rem;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 1.1rem;
  text-align: left;
  cursor: pointer;
}

.series {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

.series button {
  min-height: 2.75rem;
  padding: 0 0.8rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.6rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.series button[aria-pressed='true'] {
  border-color: var(--cobalt);
  background: var(--cobalt-wash);
  font-weight: 600;
}
</style>
