<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import SelectButton from 'primevue/selectbutton'
import { computed, ref, useId } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { fixed } from '@/shared/format'
import { typedNumber } from '@/shared/typedNumber'
import { useBench } from './bench'

const props = defineProps<{ room: number; cupMl: number | null }>()

const bench = useBench()
const id = useId()
const ways = [
  { value: 'water', label: 'two temperatures' },
  { value: 'ice', label: 'two weighings of ice' },
]
const way = ref('water')
const entered = ref<Record<string, string>>({ minutes: '', roomCelsius: String(props.room) })
const found = ref<number | null>(null)
const faults = ref<string[]>([])
const fields = computed(() =>
  way.value === 'water'
    ? [
        { key: 'waterGrams', label: 'Hot water in it', unit: 'g' },
        { key: 'fromCelsius', label: 'at first', unit: '°C' },
        { key: 'toCelsius', label: 'at the end', unit: '°C' },
        { key: 'minutes', label: 'after', unit: 'min' },
        { key: 'roomCelsius', label: 'in a room of', unit: '°C' },
      ]
    : [
        { key: 'iceBeforeGrams', label: 'Ice, drained, at first', unit: 'g' },
        { key: 'iceAfterGrams', label: 'Ice, drained, at the end', unit: 'g' },
        { key: 'minutes', label: 'after', unit: 'min' },
        { key: 'roomCelsius', label: 'in a room of', unit: '°C' },
      ],
)

async function work(): Promise<void> {
  faults.value = []
  found.value = null
  const body: Record<string, number> = {}
  for (const { key, label } of fields.value) {
    const text = (entered.value[key] ?? '').trim()
    if (text === '') {
      continue
    }

    const number = typedNumber(text)
    if (Number.isFinite(number)) {
      body[key] = number
    } else {
      faults.value.push(`${label}: '${text}' is not a number.`)
    }
  }

  if (faults.value.length > 0) {
    return
  }

  try {
    found.value = (await ask(api.POST('/api/bar/cups/heat-loss', { body }))).heatLoss
    const path = way.value !== 'water' ? 'coldWattsPerKelvin' : 'hotOpenWattsPerKelvin'
    bench.put(path, Number(found.value.toFixed(3)))
  } catch (error) {
    const problem = ApiProblem.of(error)
    faults.value =
      problem.errors.length > 0
        ? problem.errors.map(
            ({ field, message, accepted }) =>
              `${fields.value.find(({ key }) => key === field)?.label ?? field}: ${message} Accepted: ${accepted}.`,
          )
        : [problem.message]
  }
}
</script>

<template>
  <details class="helper">
    <summary>Measure its heat loss</summary>
    <p class="soft">
      Pour hot water in, lid on, and read its temperature twice; or fill it with ice water and weigh the
      drained ice twice.
    </p>
    <SelectButton
      v-model="way"
      :options="ways"
      option-label="label"
      option-value="value"
      aria-label="How it is measured"
      :allow-empty="false"
    />
    <div class="boxes">
      <div v-for="field in fields" :key="field.key" class="box">
        <label :for="`${id}-${field.key}`" class="soft">{{ field.label }}</label>
        <span>
          <InputText
            :id="`${id}-${field.key}`"
            v-model="entered[field.key]"
            inputmode="decimal"
            :data-field="`loss.${field.key}`"
            @keydown.enter.prevent="work"
          />
          {{ field.unit }}
        </span>
      </div>
      <Button label="Work it out" type="button" size="small" outlined data-test="work-loss" @click="work" />
    </div>
    <p v-if="found !== null" role="status">
      It loses <strong>{{ fixed(found, 2) }} W/K</strong>; that now stands in the box above.
    </p>
    <p v-for="fault in faults" :key="fault" class="error" role="alert">{{ fault }}</p>
  </details>
</template>

<style scoped>
.helper {
  margin-top: 0.8rem;
  padding: 0.5rem 0.8rem;
  border: 1px solid var(--line);
  border-radius: 0.5rem;
}

summary {
  min-height: 1.6rem;
  cursor: pointer;
}

.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: end;
  margin: 0.5rem 0;
}

.box {
  display: flex;
  flex-direction: column;
  font-size: 0.9rem;
}

.box :deep(input) {
  width: 5rem;
  text-align: right;
}
</style>
