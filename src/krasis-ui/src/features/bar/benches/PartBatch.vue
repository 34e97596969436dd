<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { decimal, reading } from '@/shared/format'
import { typedNumber } from '@/shared/typedNumber'
import { useBench } from '@/features/bar/facts/bench'
import { partMeasures } from './partMeasures'
import StepHead from '@/features/bar/boxes/StepHead.vue'

/** A batch of any size, of the part as it stands on the bench. */
const props = defineProps<{ isWhole: boolean; currency: string }>()

const bench = useBench()
const wanted = ref('1000')
const inMeasure = ref('g')
const settledPart = refDebounced(bench.draft, 200)
const settledAmount = refDebounced(wanted, 200)
const amount = computed(() => typedNumber(settledAmount.value))
const batch = useQuery({
  queryKey: computed(() => [
    'bar',
    'batch',
    JSON.stringify(settledPart.value),
    amount.value,
    inMeasure.value,
  ]),
  queryFn: ({ signal }) =>
    ask(
      api.POST('/api/bar/parts/batch', {
        body: {
          part: {
            ...settledPart.value,
            id: bench.id,
            name: String(settledPart.value['name'] ?? '') || 'Part',
          },
          amount: amount.value,
          measure: inMeasure.value,
        },
        signal,
      }),
    ),
  enabled: computed(() => Number.isFinite(amount.value) && props.isWhole),
  placeholderData: keepPreviousData,
})
const batchFault = computed(() => {
  if (!Number.isFinite(amount.value)) {
    return `'${wanted.value}' is not a number.`
  }

  return batch.error.value ? ApiProblem.of(batch.error.value).message : null
})
</script>

<template>
  <StepHead :number="4" title="A batch of any size">
    <div class="want">
      <label for="batch" class="soft">I want</label>
      <InputText
        id="batch"
        v-model="wanted"
        inputmode="decimal"
        data-test="batch-amount"
        @keydown.enter.prevent
      />
      <Select
        v-model="inMeasure"
        :options="partMeasures"
        option-label="label"
        option-value="value"
        aria-label="Measure of the batch"
      />
    </div>
    <p v-if="batchFault" class="error" role="alert">{{ batchFault }}</p>
    <table v-else-if="batch.data.value && isWhole" class="batch" data-test="batch">
      <caption class="visually-hidden">
        What goes into the batch
      </caption>
      <tbody>
        <tr v-for="line in batch.data.value.lines" :key="line.ingredient">
          <th scope="row">{{ line.name }}<span v-if="line.isPart" class="soft"> (house-made)</span></th>
          <td>
            <strong>{{ reading(line.mass, 'g') }}</strong>
          </td>
          <td class="soft">{{ reading(line.volume, 'ml') }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">makes</th>
          <td>{{ reading(batch.data.value.mass, 'g') }}</td>
          <td class="soft">
            {{ reading(batch.data.value.volume, 'ml')
            }}{{ batch.data.value.cost === null ? '' : `, ${decimal(batch.data.value.cost, 2)} ${currency}` }}
          </td>
        </tr>
      </tfoot>
    </table>
    <p v-if="batch.data.value?.lines.some(({ isPart }) => isPart)" class="soft">
      Through all parts, at hand:
      {{ batch.data.value.bought.map(({ name, mass }) => `${name} ${reading(mass, 'g')}`).join(', ') }}.
    </p>
  </StepHead>
</template>

<style scoped>
.want {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}

.want :deep(input) {
  width: 6rem;
  font-size: 1.2rem;
  text-align: right;
}

.batch {
  border-collapse: collapse;
}

.batch th,
.batch td {
  padding: 0.2rem 1rem 0.2rem 0;
  border-bottom: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
}

.batch td {
  text-align: right;
}

.batch strong {
  font-size: 1.15rem;
}
</style>
