<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import { computed } from 'vue'
import type { BarView, CupMeasured } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import { frameFor } from '@/shared/cup/frame'
import { waterIn } from '@/shared/cup/section'
import { decimal, fixed, reading } from '@/shared/format'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import HeatLossHelper from './HeatLossHelper.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import TextBox from '@/features/bar/boxes/TextBox.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const measured = bench.measured<CupMeasured>()
const picture = computed(() => {
  const section = measured.value?.section
  return section ? waterIn(String(bench.read('name') ?? 'The cup'), section, true) : null
})
const lines = computed(() => (bench.read('printedLines') as unknown[] | undefined) ?? [])
const stations = computed(() =>
  props.bar.stations.map(({ id, document }) => ({ value: id, label: document.name ?? '' })),
)
const materials = [
  { value: 'paper', label: 'Paper' },
  { value: 'doublePaper', label: 'Double paper' },
  { value: 'plastic', label: 'Clear plastic' },
  { value: 'glass', label: 'Glass' },
  { value: 'ceramic', label: 'Ceramic' },
  { value: 'steel', label: 'Double-walled steel' },
]

function removeLine(index: number): void {
  bench.put(
    'printedLines',
    lines.value.filter((_, i) => i !== index),
  )
}
/** A hot drink loses first by evaporation, and a lid stops that: three numbers, and not one. */
const losses = computed(
  () =>
    [
      ['hotOpenWattsPerKelvin', 'Loses, hot and open', measured.value?.heatLoss?.hotOpen],
      ['hotLiddedWattsPerKelvin', 'hot, under its lid', measured.value?.heatLoss?.hotLidded],
      ['coldWattsPerKelvin', 'Takes in, cold', measured.value?.heatLoss?.cold],
    ] as const,
)

function lossHint(path: string, known: number | undefined): string {
  if (known === undefined) {
    return 'Not known: no melt after hand-over.'
  }

  return bench.read(path) == null && bench.read('heatLossWattsPerKelvin') == null
    ? `${fixed(known, 2)} worked out from its lengths and material, give or take a quarter`
    : 'As measured'
}
</script>

<template>
  <div class="cup">
    <div class="picture">
      <CupSection
        v-if="picture"
        :size="picture"
        :frame="frameFor([picture], true, true)"
        labels
        lid
        :lines="measured?.printedLines ?? []"
        class="section"
      />
      <svg
        v-else
        viewBox="-70 -130 140 150"
        role="img"
        aria-label="What to measure: the inside at the brim, at the bottom, and its height"
        class="section"
      >
        <path d="M-42,-110 L-30,0 L30,0 L42,-110" class="dashed" />
        <path d="M-42,-116 H42 M-42,-119 v6 M42,-119 v6" class="rule" />
        <text x="0" y="-121">top</text>
        <path d="M-30,8 H30 M-30,5 v6 M30,5 v6" class="rule" />
        <text x="0" y="19">bottom</text>
        <path d="M52,-110 V0 M49,-110 h6 M49,0 h6" class="rule" />
        <text x="60" y="-52" transform="rotate(90 60 -52)">height</text>
      </svg>
      <div class="answers">
        <AnswerLine
          label="holds, level full"
          :value="measured?.brimCapacity == null ? null : reading(measured.brimCapacity, 'ml')"
          test="brim"
        />
        <p
          v-for="says in measured?.says"
          :key="says"
          :class="measured?.isLabelWrong && says.startsWith('The label says') ? 'warning' : 'soft'"
          data-test="says"
        >
          {{ says }}
        </p>
      </div>
    </div>
    <div>
      <StepHead
        :number="1"
        title="Measure inside with a rule"
        hint="From wall to wall at the brim and at the bottom, and how deep it is. Walls and rims do not count."
      >
        <NumberBox path="topDiameterMm" label="Inside, top" unit="mm" />
        <NumberBox path="bottomDiameterMm" label="Inside, bottom" unit="mm" />
        <NumberBox path="heightMm" label="Inside, height" unit="mm" />
      </StepHead>
      <StepHead
        :number="2"
        title="Weigh the water that fills it"
        hint="Zero the scale with the empty cup on it, fill level to the brim, read grams and the water’s temperature."
      >
        <NumberBox path="waterGrams" label="Water to the brim" unit="g" weigh large />
        <NumberBox path="waterCelsius" label="Water at" unit="°C" />
        <NumberBox path="labelMl" label="The label says" unit="ml" />
      </StepHead>
      <StepHead
        :number="3"
        title="Lines printed on it"
        hint="By their height above the inside of the bottom, or by the volume that stands at them."
      >
        <div class="lines">
          <div v-for="(_, i) in lines" :key="i" class="line">
            <TextBox :path="`printedLines.${i}.label`" label="What it is called" />
            <NumberBox :path="`printedLines.${i}.heightMm`" label="At" unit="mm" />
            <NumberBox :path="`printedLines.${i}.ml`" label="or at" unit="ml" />
            <span v-if="measured?.printedLines[i]" class="soft where">
              = {{ fixed(measured.printedLines[i]!.height, 0) }} mm,
              {{ decimal(measured.printedLines[i]!.volume, 0) }} ml
            </span>
            <Button
              icon="pi pi-times"
              text
              type="button"
              severity="secondary"
              :aria-label="`Take line ${i + 1} away`"
              @click="removeLine(i)"
            />
          </div>
          <Button
            label="Add a line"
            icon="pi pi-plus"
            text
            size="small"
            type="button"
            data-test="add-printed"
            @click="bench.put(`printedLines.${lines.length}`, { label: null })"
          />
          <RouterLink v-if="bench.id && !bench.isDirty.value" :to="`/bar/cups/${bench.id}/card`" class="card">
            <i class="pi pi-print" aria-hidden="true" /> A card of its lines, to print and hold in
          </RouterLink>
        </div>
      </StepHead>
      <StepHead :number="4" title="Lid, walls and price">
        <NumberBox
          path="lidClearanceMm"
          label="Lid, above the brim"
          unit="mm"
          hint="Negative where it reaches in; empty without a lid."
        />
        <ChoiceBox path="material" label="Made of" :options="materials" clearable nothing="not said" />
        <NumberBox
          v-for="[path, label, known] in losses"
          :key="path"
          :path="path"
          :label="label"
          unit="W/K"
          :hint="lossHint(path, known)"
        />
        <NumberBox path="emptyGrams" label="The empty cup weighs" unit="g" weigh />
        <NumberBox
          path="warmedCelsius"
          label="Warmed before a hot drink to"
          unit="°C"
          hint="empty where it is as cold as the room"
        />
        <NumberBox path="price" label="The cup costs" :unit="bar.rules.currency" />
        <NumberBox path="lidPrice" label="Its lid costs" :unit="bar.rules.currency" />
        <div v-if="stations.length > 1" class="stations">
          <label id="stations" class="soft">Is at</label>
          <MultiSelect
            :model-value="(bench.read('stations') as string[] | undefined) ?? []"
            :options="stations"
            option-label="label"
            option-value="value"
            placeholder="every station"
            aria-labelledby="stations"
            @update:model-value="bench.put('stations', $event)"
          />
        </div>
      </StepHead>
      <HeatLossHelper :room="bar.rules.room" :cup-ml="measured?.brimCapacity ?? null" />
    </div>
  </div>
</template>

<style scoped>
.cup {
  display: grid;
  grid-template-columns: minmax(12rem, 17rem) minmax(0, 1fr);
  gap: 1.25rem;
}

.section {
  height: 17rem;
  max-width: 100%;
}

.dashed {
  fill: none;
  stroke: var(--line-strong);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}

.rule {
  fill: none;
  stroke: var(--cobalt);
  stroke-width: 1;
}

svg text {
  fill: var(--cobalt);
  font-size: 9px;
  text-anchor: middle;
}

.answers {
  display: grid;
  gap: 0.3rem;
  margin-top: 0.5rem;
}

.warning {
  color: var(--warning);
  font-weight: 600;
}

.lines {
  display: grid;
  gap: 0.4rem;
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: end;
}

.where {
  padding-bottom: 0.7rem;
}

.card {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
}

.stations {
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
  font-size: 0.9rem;
}

@media (width < 60rem) {
  .cup {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
