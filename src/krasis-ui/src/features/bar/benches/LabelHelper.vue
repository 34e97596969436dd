<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { useBench } from '@/features/bar/facts/bench'
import ReadingForm from '@/features/bar/boxes/ReadingForm.vue'

/** A nutrition label as it is printed, for whatever it is printed for; what it comes to in 100 g is laid into the boxes below. */
const props = defineProps<{ density: number | null }>()

const bench = useBench()
/** How labels differ in what they print. */
const choices = [
  {
    of: 'perMeasure',
    says: 'Printed by weight or volume',
    test: 'label-per',
    options: [
      { value: 'g', label: 'g' },
      { value: 'ml', label: 'ml' },
    ],
  },
  {
    of: 'energyUnit',
    says: 'Energy is printed in',
    test: 'label-energy',
    options: [
      { value: 'kcal', label: 'kcal' },
      { value: 'kJ', label: 'kJ' },
    ],
  },
  {
    of: 'saltUnit',
    says: 'Salt or sodium is printed',
    test: 'label-salt',
    options: [
      { value: 'salt', label: 'salt, g' },
      { value: 'sodium', label: 'sodium, mg' },
      { value: 'sodiumGrams', label: 'sodium, g' },
    ],
  },
] as const
const units = ref({ perMeasure: 'g', energyUnit: 'kcal', saltUnit: 'salt' })
const entered = ref<Record<string, string>>({ per: '100' })
const isLaid = ref(false)
const fields = computed(() => [
  { key: 'per', label: 'Printed for', unit: units.value.perMeasure },
  { key: 'energy', label: 'Energy', unit: units.value.energyUnit },
  { key: 'fat', label: 'Fat', unit: 'g' },
  { key: 'saturates', label: 'of it saturated', unit: 'g' },
  { key: 'carbohydrate', label: 'Carbohydrate', unit: 'g' },
  { key: 'fibreWithin', label: 'fibre counted in it', unit: 'g' },
  { key: 'sugars', label: 'of it sugars', unit: 'g' },
  { key: 'protein', label: 'Protein', unit: 'g' },
  {
    key: 'salt',
    label: units.value.saltUnit === 'salt' ? 'Salt' : 'Sodium',
    unit: units.value.saltUnit === 'sodium' ? 'mg' : 'g',
  },
])

async function work(read: Record<string, number>): Promise<void> {
  isLaid.value = false
  const said = await ask(
    api.POST('/api/bar/ingredients/label', {
      body: {
        ...read,
        ...units.value,
        kind: bench.read('kind') as string | null,
        densityGramsPerMl: props.density,
      },
    }),
  )
  for (const [field, value] of Object.entries(said)) {
    if (value !== null && field !== 'on') {
      bench.put(`per100g.${field}`, value)
    }
  }

  isLaid.value = true
}
</script>

<template>
  <details class="helper" data-test="label">
    <summary>Type it off the label, as it is printed</summary>
    <div class="units">
      <Select
        v-for="choice in choices"
        :key="choice.of"
        v-model="units[choice.of]"
        :options="[...choice.options]"
        option-label="label"
        option-value="value"
        size="small"
        :aria-label="choice.says"
        :data-test="choice.test"
      />
    </div>
    <ReadingForm v-model="entered" :fields="fields" prefix="label" button="Turn it into 100 g" :work="work" />
    <p v-if="isLaid" role="status" data-test="label-laid">
      It stands in the boxes below, for 100 g. No label says which sugars there are; what was taken for
      granted is said as its source, and can be changed.
    </p>
  </details>
</template>

<style scoped>
.helper {
  width: 100%;
  margin: 0.3rem 0 0.6rem;
  padding: 0.4rem 0.8rem;
  border: 1px solid var(--line);
  border-radius: 0.5rem;
}

summary {
  min-height: 1.6rem;
  cursor: pointer;
}

.units {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 0.4rem;
}
</style>
