<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { BarView, PartMeasured } from '@/shared/api/types'
import { pourablesOf } from '@/shared/pourables'
import { decimal, reading } from '@/shared/format'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import { partMeasures } from './partMeasures'
import PartBatch from './PartBatch.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import TextBox from '@/features/bar/boxes/TextBox.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const measured = bench.measured<PartMeasured>()
const lines = computed(() => (bench.read('lines') as Record<string, unknown>[] | undefined) ?? [])
const pourables = computed(() =>
  pourablesOf(props.bar).filter(({ id, kind }) => id !== bench.id && kind !== 'ice'),
)
const goesIn = computed(() => pourables.value.map(({ id, name }) => ({ value: id, label: name })))
const isRatio = computed(() => bench.read('ratio') != null)
const ratios = [
  { value: 'mass', label: 'parts by mass, 1 : 2 : 3' },
  { value: 'volume', label: 'parts by volume, 1 : 2 : 3' },
]
const kinds = ['syrup', 'sauce', 'milk', 'coffee', 'powder', 'topping', 'flavour', 'water'].map((kind) => ({
  value: kind,
  label: kind,
}))
const colourOf = (id: unknown) => pourables.value.find((one) => one.id === id)?.colour ?? 'transparent'
const nameOf = (id: unknown) => pourables.value.find((one) => one.id === id)?.name ?? ''
/** The beaker's layers, from the bottom up. */
const layers = computed(() => {
  let from = 0
  return (measured.value?.shares ?? []).map((share, i) => {
    const layer = { from, share, id: lines.value[i]?.['ingredient'] }
    from += share
    return layer
  })
})

function add(id: string | null): void {
  if (id) {
    bench.put(`lines.${lines.value.length}`, {
      ingredient: id,
      amount: null,
      measure: isRatio.value ? null : 'g',
    })
  }
}

function remove(index: number): void {
  bench.put(
    'lines',
    lines.value.filter((_, i) => i !== index),
  )
}
</script>

<template>
  <div class="part">
    <div>
      <svg
        viewBox="-4 -4 108 148"
        role="img"
        :aria-label="`What goes in: ${layers.map(({ id, share }) => `${nameOf(id)} ${decimal(share, 0)} %`).join(', ') || 'nothing yet'}`"
      >
        <path d="M0,0 V140 H100 V0" class="beaker" />
        <g v-for="layer in layers" :key="layer.from">
          <rect
            x="1.5"
            :y="138.5 - ((layer.from + layer.share) / 100) * 128"
            width="97"
            :height="(layer.share / 100) * 128"
            :fill="colourOf(layer.id)"
            class="layer"
          />
          <text v-if="layer.share > 8" x="50" :y="142 - ((layer.from + layer.share / 2) / 100) * 128">
            {{ decimal(layer.share, 0) }} %
          </text>
        </g>
      </svg>
      <div class="answers">
        <AnswerLine
          :label="isRatio ? 'so many parts make' : 'makes'"
          :value="measured === null ? null : reading(measured.mass, 'g')"
          :note="measured === null ? undefined : reading(measured.volume, 'ml')"
          test="makes"
        />
        <AnswerLine
          label="density"
          :value="measured === null ? null : `${decimal(measured.density, 3)} g/ml`"
          :note="bench.read('densityGramsPerMl') == null ? 'estimated' : 'as weighed'"
          test="density"
        />
        <AnswerLine
          label="100 g cost"
          :value="
            measured?.pricePerGram == null
              ? null
              : `${decimal(measured.pricePerGram * 100, 2)} ${bar.rules.currency}`
          "
        />
        <AnswerLine
          label="as sweet as"
          :value="measured?.sweetness == null ? null : `${decimal(measured.sweetness, 1)} g sugar`"
          note="in 100 g"
        />
      </div>
      <p class="soft">
        {{ measured?.allergens ?? '' }}
      </p>
      <p v-if="measured && measured.unknown.length > 0" class="warning">
        Not known: {{ measured.unknown.join('; ') }}.
      </p>
    </div>
    <div>
      <StepHead
        :number="1"
        title="What goes in"
        hint="Ingredients and other parts, in grams or measures, or as parts of a ratio."
      >
        <ChoiceBox path="ratio" label="Amounts are" :options="ratios" nothing="measures" clearable />
        <ol class="lines">
          <li v-for="(_, i) in lines" :key="i" data-test="part-line">
            <span
              class="swatch"
              :style="{ background: colourOf(lines[i]?.['ingredient']) }"
              aria-hidden="true"
            />
            <ChoiceBox
              :path="`lines.${i}.ingredient`"
              :label="`Line ${i + 1}`"
              hide-label
              :options="goesIn"
              filter
            />
            <Button
              icon="pi pi-times"
              text
              type="button"
              severity="secondary"
              :aria-label="`Take line ${i + 1} away`"
              @click="remove(i)"
            />
            <div class="amount">
              <NumberBox
                :path="`lines.${i}.amount`"
                :label="`Amount of line ${i + 1}`"
                hide-label
                :unit="isRatio ? 'parts' : ''"
                :weigh="!isRatio"
              />
              <ChoiceBox
                v-if="!isRatio"
                :path="`lines.${i}.measure`"
                :label="`Measure of line ${i + 1}`"
                hide-label
                :options="partMeasures"
              />
            </div>
          </li>
        </ol>
        <Select
          :model-value="null"
          :options="goesIn"
          option-label="label"
          option-value="value"
          placeholder="Add what goes in…"
          filter
          reset-filter-on-hide
          aria-label="Add what goes in"
          data-test="add-part-line"
          @update:model-value="add"
        />
        <p
          v-if="bench.problems.value.get('lines') && lines.length > 0"
          class="error"
          role="alert"
          data-test="lines-fault"
        >
          {{ bench.problems.value.get('lines') }}
        </p>
      </StepHead>
      <StepHead
        :number="2"
        title="What becomes of it"
        hint="Weigh the pot before and after: what it lost is water."
      >
        <ChoiceBox path="kind" label="In a drink it is a" :options="kinds" />
        <TextBox path="colour" label="Colour" kind="colour" />
        <NumberBox path="lossPercent" label="Lost in the cooking" unit="%" />
        <NumberBox path="densityGramsPerMl" label="Density, if weighed" unit="g/ml" />
        <NumberBox path="servedCelsius" label="Goes in at" unit="°C" />
      </StepHead>
      <StepHead :number="3" title="How it is made and kept">
        <TextBox path="method" label="Method" kind="long" class="method" />
        <NumberBox path="shelfLifeDays" label="Keeps, the day of making counted" unit="days" />
        <TextBox path="madeOn" label="The one in use was made on" kind="day" />
      </StepHead>
      <PartBatch :is-whole="measured !== null" :currency="bar.rules.currency" />
    </div>
  </div>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: 12rem minmax(0, 1fr);
  gap: 1.25rem;
}

.beaker {
  fill: var(--glass);
  stroke: var(--line-strong);
  stroke-width: 2;
}

.layer {
  stroke: var(--porcelain);
  stroke-width: 0.6;
}

text {
  fill: #18262b;
  stroke: #fff;
  stroke-width: 2.5px;
  paint-order: stroke;
  font-size: 10px;
  text-anchor: middle;
}

.answers {
  display: grid;
  gap: 0.5rem;
  margin: 0.5rem 0;
}

.lines {
  display: grid;
  gap: 0.35rem;
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}

.lines li {
  display: grid;
  grid-template-columns: 1rem minmax(0, 1fr) 2.75rem;
  gap: 0.2rem 0.4rem;
  align-items: center;
}

.amount {
  display: flex;
  grid-column: 2 / -1;
  gap: 0.4rem;
}

.amount :deep(.choice) {
  width: 8rem;
}

.lines :deep(.choice) {
  width: 100%;
  min-width: 5.5rem;
}

.lines :deep(input) {
  width: 4.2rem;
}

.swatch {
  width: 1rem;
  height: 1.8rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.2rem;
}

.method {
  width: min(26rem, 100%);
}

.warning {
  color: var(--warning);
}

@media (width < 60rem) {
  .part {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
