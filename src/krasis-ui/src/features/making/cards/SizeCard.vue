<script setup lang="ts">
import type { CardsView, MakingPlan } from '@/shared/api/types'
import AllergenLine from '@/shared/AllergenLine.vue'
import { cautionsOf } from './cautions'
import CardCode from './CardCode.vue'
import CardHead from './CardHead.vue'
import PlanCup from './PlanCup.vue'
import { groupsOf } from './rows'

/** One size of a drink on a card of A6, to be read at arm's length. */
defineProps<{ cards: CardsView; plan: MakingPlan }>()
</script>

<template>
  <article class="card" data-test="card">
    <CardHead :cards="cards" :size="plan.sizeName" />
    <div class="body">
      <div class="cup"><PlanCup :plan="plan" /></div>
      <ol>
        <li v-for="{ number, steps } in groupsOf(plan.steps)" :key="number" data-test="card-step">
          <span class="number" :class="{ small: !steps[0]?.amount || steps.length > 1 }" aria-hidden="true">{{
            number
          }}</span>
          <span v-if="steps.length > 1" class="what">{{ steps[0]?.into }}</span>
          <div
            v-for="step in steps"
            :key="step.line ?? step.title"
            class="step"
            :class="{ plain: !step.amount }"
          >
            <span class="much">
              <strong v-if="step.amount" class="amount">{{ step.amount }}</strong>
              <span class="what">{{ step.title }}</span>
              <span v-if="step.beside" class="beside">{{ step.beside }}</span>
            </span>
            <span v-if="steps.length === 1 || step.how !== `${step.into}.`" class="how">
              <template v-if="step.shot">{{ step.shot.says }}.</template>
              {{ step.how }} {{ step.meanwhile }}
            </span>
          </div>
        </li>
      </ol>
    </div>
    <footer>
      <CardCode class="code" :build="cards.build" :size="plan.size" />
      <AllergenLine class="told" :says="plan.allergens" />
      <p v-for="caution in cautionsOf([plan])" :key="caution">{{ caution }}</p>
    </footer>
  </article>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  width: 105mm;
  min-height: 148mm;
  padding: 4mm;
  background: #fff;
  color: #10181b;
  font-size: 8pt;
  line-height: 1.15;
}

.body {
  display: flex;
  flex: 1;
  gap: 2mm;
}

.cup {
  flex: none;
  width: 32mm;
  height: 62mm;
}

ol {
  flex: 1;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  position: relative;
  margin-bottom: 0.8mm;
  padding-left: 5mm;
  break-inside: avoid;
}

.number {
  position: absolute;
  top: 2.2mm;
  left: 0;
  font-weight: 700;
  font-size: 9pt;
}

.number.small {
  top: 0.4mm;
}

.step + .step {
  margin-top: 0.4mm;
}

.much {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.8mm;
  align-items: baseline;
}

.amount {
  font-size: 19pt;
  font-variant-numeric: tabular-nums;
  line-height: 1.1;
}

.what {
  font-weight: 600;
  font-size: 11pt;
}

.beside {
  font-size: 9pt;
}

.how {
  display: block;
}

/* What is only done takes one line. */
.plain .much,
.plain .how {
  display: inline;
}

.plain .what {
  margin-right: 1mm;
  font-size: 9pt;
}

footer {
  padding-top: 1mm;
  border-top: 0.2mm solid #10181b;
  font-size: 6pt;
  line-height: 1.1;
}

.code {
  float: right;
  width: 16mm;
  height: 16mm;
  margin-left: 2mm;
}

.told {
  font-size: 7.5pt;
}

footer p {
  margin: 0 0 0.4mm;
}
</style>
