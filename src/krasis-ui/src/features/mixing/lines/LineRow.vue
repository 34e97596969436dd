<script setup lang="ts">
import type { DraftLine, Finding } from '@/shared/api/types'
import LineHead from './LineHead.vue'
import LineTools from './LineTools.vue'
import type { LineChoices } from './lineWords'
import QuantityCell from '@/features/mixing/cells/QuantityCell.vue'
import type { Row, useBlock } from '@/features/mixing/cells/useBlock'
import type { useCells } from '@/features/mixing/cells/useCells'
import type { Column } from '@/features/mixing/sizes/useShownSize'

/** A line: what it is, how much of it goes into every size, and below it, while one is in it, its tools. */
const props = defineProps<
  LineChoices & {
    index: number
    isLast: boolean
    amounts: Row['cells']
    columns: Map<string, Column>
    /** How many columns its tools may take. */
    width: number
    isOpen: boolean
    error: string | null
    /** What the checks have found of it and asks for something. */
    found: Finding[] | undefined
    cells: ReturnType<typeof useCells>
    block: ReturnType<typeof useBlock>
  }
>()
defineEmits<{
  open: []
  ingredient: [to: string]
  measure: [to: string]
  move: [by: -1 | 1]
  remove: []
  everySize: []
  change: [line: DraftLine]
  unpin: [size: string]
  /** From a cell to the line above or below, to the size beside, or with the line to another place. */
  go: [sizeName: string, by: -1 | 1]
  beside: [column: number, by: -1 | 1]
  shift: [sizeName: string, by: -1 | 1]
  undo: []
  redo: []
}>()

const findingOf = (size: string) => props.found?.find((finding) => finding.size === size) ?? null
</script>

<template>
  <tr :class="{ working: isOpen }" :data-line="line.id" data-test="line">
    <th scope="row">
      <LineHead
        :line="line"
        :number="index + 1"
        :named="named"
        :pourables="pourables"
        :bar="bar"
        :is-open="isOpen"
        :error="error"
        @open="$emit('open')"
      />
    </th>
    <td v-for="({ size, name, cell }, column) in amounts" :key="size" :class="columns.get(size)">
      <QuantityCell
        v-if="cell"
        :cell="cell"
        :size-name="name"
        :fault="cells.fault(line.id, size)"
        :size="size"
        :finding="findingOf(size)"
        :is-picked="block.isPicked(index, column)"
        :peek="cells.peek"
        @commit="(text) => cells.commit(line.id, size, text)"
        @revert="cells.revert(line.id, size)"
        @unpin="$emit('unpin', size)"
        @move="(by) => $emit('go', name, by)"
        @beside="(by) => $emit('beside', column, by)"
        @shift="(by) => $emit('shift', name, by)"
        @pick="(down, across) => block.pick(index, column, down, across)"
        @unpick="block.drop()"
        @block="(pasted) => block.take(index, column, pasted)"
        @undo="$emit('undo')"
        @redo="$emit('redo')"
      />
    </td>
  </tr>
  <tr v-if="isOpen" class="tools" :data-line="line.id" data-test="tools">
    <td :colspan="width">
      <LineTools
        :line="line"
        :number="index + 1"
        :is-last="isLast"
        :named="named"
        :pourables="pourables"
        :bar="bar"
        @ingredient="$emit('ingredient', $event)"
        @measure="$emit('measure', $event)"
        @move="$emit('move', $event)"
        @remove="$emit('remove')"
        @every-size="$emit('everySize')"
        @change="$emit('change', $event)"
      />
    </td>
  </tr>
</template>
