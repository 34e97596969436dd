<script setup lang="ts">
import { computed } from 'vue'
import type { BarView, EspressoMeasured } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import GaugeBar from './GaugeBar.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import TextBox from '@/features/bar/boxes/TextBox.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const measured = bench.measured<EspressoMeasured>()
const makes = computed(() =>
  props.bar.ingredients
    .filter(({ document }) => document.kind === 'espresso')
    .map(({ id, document }) => ({ value: id, label: document.name ?? '' })),
)
const stations = computed(() =>
  props.bar.stations.map(({ id, document }) => ({ value: id, label: document.name ?? '' })),
)
const shots = [1, 2, 3, 4].map((count) => ({
  value: count,
  label: count === 1 ? '1 shot' : `${count} shots`,
}))
const halves = [
  { value: true, label: 'poured: a pull is split' },
  { value: false, label: 'not poured' },
]
const number = (path: string) => (bench.read(path) as number | null | undefined) ?? null
</script>

<template>
  <StepHead :number="1" title="The recipe" hint="What goes into the basket, what comes out, and in how long.">
    <ChoiceBox path="ingredient" label="It makes" :options="makes" />
    <ChoiceBox
      v-if="stations.length > 1"
      path="station"
      label="For the machine at"
      :options="stations"
      nothing="every station"
      clearable
    />
    <NumberBox path="doseGrams" label="Coffee in" unit="g" weigh large />
    <NumberBox path="yieldGrams" label="Espresso out" unit="g" weigh large />
    <NumberBox
      path="yieldMl"
      label="or by volume, without crema"
      unit="ml"
      hint="used where no grams are said"
    />
    <NumberBox path="secondsFrom" label="In, at least" unit="s" />
    <NumberBox path="secondsTo" label="at most" unit="s" />
    <TextBox path="grinder" label="Grinder" />
    <TextBox path="grind" label="Grind setting" />
    <TextBox path="roastedOn" label="Roasted on" kind="day" />
    <NumberBox path="restDays" label="Rest" unit="days" hint="usually a week or more; ask the roaster" />
  </StepHead>
  <StepHead :number="2" title="The basket and the shots">
    <NumberBox path="basketFromGrams" label="The basket takes" unit="g" />
    <NumberBox path="basketToGrams" label="to" unit="g" />
    <ChoiceBox path="shotsPerPull" label="One pull is" :options="shots" />
    <ChoiceBox path="halfShots" label="Half shots" :options="halves" nothing="not poured" clearable />
    <NumberBox path="cupCelsius" label="In the cup it is" unit="°C" />
  </StepHead>
  <StepHead
    :number="3"
    title="How much dissolves"
    hint="Either of the two gives the other: extraction from the roaster or experience, or strength from a refractometer."
  >
    <NumberBox path="extractionPercent" label="Extraction" unit="%" />
    <NumberBox path="tdsPercent" label="or strength as measured" unit="%" />
  </StepHead>
  <div class="answers">
    <AnswerLine
      label="one shot"
      :value="measured?.perShot == null ? null : `${decimal(measured.perShot, 1)} g`"
      test="per-shot"
    />
    <AnswerLine
      label="in : out"
      :value="measured?.ratio == null ? null : `1 : ${decimal(measured.ratio, 2)}`"
    />
    <AnswerLine
      label="strength"
      :value="measured?.strength == null ? null : `${decimal(measured.strength, 2)} %`"
      test="strength"
    />
    <AnswerLine
      label="extraction"
      :value="measured?.extraction == null ? null : `${decimal(measured.extraction, 1)} %`"
      test="extraction"
    />
  </div>
  <p v-for="says in measured?.says" :key="says" class="soft">{{ says }}</p>
  <div class="gauges">
    <GaugeBar
      label="Dose in the basket"
      :value="number('doseGrams')"
      :from="6"
      :to="26"
      :band-from="number('basketFromGrams')"
      :band-to="number('basketToGrams')"
      unit="g"
    />
    <GaugeBar
      label="Extraction"
      :value="measured?.extraction ?? null"
      :from="12"
      :to="28"
      :band-from="18"
      :band-to="22"
      unit="%"
    />
    <GaugeBar
      label="The last pull took"
      :value="number('pulledSeconds')"
      :from="10"
      :to="50"
      :band-from="number('secondsFrom')"
      :band-to="number('secondsTo')"
      unit="s"
    />
  </div>
  <StepHead :number="4" title="Check a pull" hint="Weigh what came out and read the seconds.">
    <NumberBox path="pulledGrams" label="Came out" unit="g" weigh />
    <NumberBox path="pulledSeconds" label="in" unit="s" />
    <p
      v-if="measured?.verdict"
      class="verdict"
      :class="{ off: !measured.verdict.isGood }"
      role="status"
      data-test="verdict"
    >
      <i :class="measured.verdict.isGood ? 'pi pi-check' : 'pi pi-exclamation-triangle'" aria-hidden="true" />
      {{ measured.verdict.words }}
    </p>
  </StepHead>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8rem, 1fr));
  gap: 0.8rem;
  margin: 1rem 0 0.4rem;
}

.gauges {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(14rem, 1fr));
  gap: 0.8rem 1.5rem;
  margin-top: 0.6rem;
}

.verdict {
  align-self: center;
  padding: 0.35rem 0.8rem;
  border-radius: 0.3rem;
  background: var(--glass);
  font-weight: 600;
}

.verdict.off {
  background: var(--warning-wash);
  color: var(--warning);
}
</style>
