<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import PrepNav from './PrepNav.vue'
import { usePlan } from './usePlan'
import { mass, shortDay, span, waits } from './words'

/** What is to be begun, day by day: on a tablet or on paper. */
const { plan, problem } = usePlan()
/** A choice needs a word of its own for all of them. */
const all = '*'
const chosen = ref(all)
const choices = computed(() => [
  { value: all, label: 'All days' },
  ...(plan.value?.days ?? []).map(({ day, name }) => ({ value: day, label: name })),
])
const days = computed(() =>
  (plan.value?.days ?? [])
    .filter(({ day }) => chosen.value === all || day === chosen.value)
    .map((day) => ({
      ...day,
      batches: (plan.value?.batches ?? []).filter(({ beginDay }) => beginDay === day.day),
    })),
)
const lacking = computed(() => (plan.value?.batches ?? []).filter(({ begin }) => begin === null))
const printIt = () => window.print()
</script>

<template>
  <main class="page day-page">
    <PrepNav />
    <div class="head">
      <h1>
        Day sheet <span v-if="plan" class="soft">from week {{ plan.days[0]?.week }}</span>
      </h1>
      <Select
        v-model="chosen"
        :options="choices"
        option-label="label"
        option-value="value"
        aria-label="Day"
        class="no-print"
        data-test="choose-day"
      />
      <Button
        label="Print"
        icon="pi pi-print"
        outlined
        severity="secondary"
        class="no-print"
        data-test="print"
        @click="printIt"
      />
    </div>
    <p v-if="problem" class="error" role="alert">{{ problem.message }}</p>
    <p v-for="batch in lacking" :key="batch.key" class="banner fault">
      No time is left for {{ mass(batch.grams) }} of {{ batch.name }}, needed {{ batch.dueSays }}.
    </p>
    <section v-for="day in days" :key="day.day" class="day" data-test="day">
      <h2>
        {{ day.name }} <span v-if="day.kind" class="soft">{{ day.kind }}</span>
      </h2>
      <p v-if="day.batches.length === 0" class="soft">Nothing to begin.</p>
      <ul>
        <li v-for="batch in day.batches" :key="batch.key" data-test="to-make">
          <span class="box" aria-hidden="true" />
          <span class="time">{{ batch.beginTime }}</span>
          <span class="what">
            <RouterLink :to="`/prep/batches/${encodeURIComponent(batch.key)}`"
              >{{ mass(batch.grams) }} {{ batch.name }}</RouterLink
            >
            <span class="soft">
              {{ batch.of.map(({ name, grams }) => `${mass(grams)} ${name}`).join(', ') }}
            </span>
            <span class="soft">
              {{ span(batch.work) }} of work<template v-if="batch.wait > 0"
                >, then it {{ waits[batch.waitsFor ?? 'rest'] }} {{ span(batch.wait) }}</template
              >; ready {{ batch.readySays
              }}<template v-if="batch.useBy">; use by {{ shortDay(batch.useBy) }}</template>
            </span>
          </span>
          <span class="who">{{ batch.isBegun ? 'begun' : (batch.who ?? '') }}</span>
          <span class="really">really made: ________ by ____</span>
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
}

.day {
  margin-top: 1rem;
  break-inside: avoid;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 0.75rem;
  align-items: baseline;
  min-height: 2.75rem;
  padding: 0.5rem 0;
  border-bottom: 1px solid var(--line);
}

.box {
  display: none;
  flex: 0 0 1rem;
  height: 1rem;
  border: 1px solid var(--ink);
}

.time {
  flex: 0 0 3.5rem;
  font-weight: 700;
  font-size: 1.25rem;
}

.what {
  display: flex;
  flex: 1;
  flex-direction: column;
}

.what a {
  font-weight: 600;
  font-size: 1.25rem;
}

.really {
  display: none;
  white-space: nowrap;
}

@media print {
  .box {
    display: block;
  }

  .really {
    display: inline;
  }

  .what a {
    color: inherit;
    text-decoration: none;
  }

  .day-page {
    max-width: none;
    padding: 0;
  }
}
</style>
