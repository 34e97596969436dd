<script setup lang="ts">
import { replaceEqualDeep, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, defineAsyncComponent, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { keys, useBar } from '@/shared/api/queries'
import type { BuildView, Mend } from '@/shared/api/types'
import { reading } from '@/shared/format'
import { copyText } from '@/shared/copyText'
import LeaveDialog from '@/shared/leave/LeaveDialog.vue'
import { tell } from '@/shared/notice/notice'
import { moveTo } from '@/shared/pageKey'
import OffScreenLater from '@/shared/OffScreenLater.vue'
import { isAway, onReturn } from '@/shared/api/server'
import AboutButton from '@/features/mixing/facts/AboutButton.vue'
import AddLine from '@/features/mixing/lines/AddLine.vue'
import BuildFacts from '@/features/mixing/facts/BuildFacts.vue'
import BuildMatrix from './BuildMatrix.vue'
import CautionList from '@/features/mixing/findings/CautionList.vue'
import { putLine } from '@/features/mixing/saving/draft'
import FindingList from '@/features/mixing/findings/FindingList.vue'
import ParentBanner from '@/features/transforming/ParentBanner.vue'
import AdjustBanner from '@/features/versions/AdjustBanner.vue'
import StateMenu from '@/features/versions/StateMenu.vue'
import StateTag from '@/features/versions/StateTag.vue'
import TastedTag from '@/features/tastings/TastedTag.vue'
import StartPanel from './StartPanel.vue'
import SaveProblem from '@/features/mixing/saving/SaveProblem.vue'
import SheetBanners from './SheetBanners.vue'
import SheetDialogs from './SheetDialogs.vue'
import SheetSettings from '@/features/mixing/facts/SheetSettings.vue'
import SheetTop from './SheetTop.vue'
import StationPanel from '@/features/mixing/facts/StationPanel.vue'
import { pourablesOf } from '@/shared/pourables'
import { useBuildEditor } from '@/features/mixing/saving/useBuildEditor'
import { useCells } from '@/features/mixing/cells/useCells'
import { useEdits } from '@/features/mixing/saving/useEdits'
import { useReplacing } from '@/features/mixing/lines/useReplacing'
import { useSheet } from '@/features/mixing/saving/useSheet'
import { useSheetKeys } from './useSheetKeys'
import { useWholeBuild } from '@/features/mixing/saving/useWholeBuild'
import type { SheetDialog } from '@/features/mixing/sizes/words'

// With its chart it is as large as the sheet itself, and comes when somebody tastes.
const TasteDialog = defineAsyncComponent(() => import('@/features/tastings/TasteDialog.vue'))

const props = defineProps<{ id?: string }>()

const router = useRouter()
const client = useQueryClient()
const bar = useBar()
const reserveFault = ref<string | null>(null)
const editor = useBuildEditor(props.id ?? null, () => !cells.hasFaults.value && reserveFault.value === null)
const { draft, change, id: buildId } = editor
const { sheet, problem: mixProblem, again } = useSheet(draft)
const edits = useEdits(client, draft, change)
const cells = useCells(
  draft,
  edits,
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
const { waive, begin, makeAnew, adjust, bringBack, changeEverySize } = useReplacing(change)
const { saveCopy, duplicateThis, deleteThis } = useWholeBuild(draft, editor)
const matrix = useTemplateRef('matrix')
const { wanted } = edits
/** The sizes by name; the same as long as none of them changes. */
const named = computed<{ id: string; name: string }[]>((before) =>
  replaceEqualDeep(before, sheet.value?.sizes.map(({ size, name }) => ({ id: size, name })) ?? []),
)
const colour = computed(() => sheet.value?.sizes.find(({ isReference }) => isReference)?.taste.colour ?? null)
const blocked = ref<string | null>(null)
const isTasting = ref(false)
/** What has been asked for is not saved before it is done. */
const isDirty = computed(() => editor.isDirty.value || edits.isSending.value)

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
  keys: () => (dialog.value = 'keys'),
  copy: () => void copyCells(),
})

const dialog = ref<SheetDialog | null>(null)
const isAboutOpen = ref(false)
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

/** The version that is kept, once everything on the sheet is saved. */
async function ready(): Promise<string | null> {
  await edits.allDone()
  return !editor.isDirty.value || (await save()) ? editor.etag.value : null
}

/** Puts every cell on the clipboard, as spreadsheets take them. */
async function copyCells(): Promise<void> {
  tell(
    (await copyText(matrix.value?.asText() ?? ''))
      ? { text: 'All amounts copied. Paste them into a spreadsheet.' }
      : {
          text: 'Your browser blocked copying. Allow clipboard access for this site, then try again.',
          isFault: true,
        },
  )
}

async function openVariant(): Promise<void> {
  dialog.value = (await ready()) === null ? null : 'variant'
}

async function showVariant(kept: BuildView): Promise<void> {
  await router.push(`/builds/${kept.id}`)
}

async function save(): Promise<boolean> {
  await edits.allDone()
  if ((cells.hasFaults.value && !cells.onlyWaits.value) || reserveFault.value) {
    blocked.value = 'Not saved yet: an entry marked in red cannot be read. Mend it, or press Escape in it.'
    await nextTick()
    matrix.value?.focusFault()
    return false
  }

  return (await editor.save()) !== null
}

/** Does what is behind a complaint, where it can be seen. */
function mendAndLook(mend: Mend): void {
  isTasting.value = false
  void edits.mend(mend)
}

/** Saves a draft before it is left, without asking; says whether nothing is left to ask about. */
async function settle(): Promise<boolean> {
  await edits.allDone()
  return (await editor.saveByItself()) && !editor.isDirty.value
}
</script>

<template>
  <main class="page sheet-page" :aria-busy="edits.isSending.value">
    <div v-if="editor.loadProblem.value" role="alert">
      <h1>{{ editor.loadProblem.value.title }}</h1>
      <p>{{ editor.loadProblem.value.detail }}</p>
      <p>
        <Button label="Try again" @click="editor.load()" /> <RouterLink to="/">Go to the builds</RouterLink>
      </p>
    </div>
    <template v-else-if="draft && bar.data.value">
      <SheetTop
        :name="draft.name"
        :name-error="problemAt('name')"
        :is-kept="buildId !== null"
        :is-dirty="isDirty"
        :is-unread="cells.hasFaults.value || reserveFault !== null"
        :is-saving="editor.isBusy.value"
        :is-away="isAway"
        :saves-itself="editor.savesItself.value"
        :can-undo="editor.canUndo.value"
        :can-redo="editor.canRedo.value"
        @rename="(name) => change((next) => (next.name = name), 'name')"
        @undo="editor.undo"
        @redo="editor.redo"
        @save="save"
        @keys="dialog = 'keys'"
      >
        <template #state>
          <StateTag
            v-if="buildId"
            :id="buildId"
            :state="editor.life.value.state"
            :standard="editor.life.value.standard"
            :is-dirty="isDirty"
          />
          <AboutButton v-model="isAboutOpen" :draft="draft" :words="bar.data.value.words" />
          <TastedTag v-if="buildId" :build="buildId" />
        </template>
        <template #actions>
          <Button
            v-if="buildId"
            label="Taste"
            aria-label="Taste"
            class="short"
            icon="pi pi-comment"
            text
            severity="secondary"
            title="Taste: note it, or set up a tasting"
            data-test="taste"
            @click="isTasting = true"
          />
          <StateMenu
            v-if="buildId"
            :id="buildId"
            :name="draft.name"
            :state="editor.life.value.state"
            :moves="editor.life.value.moves"
            :ready="ready"
            @moved="editor.lookAtState"
            @history="dialog = 'history'"
            @variant="openVariant"
            @every-size="dialog = { everySize: null }"
            @duplicate="duplicateThis"
            @copy="copyCells"
            @text="dialog = 'text'"
            @delete="deleteThis"
          />
        </template>
      </SheetTop>
      <SaveProblem
        v-if="editor.saveProblem.value"
        :problem="editor.saveProblem.value"
        :clashes="editor.clashing.value?.clashes ?? []"
        :choices="editor.choices.value"
        @choose="editor.choose"
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
      <AdjustBanner
        v-if="buildId && editor.life.value.state === 'standard' && !editor.isDirty.value"
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
      <p v-if="blocked" class="banner fault" role="alert">{{ blocked }}</p>
      <p v-if="mixProblem && mixProblem.errors.length === 0 && !isAway" class="banner fault" role="alert">
        {{ mixProblem.message }} <Button label="Try again" text size="small" @click="again" />
      </p>

      <StartPanel v-if="isEmpty" :cups="startCups" @propose="begin" />
      <BuildMatrix
        ref="matrix"
        v-model:wanted="wanted"
        :draft="draft"
        :sheet="sheet"
        :pourables="pourables"
        :bar="bar.data.value"
        :cells="cells"
        :edits="edits"
        :problem-at="problemAt"
        @line="(line) => change((next) => putLine(next, line))"
        @advise="(size) => (dialog = { adviseOn: size })"
        @every-size="(line) => (dialog = { everySize: line })"
        @undo="editor.undo"
        @redo="editor.redo"
      >
        <template #settings>
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
            @schools="dialog = 'schools'"
            @sizes="edits.chooseSizes"
            @reserve="(mm) => change((next) => (next.reserveMm = mm))"
          />
          <BuildFacts
            v-if="isAboutOpen || problemAt('season') || problemAt('tags')"
            v-memo="[
              draft.tags,
              draft.season,
              draft.claims,
              draft.prices,
              named,
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
            :sizes="named"
            :currency="bar.data.value.rules.currency"
            @prices="(prices) => change((next) => (next.prices = prices))"
            @tags="(tags) => change((next) => (next.tags = tags))"
            @season="(season) => change((next) => (next.season = season))"
            @claims="(claims) => change((next) => (next.claims = claims))"
            @seen="(seen) => change((next) => (next.seenColour = seen))"
          />
        </template>
        <AddLine :pourables="pourables" :is-empty="isEmpty" @add="edits.add" />
        <OffScreenLater v-if="sheet" v-slot="{ of: { findings } }" :of="sheet">
          <FindingList
            :findings="findings"
            :is-empty="isEmpty"
            @mend="edits.mend"
            @waive="waive"
            @advise="(size) => (dialog = { adviseOn: size })"
          />
        </OffScreenLater>
      </BuildMatrix>
      <StationPanel
        v-if="sheet && !isEmpty && otherStations.length > 0"
        :draft="draft"
        :stations="otherStations"
      />
      <CautionList v-if="sheet && !isEmpty" :cautions="sheet.cautions" />
      <TasteDialog
        v-if="buildId && isTasting"
        v-model="isTasting"
        :build="buildId"
        :name="draft.name"
        :sizes="named"
        :reference="draft.referenceSize"
        :document="draft"
        @mend="mendAndLook"
      />
      <SheetDialogs
        :id="buildId"
        v-model="dialog"
        :version="editor.life.value.version"
        :draft="draft"
        :sheet="sheet"
        :pourables="pourables"
        :cups="bar.data.value.cups"
        @variant="showVariant"
        @restore="bringBack"
        @school="(code) => change((next) => (next.school = code))"
        @take="edits.put"
        @every-size="changeEverySize"
      />
      <LeaveDialog
        title="This build has changes that are not saved"
        :is-dirty="isDirty"
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
  padding-top: 0.35rem;
}
</style>
