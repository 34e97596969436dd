<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, SizeSheet } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import FillHandle from '@/shared/cup/FillHandle.vue'
import type { Frame } from '@/shared/cup/frame'
import { halfWidth } from '@/shared/cup/section'
import { amount, decimal, fixed, reading } from '@/shared/format'
import CupLayers from './CupLayers.vue'
import { counted, severities, worst } from './findings'

const props = defineProps<{
  size: SizeSheet
  frame: Frame
  /** The moment at which it is drawn: 0 as poured, 1 at hand-over and so on. */
  at: number
  isFocused: boolean
  /** What the checks have found of it and asks for something. */
  findings: Finding[]
}>()
defineEmits<{
  reference: []
  advise: []
  focus: []
  /** The fill line is taken hold of; it is wanted at a height; its line is to have so much. */
  begin: []
  fill: [line: string, mm: number]
  step: [line: string, amount: number]
}>()

const moment = computed(() => props.size.life.moments[props.at - 1])
const drawing = computed(() => moment.value?.drawing ?? props.size.drawing.poured)
const drawn = computed(() => ({ ...props.size, drawing: drawing.value }))
/** What the fill line pours. It can be moved where the cup is drawn as poured, and nothing runs over. */
const poured = computed(() =>
  props.at === 0 ? props.size.lines.find((line) => line.line === props.size.fill.fillLine) : undefined,
)
const gravest = computed(() => worst(props.findings))
const isEmpty = computed(() => props.size.lines.every((line) => line.amount === 0))

const state = computed(() => {
  if (props.size.fill.spilt > 0) {
    return {
      kind: 'fault',
      icon: 'pi pi-times-circle',
      big: reading(props.size.fill.spilt, 'ml'),
      small: 'runs over the brim',
    }
  }

  return props.size.fill.roomLeft < 0
    ? {
        kind: 'warning',
        icon: 'pi pi-exclamation-triangle',
        big: reading(-props.size.fill.roomLeft, 'ml'),
        small: 'into the reserve',
      }
    : {
        kind: 'fits',
        icon: 'pi pi-check',
        big: reading(props.size.fill.roomLeft, 'ml'),
        small: 'of room left',
      }
})
</script>

<template>
  <div class="size">
    <div class="title">
      <button
        type="button"
        class="name"
        :aria-pressed="isFocused"
        :aria-label="`Work in ${size.name}`"
        data-test="focus"
        @click="$emit('focus')"
      >
        {{ size.name }}
      </button>
      <span class="soft">{{ reading(size.cup.brimCapacity, 'ml') }} to the brim</span>
    </div>
    <span v-if="size.isReference" class="tag">Reference</span>
    <button
      v-else
      type="button"
      class="tag other"
      :aria-label="`Make reference: ${size.name}`"
      @click="$emit('reference')"
    >
      Make reference
    </button>
    <div class="drawing" @click="$emit('focus')">
      <CupSection :size="drawn" :frame="frame" :lines="size.cup.printedLines" labels>
        <FillHandle
          v-if="poured && !isEmpty"
          :name="size.name"
          :poured="`${amount(poured.amount)} ${poured.unit} ${poured.ingredientName}`"
          :height="drawing.fillHeight"
          :most="size.cup.height"
          :half="halfWidth(size.cup, drawing.fillHeight)"
          @begin="$emit('begin')"
          @wanted="(mm) => $emit('fill', poured?.line ?? '', mm)"
          @step="(by) => $emit('step', poured?.line ?? '', Math.max(0, poured!.amount + by * poured!.step))"
        />
      </CupSection>
    </div>
    <div class="state" :class="state.kind" data-test="state">
      <i :class="state.icon" aria-hidden="true" />
      <strong>{{ state.big }}</strong>
      <span>{{ state.small }}</span>
    </div>
    <div v-if="moment" class="soft small" data-test="at-moment">
      {{ decimal(Math.round(moment.temperature) || 0, 0) }} °C<template v-if="moment.strength !== null"
        >, {{ fixed(moment.strength, 2) }} % strong</template
      ><template v-if="size.fill.iceMass > 0">, {{ reading(moment.iceLeft, 'g') }} ice</template>
    </div>
    <div v-else class="soft small" data-test="occupied">
      {{ reading(size.fill.occupiedVolume, 'ml') }} in the cup
    </div>
    <a
      v-if="gravest"
      href="#checks"
      class="found"
      :class="gravest"
      :title="findings.map(({ message }) => message).join('\n')"
      data-test="cup-findings"
    >
      <i :class="severities[gravest].icon" aria-hidden="true" /> {{ counted(findings) }}
      <span class="visually-hidden">of {{ size.name }}, listed under the checks</span>
    </a>
    <button type="button" class="tag other" :aria-label="`Advise on ${size.name}`" @click="$emit('advise')">
      Advise
    </button>
    <CupLayers v-if="isFocused" :size="size" :drawing="drawing" />
  </div>
</template>

<style scoped>
.size {
  display: flex;
  flex-direction: column;
  align-items: center;
  font-weight: 400;
}

.title {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  align-items: baseline;
  justify-content: center;
}

.name {
  min-height: 1.9rem;
  padding: 0 0.4rem;
  border: 0;
  border-radius: 0.3rem;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  font-size: 1.25rem;
  cursor: pointer;
}

.name:hover {
  background: var(--glass);
}

.name[aria-pressed='true'] {
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 4px;
}

.tag {
  display: inline-flex;
  align-items: center;
  min-height: 1.75rem;
  margin-top: 0.15rem;
  padding: 0 0.7rem;
  border: 1px solid var(--cobalt);
  border-radius: 1rem;
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font: inherit;
  font-size: 0.85rem;
  font-weight: 600;
}

.tag.other {
  border-color: var(--line);
  background: transparent;
  color: var(--ink-soft);
  font-weight: 400;
  cursor: pointer;
}

.tag.other:hover {
  border-color: var(--line-strong);
  color: var(--ink);
}

.drawing {
  width: 100%;
  height: clamp(10rem, 30vh, 19rem);
  margin-top: 0.35rem;
  cursor: pointer;
}

.state {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.4rem;
  align-items: baseline;
  justify-content: center;
  margin-top: 0.35rem;
}

.state strong {
  white-space: nowrap;
  font-size: 1.3rem;
}

.state.warning {
  color: var(--warning);
}

.state.fault {
  color: var(--fault);
}

.small {
  font-size: 0.9rem;
}

.found {
  min-height: 1.6rem;
  color: var(--warning);
  font-size: 0.9rem;
}

.found.fault {
  color: var(--fault);
}
</style>
