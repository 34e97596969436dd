<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { computed, onUnmounted, ref, useId, useTemplateRef, watch } from 'vue'
import type { Finding, SheetLine } from '@/shared/api/types'
import { pullOf } from '@/shared/band'
import { amount, decimal, unrounded } from '@/shared/format'
import { severities } from '@/features/mixing/findings/findings'
import type { CellFault, Peek } from './useCells'

const props = defineProps<{
  cell: SheetLine
  size: string
  sizeName: string
  fault: CellFault | null
  /** The gravest thing that the checks have found of it. */
  finding: Finding | null
  /** Whether it is part of the block that is picked. */
  isPicked: boolean
  /** Says what a text that is being typed into a cell comes to. */
  peek: (line: string, size: string, text: string, signal: AbortSignal) => Promise<Peek | null>
}>()
const emit = defineEmits<{
  commit: [text: string]
  revert: []
  unpin: []
  move: [by: -1 | 1]
  beside: [by: -1 | 1]
  shift: [by: -1 | 1]
  block: [cells: string[][]]
  pick: [down: number, across: number]
  unpick: []
  undo: []
  redo: []
}>()

const id = useId()
const box = useTemplateRef<HTMLInputElement>('box')
/** A mark is the standard, and the amount follows from it. */
const shown = computed(() => props.fault?.text ?? props.cell.mark?.says ?? amount(props.cell.amount))
const text = ref(shown.value)
const isEditing = ref(false)
/** How it is pulled: what the barista doses and lets run, and how much of it is poured away. */
const pull = computed(() => {
  const { pull: found } = props.cell
  return found
    ? {
        short: `${found.wholePulls} × ${amount(found.dose)} → ${amount(found.yield)} g`,
        whole: pullOf(found),
      }
    : null
})
const isRounded = computed(() => Math.abs(props.cell.exact - props.cell.amount) > 0.005)

watch(shown, (now) => {
  if (!isEditing.value || box.value?.value === text.value) {
    text.value = now
  }
})

/** What is being typed, in every measure of the bar, or what is wrong with it. */
const peeked = ref<Peek | null>(null)
let typing: AbortController | undefined
const { start: look, stop: lookNoMore } = useTimeoutFn(
  async () => {
    const mine = new AbortController()
    typing = mine
    const found = await props.peek(props.cell.line, props.size, text.value, mine.signal)
    if (!mine.signal.aborted && isEditing.value) {
      peeked.value = found
    }
  },
  150,
  { immediate: false },
)

function stopPeeking(): void {
  lookNoMore()
  typing?.abort()
  peeked.value = null
}

watch(text, (now) => {
  taken = null
  lookNoMore()
  typing?.abort()
  if (!isEditing.value || now.trim() === shown.value || now.trim() === '') {
    peeked.value = null
    return
  }

  look()
})
onUnmounted(stopPeeking)

/** What was handed in last: a key takes it, and leaving the box must not take it again. */
let taken: string | null = null

function commit(): void {
  stopPeeking()
  if (text.value === taken) {
    return
  }

  taken = text.value
  if (text.value.trim() !== shown.value) {
    emit('commit', text.value)
  }
}

function leave(): void {
  isEditing.value = false
  emit('unpick')
  commit()
}

function takeBack(): void {
  stopPeeking()
  emit('revert')
  text.value = props.cell.mark?.says ?? amount(props.cell.amount)
}

function go(by: -1 | 1): void {
  commit()
  emit('move', by)
}

function goBeside(by: -1 | 1): void {
  commit()
  emit('beside', by)
}

/** A block of cells, as spreadsheets put it on the clipboard: tabs between cells, lines between rows. */
function paste(event: ClipboardEvent): void {
  const pasted = event.clipboardData?.getData('text/plain') ?? ''
  const block = pasted
    .replace(/\r?\n$/, '')
    .split(/\r?\n/)
    .map((row) => row.split('\t').map((cell) => cell.trim()))
  if (block.length > 1 || (block[0]?.length ?? 0) > 1) {
    event.preventDefault()
    emit('block', block)
  }
}

function stepBack(event: Event, back: () => void): void {
  // Within a word being typed, undo belongs to the box; after that, to the sheet.
  if (text.value === shown.value) {
    event.preventDefault()
    back()
  }
}

defineExpose({ focus: () => box.value?.focus() })
</script>

<template>
  <div
    class="cell"
    :class="[cell.origin, { bad: fault && !fault.isWaiting, waits: fault?.isWaiting, picked: isPicked }]"
  >
    <span class="value">
      <input
        ref="box"
        v-model="text"
        type="text"
        inputmode="decimal"
        autocomplete="off"
        spellcheck="false"
        :class="{ long: text.length > 5, words: cell.mark }"
        :aria-label="`${cell.ingredientName} in ${sizeName}, ${cell.unit}, ${cell.origin}`"
        :aria-invalid="fault && !fault.isWaiting ? 'true' : 'false'"
        :aria-describedby="`${id}-more`"
        :data-cell="`${cell.line} ${sizeName}`"
        @focus="((isEditing = true), ($event.target as HTMLInputElement).select())"
        @blur="leave"
        @keydown.enter.prevent="go(1)"
        @keydown.down.exact.prevent="go(1)"
        @keydown.up.exact.prevent="go(-1)"
        @keydown.alt.down.prevent="emit('shift', 1)"
        @keydown.alt.up.prevent="emit('shift', -1)"
        @keydown.ctrl.left.exact.prevent="goBeside(-1)"
        @keydown.ctrl.right.exact.prevent="goBeside(1)"
        @keydown.alt.p.prevent="emit('unpin')"
        @keydown.shift.down.exact.prevent="emit('pick', 1, 0)"
        @keydown.shift.up.exact.prevent="emit('pick', -1, 0)"
        @keydown.ctrl.shift.right.exact.prevent="emit('pick', 0, 1)"
        @keydown.ctrl.shift.left.exact.prevent="emit('pick', 0, -1)"
        @paste="paste"
        @keydown.esc.prevent="takeBack"
        @keydown.ctrl.z.exact="stepBack($event, () => emit('undo'))"
        @keydown.meta.z.exact="stepBack($event, () => emit('undo'))"
        @keydown.ctrl.y.exact="stepBack($event, () => emit('redo'))"
        @keydown.ctrl.shift.z.exact="stepBack($event, () => emit('redo'))"
      />
      <span v-if="!cell.mark" class="unit">{{ cell.unit }}</span>
      <span
        v-if="finding"
        class="finding"
        :class="finding.severity"
        :title="finding.message"
        data-test="cell-finding"
      >
        <i :class="severities[finding.severity].icon" aria-hidden="true" />
      </span>
      <button
        v-if="cell.origin === 'pinned'"
        type="button"
        class="pin"
        :aria-label="`Unpin ${cell.ingredientName} in ${sizeName}`"
        title="Pinned by hand. Press to unpin."
        @click="emit('unpin')"
      >
        <i class="pi pi-thumbtack" aria-hidden="true" />
      </button>
    </span>
    <span v-if="peeked" class="peek" role="status" data-test="peek">
      <span v-if="peeked.message" class="error">{{ peeked.message }}</span>
      <template v-if="peeked.quantity">
        <span v-for="same in peeked.quantity.equivalents" :key="same.measure" class="same">{{
          same.says
        }}</span>
        <span
          v-if="Math.abs(peeked.quantity.poured - peeked.quantity.amount) > 0.005"
          class="soft"
          data-test="peek-poured"
        >
          the bar pours {{ amount(peeked.quantity.poured) }}
        </span>
      </template>
    </span>
    <span :id="`${id}-more`" class="more">
      <span v-if="fault?.isWaiting" class="soft" data-test="waits">{{ fault.message }}</span>
      <span v-else-if="fault" class="error" role="alert">{{ fault.message }}</span>
      <template v-else>
        <span v-if="finding" class="visually-hidden">{{ finding.message }}</span>
        <span data-test="equivalent"
          ><template v-if="cell.mark">about </template>{{ cell.beside
          }}<template v-if="cell.mark">, at {{ decimal(cell.mark.height, 0) }} mm</template></span
        >
        <span v-if="cell.stated" data-test="stated">said to be {{ cell.stated }}</span>
        <span v-if="isRounded && !cell.mark" class="rounded" data-test="rounded"
          >from {{ unrounded(cell.exact) }}</span
        >
        <span v-if="pull" data-test="pull" :title="pull.whole"
          ><span aria-hidden="true">{{ pull.short }}</span
          ><span class="visually-hidden">{{ pull.whole }}</span></span
        >
      </template>
    </span>
  </div>
</template>

<style scoped>
.cell {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  min-height: 2.75rem;
}

.value {
  position: relative;
  display: inline-flex;
  gap: 0.35rem;
  align-items: baseline;
}

input {
  width: 4.2rem;
  min-height: 1.85rem;
  padding: 0 0.35rem;
  border: 2px solid transparent;
  border-radius: 0.4rem;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-size: 1.4rem;
  text-align: right;
  font-variant-numeric: tabular-nums;
}

input.long {
  font-size: 1.05rem;
}

input.words {
  width: 9.5rem;
  text-align: center;
}

.marked input {
  border: 2px solid var(--line);
  border-bottom: 4px double var(--line-strong);
  background: var(--porcelain);
  font-weight: 700;
}

input:hover {
  border-color: var(--line);
}

.set input {
  border-color: var(--cobalt);
  background: var(--porcelain);
  font-weight: 700;
}

.pinned input {
  border: 2px dashed var(--line-strong);
  background: var(--porcelain);
  font-weight: 700;
}

.bad input {
  width: 6.6rem;
  border: 2px solid var(--fault);
  background: var(--fault-wash);
}

.finding {
  position: absolute;
  right: calc(100% + 0.15rem);
  align-self: center;
}

.finding.warning {
  color: var(--warning);
}

.finding.fault {
  color: var(--fault);
}

.picked {
  border-radius: 0.4rem;
  background: var(--cobalt-wash);
  box-shadow: inset 0 0 0 2px var(--cobalt);
}

.waits input {
  border: 2px dotted var(--warning);
}

.peek {
  position: absolute;
  z-index: 3;
  top: 2.1rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.75rem;
  justify-content: center;
  width: max-content;
  max-width: 15rem;
  padding: 0.3rem 0.6rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.4rem;
  background: var(--porcelain);
  box-shadow: 0 2px 8px rgb(0 0 0 / 18%);
  font-size: 0.9rem;
  text-align: center;
}

.same {
  white-space: nowrap;
}

.unit {
  min-width: 2.9rem;
  color: var(--ink-soft);
}

.pin {
  position: absolute;
  left: calc(100% - 0.6rem);
  align-self: center;
  width: 2.75rem;
  height: 2.75rem;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: none;
  color: var(--ink);
  font-size: 1rem;
  cursor: pointer;
}

.pin:hover {
  background: var(--glass);
}

.more {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  justify-content: center;
  color: var(--ink-soft);
  font-size: 0.8rem;
  line-height: 1.15;
  text-align: center;
}

.rounded {
  font-style: italic;
}

@media (width < 40rem) {
  .peek {
    max-width: 38vw;
  }

  .same {
    white-space: normal;
  }
}

@media (pointer: coarse) {
  input {
    min-height: 2.75rem;
  }
}
</style>
