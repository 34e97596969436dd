<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { typedNumber } from '@/shared/typedNumber'
import { useBench } from '@/features/bar/facts/bench'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const milk = ref('200')
const settled = refDebounced(milk, 150)
const ml = computed(() => typedNumber(settled.value))
const plan = useQuery({
  queryKey: computed(() => [
    ...keys.bar,
    'plan',
    ml.value,
    props.bar.pitchers.map(({ etag }) => etag).join(),
  ]),
  queryFn: () => ask(api.GET('/api/bar/pitchers/plan', { params: { query: { ml: ml.value } } })),
  enabled: computed(() => Number.isFinite(ml.value) && ml.value >= 1 && ml.value <= 5000),
  placeholderData: keepPreviousData,
})
const says = computed(() => {
  if (!(Number.isFinite(ml.value) && ml.value >= 1 && ml.value <= 5000)) {
    return `'${milk.value}' is no amount of milk. Accepted: 1 to 5000 ml.`
  }

  const found = plan.data.value?.plan
  if (!found) {
    return 'The bar has no pitcher yet.'
  }

  const where =
    found.pitchers === 1
      ? `One ${found.pitcher}: the milk stays under the spout.`
      : `${found.pitchers} times the ${found.pitcher}: it does not fit one.`
  return found.waste > 0.5
    ? `${where} It needs ${decimal(found.waste, 0)} ml more to be steamed at all, which is poured away.`
    : where
})
const spout = computed(() => (bench.read('spoutMl') as number | null) ?? 0)
const least = computed(() => (bench.read('leastMl') as number | null) ?? 0)
const highest = computed(() => Math.max(spout.value, 1))
</script>

<template>
  <div class="pitcher">
    <svg
      viewBox="-96 -130 176 145"
      role="img"
      :aria-label="`${decimal(spout, 0)} ml to the spout, at least ${decimal(least, 0)} ml`"
    >
      <path d="M-34,-104 L-44,-40 Q-48,0 -38,6 L38,6 Q48,0 44,-40 L34,-104 L50,-118" class="jug" />
      <path d="M44,-34 q26,-6 22,-40 q-4,-18 -28,-14" class="handle" />
      <rect x="-40" y="-84" width="80" height="88" fill="#f3e7d0" class="milk" />
      <line x1="-44" x2="44" y1="-84" y2="-84" class="line" />
      <text x="-94" y="-88" text-anchor="start">
        {{ spout ? `${decimal(spout, 0)} ml` : 'under the spout' }}
      </text>
      <template v-if="least">
        <line
          x1="-44"
          x2="44"
          :y1="4 - (least / highest) * 88"
          :y2="4 - (least / highest) * 88"
          class="least"
        />
        <text x="-94" :y="1 - (least / highest) * 88" text-anchor="start">{{ decimal(least, 0) }} ml</text>
      </template>
    </svg>
    <div>
      <StepHead
        :number="1"
        title="Weigh water to just under the spout"
        hint="Where the spout begins: grams of water are near enough millilitres."
      >
        <NumberBox path="spoutMl" label="To the spout" unit="ml" weigh large />
      </StepHead>
      <StepHead
        :number="2"
        title="The least that can be steamed in it"
        hint="So that the wand’s tip is covered."
      >
        <NumberBox path="leastMl" label="At least" unit="ml" weigh />
      </StepHead>
      <StepHead :number="3" title="One pitcher or two?">
        <label for="plan-milk" class="soft">For so much milk</label>
        <span>
          <InputText
            id="plan-milk"
            v-model="milk"
            inputmode="decimal"
            class="milk-box"
            data-test="plan-milk"
            @keydown.enter.prevent
          />
          ml
        </span>
        <p class="plan" role="status" data-test="plan">{{ says }}</p>
      </StepHead>
    </div>
  </div>
</template>

<style scoped>
.pitcher {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr);
  gap: 1.2rem;
}

.jug {
  fill: var(--glass);
  stroke: var(--line-strong);
  stroke-width: 1.6;
}

.handle {
  fill: none;
  stroke: var(--line-strong);
  stroke-width: 4;
}

.milk {
  opacity: 0.9;
}

.line {
  stroke: var(--cobalt);
  stroke-width: 1.6;
}

.least {
  stroke: var(--warning);
  stroke-dasharray: 4 3;
}

text {
  fill: var(--ink);
  stroke: var(--porcelain);
  stroke-width: 2.5px;
  paint-order: stroke;
  font-size: 10px;
}

.milk-box {
  width: 5.5rem;
  text-align: right;
}

.plan {
  flex-basis: 100%;
  font-weight: 600;
}

@media (width < 40rem) {
  .pitcher {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
