<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useBar } from '@/shared/api/queries'
import type { Mend } from '@/shared/api/types'
import { frameFor } from '@/shared/cup/frame'
import { decimal, when } from '@/shared/format'
import { tell } from '@/shared/notice/notice'
import { deleteWithUndo, duplicate } from '@/features/builds/actions'
import { useQueryClient } from '@tanstack/vue-query'
import { moveLine, newLine, putAmount, putReference, putSizes, removePin } from './draft'
import FindingList from './FindingList.vue'
import LeaveDialog from './LeaveDialog.vue'
import LineHead from './LineHead.vue'
import QuantityCell from './QuantityCell.vue'
import SaveProblem from './SaveProblem.vue'
import SizeHead from './SizeHead.vue'
import { useBuildEditor } from './useBuildEditor'
import { useCells } from './useCells'
import { useMeasures } from './useMeasures'
import { useSheet } from './useSheet'

const props = defineProps<{ id?: string }>()

const router = useRouter()
const client = useQueryClient()
const bar = useBar()
const editor = useBuildEditor(props.id ?? null)
const { draft, change } = editor
const { sheet, problem: mixProblem, again } = useSheet(draft)
const cells = useCells(draft, change)
const measures = useMeasures(change, bar.data)
const table = ref<HTMLElement | null>(null)
const reserveText = ref('')
const reserveFault = ref<string | null>(null)
const adding = ref<string | null>(null)
const blocked = ref<string | null>(null)

onMounted(editor.load)

const cups = computed(() => bar.data.value?.cups ?? [])
const ingredients = computed(() => bar.data.value?.ingredients ?? [])
const cupOptions = computed(() => cups.value.map((cup) => ({ id: cup.id, name: cup.document.name ?? '' })))
const addOptions = computed(() =>
  ingredients.value.map((item) => ({ id: item.id, name: item.document.name ?? '' })),
)
const sizes = computed(() => sheet.value?.sizes ?? [])
const frame = computed(() => frameFor(sizes.value, true))
const problems = computed(() => [
  ...(editor.saveProblem.value?.errors ?? []),
  ...(mixProblem.value?.errors ?? []),
])
const rows = computed(() =>
  (draft.value?.lines ?? []).map((line, index) => ({
    line,
    index,
    cells: sizes.value.map((size) => ({
      size,
      cell: size.lines.find((candidate) => candidate.line === line.id),
    })),
  })),
)

function problemAt(start: string): string | null {
  const found = problems.value.find(
    ({ field }) => field === start || field.startsWith(`${start}.`) || field.startsWith(`${start}[`),
  )
  return found ? `${found.message} Accepted: ${found.accepted}.` : null
}

watch(
  () => draft.value?.reserveMm,
  (now) => {
    reserveText.value = now === undefined ? '' : decimal(now, 1)
    reserveFault.value = null
  },
)
watch(() => [draft.value?.sizes, draft.value?.lines.length], cells.prune)
watch(draft, () => (blocked.value = null))

function putReserve(): void {
  const text = reserveText.value.trim()
  const mm = Number(text.replace(',', '.').replace(/\s*mm$/, ''))
  if (text === '' || !Number.isFinite(mm)) {
    reserveFault.value =
      text === ''
        ? 'Nothing is entered. Enter mm, such as 12.'
        : `'${text.slice(0, 40)}' is not a number. Enter mm, such as 12.`
    return
  }

  reserveFault.value = null
  change((next) => (next.reserveMm = mm))
}

function chooseSizes(chosen: string[]): void {
  const ordered = cups.value.map((cup) => cup.id).filter((id) => chosen.includes(id))
  change((next) => {
    const first = ordered[0]
    if (first && !ordered.includes(next.referenceSize)) {
      referTo(next, first)
    }

    putSizes(next, ordered)
  })
}

function referTo(next: Parameters<typeof putReference>[0], size: string): void {
  const shown = sizes.value.find((candidate) => candidate.size === size)?.lines ?? []
  putReference(next, size, new Map(shown.map((line) => [line.line, line.amount])))
}

async function add(ingredientId: string | null): Promise<void> {
  const ingredient = ingredients.value.find((candidate) => candidate.id === ingredientId)
  adding.value = null
  if (ingredient) {
    const line = newLine(ingredient)
    change((next) => next.lines.push(line))
    wanted.value = line.id
  }
}

/** The line whose reference cell is to be typed into as soon as it is there. */
const wanted = ref<string | null>(null)
watch(sheet, async () => {
  await nextTick()
  const row = rows.value.find(({ line }) => line.id === wanted.value)
  const reference = sizes.value.find((size) => size.isReference)
  if (row && reference) {
    const box = cellBox(row.line.id, reference.name)
    if (box) {
      wanted.value = null
      box.focus()
    }
  }
})

function cellBox(line: string, sizeName: string): HTMLInputElement | null {
  return table.value?.querySelector(`[data-cell="${CSS.escape(`${line} ${sizeName}`)}"]`) ?? null
}

function moveFrom(index: number, sizeName: string, by: -1 | 1): void {
  const to = rows.value[index + by]
  if (to) {
    cellBox(to.line.id, sizeName)?.focus()
  }
}

function mend({ edits }: Mend): void {
  change((next) => edits.forEach(({ line, size, amount }) => putAmount(next, line, size, amount)))
}

async function save(): Promise<boolean> {
  if (cells.hasFaults.value || reserveFault.value) {
    blocked.value = 'Not saved yet: an entry marked in red cannot be read. Mend it or press Escape in it.'
    await nextTick()
    table.value?.querySelector<HTMLInputElement>('[aria-invalid="true"]')?.focus()
    return false
  }

  const kept = await editor.save()
  if (kept && !props.id) {
    await router.replace(`/builds/${kept.id}`)
  }

  return kept !== null
}

async function saveCopy(): Promise<void> {
  const kept = await editor.saveAs(`${draft.value?.name ?? ''} (my version)`)
  if (kept) {
    await router.replace(`/builds/${kept.id}`)
    tell({ text: `Saved as '${kept.document.name}'.` })
  }
}

async function duplicateThis(): Promise<void> {
  const kept = draft.value && (await duplicate(client, draft.value))
  if (kept) {
    await router.push(`/builds/${kept.id}`)
  }
}

async function deleteThis(): Promise<void> {
  const { id } = props
  const etag = editor.etag.value
  if (id && etag && (await deleteWithUndo(client, { id, etag, name: draft.value?.name ?? '' }))) {
    editor.discardLocally()
    await router.push('/')
  }
}

function onKey(event: KeyboardEvent): void {
  const isCommand = event.ctrlKey || event.metaKey
  const isTyping = event.target instanceof HTMLInputElement
  if (isCommand && event.key === 's') {
    event.preventDefault()
    if (isTyping) {
      ;(event.target as HTMLInputElement).blur()
    }

    void save()
  } else if (isCommand && !isTyping && event.key === 'z' && !event.shiftKey) {
    event.preventDefault()
    editor.undo()
  } else if (isCommand && !isTyping && (event.key === 'y' || (event.key === 'Z' && event.shiftKey))) {
    event.preventDefault()
    editor.redo()
  }
}

function onUnload(event: BeforeUnloadEvent): void {
  if (editor.isDirty.value) {
    event.preventDefault()
  }
}

onMounted(() => {
  window.addEventListener('keydown', onKey)
  window.addEventListener('beforeunload', onUnload)
})
onUnmounted(() => {
  window.removeEventListener('keydown', onKey)
  window.removeEventListener('beforeunload', onUnload)
})
</script>

<template>
  <main class="page sheet-page">
    <div v-if="editor.loadProblem.value" class="trouble" role="alert">
      <h1>{{ editor.loadProblem.value.title }}</h1>
      <p>{{ editor.loadProblem.value.detail }}</p>
      <p>
        <Button label="Try again" @click="editor.load" /> <RouterLink to="/">Go to the builds</RouterLink>
      </p>
    </div>
    <template v-else-if="draft && bar.data.value">
      <div class="head">
        <div class="name">
          <label for="name" class="visually-hidden">Name of the build</label>
          <InputText
            id="name"
            :model-value="draft.name"
            placeholder="Name this build"
            :invalid="problemAt('name') !== null"
            aria-describedby="name-error"
            autocomplete="off"
            @update:model-value="(name) => change((next) => (next.name = name ?? ''))"
          />
          <span id="name-error" class="error">{{ problemAt('name') }}</span>
        </div>
        <span class="status" :class="{ unsaved: editor.isDirty.value }" role="status" data-test="status">
          <i :class="editor.isDirty.value ? 'pi pi-circle-fill' : 'pi pi-check'" aria-hidden="true" />
          {{
            editor.isSaving.value
              ? 'Saving…'
              : editor.isDirty.value
                ? 'Not saved yet'
                : id
                  ? 'Saved'
                  : 'Nothing entered yet'
          }}
        </span>
        <div class="actions">
          <Button
            icon="pi pi-undo"
            text
            severity="secondary"
            aria-label="Undo"
            title="Undo (Ctrl+Z)"
            :disabled="!editor.canUndo.value"
            @click="editor.undo"
          />
          <Button
            icon="pi pi-refresh"
            text
            severity="secondary"
            aria-label="Redo"
            title="Redo (Ctrl+Y)"
            :disabled="!editor.canRedo.value"
            @click="editor.redo"
          />
          <template v-if="id">
            <Button label="Duplicate" icon="pi pi-copy" text severity="secondary" @click="duplicateThis" />
            <Button label="Delete" icon="pi pi-trash" text severity="secondary" @click="deleteThis" />
          </template>
          <Button
            label="Save"
            icon="pi pi-save"
            :disabled="!editor.isDirty.value"
            :loading="editor.isSaving.value"
            data-test="save"
            @click="save"
          />
        </div>
      </div>

      <SaveProblem
        v-if="editor.saveProblem.value"
        :problem="editor.saveProblem.value"
        @copy="saveCopy"
        @theirs="editor.discard"
        @again="save"
      />
      <p v-if="blocked" class="banner fault" role="alert">{{ blocked }}</p>
      <p v-if="editor.broughtBack.value" class="banner" role="status">
        Changes of {{ when(editor.broughtBack.value) }} that were not saved have been brought back.
        <Button label="Drop them" text size="small" @click="editor.discard" />
      </p>
      <p v-if="mixProblem && mixProblem.errors.length === 0" class="banner fault" role="alert">
        {{ mixProblem.message }} <Button label="Try again" text size="small" @click="again" />
      </p>

      <div class="scroll">
        <table ref="table" :style="{ '--sizes': sizes.length }">
          <colgroup>
            <col class="first" />
            <col v-for="size in sizes" :key="size.size" :class="{ reference: size.isReference }" />
          </colgroup>
          <thead>
            <tr>
              <th scope="col" class="corner">
                <div class="settings">
                  <div class="setting">
                    <label for="sizes">Cups</label>
                    <MultiSelect
                      :model-value="draft.sizes"
                      input-id="sizes"
                      :options="cupOptions"
                      option-label="name"
                      option-value="id"
                      :show-toggle-all="false"
                      :invalid="problemAt('sizes') !== null"
                      placeholder="Choose cups"
                      @update:model-value="chooseSizes"
                    />
                    <span class="error">{{ problemAt('sizes') ?? problemAt('referenceSize') }}</span>
                  </div>
                  <div class="setting">
                    <label for="reserve">Reserve below the brim</label>
                    <span class="with-unit">
                      <InputText
                        id="reserve"
                        v-model="reserveText"
                        inputmode="decimal"
                        autocomplete="off"
                        :invalid="reserveFault !== null || problemAt('reserveMm') !== null"
                        aria-describedby="reserve-error"
                        @change="putReserve"
                        @keydown.enter="putReserve"
                      />
                      mm
                    </span>
                    <span id="reserve-error" class="error">{{ reserveFault ?? problemAt('reserveMm') }}</span>
                  </div>
                  <p class="legend soft">
                    <span><b class="key set">12</b> set at the reference</span>
                    <span><b class="key">12</b> scaled</span>
                    <span
                      ><b class="key pinned">12</b><i class="pi pi-thumbtack" aria-hidden="true" /> pinned by
                      hand</span
                    >
                  </p>
                </div>
                <p class="soft order">The lines below stand in pour order.</p>
              </th>
              <th v-for="size in sizes" :key="size.size" scope="col" :data-size="size.name">
                <SizeHead
                  :size="size"
                  :frame="frame"
                  @reference="change((next) => referTo(next, size.size))"
                />
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
                  @ingredient="(to) => measures.changeIngredient(row.line, to)"
                  @measure="(to) => measures.changeMeasure(row.line, to)"
                  @move="(by) => change((next) => moveLine(next, row.line.id, by))"
                  @remove="
                    change((next) => (next.lines = next.lines.filter((line) => line.id !== row.line.id)))
                  "
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
                  @unpin="change((next) => removePin(next, row.line.id, size.size))"
                  @move="(by) => moveFrom(row.index, size.name, by)"
                  @undo="editor.undo"
                  @redo="editor.redo"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <Select
        :model-value="adding"
        :options="addOptions"
        option-label="name"
        option-value="id"
        placeholder="Add a line…"
        filter
        aria-label="Add a line"
        class="add"
        data-test="add-line"
        @update:model-value="add"
      />

      <FindingList v-if="sheet" :findings="sheet.findings" @mend="mend" />
      <LeaveDialog :is-dirty="editor.isDirty.value" :save="save" :discard="editor.discardLocally" />
    </template>
    <p v-else-if="bar.error.value" class="banner fault" role="alert">{{ bar.error.value.message }}</p>
  </main>
</template>

<style scoped>
.sheet-page {
  padding-top: 0.75rem;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  margin-bottom: 0.5rem;
}

.name {
  flex: 1 1 16rem;
}

.name :deep(input) {
  width: 100%;
  padding: 0.25rem 0.5rem;
  border-color: transparent;
  background: transparent;
  box-shadow: none;
  font-weight: 650;
  font-size: 1.6rem;
}

.name :deep(input:hover),
.name :deep(input:focus),
.name :deep(input.p-invalid),
.name :deep(input:placeholder-shown) {
  border-color: var(--line-strong);
  background: var(--porcelain);
}

.status {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  color: var(--ink-soft);
}

.status i {
  font-size: 0.75rem;
}

.status.unsaved {
  color: var(--warning);
  font-weight: 600;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem;
  align-items: center;
}

.banner {
  margin-bottom: 0.5rem;
  padding: 0.35rem 0.9rem;
  border-left: 4px solid var(--cobalt);
  border-radius: 0.3rem;
  background: var(--cobalt-wash);
}

.banner.fault {
  border-color: var(--fault);
  background: var(--fault-wash);
}

.settings {
  display: grid;
  gap: 0.7rem;
}

.setting {
  display: grid;
  gap: 0.15rem;
}

.setting label {
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.with-unit {
  display: inline-flex;
  gap: 0.35rem;
  align-items: center;
}

.with-unit :deep(input) {
  width: 4.5rem;
  text-align: right;
}

.legend {
  display: grid;
  gap: 0.25rem;
  font-size: 0.9rem;
}

.order {
  margin-top: 1rem;
}

.key {
  display: inline-block;
  min-width: 1.9rem;
  margin-right: 0.3rem;
  padding: 0 0.3rem;
  border: 2px solid transparent;
  border-radius: 0.3rem;
  color: var(--ink);
  font-weight: 400;
  text-align: center;
}

.key.set {
  border-color: var(--cobalt);
  font-weight: 700;
}

.key.pinned {
  border: 2px dashed var(--line-strong);
  font-weight: 700;
}

.scroll {
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
  font-weight: 400;
  text-align: left;
}

th[scope='row'] {
  position: sticky;
  z-index: 1;
  left: 0;
  background: var(--porcelain);
  font-weight: 400;
  text-align: left;
}

.add {
  margin-top: 0.6rem;
  min-width: 19rem;
}

@media (width < 40rem) {
  th[scope='row'] {
    position: static;
  }
}
</style>
