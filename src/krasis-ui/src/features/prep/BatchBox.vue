<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import type { BatchView, PrepPlanView } from '@/shared/api/types'
import { day } from '@/shared/format'
import { mass, quantity, shortDay, span, waits } from './words'

/** One batch of the plan: what it is for, when it can be begun, and moving it. */
const props = defineProps<{ batch: BatchView; plan: PrepPlanView; isBusy: boolean; trouble: string }>()
const emit = defineEmits<{ move: [day: string, time: string]; let: []; close: [] }>()
const to = ref('')
const time = ref('')
/** The days on which it can start, and its present day. */
const days = computed(() =>
  props.plan.days
    .filter(({ day: one }) => props.batch.moveDays.includes(one) || one === props.batch.beginDay)
    .map(({ day: value, name }) => ({ value, name })),
)
watch(
  () => props.batch,
  (batch) => {
    to.value = batch.beginDay ?? batch.from
    time.value = batch.beginTime ?? '08:00'
  },
  { immediate: true },
)
</script>

<template>
  <section class="box" data-test="batch">
    <div class="head">
      <h2>{{ mass(batch.grams) }} of {{ batch.name }}</h2>
      <Button icon="pi pi-times" text aria-label="Close" @click="emit('close')" />
    </div>
    <dl>
      <dt>Begin</dt>
      <dd data-test="begin">
        {{ batch.beginSays ?? 'No time left for it' }}
        <span v-if="batch.isBegun" class="soft">(begun)</span>
        <span v-else-if="batch.isSet" class="soft">(moved by hand)</span>
      </dd>
      <dt>Work, wait</dt>
      <dd>
        {{ span(batch.work)
        }}<template v-if="batch.wait > 0"
          >, {{ waits[batch.waitsFor ?? 'rest'] }} {{ span(batch.wait) }}</template
        >
      </dd>
      <template v-if="batch.readySays">
        <dt>Ready</dt>
        <dd>{{ batch.readySays }}</dd>
      </template>
      <dt>Needed</dt>
      <dd>{{ batch.dueSays }}</dd>
      <dt>Begin between</dt>
      <dd>{{ batch.earliestSays ?? 'any time' }} and {{ batch.latestSays ?? 'no time that is left' }}</dd>
      <dt>For</dt>
      <dd>
        {{ shortDay(batch.from)
        }}<template v-if="batch.to !== batch.from"> to {{ shortDay(batch.to) }}</template
        ><template v-if="batch.useBy">, use by {{ day(batch.useBy) }}</template>
      </dd>
      <template v-if="batch.of.length > 0">
        <dt>Of</dt>
        <dd>{{ batch.of.map(({ name, grams }) => `${quantity(grams, 'g')} ${name}`).join(', ') }}</dd>
      </template>
    </dl>
    <form v-if="!batch.isBegun" class="move" @submit.prevent="emit('move', to, time)">
      <label for="move-day">Move to</label>
      <Select
        v-model="to"
        input-id="move-day"
        :options="days"
        option-label="name"
        option-value="value"
        data-test="move-day"
      />
      <label for="move-time">at</label>
      <InputText id="move-time" v-model="time" class="time" placeholder="07:30" data-test="move-time" />
      <Button type="submit" label="Move" :disabled="isBusy" data-test="move" />
      <Button
        v-if="batch.isSet"
        label="Let Krasis choose"
        severity="secondary"
        outlined
        :disabled="isBusy"
        data-test="let"
        @click="emit('let')"
      />
    </form>
    <Button
      v-if="batch.isBegun"
      label="It was not made"
      severity="secondary"
      outlined
      :disabled="isBusy"
      data-test="not-made"
      @click="emit('let')"
    />
    <p v-if="trouble" class="error" role="alert" data-test="trouble">{{ trouble }}</p>
    <RouterLink :to="`/prep/batches/${encodeURIComponent(batch.key)}`" data-test="make">Make it</RouterLink>
  </section>
</template>

<style scoped>
.box {
  margin: 0.75rem 0;
  padding: 0.75rem 1rem;
  border: 1px solid var(--line);
  border-radius: 0.5rem;
  background: var(--porcelain);
}

.head,
.move {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0.15rem 1rem;
  margin: 0.4rem 0 0.75rem;
}

dt {
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

.time {
  width: 6rem;
}

.move {
  margin-bottom: 0.5rem;
}
</style>
