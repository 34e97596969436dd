<script setup lang="ts">
import { computed } from 'vue'
import type { SizeSheet } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import FillHandle from '@/shared/cup/FillHandle.vue'
import type { Frame } from '@/shared/cup/frame'
import { halfWidth } from '@/shared/cup/section'
import { amount } from '@/shared/format'
import { drawingAt } from './words'

/** A size's cup on the shelf, with its fill line to be moved. */
const props = defineProps<{
  size: SizeSheet
  frame: Frame
  /** The moment at which it is drawn: 0 as poured, 1 at hand-over and so on. */
  at: number
}>()
defineEmits<{
  focus: []
  /** The fill line is taken hold of; it is wanted at a height; its line is to have so much. */
  begin: []
  fill: [line: string, mm: number]
  step: [line: string, amount: number]
}>()

const drawing = computed(() => drawingAt(props.size, props.at))
const drawn = computed(() => ({ ...props.size, drawing: drawing.value }))
/** What the fill line pours. It can be moved where the cup is drawn as poured, and nothing runs over. */
const poured = computed(() =>
  props.at === 0 ? props.size.lines.find((line) => line.line === props.size.fill.fillLine) : undefined,
)
const isEmpty = computed(() => props.size.lines.every((line) => line.amount === 0))
</script>

<template>
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
</template>

<style scoped>
.drawing {
  width: 100%;
  height: calc(var(--shelf) - 0.4rem);
  cursor: pointer;
}
</style>
