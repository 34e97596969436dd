<script setup lang="ts">
import Button from 'primevue/button'
import Menu from 'primevue/menu'
import { computed, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import type { BuildState } from '@/shared/api/types'
import MoveDialog from './MoveDialog.vue'
import { moveLabel, stateOf } from './states'

/** What can be done with a build as a whole. */
const props = defineProps<{
  id: string
  name: string
  state: BuildState
  /** What it can become. */
  moves: readonly BuildState[]
  /** Saves what is not saved yet, and answers with the version; null when that could not be done. */
  ready: () => Promise<string | null>
}>()
const router = useRouter()
const emit = defineEmits<{
  moved: []
  history: []
  variant: []
  everySize: []
  duplicate: []
  copy: []
  text: []
  delete: []
}>()

/** What it is to become; null while nothing is asked. */
const to = ref<BuildState | null>(null)
const menu = useTemplateRef('menu')
const items = computed(() => [
  { label: 'Make a variant…', icon: 'pi pi-share-alt', test: 'variant', command: () => emit('variant') },
  {
    label: 'Change every size…',
    icon: 'pi pi-sliders-h',
    test: 'every-size',
    command: () => emit('everySize'),
  },
  ...(props.state === 'draft' || props.state === 'retired'
    ? []
    : [
        {
          label: 'Print cards',
          icon: 'pi pi-print',
          test: 'cards',
          command: () => void router.push(`/builds/${props.id}/cards`),
        },
        {
          label: 'Recipe page',
          icon: 'pi pi-file',
          test: 'recipe-page',
          command: () => void window.open(`/recipes/${props.id}`, '_blank', 'noopener'),
        },
        {
          label: 'Show at the bar',
          icon: 'pi pi-desktop',
          test: 'at-the-bar',
          command: () => void router.push(`/service/${props.id}`),
        },
      ]),
  { label: 'History', icon: 'pi pi-history', test: 'history', command: () => emit('history') },
  { label: 'Duplicate', icon: 'pi pi-copy', test: 'duplicate', command: () => emit('duplicate') },
  { label: 'As text…', icon: 'pi pi-align-left', test: 'as-text', command: () => emit('text') },
  {
    label: 'Send as a file',
    icon: 'pi pi-file-export',
    test: 'send',
    command: () => window.location.assign(`/api/files/drinks.krasis?build=${props.id}`),
  },
  { label: 'Copy all cells', icon: 'pi pi-table', test: 'copy-cells', command: () => emit('copy') },
  { separator: true },
  ...props.moves
    .filter((next) => next !== 'standard')
    .map((next) => ({
      label: moveLabel(props.state, next),
      icon: stateOf(next).icon,
      test: `move-${next}`,
      command: () => (to.value = next),
    })),
  { separator: true },
  { label: 'Delete', icon: 'pi pi-trash', test: 'delete', command: () => emit('delete') },
])
</script>

<template>
  <span class="states">
    <Button
      label="More"
      icon="pi pi-angle-down"
      icon-pos="right"
      text
      severity="secondary"
      aria-haspopup="true"
      data-test="more"
      @click="(event) => menu?.toggle(event)"
    />
    <Menu ref="menu" :model="items" popup>
      <template #item="{ item, props: given }">
        <a v-bind="given.action" :data-test="item.test as string">
          <i :class="item.icon" aria-hidden="true" /> {{ item.label }}
        </a>
      </template>
    </Menu>
    <Button
      v-if="moves.includes('standard')"
      :label="moveLabel(state, 'standard')"
      data-test="move-standard"
      :outlined="state === 'standard'"
      @click="to = 'standard'"
    />
    <MoveDialog :id="id" v-model="to" :name="name" :ready="ready" @moved="$emit('moved')" />
  </span>
</template>

<style scoped>
.states {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0.15rem 0.25rem;
  align-items: center;
}
</style>
