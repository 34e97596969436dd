<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useBuilds } from '@/shared/api/queries'
import type { WhatIfView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { typedNumber } from '@/shared/typedNumber'
import { mass, money, span } from './words'

/** Another plan beside this one: more cups, one machine down, another menu. Nothing is kept. */
const props = defineProps<{ currency: string }>()
const settings = useQuery({
  queryKey: [...keys.prep, 'settings'],
  queryFn: () => ask(api.GET('/api/prep/settings')),
})
const builds = useBuilds()
const standards = computed(() => (builds.data.value ?? []).filter(({ standard }) => standard !== null))
const others = computed(() => (builds.data.value ?? []).filter(({ state }) => state !== 'retired'))
const cups = ref('')
const iced = ref('')
const without = ref<string | null>(null)
const off = ref<string[]>([])
const instead = ref<string[]>([])
const view = ref<WhatIfView | null>(null)
const problem = ref('')

const percent = (text: string) =>
  text.trim() === '' ? null : 100 + typedNumber(text.replace('%', '').replace('+', ''))

async function tryIt(): Promise<void> {
  problem.value = ''
  try {
    const [cupsPercent, icedPercent] = [percent(cups.value), percent(iced.value)]
    if (Number.isNaN(cupsPercent) || Number.isNaN(icedPercent)) {
      problem.value = 'More or fewer cups are said in percent, such as +20 or -10.'
      return
    }

    view.value = await ask(
      api.POST('/api/prep/what-if', {
        body: { cupsPercent, icedPercent, without: without.value, off: off.value, instead: instead.value },
      }),
    )
  } catch (error) {
    problem.value = ApiProblem.of(error).message
  }
}

const rows = computed(() => {
  if (!view.value) {
    return []
  }

  const { now, then, nowOrders, thenOrders, nowConflicts, thenConflicts } = view.value
  return [
    ['Cups', decimal(now.cups, 0), decimal(then.cups, 0)],
    ['Batches', `${now.batches}`, `${then.batches}`],
    ['Hours of work', span(now.workMinutes), span(then.workMinutes)],
    ['Most in the fridge', `${decimal(now.fridgeLitres, 1)} l`, `${decimal(then.fridgeLitres, 1)} l`],
    [
      'Expected to go over date',
      `${mass(now.wasteGrams)}, ${money(now.wasteCost, props.currency)}`,
      `${mass(then.wasteGrams)}, ${money(then.wasteCost, props.currency)}`,
    ],
    ['What it all costs', money(now.cost, props.currency), money(then.cost, props.currency)],
    ['To be ordered', money(nowOrders, props.currency), money(thenOrders, props.currency)],
    ['Not solved', `${nowConflicts.length}`, `${thenConflicts.length}`],
  ]
})
</script>

<template>
  <section class="what-if" data-test="what-if">
    <h2>What if …</h2>
    <form class="ask" @submit.prevent="tryIt">
      <label
        >all cups, % <InputText v-model="cups" placeholder="+20" class="short" data-test="if-cups"
      /></label>
      <label
        >iced cups, % <InputText v-model="iced" placeholder="+20" class="short" data-test="if-iced"
      /></label>
      <label>
        one down
        <Select
          v-model="without"
          :options="settings.data.value?.document.equipment ?? []"
          option-label="name"
          option-value="id"
          show-clear
          placeholder="nothing"
          data-test="if-without"
        />
      </label>
      <label>
        off the board
        <MultiSelect
          v-model="off"
          :options="standards"
          option-label="name"
          option-value="id"
          placeholder="nothing"
          :max-selected-labels="2"
          data-test="if-off"
        />
      </label>
      <label>
        and instead
        <MultiSelect
          v-model="instead"
          :options="others"
          option-label="name"
          option-value="id"
          placeholder="nothing"
          :max-selected-labels="2"
          data-test="if-instead"
        />
      </label>
      <Button type="submit" label="Compare" data-test="compare" />
    </form>
    <p v-if="problem" class="error" role="alert">{{ problem }}</p>
    <table v-if="view" class="plain" data-test="compared">
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">Figure</span></th>
          <th scope="col">As planned</th>
          <th scope="col">What if</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="[name, now, then] in rows" :key="name">
          <th scope="row">{{ name }}</th>
          <td>{{ now }}</td>
          <td :class="{ other: now !== then }">{{ then }}</td>
        </tr>
      </tbody>
    </table>
    <ul v-if="view">
      <li v-for="(conflict, i) in view.thenConflicts" :key="i">{{ conflict.says }}</li>
    </ul>
  </section>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: flex-end;
  margin: 0.5rem 0;
}

.ask label {
  display: flex;
  flex-direction: column;
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.short {
  width: 6rem;
}

.other {
  font-weight: 650;
}
</style>
