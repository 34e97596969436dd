<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import type { Draft, DraftLine, IngredientView, SizeSheet } from '@/shared/api/types'
import { frameFor } from '@/shared/cup/frame'
import LineHead from './LineHead.vue'
import QuantityCell from './QuantityCell.vue'
import SizeHead from './SizeHead.vue'
import type { useCells } from './useCells'

const props = defineProps<{
  draft: Draft
  sizes: SizeSheet[]
  ingredients: IngredientView[]
  cells: ReturnType<typeof useCells>
  problemAt: (field: string) => string | null
}>()
defineEmits<{
  reference: [size: string]
  ingredient: [line: DraftLine, to: string]
  measure: [line: DraftLine, to: string]
  move: [line: string, by: -1 | 1]
  remove: [line: string]
  unpin: [line: string, size: string]
  undo: []
  redo: []
}>()

/** The line whose reference cell is to be typed into as soon as it is there. */
const wanted = defineModel<string | null>('wanted', { required: true })

const table = useTemplateRef<HTMLTableElement>('table')
const frame = computed(() => frameFor(props.sizes, true))
const rows = computed(() =>
  props.draft.lines.map((line, index) => ({
    line,
    index,
    cells: props.sizes.map((size) => ({
      size,
      cell: size.lines.find((candidate) => candidate.line === line.id),
    })),
  })),
)

function boxOf(line: string, sizeName: string): HTMLInputElement | null {
  return table.value?.querySelector(`[data-cell="${CSS.escape(`${line} ${sizeName}`)}"]`) ?? null
}

watch(
  () => props.sizes,
  async () => {
    await nextTick()
    const reference = props.sizes.find((size) => size.isReference)
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

defineExpose({
  /** Puts the cursor into the first cell that cannot be read. */
  focusFault: () => table.value?.querySelector<HTMLInputElement>('[aria-invalid="true"]')?.focus(),
})
</script>

<template>
  <div class="scroll frame">
    <table ref="table" :style="{ '--sizes': sizes.length }">
      <colgroup>
        <col class="first" />
        <col v-for="size in sizes" :key="size.size" :class="{ reference: size.isReference }" />
      </colgroup>
      <thead>
        <tr>
          <td class="corner"><slot name="corner" /></td>
          <th v-for="size in sizes" :key="size.size" scope="col" :data-size="size.name">
            <SizeHead :size="size" :frame="frame" @reference="$emit('reference', size.size)" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.line.id" data-test="line">
          <th scope="row">
            <LineHead
              :line="row.line"
              :number="row.index + 1"
              :is-last="row.index === rows.length - 1"
              :ingredients="ingredients"
              :error="problemAt(`lines[${row.index}]`)"
              @ingredient="(to) => $emit('ingredient', row.line, to)"
              @measure="(to) => $emit('measure', row.line, to)"
              @move="(by) => $emit('move', row.line.id, by)"
              @remove="$emit('remove', row.line.id)"
            />
          </th>
          <td v-for="{ size, cell } in row.cells" :key="size.size">
            <QuantityCell
              v-if="cell"
              :cell="cell"
              :size-name="size.name"
              :fault="cells.fault(row.line.id, size.size)"
              @commit="(text) => cells.commit(row.line.id, size.size, text)"
              @revert="cells.revert(row.line.id, size.size)"
              @unpin="$emit('unpin', row.line.id, size.size)"
              @move="(by) => moveFrom(row.index, size.name, by)"
              @undo="$emit('undo')"
              @redo="$emit('redo')"
            />
          </td>
        </tr>
      </tbody>
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

th,
td {
  padding: 0.3rem 0.5rem;
  vertical-align: top;
}

tbody tr {
  border-top: 1px solid var(--line);
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

@media (width < 40rem) {
  th[scope='row'] {
    position: static;
  }
}
</style>
