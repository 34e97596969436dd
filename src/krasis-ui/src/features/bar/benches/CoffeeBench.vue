<script setup lang="ts">
import { computed } from 'vue'
import type { BarView, BrewMeasured } from '@/shared/api/types'
import { decimal, reading } from '@/shared/format'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const measured = bench.measured<BrewMeasured>()
const makes = computed(() =>
  props.bar.ingredients
    .filter(({ document }) => document.kind === 'coffee')
    .map(({ id, document }) => ({ value: id, label: document.name ?? '' })),
)
const methods = [
  { value: 'batch', label: 'Brewed hot in a batch' },
  { value: 'coldBrew', label: 'Steeped cold' },
  { value: 'strong', label: 'Brewed strong' },
  { value: 'stoveTop', label: 'On the stove' },
  { value: 'instant', label: 'Instant, stirred' },
  { value: 'whipped', label: 'Instant, whipped' },
]
const dissolves = computed(() => ['instant', 'whipped'].includes(String(bench.read('method'))))
/** Heights in the picture, of what goes in and what comes out. */
const bars = computed(() => {
  const water = (bench.read('waterGrams') as number | null) ?? 0
  const coffee = (bench.read('coffeeGrams') as number | null) ?? 0
  const kept = measured.value?.retained ?? 0
  const out = measured.value?.yield ?? 0
  const all = Math.max(water + coffee, out, 1)
  const high = (grams: number) => (grams / all) * 110
  return { water: high(water), coffee: high(coffee), kept: high(kept), out: high(out) }
})
</script>

<template>
  <StepHead :number="1" title="How it is made">
    <ChoiceBox path="ingredient" label="It makes" :options="makes" hint="An ingredient of the kind coffee." />
    <ChoiceBox path="method" label="It is" :options="methods" />
  </StepHead>
  <StepHead :number="2" title="Weigh what goes in">
    <NumberBox
      path="coffeeGrams"
      :label="dissolves ? 'Instant coffee' : 'Ground coffee'"
      unit="g"
      weigh
      large
    />
    <NumberBox path="waterGrams" label="Water" unit="g" weigh large />
    <NumberBox path="otherGrams" label="Sugar" unit="g" weigh />
    <NumberBox
      path="hotCelsius"
      label="Into a hot drink at"
      unit="°C"
      :hint="`${decimal(bar.words.usual.fromThePot, 0)} when nothing is said; cold brew has none`"
    />
  </StepHead>
  <StepHead
    :number="3"
    title="What stays behind, what dissolves"
    hint="Weigh the wet grounds once: what they weigh more than dry is the water they keep."
  >
    <NumberBox
      v-if="!dissolves"
      path="retainedGramsPerGram"
      label="A gram of grounds keeps"
      unit="g of water"
      hint="2 when nothing is said"
    />
    <NumberBox v-if="!dissolves" path="extractionPercent" label="Extraction" unit="%" />
    <NumberBox
      path="dilutionParts"
      label="Served with"
      unit="parts of water to one"
      hint="1 for a 1 : 1 concentrate; leave empty if it is ready to drink"
    />
    <NumberBox v-if="!dissolves" path="holdsHours" label="Keeps after brewing" unit="hours" />
    <NumberBox
      v-if="bench.read('method') === 'batch'"
      path="holdsHotHours"
      label="Keep hot for at most"
      unit="hours"
      hint="left empty: 1"
    />
  </StepHead>
  <div class="result">
    <svg
      viewBox="0 0 220 130"
      role="img"
      :aria-label="`Coffee and water go in; ${measured?.yield == null ? 'what comes out is not known yet' : `${decimal(measured.yield, 0)} g are served`}`"
    >
      <line x1="0" x2="220" y1="118" y2="118" class="table" />
      <rect x="20" y="4" width="56" height="114" class="jug" />
      <rect x="22" :y="118 - bars.water" width="52" :height="bars.water" fill="#bcd9e3" />
      <rect x="22" :y="118 - bars.water - bars.coffee" width="52" :height="bars.coffee" fill="#5a3a22" />
      <path d="M92,62 h28 m-8,-6 l8,6 l-8,6" class="arrow" />
      <rect x="134" y="4" width="56" height="114" class="jug" />
      <rect x="136" :y="118 - bars.out" width="52" :height="bars.out" fill="#7a5334" />
      <text x="48" y="128">in</text>
      <text x="162" y="128">served</text>
    </svg>
    <div class="answers">
      <AnswerLine
        label="coffee to the litre"
        :value="measured?.gramsPerLitre == null ? null : `${decimal(measured.gramsPerLitre, 1)} g/l`"
        test="per-litre"
      />
      <AnswerLine
        label="strength as served"
        :value="measured?.strength == null ? null : `${decimal(measured.strength, 2)} %`"
        test="strength"
      />
      <AnswerLine
        label="is served"
        :value="measured?.yield == null ? null : reading(measured.yield, 'g')"
        :note="measured?.retained == null ? undefined : `the grounds keep ${reading(measured.retained, 'g')}`"
      />
    </div>
  </div>
  <p v-for="says in measured?.says" :key="says" class="soft">{{ says }}</p>
</template>

<style scoped>
.result {
  display: grid;
  grid-template-columns: 15rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: center;
  margin-top: 1rem;
}

svg {
  width: 100%;
}

.jug {
  fill: var(--glass);
  stroke: var(--line-strong);
}

.table {
  stroke: var(--line);
}

.arrow {
  fill: none;
  stroke: var(--cobalt);
  stroke-width: 2;
}

text {
  fill: var(--ink-soft);
  font-size: 9px;
  text-anchor: middle;
}

.answers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
  gap: 0.8rem;
}

@media (width < 40rem) {
  .result {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
