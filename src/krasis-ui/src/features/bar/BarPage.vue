<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { keys, useBar } from '@/shared/api/queries'
import { decimal, reading } from '@/shared/format'
import { pourablesOf } from '@/features/sheet/pourables'
import LeaveDialog from '@/shared/leave/LeaveDialog.vue'
import { useDirtyRows } from './dirtyRows'
import { updateHouse } from './facts'
import FactRow from './FactRow.vue'
import FactTable from './FactTable.vue'
import type { Entered, FactDocument, Field } from './fields'

const client = useQueryClient()
const bar = useBar()
const isDirty = useDirtyRows()

const cupFields: Field[] = [
  { key: 'name', label: 'Cup', kind: 'text' },
  { key: 'topDiameterMm', label: 'Inside, top', kind: 'number', unit: 'mm' },
  { key: 'bottomDiameterMm', label: 'Inside, bottom', kind: 'number', unit: 'mm' },
  { key: 'heightMm', label: 'Inside, height', kind: 'number', unit: 'mm' },
  { key: 'waterGrams', label: 'Water to the brim', kind: 'number', unit: 'g' },
  { key: 'waterCelsius', label: 'Water at', kind: 'number', unit: '°C' },
]

const kinds = ['espresso', 'coffee', 'milk', 'syrup', 'sauce', 'water', 'ice', 'powder', 'topping', 'flavour']
const isIce = (entered: Entered) => entered['kind'] === 'ice'
const isSweet = (entered: Entered) =>
  ['milk', 'syrup', 'sauce', 'powder', 'topping', 'flavour'].includes(entered['kind'] ?? '')
const sugars = ['sucrose', 'glucose', 'fructose', 'lactose', 'maltose']
const ingredientFields: Field[] = [
  { key: 'name', label: 'Ingredient', kind: 'text' },
  {
    key: 'kind',
    label: 'Kind',
    kind: 'choice',
    options: kinds.map((kind) => ({ value: kind, label: kind })),
  },
  {
    key: 'densityGramsPerMl',
    label: 'Density as served',
    kind: 'number',
    unit: 'g/ml',
    applies: (entered) => !isIce(entered),
  },
  { key: 'pieceGrams', label: 'One piece', kind: 'number', unit: 'g', applies: isIce },
  {
    key: 'strengthPercent',
    label: 'Strength',
    kind: 'number',
    unit: '%',
    applies: (entered) => ['coffee', 'ice', 'powder'].includes(entered['kind'] ?? ''),
  },
  ...sugars.map((sugar): Field => ({
    key: `per100g.${sugar}`,
    label: `${sugar[0]?.toUpperCase()}${sugar.slice(1)}, g/100 g`,
    kind: 'number',
    applies: isSweet,
  })),
  { key: 'colour', label: 'Colour', kind: 'colour' },
]

const houseFields: Field[] = [
  { key: 'reserveMm', label: 'Reserve in a new build', kind: 'number', unit: 'mm' },
  { key: 'liquidStepMl', label: 'Milk, coffee, water to', kind: 'number', unit: 'ml' },
  { key: 'iceStepGrams', label: 'Ice to', kind: 'number', unit: 'g' },
  { key: 'weighingStepGrams', label: 'The scale to', kind: 'number', unit: 'g' },
  { key: 'strengthDriftPercent', label: 'Strength may drift', kind: 'number', unit: '%' },
  { key: 'sweetnessDriftPercent', label: 'Sweetness may drift', kind: 'number', unit: '%' },
]

const madeOf = (wanted: (kind: string) => boolean) =>
  pourablesOf(bar.data.value)
    .filter(({ kind }) => wanted(kind))
    .map(({ id, name }) => ({ value: id, label: name }))

const dispenserFields = computed<Field[]>(() => [
  { key: 'name', label: 'Pump or bottle', kind: 'text' },
  {
    key: 'ingredient',
    label: 'Holds',
    kind: 'choice',
    options: madeOf((kind) => kind !== 'ice' && kind !== 'espresso'),
  },
  { key: 'strokeMl', label: 'One stroke gives', kind: 'number', unit: 'ml' },
  { key: 'strokesGrams', label: 'or strokes weighed', kind: 'numbers', unit: 'g' },
])

const espressoFields = computed<Field[]>(() => [
  { key: 'name', label: 'Recipe', kind: 'text' },
  { key: 'ingredient', label: 'Makes', kind: 'choice', options: madeOf((kind) => kind === 'espresso') },
  { key: 'doseGrams', label: 'Coffee in', kind: 'number', unit: 'g' },
  { key: 'yieldGrams', label: 'Espresso out', kind: 'number', unit: 'g' },
  { key: 'shotsPerPull', label: 'One pull is', kind: 'number', unit: 'shots' },
  { key: 'extractionPercent', label: 'Extraction', kind: 'number', unit: '%' },
])

const cups = computed(() =>
  (bar.data.value?.cups ?? []).map((cup) => ({
    ...cup,
    note: `holds ${reading(cup.brimCapacity, 'ml')}; by its lengths ${reading(cup.geometricCapacity, 'ml')}`,
  })),
)

const dispensers = computed(() =>
  (bar.data.value?.dispensers ?? []).map((dispenser) => ({
    ...dispenser,
    ...(dispenser.gramsPerStroke === null
      ? {}
      : {
          note: `${decimal(dispenser.yieldPerStroke, 2)} ml a stroke as weighed, spread ${decimal(dispenser.variation ?? 0, 1)} %`,
        }),
  })),
)

function refresh(): void {
  // Every sheet rests on these facts.
  void client.invalidateQueries({ queryKey: keys.bar })
  void client.invalidateQueries({ queryKey: keys.builds })
  client.removeQueries({ queryKey: ['mix'] })
}
</script>

<template>
  <main class="page">
    <h1>The bar</h1>
    <p class="soft">
      What every build is worked out from. Measure your own; a change is in every sheet at once.
    </p>
    <p v-if="bar.error.value" class="error" role="alert">{{ bar.error.value.message }}</p>
    <template v-if="bar.data.value">
      <FactTable
        title="Cups"
        hint="Measure inside, then weigh the water that fills it level."
        what="cup"
        add="Add a cup"
        kind="cups"
        :fields="cupFields"
        :facts="cups"
        @changed="refresh"
      />
      <FactTable
        title="Ingredients"
        hint="Density tells grams from millilitres; strength and sugars tell what it does to the taste. Leave empty what you do not know."
        what="ingredient"
        add="Add an ingredient"
        kind="ingredients"
        :fields="ingredientFields"
        :facts="bar.data.value.ingredients"
        @changed="refresh"
      />
      <FactTable
        title="Dispensers"
        hint="The stroke belongs to the pump in hand: measure it."
        what="pump"
        add="Add a pump or bottle"
        kind="dispensers"
        :fields="dispenserFields"
        :facts="dispensers"
        @changed="refresh"
      />
      <FactTable
        title="Espresso"
        hint="A shot is the yield shared among the shots of a pull."
        what="recipe"
        add="Add an espresso recipe"
        kind="espresso"
        :fields="espressoFields"
        :facts="bar.data.value.espresso"
        @changed="refresh"
      />
      <section class="house" aria-label="House rules">
        <h2>House rules</h2>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th v-for="field in houseFields" :key="field.key" scope="col">{{ field.label }}</th>
                <th scope="col"><span class="visually-hidden">Keep</span></th>
              </tr>
            </thead>
            <tbody>
              <FactRow
                :fields="houseFields"
                what="set of house rules"
                :document="bar.data.value.house.document as FactDocument"
                :save="
                  (document) => updateHouse(bar.data.value!.house.id, bar.data.value!.house.etag, document)
                "
                @done="refresh"
              />
            </tbody>
          </table>
        </div>
      </section>
    </template>
    <LeaveDialog title="The bar has entries that are not kept" :is-dirty="isDirty" />
  </main>
</template>

<style scoped>
.house {
  margin-top: 1rem;
  padding: 0.9rem 1.1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

th {
  padding: 0.3rem 0.9rem 0.2rem 0;
  color: var(--ink-soft);
  font-weight: 400;
  font-size: 0.9rem;
  text-align: left;
}
</style>
