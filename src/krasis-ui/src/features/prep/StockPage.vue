<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { day } from '@/shared/format'
import { tell } from '@/shared/notice/notice'
import { typedNumber } from '@/shared/typedNumber'
import LotForm from './LotForm.vue'
import PrepNav from './PrepNav.vue'
import { useStock, type StockLine } from './useStock'
import { money, quantity, shortDay } from './words'

/** What is in stock, lot by lot: what has to be used first stands first. */
const { stock, problem, write } = useStock()
const who = useStorage('krasis.who', '')
const sought = ref('')
const open = ref<string | null>(null)
const marked = ref(new Set<string>())
const item = ref<string | null>(null)
const packs = ref('')
const amount = ref('')
const useBy = ref('')
const lots = computed(() =>
  (stock.value?.lots ?? []).filter(({ name, lot }) =>
    `${name} ${lot}`.toLowerCase().includes(sought.value.trim().toLowerCase()),
  ),
)
/** Whatever is being looked for: what is over date must not be hidden by it. */
const over = computed(() => (stock.value?.lots ?? []).filter(({ isOver }) => isOver))
const chosen = computed(() => stock.value?.items.find((each) => each.item === item.value) ?? null)

async function happened(line: StockLine): Promise<void> {
  if (await write(line)) {
    open.value = null
  }
}

async function came(): Promise<void> {
  const [many, much] = [typedNumber(packs.value), typedNumber(amount.value)]
  const said = Number.isFinite(much) ? { amount: much } : Number.isFinite(many) ? { packs: many } : null
  if (!item.value || said === null) {
    tell({ text: 'Say what came, and how much: packs, or grams.', isFault: true })
    return
  }

  if (
    await write({
      move: 'bought',
      item: item.value,
      ...said,
      useBy: useBy.value || null,
      who: who.value || null,
    })
  ) {
    packs.value = ''
    amount.value = ''
    useBy.value = ''
  }
}

function mark(lot: string): void {
  const next = new Set(marked.value)
  if (!next.delete(lot)) {
    next.add(lot)
  }

  marked.value = next
}
</script>

<template>
  <main class="page">
    <PrepNav />
    <div class="head">
      <h1>Stock</h1>
      <span class="tools">
        <label for="stock-who">I am</label>
        <InputText id="stock-who" v-model="who" class="short" placeholder="initials" />
        <RouterLink :to="`/prep/labels?lots=${[...marked].join(',')}`" data-test="labels">
          Print labels{{ marked.size > 0 ? ` of ${marked.size}` : '' }}
        </RouterLink>
      </span>
    </div>
    <p v-if="problem" class="error" role="alert">{{ problem.message }}</p>
    <template v-if="stock">
      <p v-if="over.length > 0" class="banner fault" data-test="over">
        <strong>Over date: {{ over.map(({ name, lot }) => `${name} (${lot})`).join(', ') }}.</strong> Throw it
        away.
      </p>
      <form class="tools came" @submit.prevent="came">
        <strong>Came in:</strong>
        <Select
          v-model="item"
          :options="stock.items"
          option-label="name"
          option-value="item"
          filter
          placeholder="What"
          aria-label="What came in"
          data-test="came"
        />
        <label v-if="chosen?.packSays">
          <InputText v-model="packs" class="short" inputmode="decimal" data-test="packs" /> ×
          {{ chosen.packSays }}
        </label>
        <label>
          {{ chosen?.packSays ? 'or' : '' }}
          <InputText
            v-model="amount"
            class="short"
            inputmode="decimal"
            aria-label="Amount"
            data-test="amount"
          />
          {{ chosen?.unit ?? 'g' }}
        </label>
        <label
          >use by <InputText v-model="useBy" class="date" placeholder="2026-12-31" data-test="use-by"
        /></label>
        <Button type="submit" label="Take it in" data-test="take-in" />
      </form>
      <InputText v-model="sought" type="search" placeholder="Find in stock" aria-label="Find in stock" />
      <div v-if="lots.length > 0" class="scroll">
        <table class="plain" data-test="lots">
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">Label</span></th>
              <th scope="col">What</th>
              <th scope="col">Lot</th>
              <th scope="col" class="number">Left</th>
              <th scope="col">Since</th>
              <th scope="col">Use by</th>
              <th scope="col" class="number">Worth</th>
              <th scope="col"><span class="visually-hidden">What happened</span></th>
            </tr>
          </thead>
          <tbody>
            <template v-for="lot in lots" :key="lot.lot">
              <tr :class="{ over: lot.isOver }" data-test="lot" :data-lot="lot.lot">
                <td class="check">
                  <input
                    type="checkbox"
                    :checked="marked.has(lot.lot)"
                    :aria-label="`Label of ${lot.lot}`"
                    @change="mark(lot.lot)"
                  />
                </td>
                <th scope="row">{{ lot.name }}</th>
                <td>
                  <RouterLink :to="`/prep/lots/${lot.lot}`">{{ lot.lot }}</RouterLink>
                </td>
                <td class="number">
                  <strong>{{ quantity(lot.left, lot.unit) }}</strong>
                </td>
                <td>
                  {{ shortDay(lot.since)
                  }}<template v-if="lot.openedOn">, opened {{ shortDay(lot.openedOn) }}</template>
                </td>
                <td>
                  <template v-if="lot.useBy">{{ day(lot.useBy) }}</template>
                  <strong v-if="lot.isOver"> over date</strong>
                </td>
                <td class="number">{{ lot.worth === null ? '' : money(lot.worth, stock.currency) }}</td>
                <td>
                  <Button
                    label="What happened …"
                    text
                    size="small"
                    data-test="open-lot"
                    @click="open = open === lot.lot ? null : lot.lot"
                  />
                </td>
              </tr>
              <tr v-if="open === lot.lot">
                <td colspan="8"><LotForm :lot="lot" :who="who" @write="happened" @close="open = null" /></td>
              </tr>
            </template>
          </tbody>
        </table>
      </div>
      <p v-if="lots.length === 0">Nothing is in stock, by the book.</p>
      <h2>Thrown away in the last 30 days: {{ money(stock.thrownCost, stock.currency) }}</h2>
      <ul data-test="thrown">
        <li v-for="(each, i) in stock.thrown" :key="i">
          {{ day(each.day) }}: {{ quantity(each.amount, 'g') }} {{ each.name }} ({{ each.lot }}),
          {{ each.reason }}<template v-if="each.who">, {{ each.who }}</template
          ><template v-if="each.cost !== null">, {{ money(each.cost, stock.currency) }}</template>
        </li>
      </ul>
    </template>
  </main>
</template>

<style scoped>
.head,
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

.came {
  margin: 0.75rem 0;
}

.short {
  width: 5.5rem;
}

.date {
  width: 8.5rem;
}

td a,
.number {
  white-space: nowrap;
}

.number {
  text-align: right;
}

.check input {
  width: 1.4rem;
  height: 1.4rem;
}

.over {
  background: var(--fault-wash);
}

h2 {
  margin-top: 1.25rem;
}
</style>
