<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Checkbox from 'primevue/checkbox'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BarView, IngredientMeasured } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import LabelHelper from './LabelHelper.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import TextBox from '@/features/bar/boxes/TextBox.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const measured = bench.measured<IngredientMeasured>()
const kind = computed(() => String(bench.read('kind') ?? ''))
const isPlain = computed(() => kind.value === 'water')
const kinds = [
  { value: 'syrup', label: 'Syrup' },
  { value: 'sauce', label: 'Sauce' },
  { value: 'milk', label: 'Milk, plant drink, cream' },
  { value: 'espresso', label: 'Espresso (by a recipe)' },
  { value: 'coffee', label: 'Brewed coffee' },
  { value: 'tea', label: 'Tea, tea concentrate' },
  { value: 'powder', label: 'Powder, instant, sugar' },
  { value: 'iceCream', label: 'Ice cream' },
  { value: 'topping', label: 'Topping' },
  { value: 'flavour', label: 'Flavour in drops' },
  { value: 'water', label: 'Water, soda' },
]
const packs = [
  { value: 'g', label: 'g' },
  { value: 'ml', label: 'ml' },
]
const composition = [
  ['energyKcal', 'Energy', 'kcal'],
  ['fat', 'Fat', 'g'],
  ['saturates', 'of it saturates', 'g'],
  ['carbohydrate', 'Carbohydrate', 'g'],
  ['sugars', 'of it sugars', 'g'],
  ['protein', 'Protein', 'g'],
  ['salt', 'Salt', 'g'],
  ['caffeineMg', 'Caffeine', 'mg'],
] as const
const sugars = ['sucrose', 'glucose', 'fructose', 'lactose', 'maltose', 'galactose'] as const
const sweeteners = [
  ['erythritol', 'erythritol'],
  ['xylitol', 'xylitol'],
  ['maltitol', 'maltitol'],
  ['allulose', 'allulose'],
  ['aspartame', 'aspartame'],
  ['steviolGlycosides', 'steviol glycosides'],
  ['sucralose', 'sucralose'],
] as const
const allergens = computed(() =>
  props.bar.words.allergens.map(({ code, name, isUsNine, isEuFourteen, kindOf }) => {
    const laws = [isUsNine && 'US', isEuFourteen && 'EU', kindOf && `one of the ${kindOf}`].filter(Boolean)
    return { value: code, label: name, laws: laws.join(', ') }
  }),
)
const isBegun = computed(() => bench.read('allergens') != null)
const listed = (which: string) => (bench.read(`allergens.${which}`) as string[] | undefined) ?? []
const listsNone = computed(() => listed('contains').length === 0 && listed('mayContain').length === 0)

/** Keeps the entries while the switch is off: turning it off and on again loses nothing. */
let put = { contains: [], mayContain: [], namesNone: false } as Record<string, unknown>
function begin(isOn: boolean): void {
  if (!isOn) {
    put = bench.read('allergens') as Record<string, unknown>
  }

  bench.put('allergens', isOn ? put : null)
}

function list(which: 'contains' | 'mayContain', codes: string[]): void {
  bench.put(`allergens.${which}`, codes)
  if (codes.length > 0) {
    bench.put('allergens.namesNone', false)
  }
}
const faultsOf = (list: string) =>
  [...bench.problems.value].filter(([path]) => path.startsWith(`allergens.${list}`)).map(([, text]) => text)

// Something like it may stand in the pantry that ships with the program.
const pantry = useQuery({
  queryKey: keys.pantry,
  queryFn: () => ask(api.GET('/api/pantry')),
  enabled: bench.id === null,
  staleTime: Infinity,
})
const starters = computed(() =>
  (pantry.data.value ?? []).map(({ name }, i) => ({ value: i, label: name ?? '' })),
)

function beginFrom(index: number | null): void {
  const found = index === null ? undefined : pantry.data.value?.[index]
  if (found) {
    const { source, per100g } = found
    // Its allergens are for its own label to say.
    bench.begin({
      ...found,
      id: null,
      allergens: null,
      per100g: per100g ? { ...per100g, source: source ?? null } : null,
    })
  }
}
</script>

<template>
  <div v-if="bench.id === null" class="starter">
    <label id="starter" class="soft">Something like it is in the starter pantry</label>
    <Select
      :model-value="null"
      :options="starters"
      option-label="label"
      option-value="value"
      placeholder="Begin from…"
      filter
      aria-labelledby="starter"
      data-test="starter"
      @update:model-value="beginFrom"
    />
  </div>
  <StepHead :number="1" title="What it is">
    <ChoiceBox path="kind" label="Kind" :options="kinds" />
    <TextBox path="colour" label="Colour in the drawing" kind="colour" />
    <NumberBox
      v-if="['coffee', 'powder'].includes(kind)"
      path="strengthPercent"
      label="Coffee solids"
      unit="%"
      hint="empty where a coffee recipe gives it"
    />
    <template v-if="['espresso', 'coffee'].includes(kind)">
      <NumberBox
        path="roastCaffeinePercent"
        label="Caffeine of the roast"
        unit="%"
        hint="of the ground coffee: arabica about 1.2, robusta about 2.2"
      />
      <NumberBox
        path="roastCaffeineSpreadPercent"
        label="give or take"
        unit="% of it"
        :hint="`${decimal(bar.words.usual.roastSpread, 0)} when nothing is said`"
      />
    </template>
    <NumberBox
      path="servedCelsius"
      label="Goes in at"
      unit="°C"
      :hint="kind === 'iceCream' ? 'left empty: −18; it cools the drink as it melts' : ''"
    />
    <template v-if="kind === 'tea'">
      <NumberBox
        path="hotCelsius"
        label="Temperature in a hot drink"
        unit="°C"
        hint="leave empty if you only serve it cold"
      />
      <NumberBox
        path="dilutionParts"
        label="Milk or water to 1 part"
        unit="parts"
        hint="0 if it is ready to drink"
      />
    </template>
    <span v-if="kind === 'powder'" class="switch">
      <ToggleSwitch
        :model-value="bench.read('whisked') === true"
        input-id="whisked"
        @update:model-value="bench.put('whisked', $event ? true : null)"
      />
      <label for="whisked">Lumps: whisk it smooth with hot water first</label>
    </span>
  </StepHead>
  <p v-for="says in measured?.says" :key="says" class="soft">{{ says }}</p>
  <StepHead
    :number="2"
    title="How heavy it is"
    hint="A refractometer’s °Brix gives a syrup’s density. Otherwise weigh 100 ml of it: grams ÷ 100."
  >
    <NumberBox v-if="['syrup', 'sauce', 'flavour'].includes(kind)" path="brix" label="°Brix" large />
    <NumberBox
      path="densityGramsPerMl"
      :label="measured?.isDensityByBrix ? 'or density, weighed' : 'Density as served'"
      unit="g/ml"
    />
    <AnswerLine
      label="density"
      :value="measured?.density == null ? null : `${decimal(measured.density, 3)} g/ml`"
      :note="measured?.isDensityByBrix ? 'by its °Brix, at 20 °C' : undefined"
      test="density"
    />
  </StepHead>
  <StepHead v-if="!isPlain" :number="3" title="What is in 100 g" hint="From the label. Empty is not known.">
    <LabelHelper
      :density="(bench.read('densityGramsPerMl') as number | null | undefined) ?? measured?.density ?? null"
    />
    <div class="grid">
      <NumberBox
        v-for="[key, label, unit] in composition"
        :key="key"
        :path="`per100g.${key}`"
        :label="label"
        :unit="unit"
      />
    </div>
    <div class="grid">
      <NumberBox v-for="sugar in sugars" :key="sugar" :path="`per100g.${sugar}`" :label="sugar" unit="g" />
    </div>
    <details class="sweeteners">
      <summary>Sweeteners that are no sugar</summary>
      <div class="grid">
        <NumberBox
          v-for="[key, label] in sweeteners"
          :key="key"
          :path="`per100g.sweeteners.${key}`"
          :label="label"
          unit="g"
        />
      </div>
    </details>
    <p v-if="bench.problemAt('per100g')" class="error" role="alert">{{ bench.problemAt('per100g') }}</p>
    <TextBox path="per100g.source" label="Read or measured where" />
    <TextBox path="per100g.on" label="on" kind="day" />
    <AnswerLine
      label="tastes as sweet as"
      :value="measured?.sweetness == null ? null : `${decimal(measured.sweetness, 1)} g sugar`"
      note="in 100 g"
      test="sweetness"
    />
    <AnswerLine
      label="energy by 4/9/4"
      :value="measured?.energy == null ? null : `${decimal(measured.energy, 0)} kcal`"
    />
  </StepHead>
  <StepHead
    v-if="!isPlain"
    :number="4"
    title="Allergens on the label"
    hint="Read the whole label, also “may contain”. What nobody has read stays unknown, and every sheet says so."
  >
    <span class="switch">
      <ToggleSwitch :model-value="isBegun" input-id="label-read" @update:model-value="begin" />
      <label for="label-read">I am reading the label</label>
    </span>
    <template v-if="isBegun">
      <div
        v-for="[which, label] in [
          ['contains', 'Contains'],
          ['mayContain', 'May contain'],
        ] as const"
        :key="which"
        class="list"
      >
        <label :id="which" class="soft">{{ label }}</label>
        <MultiSelect
          :model-value="listed(which)"
          :options="allergens"
          option-label="label"
          option-value="value"
          display="chip"
          :placeholder="bench.read('allergens.namesNone') ? 'None named on the label' : 'Choose'"
          :aria-labelledby="which"
          :data-field="`allergens.${which}`"
          class="allergens"
          @update:model-value="list(which, $event)"
        >
          <template #option="{ option }">{{ option.label }} ({{ option.laws }})</template>
        </MultiSelect>
        <span v-for="fault in faultsOf(which)" :key="fault" class="error">{{ fault }}</span>
      </div>
      <span v-if="listsNone" class="switch">
        <Checkbox
          :model-value="Boolean(bench.read('allergens.namesNone'))"
          binary
          input-id="names-none"
          data-field="allergens.namesNone"
          @update:model-value="bench.put('allergens.namesNone', $event)"
        />
        <label for="names-none">I have read the whole label, and it names none</label>
      </span>
      <TextBox path="allergens.by" label="Read by" />
      <TextBox path="allergens.source" label="Read where" />
      <TextBox path="allergens.on" label="on" kind="day" />
      <p v-if="measured?.label" class="warning" data-test="label-lacks">{{ measured.label }}</p>
    </template>
  </StepHead>
  <StepHead :number="isPlain ? 3 : 5" title="Pack, price and keeping">
    <NumberBox path="packAmount" label="A pack holds" />
    <ChoiceBox path="packMeasure" label="in" :options="packs" nothing="g" />
    <NumberBox path="packPrice" label="and costs" :unit="bar.rules.currency" />
    <NumberBox path="usablePercent" label="of which is used" unit="%" />
    <AnswerLine
      label="100 g cost"
      :value="
        measured?.pricePer100Grams == null
          ? null
          : `${decimal(measured.pricePer100Grams, 2)} ${bar.rules.currency}`
      "
    />
    <TextBox path="openedOn" label="Opened on" kind="day" />
    <NumberBox path="openedDays" label="keeps, that day counted," unit="days" />
    <span class="switch">
      <ToggleSwitch
        :model-value="bench.read('chilled') === true"
        input-id="chilled"
        @update:model-value="bench.put('chilled', $event ? true : null)"
      />
      <label for="chilled">Held at or below 5 °C</label>
    </span>
    <span class="switch">
      <ToggleSwitch
        :model-value="bench.read('sparkling') === true"
        input-id="sparkling"
        @update:model-value="bench.put('sparkling', $event ? true : null)"
      />
      <label for="sparkling">Sparkling: never shaken, blended or under a lid</label>
    </span>
    <span class="switch">
      <ToggleSwitch
        :model-value="bench.read('curdlesMilk') === true"
        input-id="curdles"
        @update:model-value="bench.put('curdlesMilk', $event ? true : null)"
      />
      <label for="curdles">May curdle milk: acid fruit, tonic, raw ginger</label>
    </span>
    <p v-if="measured?.useBy" class="soft">Use by {{ measured.useBy }}.</p>
  </StepHead>
  <StepHead :number="isPlain ? 4 : 6" title="Limits">
    <NumberBox path="mostGramsPerDrink" label="A drink bears at most" unit="g" />
    <NumberBox path="usualMlPer100Ml" label="Usual dose" unit="ml to 100 ml of milk" />
    <template v-if="kind === 'milk'">
      <NumberBox path="foamsColdBelowCelsius" label="Foams cold below" unit="°C" />
      <NumberBox path="steamsBelowCelsius" label="Bears steaming to" unit="°C" />
    </template>
    <TextBox path="source" label="Where the rest comes from" />
  </StepHead>
  <div v-if="measured && measured.unknown.length > 0" class="unknown" data-test="unknown">
    <strong>Not known:</strong> {{ measured.unknown.join('; ') }}. A sheet that rests on it says so.
  </div>
</template>

<style scoped>
.starter {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}

.sweeteners {
  width: 100%;
}

.sweeteners summary {
  min-height: 2.75rem;
  padding: 0.6rem 0;
  color: var(--ink-soft);
  cursor: pointer;
}

.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
  gap: 0.5rem 1rem;
  width: 100%;
}

.list {
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
}

.allergens {
  min-width: 15rem;
  max-width: 26rem;
}

.switch {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.75rem;
}

.unknown {
  margin-top: 0.9rem;
  padding: 0.4rem 0.9rem;
  border-left: 4px solid var(--warning);
  border-radius: 0.3rem;
  background: var(--warning-wash);
}
</style>
