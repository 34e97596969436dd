<script setup lang="ts">
import { computed } from 'vue'
import type { CardsView } from '@/shared/api/types'
import { cautionsOf } from './cautions'
import CardCode from './CardCode.vue'
import CardHead from './CardHead.vue'
import PlanCup from './PlanCup.vue'
import { rowsOf } from './rows'

/** Every size of a drink side by side on a card of A5. */
const props = defineProps<{ cards: CardsView }>()

const rows = computed(() => rowsOf(props.cards.plans))
</script>

<template>
  <article class="card" data-test="card">
    <CardHead :cards="cards" />
    <table>
      <thead>
        <tr>
          <th scope="col">
            <CardCode class="code" :build="cards.build" /><span class="visually-hidden">What goes in</span>
          </th>
          <th v-for="plan in cards.plans" :key="plan.size" scope="col">
            <span class="cup"><PlanCup :plan="plan" /></span>
            {{ plan.sizeName }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ key, place, step, cells } in rows" :key="key" data-test="card-step">
          <th scope="row">
            {{ place }} {{ step.title }}
            <span class="how">{{ step.how }}</span>
          </th>
          <td v-for="(cell, column) in cells" :key="column">
            <strong>{{ cell?.amount ?? '–' }}</strong>
            <span v-if="cell?.beside" class="beside">{{ cell.beside }}</span>
            <span v-if="cell?.shot" class="how">{{ cell.shot.says }}</span>
            <span v-if="cell?.meanwhile" class="how">{{ cell.meanwhile }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <footer>
      <p v-for="sentence in cards.allergens" :key="sentence" class="told">{{ sentence }}</p>
      <p v-for="caution in cautionsOf(cards.plans)" :key="caution">{{ caution }}</p>
    </footer>
  </article>
</template>

<style scoped>
.card {
  width: 210mm;
  min-height: 148mm;
  padding: 4mm 6mm;
  background: #fff;
  color: #10181b;
  font-size: 8pt;
  line-height: 1.15;
}

table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}

th,
td {
  padding: 0.6mm 1.5mm;
  border-bottom: 0.2mm solid #9aa6ab;
  text-align: left;
  vertical-align: top;
}

tr {
  break-inside: avoid;
}

th:first-child {
  width: 30%;
}

.code {
  width: 19mm;
  height: 19mm;
}

.cup {
  display: block;
  height: 20mm;
}

td strong {
  display: block;
  font-size: 14pt;
  font-variant-numeric: tabular-nums;
  line-height: 1.1;
}

.how,
.beside {
  display: block;
  font-weight: 400;
  font-size: 7pt;
}

footer {
  columns: 2;
  column-gap: 4mm;
  margin-top: 1.5mm;
  font-size: 6pt;
}

footer p {
  margin: 0 0 0.4mm;
}

.told {
  font-weight: 600;
}
</style>
