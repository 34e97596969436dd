<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { fixed } from '@/shared/format'
import { useBench } from '@/features/bar/facts/bench'
import ReadingForm from '@/features/bar/boxes/ReadingForm.vue'

const props = defineProps<{ room: number; cupMl: number | null }>()

const bench = useBench()
const ways = [
  { value: 'water', label: 'two temperatures' },
  { value: 'ice', label: 'two weighings of ice' },
]
const way = ref('water')
const entered = ref<Record<string, string>>({ minutes: '', roomCelsius: String(props.room) })
const found = ref<number | null>(null)
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

async function work(body: Record<string, number>): Promise<void> {
  found.value = null
  found.value = (await ask(api.POST('/api/bar/cups/heat-loss', { body }))).heatLoss
  const path = way.value !== 'water' ? 'coldWattsPerKelvin' : 'hotOpenWattsPerKelvin'
  bench.put(path, Number(found.value.toFixed(3)))
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
    <ReadingForm v-model="entered" :fields="fields" prefix="loss" button="Work it out" :work="work" />
    <p v-if="found !== null" role="status">
      It loses <strong>{{ fixed(found, 2) }} W/K</strong>; that now stands in the box above.
    </p>
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
</style>
