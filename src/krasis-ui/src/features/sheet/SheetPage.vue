<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { keys, useBar } from '@/shared/api/queries'
import type { BuildView, CellEdit, Draft } from '@/shared/api/types'
import { reading } from '@/shared/format'
import LeaveDialog from '@/shared/leave/LeaveDialog.vue'
import { tell } from '@/shared/notice/notice'
import { moveTo } from '@/shared/pageKey'
import { isAway, onReturn } from '@/shared/server/server'
import AdviceDialog from './AdviceDialog.vue'
import BuildFacts from './BuildFacts.vue'
import BuildMatrix from './BuildMatrix.vue'
import CellLegend from './CellLegend.vue'
import CautionList from './CautionList.vue'
import { moveLine, newLine, placeLine, putAmount, putLine, putReference, putSizes, removePin } from './draft'
import FindingList from './FindingList.vue'
import ParentBanner from '@/features/transforming/ParentBanner.vue'
import TransformDialog from '@/features/transforming/TransformDialog.vue'
import AdjustBanner from '@/features/versions/AdjustBanner.vue'
import HistoryDialog from '@/features/versions/HistoryDialog.vue'
import StateMenu from '@/features/versions/StateMenu.vue'
import SchoolsDialog from './SchoolsDialog.vue'
import ShortcutSheet from './ShortcutSheet.vue'
import StartPanel from './StartPanel.vue'
import SaveProblem from './SaveProblem.vue'
import SheetBanners from './SheetBanners.vue'
import SheetSettings from './SheetSettings.vue'
import SheetTop from './SheetTop.vue'
import StationPanel from './StationPanel.vue'
import { pourablesOf } from '@/shared/pourables'
import { useBuildEditor } from './useBuildEditor'
import { useCells } from './useCells'
import { useMeasures } from './useMeasures'
import { useReplacing } from './useReplacing'
import { useSheet } from './useSheet'
import { useSheetKeys } from './useSheetKeys'
import { useWholeBuild } from './useWholeBuild'

const props = defineProps<{ id?: string }>()

const router = useRouter()
const client = useQueryClient()
const bar = useBar()
const reserveFault = ref<string | null>(null)
const editor = useBuildEditor(props.id ?? null, () => !cells.hasFaults.value && reserveFault.value === null)
const { draft, change, id: buildId } = editor
const { sheet, problem: mixProblem, again } = useSheet(draft)
const cells = useCells(
  draft,
  change,
  computed(() => buildId.value ?? 'new'),
)
const otherStations = computed(() =>
  (bar.data.value?.stations ?? []).slice(1).map(({ id, document }) => ({ id, name: document.name ?? '' })),
)
const startCups = computed(() =>
  (bar.data.value?.cups ?? []).map(({ id, document, measured }) => ({
    id,
    name: document.name ?? '',
    says: measured.brimCapacity === null ? '' : reading(measured.brimCapacity, 'ml'),
  })),
)
const pourables = computed(() => pourablesOf(bar.data.value))
const measures = useMeasures(change, pourables)
const { mend, waive, begin, makeAnew, adjust, bringBack } = useReplacing(draft, change)
const { saveCopy, duplicateThis, deleteThis } = useWholeBuild(draft, editor)
const matrix = useTemplateRef('matrix')
const wanted = ref<string | null>(null)
const colour = computed(() => sheet.value?.sizes.find(({ isReference }) => isReference)?.taste.colour ?? null)
const blocked = ref<string | null>(null)

onMounted(async () => {
  await editor.load()
  await cells.bringBack()
})
onReturn(() => {
  void again()
  void client.invalidateQueries({ queryKey: keys.bar })
})
// What could not be read may have been all that a draft waited for.
watch(cells.hasFaults, () => void editor.saveByItself())
// A new build has an address of its own as soon as it is kept.
watch(buildId, (now) => {
  if (now && now !== props.id) {
    void moveTo(router, `/builds/${now}`)
  }
})
useSheetKeys({
  save: () => void save(),
  undo: editor.undo,
  redo: editor.redo,
  keys: () => (areKeysOpen.value = true),
  copy: () => void copyCells(),
})

const sizes = computed(() => sheet.value?.sizes ?? [])
const asked = ref<string | null>(null)
const isHistoryOpen = ref(false)
const isVariantOpen = ref(false)
const areKeysOpen = ref(false)
const areSchoolsOpen = ref(false)
const version = computed(() => Number(editor.etag.value?.replaceAll('"', '') ?? 1))
const isEmpty = computed(() => draft.value?.lines.length === 0)

function problemAt(field: string): string | null {
  const all = [...(editor.saveProblem.value?.errors ?? []), ...(mixProblem.value?.errors ?? [])]
  // A field's own problem, or one of something within it.
  const found = all.find(
    (problem) => problem.field.split(/[.[]/, 1)[0] === field || `${problem.field}.`.startsWith(`${field}.`),
  )
  return found ? `${found.message} Accepted: ${found.accepted}.` : null
}

watch(() => [draft.value?.sizes, draft.value?.lines.length], cells.prune)
watch(draft, () => (blocked.value = null))

function chooseSizes(chosen: string[]): void {
  change((next) => {
    const [first] = chosen
    if (first && !chosen.includes(next.referenceSize)) {
      referTo(next, first)
    }

    putSizes(next, chosen)
  })
}

function referTo(next: Draft, size: string): void {
  const shown = sizes.value.find((candidate) => candidate.size === size)?.lines ?? []
  putReference(next, size, new Map(shown.map((line) => [line.line, line.amount])))
}

function add(ingredientId: string): void {
  const ingredient = pourables.value.find((candidate) => candidate.id === ingredientId)
  if (ingredient) {
    const line = newLine(ingredient)
    wanted.value = line.id
    change((next) => next.lines.push(line))
  }
}

function put(edits: CellEdit[]): void {
  change((next) => edits.forEach(({ line, size, amount }) => putAmount(next, line, size, amount)))
}

/** The version that is kept, once everything on the sheet is saved. */
async function ready(): Promise<string | null> {
  return !editor.isDirty.value || (await save()) ? editor.etag.value : null
}

/** Puts every cell on the clipboard, as spreadsheets take them. */
async function copyCells(): Promise<void> {
  try {
    await navigator.clipboard.writeText(matrix.value?.asText() ?? '')
    tell({ text: 'The cells are on the clipboard; paste them into a spreadsheet.' })
  } catch {
    tell({ text: 'This browser does not let the page write to the clipboard.', isFault: true })
  }
}

async function openVariant(): Promise<void> {
  isVariantOpen.value = (await ready()) !== null
}

async function showVariant(kept: BuildView): Promise<void> {
  await router.push(`/builds/${kept.id}`)
}

async function save(): Promise<boolean> {
  if ((cells.hasFaults.value && !cells.onlyWaits.value) || reserveFault.value) {
    blocked.value = 'Not saved yet: an entry marked in red cannot be read. Mend it, or press Escape in it.'
    await nextTick()
    matrix.value?.focusFault()
    return false
  }

  return (await editor.save()) !== null
}

/** Saves a draft before it is left, without asking; says whether nothing is left to ask about. */
async function settle(): Promise<boolean> {
  return (await editor.saveByItself()) && !editor.isDirty.value
}
</script>

<template>
  <main class="page sheet-page">
    <div v-if="editor.loadProblem.value" role="alert">
      <h1>{{ editor.loadProblem.value.title }}</h1>
      <p>{{ editor.loadProblem.value.detail }}</p>
      <p>
        <Button label="Try again" @click="editor.load" /> <RouterLink to="/">Go to the builds</RouterLink>
      </p>
    </div>
    <template v-else-if="draft && bar.data.value">
      <SheetTop
        :name="draft.name"
        :name-error="problemAt('name')"
        :is-kept="buildId !== null"
        :is-dirty="editor.isDirty.value"
        :is-saving="editor.isBusy.value"
        :is-away="isAway"
        :saves-itself="editor.savesItself.value"
        :can-undo="editor.canUndo.value"
        :can-redo="editor.canRedo.value"
        @rename="(name) => change((next) => (next.name = name), 'name')"
        @undo="editor.undo"
        @redo="editor.redo"
        @duplicate="duplicateThis"
        @delete="deleteThis"
        @save="save"
      />
      <SaveProblem
        v-if="editor.saveProblem.value"
        :problem="editor.saveProblem.value"
        @merge="editor.merge"
        @copy="saveCopy"
        @theirs="editor.discard"
        @again="save"
      />
      <SheetBanners
        :sends-itself="editor.savesItself.value || editor.isOwed.value"
        :saves-itself="editor.savesItself.value"
        :is-elsewhere="editor.isElsewhere.value && !editor.saveProblem.value"
        :merged="editor.merged.value"
        :brought-back="editor.broughtBack.value"
        @drop="editor.discard"
      />
      <div class="about">
        <StateMenu
          v-if="buildId"
          :id="buildId"
          :name="draft.name"
          :state="editor.state.value"
          :ready="ready"
          @moved="editor.lookAtState"
          @history="isHistoryOpen = true"
          @variant="openVariant"
        />
        <BuildFacts
          v-memo="[
            draft.tags,
            draft.season,
            draft.claims,
            draft.seenColour,
            colour,
            problemAt('season'),
            problemAt('tags'),
          ]"
          :draft="draft"
          :season-error="problemAt('season')"
          :tags-error="problemAt('tags')"
          :words="bar.data.value.words"
          :colour="colour"
          @tags="(tags) => change((next) => (next.tags = tags))"
          @season="(season) => change((next) => (next.season = season))"
          @claims="(claims) => change((next) => (next.claims = claims))"
          @seen="(seen) => change((next) => (next.seenColour = seen))"
        />
      </div>
      <AdjustBanner
        v-if="buildId && editor.state.value === 'standard' && !editor.isDirty.value"
        :id="buildId"
        :version="editor.etag.value"
        @adjust="adjust"
      />
      <ParentBanner
        v-if="draft.parent"
        :parent="draft.parent"
        @anew="makeAnew"
        @leave="(version) => change((next) => (next.parent = { ...next.parent, version }))"
      />
      <TransformDialog
        v-if="buildId && sheet"
        :id="buildId"
        v-model:open="isVariantOpen"
        v-memo="[isVariantOpen, isVariantOpen && draft, isVariantOpen && sheet]"
        :version="version"
        :draft="draft"
        :sheet="sheet"
        :pourables="pourables"
        :cups="bar.data.value.cups.map((cup) => ({ id: cup.id, name: cup.document.name ?? '' }))"
        @kept="showVariant"
      />
      <HistoryDialog
        v-if="buildId"
        :id="buildId"
        v-model:open="isHistoryOpen"
        v-memo="[isHistoryOpen]"
        @restore="bringBack"
      />
      <p v-if="blocked" class="banner fault" role="alert">{{ blocked }}</p>
      <p v-if="mixProblem && mixProblem.errors.length === 0 && !isAway" class="banner fault" role="alert">
        {{ mixProblem.message }} <Button label="Try again" text size="small" @click="again" />
      </p>

      <StartPanel v-if="isEmpty" :cups="startCups" @propose="begin" />
      <ShortcutSheet v-model:open="areKeysOpen" v-memo="[areKeysOpen]" />
      <SchoolsDialog
        v-model:open="areSchoolsOpen"
        v-memo="[areSchoolsOpen, areSchoolsOpen && draft]"
        :draft="draft"
        @choose="(code) => change((next) => (next.school = code))"
      />
      <BuildMatrix
        ref="matrix"
        v-model:wanted="wanted"
        :draft="draft"
        :sheet="sheet"
        :pourables="pourables"
        :bar="bar.data.value"
        :cells="cells"
        :problem-at="problemAt"
        @reference="(size) => change((next) => referTo(next, size))"
        @ingredient="measures.changeIngredient"
        @measure="measures.changeMeasure"
        @move="(line, by) => change((next) => moveLine(next, line, by))"
        @place="(line, to) => change((next) => placeLine(next, line, to))"
        @remove="(line) => change((next) => (next.lines = next.lines.filter(({ id }) => id !== line)))"
        @line="(line) => change((next) => putLine(next, line))"
        @advise="(size) => (asked = size)"
        @unpin="(line, size) => change((next) => removePin(next, line, size))"
        @undo="editor.undo"
        @redo="editor.redo"
      >
        <template #corner>
          <SheetSettings
            v-model:fault="reserveFault"
            :cups="bar.data.value.cups"
            :sizes="draft.sizes"
            :sizes-error="problemAt('sizes') ?? problemAt('referenceSize')"
            :reserve-mm="draft.reserveMm"
            :reserve-error="problemAt('reserveMm')"
            :school="draft.school"
            :serve="draft.serve ?? null"
            @serve="(serve) => change((next) => (next.serve = serve))"
            @school="(code) => change((next) => (next.school = code))"
            @schools="areSchoolsOpen = true"
            @sizes="chooseSizes"
            @reserve="(mm) => change((next) => (next.reserveMm = mm))"
          />
        </template>
      </BuildMatrix>
      <Select
        :model-value="null"
        :options="pourables"
        option-label="name"
        option-value="id"
        :placeholder="isEmpty ? 'Add what goes in first…' : 'Add a line…'"
        filter
        reset-filter-on-hide
        aria-label="Add a line"
        class="add"
        data-test="add-line"
        @update:model-value="add"
      />
      <CellLegend v-if="!isEmpty" />
      <FindingList v-if="sheet" :findings="sheet.findings" :is-empty="isEmpty" @mend="mend" @waive="waive" />
      <StationPanel
        v-if="sheet && !isEmpty && otherStations.length > 0"
        :draft="draft"
        :stations="otherStations"
      />
      <CautionList v-if="sheet && !isEmpty" :cautions="sheet.cautions" />
      <AdviceDialog
        v-model:size="asked"
        v-memo="[asked, asked && draft, asked && sizes]"
        :draft="draft"
        :sizes="sizes"
        @take="put"
      />
      <LeaveDialog
        title="This build has changes that are not saved"
        :is-dirty="editor.isDirty.value"
        :save="save"
        :discard="editor.discardLocally"
        :settle="settle"
      />
    </template>
    <p v-else-if="bar.error.value" class="banner fault" role="alert">{{ bar.error.value.message }}</p>
  </main>
</template>

<style scoped>
.sheet-page {
  padding-top: 0.75rem;
}

.about {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.5rem;
  align-items: center;
  justify-content: space-between;
}

.add {
  width: min(19rem, 100%);
  margin-top: 0.6rem;
}
</style>
