<script setup lang="ts">
import { replaceEqualDeep } from '@tanstack/vue-query'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { BarView, BuildSheet, Draft, DraftLine, Pourable } from '@/shared/api/types'
import { frameFor } from '@/shared/cup/frame'
import { figureRows, tasteRows } from '@/shared/band'
import { pressing } from './findings'
import LineHead from './LineHead.vue'
import QuantityCell from './QuantityCell.vue'
import SizeHead from './SizeHead.vue'
import TasteCell from './TasteCell.vue'
import MomentSlider from './MomentSlider.vue'
import { useBlock } from './useBlock'
import type { useCells } from './useCells'
import { useRowDrag } from './useRowDrag'

const props = defineProps<{
  draft: Draft
  sheet: BuildSheet | undefined
  pourables: Pourable[]
  bar: Pick<BarView, 'foams' | 'espresso' | 'words'>
  cells: ReturnType<typeof useCells>
  problemAt: (field: string) => string | null
}>()
const emit = defineEmits<{
  reference: [size: string]
  ingredient: [line: DraftLine, to: string]
  measure: [line: DraftLine, to: string]
  move: [line: string, by: -1 | 1]
  place: [line: string, to: number]
  remove: [line: string]
  line: [line: DraftLine]
  advise: [size: string]
  unpin: [line: string, size: string]
  undo: []
  redo: []
}>()

/** The line whose reference cell is to be typed into as soon as it is there. */
const wanted = defineModel<string | null>('wanted', { required: true })

const sizes = computed(() => props.sheet?.sizes ?? [])
const table = useTemplateRef<HTMLTableElement>('table')
const frame = computed(() => frameFor(sizes.value, true))
/** The moment at which the cups are drawn; 0 is as poured. */
const at = ref(0)
const known = computed(() => Math.min(...sizes.value.map(({ life }) => life.moments.length)))
const drawnAt = computed(() => Math.min(at.value, known.value))
/** The size that is worked in: larger, and with its layers read out. */
const focused = ref<string | null>(null)
const drag = useRowDrag(
  () => [...(table.value?.querySelectorAll<HTMLElement>('tbody > tr') ?? [])],
  (line, to) => emit('place', line, to),
)

async function focusOn(size: string): Promise<void> {
  focused.value = focused.value === size ? null : size
  await nextTick()
  table.value
    ?.querySelector(`[data-size-id="${CSS.escape(size)}"]`)
    ?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
}
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
const rows = computed(() =>
  props.draft.lines.map((line, index) => ({
    line,
    index,
    cells: sizes.value.map((size) => ({
      size,
      cell: size.lines.find((candidate) => candidate.line === line.id),
    })),
  })),
)

const found = computed(() => pressing(props.sheet?.findings ?? []))
const foundOf = (size: string, line: string) =>
  found.value.find((finding) => finding.size === size && finding.line === line) ?? null

const band = computed(() => tasteRows(props.sheet))
const figures = computed(() => figureRows(props.sheet))
const unknown = computed(() => sizes.value[0]?.taste.poured.unknown ?? [])

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
  emit('move', line, by)
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
  <div class="scroll frame">
    <table ref="table" :style="{ '--sizes': sizes.length }" @copy="block.copy">
      <colgroup>
        <col class="first" />
        <col
          v-for="size in sizes"
          :key="size.size"
          :class="{ reference: size.isReference, focused: focused === size.size }"
        />
      </colgroup>
      <thead>
        <tr>
          <td class="corner">
            <MomentSlider v-if="rows.length > 0 && sizes.length > 0" v-model="at" :known="known" />
            <slot name="corner" />
          </td>
          <th
            v-for="size in sizes"
            :key="size.size"
            scope="col"
            :data-size="size.name"
            :data-size-id="size.size"
          >
            <SizeHead
              :size="size"
              :frame="frame"
              :at="drawnAt"
              :is-focused="focused === size.size"
              :findings="found.filter((finding) => finding.size === size.size)"
              @focus="focusOn(size.size)"
              @begin="cells.beginFill"
              @fill="(line, mm) => cells.fillTo(line, size.size, mm)"
              @step="(line, amount) => cells.stepTo(line, size.size, amount)"
              @reference="$emit('reference', size.size)"
              @advise="$emit('advise', size.size)"
            />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.line.id"
          :class="{
            dragged: drag.dragged.value === row.line.id,
            before: drag.target.value === row.index,
            after: drag.target.value === rows.length && row.index === rows.length - 1,
          }"
          data-test="line"
        >
          <th scope="row">
            <LineHead
              :line="row.line"
              :number="row.index + 1"
              :is-last="row.index === rows.length - 1"
              :named="named"
              :pourables="pourables"
              :bar="bar"
              :error="problemAt(`lines[${row.index}]`)"
              @ingredient="(to) => $emit('ingredient', row.line, to)"
              @measure="(to) => $emit('measure', row.line, to)"
              @move="(by) => $emit('move', row.line.id, by)"
              @remove="$emit('remove', row.line.id)"
              @change="(line) => $emit('line', line)"
              @grab="(event) => drag.grab(row.line.id, event)"
            />
          </th>
          <td v-for="({ size, cell }, column) in row.cells" :key="size.size">
            <QuantityCell
              v-if="cell"
              :cell="cell"
              :size-name="size.name"
              :fault="cells.fault(row.line.id, size.size)"
              :size="size.size"
              :finding="foundOf(size.size, row.line.id)"
              :is-picked="block.isPicked(row.index, column)"
              :peek="cells.peek"
              @commit="(text) => cells.commit(row.line.id, size.size, text)"
              @revert="cells.revert(row.line.id, size.size)"
              @unpin="$emit('unpin', row.line.id, size.size)"
              @move="(by) => moveFrom(row.index, size.name, by)"
              @beside="(by) => moveBeside(row.index, column, by)"
              @shift="(by) => shift(row.line.id, size.name, by)"
              @pick="(down, across) => block.pick(row.index, column, down, across)"
              @unpick="block.drop()"
              @block="(pasted) => block.take(row.index, column, pasted)"
              @undo="$emit('undo')"
              @redo="$emit('redo')"
            />
          </td>
        </tr>
      </tbody>
      <tfoot v-if="rows.length > 0">
        <tr v-for="row in band" :key="row.name" :data-band="row.name">
          <th scope="row">
            <strong>{{ row.name }}</strong> <span class="soft">{{ row.hint }}</span>
            <p v-if="row.name === 'Strength' && unknown.length > 0" class="soft" data-test="unknown">
              Not known: {{ unknown.join(', ') }}. Enter it under The bar.
            </p>
          </th>
          <td v-for="cell in row.cells" :key="cell.size.size">
            <TasteCell
              :what="row.name"
              :size-name="cell.size.name"
              :value="cell.value"
              :is-reference="cell.size.isReference"
              :swatch="cell.swatch"
              :drift="cell.drift"
              :allowed="row.allowed"
              :is-beyond="cell.isFar"
            />
          </td>
        </tr>
        <tr v-for="row in figures" :key="row.name" :data-band="row.name" class="figures">
          <th scope="row">
            <strong>{{ row.name }}</strong> <span class="soft">{{ row.hint }}</span>
          </th>
          <td v-for="cell in row.cells" :key="cell.size">
            <span class="figure">
              <span v-if="cell.value && cell.isRemark" class="soft more">{{ cell.value }}</span>
              <strong v-else-if="cell.value">{{ cell.value }}</strong>
              <span v-else class="soft">not known</span>
              <span v-if="cell.more" class="soft more">{{ cell.more }}</span>
            </span>
          </td>
        </tr>
      </tfoot>
    </table>
  </div>
</template>

<style scoped>
.frame {
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

table {
  width: 100%;
  min-width: calc(19rem + var(--sizes) * 10rem);
  border-collapse: collapse;
  table-layout: fixed;
}

.first {
  width: 19rem;
}

col.reference {
  background: var(--cobalt-wash);
}

col.focused {
  border-right: 3px solid var(--cobalt);
  border-left: 3px solid var(--cobalt);
}

th,
td {
  padding: 0.3rem 0.5rem;
  vertical-align: top;
}

tbody tr {
  border-top: 1px solid var(--line);
}

tbody tr.dragged {
  opacity: 0.55;
}

tbody tr.before {
  box-shadow: inset 0 3px 0 var(--cobalt);
}

tbody tr.after {
  box-shadow: inset 0 -3px 0 var(--cobalt);
}

tfoot tr:first-child {
  border-top: 2px solid var(--line-strong);
}

tfoot th[scope='row'],
tfoot td {
  padding: 0.1rem 0.3rem 0.1rem 0.4rem;
  vertical-align: middle;
}

tfoot th[scope='row'] {
  padding-left: 0.9rem;
}

.figures th[scope='row'] {
  vertical-align: top;
}

.figures td,
.figures th {
  border-top: 1px solid var(--line);
}

.figure {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  align-items: baseline;
  justify-content: center;
  padding: 0.15rem 0;
  text-align: center;
}

.figure .more {
  font-size: 0.85rem;
}

.corner {
  padding: 0.75rem;
}

th[scope='row'] {
  position: sticky;
  z-index: 1;
  left: 0;
  background: var(--porcelain);
  font-weight: 400;
  text-align: left;
}

@media (width < 70rem) {
  .first {
    width: 15.5rem;
  }

  table {
    min-width: calc(15.5rem + var(--sizes) * 10rem);
  }
}

@media (width < 40rem) {
  th[scope='row'] {
    position: static;
  }
}
</style>
