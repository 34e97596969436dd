<script setup lang="ts">
import type { BarView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import ChoiceBox from './ChoiceBox.vue'
import NumberBox from './NumberBox.vue'
import StepHead from './StepHead.vue'
import TextBox from './TextBox.vue'

defineProps<{ bar: BarView }>()

const halves = [
  { value: true, label: 'given, unless a pump says otherwise' },
  { value: false, label: 'not given, unless a pump says otherwise' },
]
const units = [
  { value: 'metric', label: 'millilitres and grams' },
  { value: 'us', label: 'US fluid ounces and grams' },
  { value: 'imperial', label: 'imperial fluid ounces and grams' },
]
const sugars = ['glucose', 'fructose', 'lactose', 'maltose', 'galactose'] as const
</script>

<template>
  <StepHead :number="1" title="How far may a size taste from the reference?">
    <NumberBox path="strengthDriftPercent" label="In strength" unit="%" large />
    <NumberBox path="sweetnessDriftPercent" label="In sweetness" unit="%" large />
    <NumberBox
      path="colourDrift"
      label="In colour"
      unit="ΔE"
      :hint="`about 1 is just seen side by side; ${decimal(bar.rules.colourDrift, 1)} holds`"
    />
    <NumberBox
      path="strengthWeight"
      label="Strength weighs"
      :hint="`${decimal(bar.rules.strengthWeight, 1)} when the adviser ranks`"
    />
    <NumberBox
      path="sweetnessWeight"
      label="Sweetness weighs"
      :hint="`${decimal(bar.rules.sweetnessWeight, 1)} when the adviser ranks`"
    />
  </StepHead>
  <StepHead :number="2" title="To what does the bar pour?">
    <NumberBox path="liquidStepMl" label="Milk, coffee, water to" unit="ml" />
    <NumberBox path="iceStepGrams" label="Ice to" unit="g" />
    <NumberBox path="weighingStepGrams" label="The scale to" unit="g" />
    <ChoiceBox path="halfStrokes" label="Half strokes are" :options="halves" nothing="not given" clearable />
    <NumberBox path="reserveMm" label="Reserve in a new build" unit="mm" />
    <NumberBox
      path="sauceTolerancePercent"
      label="A squeeze may overshoot by"
      unit="%"
      :hint="`${decimal(bar.rules.sauceTolerance, 0)} % holds`"
    />
  </StepHead>
  <StepHead :number="3" title="When are strokes weighed again?">
    <NumberBox
      path="calibrationDays"
      label="After"
      unit="days"
      :hint="`${bar.rules.calibrationDays} days hold`"
    />
    <NumberBox
      path="calibrationTolerancePercent"
      label="Settled when sure to within"
      unit="%"
      :hint="`${decimal(bar.rules.calibrationTolerance, 1)} % holds`"
    />
  </StepHead>
  <StepHead :number="4" title="The room and the milk">
    <NumberBox
      path="roomCelsius"
      label="The room is at"
      unit="°C"
      :hint="`${decimal(bar.rules.room, 0)} °C holds`"
    />
    <NumberBox
      path="milkFromCelsius"
      label="Milk is steamed to, at least"
      unit="°C"
      :hint="`${decimal(bar.rules.milkFrom, 0)} °C holds`"
    />
    <NumberBox
      path="milkToCelsius"
      label="at most"
      unit="°C"
      :hint="`${decimal(bar.rules.milkTo, 0)} °C holds`"
    />
    <NumberBox
      path="hotFromCelsius"
      label="A hot drink goes out at, at least"
      unit="°C"
      :hint="`${decimal(bar.rules.hotFrom, 0)} °C holds`"
    />
    <NumberBox
      path="builtMeltPercent"
      label="A built iced drink’s ice melts by"
      unit="%"
      :hint="`of what it could, by hand-over: strain it and weigh the ice; ${decimal(bar.rules.builtMelt, 0)} % holds`"
    />
    <NumberBox
      path="layeredMeltPercent"
      label="A layered drink’s ice melts by"
      unit="%"
      :hint="`of what it could, by hand-over; ${decimal(bar.rules.layeredMelt, 0)} % holds`"
    />
  </StepHead>
  <StepHead
    :number="5"
    title="Air"
    hint="Shake or blend, pour it into a measuring jug, and read it again once the foam is gone."
  >
    <NumberBox
      path="shakenAirPercent"
      label="Shaking puts in"
      unit="% of air"
      :hint="`${decimal(bar.rules.shakenAir, 0)} % holds`"
    />
    <NumberBox
      path="blendedAirPercent"
      label="Blending puts in"
      unit="% of air"
      :hint="`${decimal(bar.rules.blendedAir, 0)} % holds`"
    />
  </StepHead>
  <StepHead
    :number="6"
    title="How sweet are the sugars?"
    hint="Against sucrose, which is 1. Empty takes the value beside the box."
  >
    <NumberBox
      v-for="sugar in sugars"
      :key="sugar"
      :path="`sweetness.${sugar}`"
      :label="sugar"
      :hint="`${decimal(bar.rules[sugar], 2)} holds`"
    />
  </StepHead>
  <StepHead :number="7" title="Words and money">
    <ChoiceBox
      path="units"
      label="A cell says beside its measure"
      :options="units"
      nothing="millilitres and grams"
      clearable
    />
    <TextBox path="currency" label="After an amount of money" />
  </StepHead>
</template>
