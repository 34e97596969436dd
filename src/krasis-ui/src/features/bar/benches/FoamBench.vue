<script setup lang="ts">
import { computed } from 'vue'
import type { BarView, FoamMeasured } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import GaugeBar from './GaugeBar.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const measured = bench.measured<FoamMeasured>()
const isCold = computed(() => bench.read('cold') === true)
const ways = [
  { value: false, label: 'steamed' },
  { value: true, label: 'foamed cold, without steam' },
]
const tools = computed(() =>
  props.bar.words.foamTools.map(({ code, name }) => ({ value: code, label: `a ${name}` })),
)
const thirds = [
  { value: 1, label: 'one third, the least' },
  { value: 2, label: 'two thirds' },
  { value: 3, label: 'three thirds, the most' },
]
const scale = computed(() => 120 / Math.max(150, measured.value?.volume ?? 150))
</script>

<template>
  <StepHead :number="1" title="How it is done">
    <ChoiceBox path="cold" label="The milk is" :options="ways" nothing="steamed" />
    <ChoiceBox
      path="tool"
      label="Foamed with"
      :options="tools"
      :nothing="`a ${isCold ? bar.words.usual.coldTool : bar.words.usual.steamTool}`"
      clearable
    />
    <NumberBox
      path="mostFatPer100g"
      label="It manages up to"
      unit="g of fat in 100 g"
      hint="a weak whisk foams skimmed milk, and hardly whole"
    />
    <ChoiceBox path="thirds" label="Meant to be" :options="thirds" nothing="not in thirds" clearable />
  </StepHead>
  <StepHead
    :number="2"
    title="How far it grows"
    hint="Pour 100 ml of cold whole milk into the pitcher, foam it, pour it into a measuring jug and read it at once."
  >
    <NumberBox path="grownMl" label="100 ml became" unit="ml" large />
    <NumberBox
      path="overrunPercent"
      label="or it grows by"
      unit="%"
      hint="the milk and the steam in it; this counts where both are said"
    />
    <AnswerLine
      label="grows by"
      :value="measured?.overrun == null ? null : `${decimal(measured.overrun, 0)} %`"
      test="overrun"
    />
  </StepHead>
  <StepHead
    :number="3"
    title="From where to where"
    hint="The end decides how much steam turns to water in it."
  >
    <NumberBox path="fromCelsius" label="From the fridge at" unit="°C" />
    <template v-if="!isCold">
      <NumberBox path="toCelsius" label="It ends at" unit="°C" />
      <NumberBox path="steamCelsius" label="Steam at the wand" unit="°C" />
      <NumberBox
        path="extraHotCelsius"
        label="Extra hot"
        unit="°C"
        :hint="`left empty: ${decimal(bar.words.usual.extraHot, 0)}; never above the milk’s own limit`"
      />
      <NumberBox
        path="kidsCelsius"
        label="For a child"
        unit="°C"
        :hint="`left empty: ${decimal(bar.words.usual.kids, 0)}`"
      />
    </template>
  </StepHead>
  <div class="result">
    <svg
      viewBox="0 0 200 150"
      role="img"
      :aria-label="
        measured?.volume == null
          ? '100 ml of cold milk'
          : `100 ml of cold milk become ${decimal(measured.volume, 0)} ml, of which ${decimal((measured.volume ?? 0) - (measured.liquid ?? 0), 0)} ml are air`
      "
    >
      <line x1="0" x2="200" y1="138" y2="138" class="table" />
      <rect x="18" :y="138 - 100 * scale" width="60" :height="100 * scale" fill="#f3e7d0" class="milk" />
      <text x="48" :y="138 - 50 * scale">100 ml</text>
      <path d="M88,100 h22 m-7,-5 l7,5 l-7,5" class="arrow" />
      <template v-if="measured?.liquid != null && measured.volume != null">
        <rect x="120" :y="138 - 100 * scale" width="60" :height="100 * scale" fill="#f3e7d0" class="milk" />
        <rect
          x="120"
          :y="138 - measured.liquid * scale"
          width="60"
          :height="(measured.liquid - 100) * scale"
          fill="#bcd9e3"
        />
        <rect
          x="120"
          :y="138 - measured.volume * scale"
          width="60"
          :height="(measured.volume - measured.liquid) * scale"
          class="foam"
        />
        <text x="150" :y="133 - measured.volume * scale" class="value">
          {{ decimal(measured.volume, 0) }} ml
        </text>
      </template>
      <text x="48" y="148">cold milk</text>
      <text x="150" y="148">milk, steam, foam</text>
    </svg>
    <div class="answers">
      <AnswerLine
        label="100 ml become"
        :value="measured?.volume == null ? null : `${decimal(measured.volume, 0)} ml`"
        test="grown"
      />
      <AnswerLine
        v-if="!isCold"
        label="steam turned to water"
        :value="measured?.steam == null ? null : `${decimal(measured.steam, 1)} g`"
        note="in 100 ml of whole milk"
      />
      <GaugeBar
        v-if="!isCold"
        label="Ends at"
        :value="(bench.read('toCelsius') as number | null) ?? null"
        :from="30"
        :to="80"
        :band-from="bar.rules.milkFrom"
        :band-to="bar.rules.milkTo"
        unit="°C"
      />
      <p v-for="says in measured?.says" :key="says" class="warning">{{ says }}</p>
    </div>
  </div>
  <p class="soft caution">
    The wand burns: purge and wipe it before and after. Never steam the same milk twice. Milk for cold foam is
    held at 0 to 3 °C.
  </p>
</template>

<style scoped>
.result {
  display: grid;
  grid-template-columns: 15rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
  margin-top: 1rem;
}

svg {
  width: 100%;
}

.table {
  stroke: var(--line);
}

.milk {
  stroke: var(--line-strong);
}

.foam {
  fill: #fffaf0;
  stroke: var(--line-strong);
  stroke-dasharray: 2 2;
}

.arrow {
  fill: none;
  stroke: var(--cobalt);
  stroke-width: 2;
}

text {
  fill: #4a5c62;
  font-size: 9px;
  text-anchor: middle;
}

text[y='148'] {
  fill: var(--ink-soft);
}

.value {
  fill: var(--cobalt);
  font-weight: 650;
  font-size: 11px;
}

.answers {
  display: grid;
  gap: 0.6rem;
}

.warning {
  color: var(--warning);
}

.caution {
  margin-top: 0.8rem;
  font-size: 0.9rem;
}

@media (width < 40rem) {
  .result {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
