<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { timer } from '@/shared/format'
import type { OrderTask } from '@/shared/api/types'
import BarHead from './BarHead.vue'
import { order } from './order'
import { station } from './useBoard'
import { queryOf } from './wish'

/** Several drinks at once: in which order, what they share, and what stands how long. */
const planned = useQuery({
  queryKey: computed(() => [...keys.order, station.value, order.value]),
  queryFn: () =>
    ask(
      api.POST('/api/order', {
        body: {
          station: station.value,
          drinks: order.value.map(({ build, size, wish }) => ({ build, size, wish })),
        },
      }),
    ),
  enabled: computed(() => order.value.length > 0),
  placeholderData: keepPreviousData,
})
const plan = computed(() => (order.value.length > 0 ? (planned.data.value ?? null) : null))
const inOrder = computed(() =>
  (plan.value?.sequence ?? []).flatMap((i) => {
    const drink = order.value[i]
    return drink ? [{ i, drink }] : []
  }),
)
const names = (drinks: number[]) => drinks.map((i) => order.value[i]?.says ?? '').join(' and ')
const many = (one: string, some: string, count: number) =>
  Array.from({ length: count }, (_, which) => (count === 1 ? one : `${some} ${which + 1}`))
/** Each barista and each group, and what stands. */
const places = computed(() => [
  ...many('You', 'Barista', plan.value?.places.baristas ?? 1).map((label, which) => ({
    place: 'hands' as const,
    which,
    label,
  })),
  ...many('The machine', 'Group', plan.value?.places.groups ?? 1).map((label, which) => ({
    place: 'machine' as const,
    which,
    label,
  })),
  { place: 'stands' as const, which: 0, label: 'Stands' },
])
/** Where each thing stands in its row: what overlaps goes a row lower. */
const rows = computed(() =>
  places.value.map(({ place, which, label }) => {
    const lanes: OrderTask[][] = []
    for (const task of plan.value?.tasks.filter((each) => each.place === place && each.which === which) ??
      []) {
      const lane = lanes.find((each) => (each.at(-1)?.to ?? 0) <= task.from + 1e-6)
      if (lane) {
        lane.push(task)
      } else {
        lanes.push([task])
      }
    }

    return { label, lanes }
  }),
)
/** What the hands do, and what they start, from the first to the last. */
const work = computed(() => (plan.value?.tasks ?? []).filter((task) => task.place !== 'stands'))
/** Who and what makes the order, as the house has entered it. */
const at = computed(() => {
  const { baristas, groups, wands } = plan.value?.places ?? { baristas: 1, groups: 1, wands: 1 }
  const say = (count: number, one: string) => (count === 1 ? `one ${one}` : `${count} ${one}s`)
  return `${say(baristas, 'barista')}, ${say(groups, 'group')}, ${say(wands, 'steam wand')}`
})
const share = (seconds: number) => `${(seconds / (plan.value?.seconds || 1)) * 100}%`

function take(i: number): void {
  order.value = order.value.filter((_, at) => at !== i)
}
</script>

<template>
  <BarHead title="The order" back="/service" back-label="The board" />
  <main class="order">
    <h1 class="visually-hidden">The order</h1>
    <p v-if="order.length === 0" class="nothing" data-test="empty">
      Nothing is in the order. Choose a drink on the board, its cup, and “Add to the order”.
    </p>
    <p v-if="planned.error.value" class="error" role="alert">
      {{ ApiProblem.of(planned.error.value).message }}
    </p>
    <template v-if="plan && plan.sequence.length === order.length">
      <p class="time">
        <strong data-test="total">{{ timer(plan.seconds) }}</strong> for all of it{{
          plan.places.baristas === 1 ? ', of which you wait' : '; the baristas wait, all together,'
        }}
        {{ timer(plan.waiting) }}
      </p>
      <ol class="drinks" data-test="sequence">
        <li v-for="{ i, drink } in inOrder" :key="i">
          <RouterLink :to="{ path: `/service/${drink.build}/${drink.size}`, query: queryOf(drink.wish) }">{{
            drink.says
          }}</RouterLink>
          <Button icon="pi pi-times" text rounded :aria-label="`Take ${drink.says} out`" @click="take(i)" />
        </li>
      </ol>
      <ul class="shares" data-test="shares">
        <li v-for="(pull, i) in plan.pulls.filter(({ drinks }) => drinks.length > 1)" :key="`pull-${i}`">
          One pull of {{ pull.recipe }} for {{ names(pull.drinks) }}.
        </li>
        <li v-for="(pitcher, i) in plan.pitchers" :key="`pitcher-${i}`">
          {{ Math.round(pitcher.cold) }} ml of {{ pitcher.milk }} to {{ pitcher.foam
          }}<template v-if="pitcher.pitcher"> in the {{ pitcher.pitcher }}</template> for
          {{ names(pitcher.drinks) }}.
        </li>
      </ul>
      <ul v-if="plan.warnings.length > 0" class="warnings" data-test="warnings">
        <li v-for="warning in plan.warnings" :key="warning">{{ warning }}</li>
      </ul>
      <p v-if="plan.help" class="help" data-test="help">{{ plan.help }}</p>
      <section class="line" aria-label="What is done when" data-test="timeline">
        <div v-for="row in rows" :key="row.label" class="row">
          <span class="who">{{ row.label }}</span>
          <div class="lanes">
            <div v-for="(lane, i) in row.lanes" :key="i" class="lane">
              <span
                v-for="(task, j) in lane"
                :key="j"
                class="task"
                :class="[task.place, { long: task.isTooLong }]"
                :style="{ left: share(task.from), width: share(task.to - task.from) }"
                :title="`${task.what}, ${timer(task.from)} to ${timer(task.to)}`"
                ><b v-if="task.drink !== null">{{ plan.sequence.indexOf(task.drink ?? -1) + 1 }}</b>
                {{ task.what }}</span
              >
            </div>
          </div>
        </div>
      </section>
      <table class="when" data-test="when">
        <caption class="visually-hidden">
          What you do, and when
        </caption>
        <tbody>
          <tr v-for="(task, i) in work" :key="i">
            <th scope="row">{{ timer(task.from) }}</th>
            <td v-if="plan.places.baristas > 1">
              {{ task.place === 'hands' ? `Barista ${task.which + 1}` : '' }}
            </td>
            <td>{{ task.what }}</td>
            <td>{{ task.drink === null ? '' : (order[task.drink ?? -1]?.says ?? '') }}</td>
          </tr>
        </tbody>
      </table>
      <p class="soft">
        With {{ at }}, and common times, not this bar’s own. You set these, and how long anything may stand,
        in the house’s rules.
      </p>
      <Button label="Begin a new order" outlined severity="secondary" data-test="clear" @click="order = []" />
    </template>
  </main>
</template>

<style scoped>
.order {
  padding: 1rem 1.5rem 3rem;
}

.nothing,
.time {
  font-size: 1.35rem;
}

.time strong {
  font-size: 3.75rem;
}

.drinks {
  margin: 0.5rem 0;
  padding-left: 2rem;
  font-size: 1.35rem;
}

.drinks li {
  padding: 0.1rem 0;
}

.shares,
.warnings {
  margin: 0.6rem 0;
  padding-left: 1.2rem;
  font-size: 1.15rem;
}

.warnings {
  color: var(--fault);
}

.help {
  font-size: 1.15rem;
}

.when {
  margin: 1rem 0;
  font-size: 1.15rem;
}

.when th {
  padding-right: 1rem;
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.when td {
  padding-right: 1rem;
}

.row {
  display: grid;
  grid-template-columns: 7rem 1fr;
  align-items: start;
  padding: 0.3rem 0;
  border-top: 1px solid var(--line);
}

.who {
  font-weight: 600;
}

.lane {
  position: relative;
  height: 2.2rem;
}

.task {
  position: absolute;
  top: 1px;
  bottom: 1px;
  box-sizing: border-box;
  overflow: hidden;
  padding: 0.35rem 0.3rem;
  border: 1px solid var(--porcelain);
  border-radius: 0.35rem;
  background: var(--cobalt-wash);
  font-size: 0.85rem;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.machine {
  background: var(--glass);
}

.stands {
  border: 1px dashed var(--line-strong);
  background: none;
}

.long {
  border: 2px solid var(--fault);
  background: var(--fault-wash);
}
</style>
