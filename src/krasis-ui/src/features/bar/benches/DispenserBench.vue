<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, useTemplateRef } from 'vue'
import type { BarView, StrokesMeasured } from '@/shared/api/types'
import { pourablesOf } from '@/shared/pourables'
import { decimal } from '@/shared/format'
import { useScale } from '@/shared/scale/useScale'
import { typedNumber } from '@/shared/typedNumber'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import ChoiceBox from '@/features/bar/boxes/ChoiceBox.vue'
import MissingDialog from '@/features/bar/facts/MissingDialog.vue'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import StrokeChart from './StrokeChart.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const { zero, ready, reading, state, isOpen } = useScale()
const measured = bench.measured<StrokesMeasured>()
const strokes = computed(() => (bench.read('strokesGrams') as number[] | undefined) ?? [])
const leftOut = computed(() => (bench.read('leftOutGrams') as number[] | undefined) ?? [])
const next = ref('')
const fault = ref<string | null>(null)
const isMissing = ref(false)
const box = useTemplateRef<{ $el: HTMLInputElement }>('box')
const stations = computed(() =>
  props.bar.stations.map(({ id, document }) => ({ value: id, label: document.name ?? '' })),
)
const holds = computed(() =>
  pourablesOf(props.bar)
    .filter(({ kind }) => kind !== 'ice' && kind !== 'espresso')
    .map(({ id, name }) => ({ value: id, label: name })),
)
const kinds = [
  { value: 'pump', label: 'Pump' },
  { value: 'bottle', label: 'Squeeze bottle' },
  { value: 'scoop', label: 'Scoop' },
  { value: 'spoon', label: 'Spoon' },
  { value: 'jigger', label: 'Jigger' },
  { value: 'doser', label: 'Powder doser' },
]
const halves = [
  { value: true, label: 'given' },
  { value: false, label: 'not given' },
]
const faultAt = (index: number) => bench.problemAt(`strokesGrams.${index}`)
const oddAt = (index: number) => measured.value?.odd.find((odd) => odd.index === index)
const says = computed(() =>
  (measured.value?.says ?? []).filter((_, i) => i >= (measured.value?.odd.length ?? 0)),
)
/** Weighed strokes give the yield; a volume typed in is for a pump that nobody has weighed yet. */
const isByVolume = computed(() => strokes.value.length === 0)

function putStrokes(now: number[]): void {
  bench.put('strokesGrams', now)
  bench.touch('strokesGrams')
  if (now.length > 0 && bench.read('strokeMl') != null) {
    bench.put('strokeMl', null)
  }
}

/** Takes what was typed: one weight or several, with spaces between. */
function add(): void {
  const words = next.value
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
  const numbers = words.map(typedNumber)
  const bad = words.filter((_, i) => !Number.isFinite(numbers[i]))
  if (bad.length > 0) {
    fault.value = `'${bad[0]?.slice(0, 40)}' is not a number. Accepted: grams, with spaces between several.`
    return
  }

  fault.value = null
  next.value = ''
  if (numbers.length > 0) {
    putStrokes([...strokes.value, ...numbers])
  }

  box.value?.$el.focus()
}

/** Takes the stroke that lies on the scale and makes it nothing, ready for the next. */
function weighIn(): void {
  if (!ready.value || !reading.value) {
    isOpen.value = true
    return
  }

  putStrokes([...strokes.value, reading.value.grams])
  zero()
}

function change(index: number, text: string): void {
  const grams = typedNumber(text)
  if (Number.isFinite(grams)) {
    putStrokes(strokes.value.map((old, i) => (i === index ? grams : old)))
  }
}

function leaveOut(index: number): void {
  bench.put('leftOutGrams', [...leftOut.value, strokes.value[index]])
  remove(index)
}

function remove(index: number): void {
  putStrokes(strokes.value.filter((_, i) => i !== index))
}

function anew(): void {
  bench.put('leftOutGrams', [])
  putStrokes([])
  box.value?.$el.focus()
}
</script>

<template>
  <StepHead :number="1" title="What it is and what it holds">
    <ChoiceBox path="kind" label="It is a" :options="kinds" nothing="Pump" />
    <ChoiceBox path="ingredient" label="It holds" :options="holds" filter />
    <Button
      label="Something the bar has not yet…"
      text
      size="small"
      type="button"
      data-test="add-missing"
      @click="isMissing = true"
    />
    <MissingDialog v-model:open="isMissing" sought="" @made="(id) => bench.put('ingredient', id)" />
    <ChoiceBox
      v-if="stations.length > 1"
      path="station"
      label="It stands at"
      :options="stations"
      nothing="every station"
      clearable
    />
    <NumberBox path="nominalMl" label="Its maker says" unit="ml a stroke" />
    <ChoiceBox
      path="halfStrokes"
      label="Half strokes"
      :options="halves"
      :nothing="`as the house: ${bar.rules.halfStrokes ? 'given' : 'not given'}`"
      clearable
    />
  </StepHead>
  <StepHead
    :number="2"
    title="Weigh strokes, one after another"
    hint="Prime it first. A cup on the scale, zero, one full stroke, read, zero again. Ten strokes usually settle it."
  >
    <div class="weighing">
      <div class="next">
        <label for="next-stroke" class="soft">Stroke {{ strokes.length + 1 }}</label>
        <InputText
          id="next-stroke"
          ref="box"
          v-model="next"
          inputmode="decimal"
          autocomplete="off"
          :invalid="fault !== null"
          data-test="next-stroke"
          @keydown.enter.prevent="add"
        />
        <span class="soft">g</span>
        <Button label="Add" type="button" size="small" outlined data-test="add-stroke" @click="add" />
        <Button
          :label="state === 'connected' ? 'Take from the scale' : 'Use the scale'"
          icon="pi pi-gauge"
          type="button"
          size="small"
          :disabled="state === 'connected' && !ready"
          data-test="weigh-stroke"
          @click="weighIn"
        />
      </div>
      <p v-if="fault" class="error" role="alert">{{ fault }}</p>
      <p v-if="state === 'lost'" class="error" role="alert" data-test="scale-lost">
        The scale has dropped out. The {{ strokes.length }}
        {{ strokes.length === 1 ? 'stroke' : 'strokes' }} taken so far are still here; go on by typing, or
        connect it again.
      </p>
      <div class="answers">
        <AnswerLine
          label="a stroke gives"
          :value="measured?.mlPerStroke == null ? null : `${decimal(measured.mlPerStroke, 2)} ml`"
          :note="measured?.gramsPerStroke == null ? undefined : `${decimal(measured.gramsPerStroke, 2)} g`"
          test="stroke-ml"
        />
        <AnswerLine
          label="strokes spread by"
          :value="measured?.variation == null ? null : `${decimal(measured.variation, 1)} %`"
          :note="
            measured?.deviation == null
              ? undefined
              : `s.d. ${decimal(measured.deviation, 2)} g of ${measured.count} strokes`
          "
          test="spread"
        />
        <AnswerLine
          label="more strokes to settle it"
          :value="measured?.moreStrokes == null ? null : String(measured.moreStrokes)"
          :note="
            measured?.sureWithin == null ? undefined : `sure to within ${decimal(measured.sureWithin, 1)} %`
          "
          test="more"
        />
        <AnswerLine
          label="against its maker"
          :value="
            measured?.offNominal == null
              ? null
              : `${measured.offNominal > 0 ? '+' : '−'}${decimal(Math.abs(measured.offNominal), 1)} %`
          "
        />
      </div>
      <StrokeChart :strokes="strokes" :left-out="leftOut" :measured="measured" />
      <ol v-if="strokes.length > 0" class="strokes" aria-label="Strokes weighed">
        <li
          v-for="(grams, i) in strokes"
          :key="i"
          :class="{ odd: oddAt(i), bad: faultAt(i) }"
          data-test="stroke"
        >
          <input
            :value="decimal(grams, 2)"
            inputmode="decimal"
            :aria-label="`Stroke ${i + 1}, g`"
            @change="change(i, ($event.target as HTMLInputElement).value)"
            @keydown.enter.prevent="change(i, ($event.target as HTMLInputElement).value)"
          />
          <button type="button" :aria-label="`Take stroke ${i + 1} away`" @click="remove(i)">
            <i class="pi pi-times" aria-hidden="true" />
          </button>
        </li>
      </ol>
      <div
        v-for="odd in measured?.odd"
        :key="odd.index"
        class="oddly"
        :class="{ bad: odd.isRefused }"
        role="alert"
        data-test="odd"
      >
        <span>{{ odd.says }} <template v-if="odd.isRefused">It is not averaged in.</template></span>
        <Button
          label="Leave it out"
          type="button"
          size="small"
          outlined
          data-test="leave-out"
          @click="leaveOut(odd.index)"
        />
      </div>
      <p
        v-for="[i, grams] in strokes.entries()"
        v-show="faultAt(i) && !oddAt(i)"
        :key="`f${i}`"
        class="error"
      >
        Stroke {{ i + 1 }}, {{ grams }} g: {{ faultAt(i) }}
      </p>
      <p v-if="leftOut.length > 0" class="soft">
        Left out: {{ leftOut.map((grams) => `${decimal(grams, 1)} g`).join(', ') }}
      </p>
      <Button
        v-if="strokes.length > 0"
        label="Weigh it anew"
        type="button"
        text
        size="small"
        severity="secondary"
        data-test="anew"
        @click="anew"
      />
    </div>
  </StepHead>
  <NumberBox
    v-if="isByVolume"
    path="strokeMl"
    label="Or, until it is weighed, one stroke gives"
    unit="ml"
    class="by-volume"
  />
  <p v-for="sentence in says" :key="sentence" class="soft">{{ sentence }}</p>
  <p v-if="bench.read('weighedOn')" class="soft">Weighed on {{ bench.read('weighedOn') }}.</p>
</template>

<style scoped>
.weighing > button {
  justify-self: start;
}

.weighing {
  display: grid;
  gap: 0.5rem;
  width: 100%;
}

.next {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}

.next :deep(input) {
  width: 8rem;
  font-size: 1.3rem;
  text-align: right;
}

.strokes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.strokes li {
  display: inline-flex;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 0.4rem;
  background: var(--glass);
}

.strokes li.odd {
  border: 2px dashed var(--warning);
}

.strokes li.bad {
  border: 2px solid var(--fault);
  background: var(--fault-wash);
}

.strokes input {
  width: 3.6rem;
  min-height: 2.2rem;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: right;
}

.strokes button {
  width: 2rem;
  min-height: 2.2rem;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}

.oddly {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  padding: 0.35rem 0.8rem;
  border-left: 4px solid var(--warning);
  border-radius: 0.3rem;
  background: var(--warning-wash);
}

.oddly.bad {
  border-color: var(--fault);
  background: var(--fault-wash);
}

.by-volume {
  margin-top: 0.6rem;
}

.answers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8.5rem, 1fr));
  gap: 0.8rem;
  margin: 0.3rem 0;
}
</style>
