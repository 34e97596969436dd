<script setup lang="ts">
import { replaceEqualDeep } from '@tanstack/vue-query'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import OffScreenLater from '@/shared/OffScreenLater.vue'
import type { BarView, BuildSheet, Draft, DraftLine, Finding, Pourable } from '@/shared/api/types'
import { pressing } from '@/features/mixing/findings/findings'
import LineRow from '@/features/mixing/lines/LineRow.vue'
import SettingsBar from '@/features/mixing/facts/SettingsBar.vue'
import ShelfHead from './ShelfHead.vue'
import SizePanel from '@/features/mixing/sizes/SizePanel.vue'
import SizeSwitch from '@/features/mixing/sizes/SizeSwitch.vue'
import { useBlock, type Row } from '@/features/mixing/cells/useBlock'
import type { useCells } from '@/features/mixing/cells/useCells'
import type { Edits } from '@/features/mixing/saving/useEdits'
import { useRowDrag } from '@/features/mixing/lines/useRowDrag'
import { useShownSize } from '@/features/mixing/sizes/useShownSize'
import { useWorkingLine } from '@/features/mixing/lines/useWorkingLine'

/** Lines by sizes: who is in which cell, and how one gets from one to another. */
const props = defineProps<{
  draft: Draft
  sheet: BuildSheet | undefined
  pourables: Pourable[]
  bar: Pick<BarView, 'foams' | 'espresso' | 'words'>
  cells: ReturnType<typeof useCells>
  edits: Edits
  problemAt: (field: string) => string | null
}>()
defineEmits<{
  line: [line: DraftLine]
  advise: [size: string]
  everySize: [line: string]
  undo: []
  redo: []
}>()

/** The line whose reference cell is to be typed into as soon as it is there. */
const wanted = defineModel<string | null>('wanted', { required: true })

const sizes = computed(() => props.sheet?.sizes ?? [])
const table = useTemplateRef<HTMLTableElement>('table')
const frame = useTemplateRef<HTMLElement>('frame')
/** The moment at which the cups are drawn; 0 is as poured. */
const at = ref(0)
const known = computed(() =>
  sizes.value.length > 0 ? Math.min(...sizes.value.map(({ life }) => life.moments.length)) : 0,
)
const drawnAt = computed(() => Math.min(at.value, known.value))
const { focused, current, columns, isOneAtATime, toggle } = useShownSize(sizes, frame)
/** What the panel below reads out: a size, and the sheet that it is of. */
const panel = computed(() =>
  props.sheet && current.value && rows.value.length > 0 ? { sheet: props.sheet, size: current.value } : null,
)
const { working, onFocusIn } = useWorkingLine()
useRowDrag(useTemplateRef<HTMLElement>('body'), (line, to) => void props.edits.place(line, to))

/** The lines by name; the same object as long as none of them changes. */
const named = computed<{ id: string; name: string }[]>((before) =>
  replaceEqualDeep(
    before,
    props.draft.lines.map(({ id, ingredient }) => ({
      id,
      name: props.pourables.find((pourable) => pourable.id === ingredient)?.name ?? 'this line',
    })),
  ),
)
/** The lines with their cells; what has not changed stays the same object, so that only what has is drawn anew. */
const rows = computed<Row[]>((before) =>
  replaceEqualDeep(
    before,
    props.draft.lines.map((line) => ({
      line,
      cells: sizes.value.map(({ size, name, lines }) => ({
        size,
        name,
        cell: lines.find((candidate) => candidate.line === line.id),
      })),
    })),
  ),
)

const found = computed(() => pressing(props.sheet?.findings ?? []))
const foundOf = computed<Record<string, Finding[]>>((before) =>
  replaceEqualDeep(
    before,
    Object.fromEntries(
      props.draft.lines.map(({ id }) => [id, found.value.filter(({ line }) => line === id)]),
    ),
  ),
)
function boxOf(line: string, sizeName: string): HTMLInputElement | null {
  return table.value?.querySelector(`[data-cell="${CSS.escape(`${line} ${sizeName}`)}"]`) ?? null
}

watch(
  () => props.sheet,
  async () => {
    await nextTick()
    const reference = sizes.value.find((size) => size.isReference)
    const box = wanted.value && reference ? boxOf(wanted.value, reference.name) : null
    if (box) {
      wanted.value = null
      box.focus()
    }
  },
)

function moveFrom(index: number, sizeName: string, by: -1 | 1): void {
  const to = rows.value[index + by]
  if (to) {
    boxOf(to.line.id, sizeName)?.focus()
  }
}

function moveBeside(index: number, at: number, by: -1 | 1): void {
  const size = sizes.value[at + by]
  const row = rows.value[index]
  if (size && row) {
    boxOf(row.line.id, size.name)?.focus()
  }
}

/** Moves a line and stays in it. */
async function shift(line: string, sizeName: string, by: -1 | 1): Promise<void> {
  await props.edits.move(line, by)
  await nextTick()
  boxOf(line, sizeName)?.focus()
}

const block = useBlock(rows, props.cells)

defineExpose({
  /** The amounts as a table with tabs, to be pasted into a spreadsheet. */
  asText: () => block.asText(sizes.value.map(({ name }) => name)),
  /** Puts the cursor into the first cell that cannot be read. */
  focusFault: () => table.value?.querySelector<HTMLInputElement>('[aria-invalid="true"]')?.focus(),
})
</script>

<template>
  <SettingsBar v-model:at="at" :known="rows.length > 0 ? known : 0"><slot name="settings" /></SettingsBar>
  <div ref="frame" class="matrix">
    <SizeSwitch :sizes="sizes" :shown="current?.size" @show="(size) => (focused = size)" />
    <table ref="table" :style="{ '--sizes': sizes.length }" @copy="block.copy" @focusin="onFocusIn">
      <colgroup>
        <col class="first" />
        <col v-for="size in sizes" :key="size.size" />
      </colgroup>
      <ShelfHead
        v-if="sheet"
        :sheet="sheet"
        :at="drawnAt"
        :is-empty="rows.length === 0"
        :columns="columns"
        :found="found"
        :cells="cells"
        @focus="toggle"
      />
      <tbody ref="body">
        <LineRow
          v-for="(row, index) in rows"
          :key="row.line.id"
          :line="row.line"
          :index="index"
          :is-last="index === rows.length - 1"
          :amounts="row.cells"
          :columns="columns"
          :width="isOneAtATime ? 2 : sizes.length + 1"
          :is-open="working === row.line.id"
          :error="problemAt(`lines[${index}]`)"
          :found="foundOf[row.line.id]"
          :named="named"
          :pourables="pourables"
          :bar="bar"
          :cells="cells"
          :block="block"
          @open="working = row.line.id"
          @ingredient="(to) => edits.ingredient(row.line.id, to)"
          @measure="(to) => edits.measure(row.line.id, to)"
          @move="(by) => edits.move(row.line.id, by)"
          @remove="edits.remove(row.line.id)"
          @every-size="$emit('everySize', row.line.id)"
          @change="(line) => $emit('line', line)"
          @unpin="(size) => edits.unpin(row.line.id, size)"
          @go="(sizeName, by) => moveFrom(index, sizeName, by)"
          @beside="(column, by) => moveBeside(index, column, by)"
          @shift="(sizeName, by) => shift(row.line.id, sizeName, by)"
          @undo="$emit('undo')"
          @redo="$emit('redo')"
        />
      </tbody>
    </table>
  </div>
  <slot />
  <OffScreenLater v-if="panel" v-slot="{ of: { sheet: shown, size } }" :of="panel">
    <SizePanel
      :sheet="shown"
      :size="size"
      :at="drawnAt"
      @reference="edits.refer(size.size)"
      @advise="$emit('advise', size.size)"
    />
  </OffScreenLater>
</template>

<style src="./matrix.css"></style>
