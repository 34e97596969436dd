<script setup lang="ts">
import { computed } from 'vue'
import type { BarView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import FlavourStandard from './FlavourStandard.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import TextBox from '@/features/bar/boxes/TextBox.vue'

const props = defineProps<{ bar: BarView }>()

const named = (facts: { id: string; document: { name?: string | null } }[]) =>
  facts.map(({ id, document }) => ({ value: id, label: document.name ?? '' }))
/** What a new build can begin with. */
const begins = computed(() => ({
  espresso: named(props.bar.espresso),
  milk: named(
    [...props.bar.ingredients, ...props.bar.parts].filter(({ document }) => document.kind === 'milk'),
  ),
  foam: named(props.bar.foams.filter(({ document }) => !document.cold)),
}))

/** How long what is made for an order may stand. */
const stands = [
  { path: 'shotStandsSeconds', of: 'shot', label: 'A shot may stand' },
  { path: 'milkStandsSeconds', of: 'milk', label: 'Steamed milk may stand' },
  { path: 'hotStandsSeconds', of: 'hot', label: 'A hot drink may stand' },
  { path: 'coldStandsSeconds', of: 'cold', label: 'A drink with ice may stand' },
] as const

/** Who makes an order, and with what. */
const places = [
  { path: 'baristas', label: 'Baristas on drinks' },
  { path: 'groups', label: 'Groups of the machine' },
  { path: 'wands', label: 'Steam wands' },
] as const

/** What a served cup is held to. */
const limits = [
  { path: 'coldToCelsius', of: 'coldTo', label: 'A cold drink goes out at, at most', unit: '°C' },
  {
    path: 'leastIcePercent',
    of: 'leastIce',
    label: 'Ice in iced drinks, at least',
    unit: 'g to 100 ml of the cup',
  },
  {
    path: 'blendedIceFrom',
    of: 'blendedIceFrom',
    label: 'Ice in the blender, at least',
    unit: 'g to a ml of liquid',
  },
  {
    path: 'blendedIceTo',
    of: 'blendedIceTo',
    label: 'Ice in the blender, at most',
    unit: 'g to a ml of liquid',
  },
  {
    path: 'leastFillPercent',
    of: 'leastFill',
    label: 'A cup is full, at least',
    unit: '% of what fits',
  },
  {
    path: 'hotMilkFrom',
    of: 'hotMilkFrom',
    label: 'Milk in a hot drink, at least',
    unit: 'g to a gram of coffee',
  },
  {
    path: 'hotMilkTo',
    of: 'hotMilkTo',
    label: 'Milk in a hot drink, at most',
    unit: 'g to a gram of coffee',
  },
  {
    path: 'icedMilkFrom',
    of: 'icedMilkFrom',
    label: 'Milk over ice, at least',
    unit: 'g to a gram of coffee',
  },
  { path: 'icedMilkTo', of: 'icedMilkTo', label: 'Milk over ice, at most', unit: 'g to a gram of coffee' },
  {
    path: 'yieldToleranceGrams',
    of: 'yieldTolerance',
    label: 'Espresso yield may be off by',
    unit: 'g either way',
  },
  { path: 'mostCaffeineMg', of: 'mostCaffeine', label: 'Caffeine in a cup, at most', unit: 'mg' },
  { path: 'costSharePercent', of: 'costShare', label: 'Cost, at most', unit: '% of the price' },
] as const

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
      :hint="`about 1 is just seen side by side; left empty: ${decimal(bar.rules.colourDrift, 1)}`"
    />
    <NumberBox
      path="strengthWeight"
      label="Strength weighs"
      :hint="`left empty: ${decimal(bar.rules.strengthWeight, 1)}; for ranking what is advised`"
    />
    <NumberBox
      path="sweetnessWeight"
      label="Sweetness weighs"
      :hint="`left empty: ${decimal(bar.rules.sweetnessWeight, 1)}; for ranking what is advised`"
    />
  </StepHead>
  <StepHead
    :number="2"
    title="How much flavour goes in?"
    hint="A line that goes “as the house pours it” follows this; new builds do. What is left empty is not said, and goes with the cup."
  >
    <FlavourStandard :bar="bar" />
  </StepHead>
  <StepHead
    :number="3"
    title="What does a new build begin with?"
    hint="What is proposed, and what milk is steamed to where nothing else is said. Builds that are there already stay as they are."
  >
    <ChoiceBox
      path="espresso"
      label="Espresso"
      :options="begins.espresso"
      nothing="the first that there is"
      clearable
    />
    <ChoiceBox
      path="milk"
      label="Milk"
      :options="begins.milk"
      nothing="the first without sugar in it"
      clearable
    />
    <ChoiceBox
      path="foam"
      label="Foam of hot milk"
      :options="begins.foam"
      nothing="the least that is right for the milk"
      clearable
    />
  </StepHead>
  <StepHead :number="4" title="To what does the bar pour?">
    <NumberBox path="liquidStepMl" label="Milk, coffee, water to" unit="ml" />
    <NumberBox path="iceStepGrams" label="Ice to" unit="g" />
    <NumberBox path="weighingStepGrams" label="The scale to" unit="g" />
    <ChoiceBox path="halfStrokes" label="Half strokes are" :options="halves" nothing="not given" clearable />
    <NumberBox path="reserveMm" label="Reserve in a new build" unit="mm" />
    <NumberBox
      path="sauceTolerancePercent"
      label="A squeeze may overshoot by"
      unit="%"
      :hint="`left empty: ${decimal(bar.rules.sauceTolerance, 0)} %`"
    />
  </StepHead>
  <StepHead :number="5" title="When are strokes weighed again?">
    <NumberBox
      path="calibrationDays"
      label="After"
      unit="days"
      :hint="`left empty: ${bar.rules.calibrationDays} days`"
    />
    <NumberBox
      path="calibrationTolerancePercent"
      label="Settled when sure to within"
      unit="%"
      :hint="`left empty: ${decimal(bar.rules.calibrationTolerance, 1)} %`"
    />
  </StepHead>
  <StepHead :number="6" title="The room and the milk">
    <NumberBox
      path="roomCelsius"
      label="The room is at"
      unit="°C"
      :hint="`left empty: ${decimal(bar.rules.room, 0)} °C`"
    />
    <NumberBox
      path="milkFromCelsius"
      label="Milk is steamed to, at least"
      unit="°C"
      :hint="`left empty: ${decimal(bar.rules.milkFrom, 0)} °C`"
    />
    <NumberBox
      path="milkToCelsius"
      label="at most"
      unit="°C"
      :hint="`left empty: ${decimal(bar.rules.milkTo, 0)} °C`"
    />
    <NumberBox
      path="hotFromCelsius"
      label="A hot drink goes out at, at least"
      unit="°C"
      :hint="`left empty: ${decimal(bar.rules.hotFrom, 0)} °C`"
    />
    <NumberBox
      v-for="limit in stands"
      :key="limit.path"
      :path="limit.path"
      :label="limit.label"
      unit="s"
      :hint="`left empty: ${decimal(bar.rules.standing[limit.of], 0)} s`"
    />
    <NumberBox
      v-for="place in places"
      :key="place.path"
      :path="place.path"
      :label="place.label"
      :hint="`for planning orders; left empty: ${bar.rules.places[place.path]}`"
    />
    <NumberBox
      path="builtMeltPercent"
      label="A built iced drink’s ice melts by"
      unit="%"
      :hint="`of what it could, by hand-over: strain it and weigh the ice; left empty: ${decimal(bar.rules.builtMelt, 0)} %`"
    />
    <NumberBox
      path="layeredMeltPercent"
      label="A layered drink’s ice melts by"
      unit="%"
      :hint="`of what it could, by hand-over; left empty: ${decimal(bar.rules.layeredMelt, 0)} %`"
    />
  </StepHead>
  <StepHead
    :number="7"
    title="What a served cup is held to"
    hint="The sheet warns you outside these limits. They are common practice; the caffeine limit is EFSA’s for a day."
  >
    <NumberBox
      v-for="limit in limits"
      :key="limit.path"
      :path="`serving.${limit.path}`"
      :label="limit.label"
      :unit="limit.unit"
      :hint="`left empty: ${decimal(bar.rules.serving[limit.of] ?? 0, 1)}`"
    />
    <NumberBox
      path="serving.jarMl"
      label="Blender jar"
      unit="ml"
      hint="its volume, ice included; left empty: no limit"
    />
  </StepHead>
  <StepHead
    :number="8"
    title="Air"
    hint="Shake or blend, pour it into a measuring jug, and read it again once the foam is gone."
  >
    <NumberBox
      path="shakenAirPercent"
      label="Shaking puts in"
      unit="% of air"
      :hint="`left empty: ${decimal(bar.rules.shakenAir, 0)} %`"
    />
    <NumberBox
      path="blendedAirPercent"
      label="Blending puts in"
      unit="% of air"
      :hint="`left empty: ${decimal(bar.rules.blendedAir, 0)} %`"
    />
  </StepHead>
  <StepHead
    :number="9"
    title="How sweet are the sugars?"
    hint="Against sucrose, which is 1. Empty takes the value beside the box."
  >
    <NumberBox
      v-for="sugar in sugars"
      :key="sugar"
      :path="`sweetness.${sugar}`"
      :label="sugar"
      :hint="`left empty: ${decimal(bar.rules[sugar], 2)}`"
    />
  </StepHead>
  <StepHead :number="10" title="Words and money">
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
