<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { day } from '@/shared/format'
import PrepNav from './PrepNav.vue'
import { money, quantity, shortDay } from './words'

/** What has to be bought: what is most pressing stands first. */
const order = useQuery({ queryKey: [...keys.prep, 'order'], queryFn: () => ask(api.GET('/api/prep/order')) })
const view = computed(() => order.data.value ?? null)
const late = computed(() => (view.value?.rows ?? []).filter(({ isLate }) => isLate))
const unit = (kind: string | undefined) => (kind === 'cup' ? 'cups' : 'g')
</script>

<template>
  <main class="page">
    <PrepNav />
    <div class="head">
      <h1>Order</h1>
      <span v-if="view" class="total" data-test="cost">{{ money(view.cost, view.currency) }}</span>
    </div>
    <p v-if="order.error.value" class="error" role="alert">{{ ApiProblem.of(order.error.value).message }}</p>
    <template v-if="view">
      <p class="soft">
        What lasts until {{ day(view.until) }}, and what is to stand there afterwards, less what is in stock;
        in whole packs. <a href="/api/prep/order.csv" data-test="csv">As CSV</a> ·
        <a href="/api/prep/order.xlsx" data-test="xlsx">as a workbook</a>
      </p>
      <p v-if="late.length > 0" class="banner fault" data-test="late">
        <strong
          >Cannot come in time by their usual way: {{ late.map(({ name }) => name).join(', ') }}.</strong
        >
      </p>
      <p v-if="view.rows.length === 0">Nothing has to be bought: nothing is expected to sell.</p>
      <div v-else class="scroll">
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col" class="number">Packs</th>
              <th scope="col">Pack</th>
              <th scope="col" class="number">Cost</th>
              <th scope="col">Order by</th>
              <th scope="col">Runs out</th>
              <th scope="col" class="number">Needed</th>
              <th scope="col" class="number">In stock</th>
              <th scope="col" class="number">To stand there</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in view.rows"
              :key="`${row.item.kind}:${row.item.id}`"
              data-test="row"
              :class="{ done: row.packs === 0 }"
            >
              <th scope="row">{{ row.name }}</th>
              <td class="number packs">{{ row.packs ?? '?' }}</td>
              <td>{{ row.packSays ?? 'no pack is entered' }}</td>
              <td class="number">{{ row.cost === null ? '' : money(row.cost, view.currency) }}</td>
              <td :class="{ error: row.isLate }">
                {{ row.orderBy ? shortDay(row.orderBy) : '' }}{{ row.isLate ? ' (over)' : '' }}
              </td>
              <td>{{ row.runsOut ? shortDay(row.runsOut) : 'lasts' }}</td>
              <td class="number">{{ quantity(row.needed, unit(row.item.kind)) }}</td>
              <td class="number">{{ quantity(row.inStock, unit(row.item.kind)) }}</td>
              <td class="number">{{ row.par > 0 ? quantity(row.par, unit(row.item.kind)) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </main>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
}

.total,
.packs {
  font-weight: 700;
  font-size: 1.3rem;
}

.number {
  text-align: right;
  white-space: nowrap;
}

.done {
  color: var(--ink-soft);
}
</style>
