<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import TransformDialog from '@/features/transforming/TransformDialog.vue'
import HistoryDialog from '@/features/versions/HistoryDialog.vue'
import type {
  BarView,
  BuildDocument,
  BuildSheet,
  BuildView,
  CellEdit,
  Draft,
  Pourable,
} from '@/shared/api/types'
import AdviceDialog from '@/features/mixing/findings/AdviceDialog.vue'
import SchoolsDialog from '@/features/mixing/facts/SchoolsDialog.vue'
import EverySizeDialog from '@/features/mixing/sizes/EverySizeDialog.vue'
import ShortcutSheet from './ShortcutSheet.vue'
import type { SheetDialog } from '@/features/mixing/sizes/words'

// It comes when it is asked for.
const TextDialog = defineAsyncComponent(() => import('./TextDialog.vue'))

/** What opens over the sheet: one at a time. What is closed is not worked out anew with every amount. */
defineProps<{
  id: string | null
  /** The version that is kept, of which a variant would be made. */
  version: number
  draft: Draft
  sheet: BuildSheet | undefined
  pourables: Pourable[]
  cups: BarView['cups']
}>()
defineEmits<{
  variant: [kept: BuildView]
  restore: [document: BuildDocument]
  school: [code: string]
  take: [edits: CellEdit[]]
  everySize: [document: BuildDocument]
}>()

const open = defineModel<SheetDialog | null>({ required: true })
const isOpen = (what: SheetDialog) =>
  computed({ get: () => open.value === what, set: (is) => (open.value = is ? what : null) })
const isVariantOpen = isOpen('variant')
const isHistoryOpen = isOpen('history')
const areSchoolsOpen = isOpen('schools')
const isTextOpen = isOpen('text')
const areKeysOpen = isOpen('keys')
const everySize = computed({
  get: () => open.value !== null && typeof open.value === 'object' && 'everySize' in open.value,
  set: (is) => (open.value = is ? { everySize: null } : null),
})
const everySizeLine = computed(() =>
  open.value !== null && typeof open.value === 'object' && 'everySize' in open.value
    ? open.value.everySize
    : null,
)
const asked = computed({
  get: () =>
    open.value !== null && typeof open.value === 'object' && 'adviseOn' in open.value
      ? open.value.adviseOn
      : null,
  set: (size) => (open.value = size === null ? null : { adviseOn: size }),
})
</script>

<template>
  <TransformDialog
    v-if="id && sheet"
    :id="id"
    v-model:open="isVariantOpen"
    v-memo="[isVariantOpen, isVariantOpen && draft, isVariantOpen && sheet]"
    :version="version"
    :draft="draft"
    :sheet="sheet"
    :pourables="pourables"
    :cups="cups.map((cup) => ({ id: cup.id, name: cup.document.name ?? '' }))"
    @kept="$emit('variant', $event)"
  />
  <HistoryDialog
    v-if="id"
    :id="id"
    v-model:open="isHistoryOpen"
    v-memo="[isHistoryOpen]"
    @restore="$emit('restore', $event)"
  />
  <ShortcutSheet v-model:open="areKeysOpen" v-memo="[areKeysOpen]" />
  <TextDialog
    v-if="isTextOpen"
    v-model:open="isTextOpen"
    :draft="draft"
    :sizes="(sheet?.sizes ?? []).map(({ size, name }) => ({ id: size, name }))"
  />
  <SchoolsDialog
    v-model:open="areSchoolsOpen"
    v-memo="[areSchoolsOpen, areSchoolsOpen && draft]"
    :draft="draft"
    @choose="$emit('school', $event)"
  />
  <AdviceDialog
    v-model:size="asked"
    v-memo="[asked, asked && draft, asked && sheet]"
    :draft="draft"
    :sizes="sheet?.sizes ?? []"
    @take="$emit('take', $event)"
  />
  <EverySizeDialog
    v-if="everySize && sheet"
    :id="id"
    v-model:open="everySize"
    :draft="draft"
    :sheet="sheet"
    :begin-with="everySizeLine"
    @take="$emit('everySize', $event)"
  />
</template>
