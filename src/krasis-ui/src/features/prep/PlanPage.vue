<script setup lang="ts">
import { computed, ref } from 'vue'
import BatchBox from './BatchBox.vue'
import PlanTimeline from './PlanTimeline.vue'
import PrepNav from './PrepNav.vue'
import WhatIfBox from './WhatIfBox.vue'
import { usePlan } from './usePlan'
import { mass, money, quantity, shortDay, span } from './words'

/** What has to be made, and when. */
const { plan, problem, isBusy, trouble, move, let: letBatch } = usePlan()
const chosen = ref<string | null>(null)
const batch = computed(() => plan.value?.batches.find(({ key }) => key === chosen.value) ?? null)
const next = computed(
  () => plan.value?.batches.find(({ begin, isBegun }) => begin !== null && !isBegun) ?? null,
)

function show(key: string | null): void {
  if (key && plan.value?.batches.some((each) => each.key === key)) {
    chosen.value = key
  }
}
</script>

<template>
  <main class="page">
    <h1 class="visually-hidden">Prep</h1>
    <PrepNav />
    <p v-if="problem" class="error" role="alert">{{ problem.message }}</p>
    <template v-if="plan">
      <p v-if="!plan.isSetUp" class="banner" data-test="not-set-up">
        Nobody has said yet when you prepare, in what batches and on what.
        <RouterLink to="/prep/settings">How we prepare</RouterLink>
      </p>
      <section v-if="plan.conflicts.length > 0" class="conflicts" data-test="conflicts">
        <div
          v-for="(conflict, i) in plan.conflicts"
          :key="i"
          class="banner fault"
          data-test="conflict"
          :data-kind="conflict.kind"
        >
          <strong>{{ conflict.says }}</strong>
          <span v-if="conflict.would.length > 0">
            What would help, each by itself: {{ conflict.would.join(' · ') }}.
          </span>
          <span v-else>Nothing that was tried would help.</span>
          <button
            v-if="conflict.about?.includes('@')"
            type="button"
            class="link"
            @click="show(conflict.about)"
          >
            Show it
          </button>
        </div>
      </section>
      <p v-if="plan.needs.length === 0 && plan.batches.length === 0" data-test="nothing">
        Nothing has to be made yet. Publish a drink, and say under
        <RouterLink to="/prep/expected">Expected cups</RouterLink> how many are thought to sell, or take in
        what was sold.
      </p>
      <template v-else>
        <p class="figures">
          <span v-if="next"
            ><strong>{{ next.beginSays }}</strong> begin {{ mass(next.grams) }} of {{ next.name }}</span
          >
          <span
            ><strong>{{ plan.figures.batches }}</strong> batches</span
          >
          <span
            ><strong>{{ span(plan.figures.workMinutes) }}</strong> of work</span
          >
          <span
            ><strong>{{ plan.figures.fridgeLitres.toFixed(1) }} l</strong> in the fridge at most</span
          >
          <span
            ><strong>{{ money(plan.figures.wasteCost, plan.currency) }}</strong> expected to go over
            date</span
          >
        </p>
        <PlanTimeline :plan="plan" :chosen="chosen" @choose="(key) => (chosen = key)" />
        <BatchBox
          v-if="batch"
          :batch="batch"
          :plan="plan"
          :is-busy="isBusy"
          :trouble="trouble"
          @move="(day, time) => batch && move(batch.key, day, time)"
          @let="batch && letBatch(batch.key)"
          @close="chosen = null"
        />
        <WhatIfBox :currency="plan.currency" />
        <h2>What is needed</h2>
        <p class="soft">
          The amount that lasts on {{ Math.round(plan.lastsPercent) }} of 100 such weeks, with whole pulls,
          what the jug needs, and what is really poured.
        </p>
        <div class="scroll">
          <table class="plain needs" data-test="needs">
            <thead>
              <tr>
                <th scope="col">What</th>
                <th v-for="day in plan.days" :key="day.day" scope="col" class="number">
                  {{ shortDay(day.day) }}
                </th>
                <th scope="col" class="number">All days</th>
                <th scope="col" class="number">On average</th>
                <th scope="col" class="number">In stock</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="need in plan.needs" :key="need.item">
                <th scope="row">{{ need.name }} <span v-if="need.isMade" class="soft">made here</span></th>
                <td v-for="(amount, i) in need.days" :key="i" class="number">
                  {{ amount > 0 ? quantity(amount, need.unit) : '–' }}
                </td>
                <td class="number">
                  <strong>{{ quantity(need.lasting, need.unit) }}</strong>
                </td>
                <td class="number">{{ quantity(need.mean, need.unit) }}</td>
                <td class="number">{{ quantity(need.inStock, need.unit) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
      <h2>In your calendar</h2>
      <p class="soft">
        <a href="/api/prep/calendar.ics" data-test="calendar">Take the batches out as a calendar file</a>, or
        give this address to a calendar program, which then follows the plan:
        <code>/api/prep/calendar.ics</code> on this server.
      </p>
    </template>
  </main>
</template>

<style scoped>
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.75rem;
  margin: 0.5rem 0 0.75rem;
}

.banner {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.75rem;
}

.link {
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--cobalt);
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}

h2 {
  margin-top: 1.25rem;
}

.number {
  text-align: right;
  white-space: nowrap;
}

.needs th[scope='row'] {
  font-weight: 600;
}
</style>
