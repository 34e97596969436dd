<script setup lang="ts">
import { computed } from 'vue'
import type { CardsView } from '@/shared/api/types'
import { cautionsOf } from './cautions'
import CardCode from './CardCode.vue'
import CardHead from './CardHead.vue'
import { rowsOf } from './rows'

/** Every size of a drink in a row of its own, its steps side by side: a strip for the back of the bar. */
const props = defineProps<{ cards: CardsView }>()

const steps = computed(() => rowsOf(props.cards.plans).filter(({ step }) => step.line))
</script>

<template>
  <article class="card" data-test="card">
    <CardHead :cards="cards" />
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">Cup</span></th>
          <th v-for="{ key, step } in steps" :key="key" scope="col">{{ step.title }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(plan, i) in cards.plans" :key="plan.size" data-test="strip-size">
          <th scope="row">{{ plan.sizeName }}</th>
          <td v-for="{ key, cells } in steps" :key="key">
            <strong>{{ cells[i]?.amount ?? '–' }}</strong>
          </td>
        </tr>
      </tbody>
    </table>
    <CardCode class="code" :build="cards.build" />
    <p v-for="sentence in [...cards.allergens, ...cautionsOf(cards.plans)]" :key="sentence">{{ sentence }}</p>
  </article>
</template>

<style scoped>
.card {
  width: 297mm;
  min-height: 74mm;
  box-sizing: border-box;
  padding: 4mm 6mm;
  background: #fff;
  color: #10181b;
  font-size: 9pt;
  line-height: 1.15;
}

.code {
  float: right;
  width: 15mm;
  height: 15mm;
  margin-top: 1mm;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0.8mm 2mm 0.8mm 0;
  border-bottom: 0.2mm solid #9aa6ab;
  text-align: left;
  vertical-align: baseline;
}

td strong {
  font-size: 18pt;
  font-variant-numeric: tabular-nums;
  line-height: 1.1;
}

tbody th {
  font-size: 14pt;
}

p {
  margin: 1mm 0 0;
  font-size: 8pt;
}
</style>
