<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { BuildState, BuildView } from '@/shared/api/types'
import { stateOf } from './states'

const props = defineProps<{
  /** The build, for the way to what was published of it. */
  id: string
  state: BuildState
  /** What was last published of it; null when nothing was. */
  standard: BuildView['standard']
  /** Whether it has been changed on the page and not saved yet. */
  isDirty?: boolean
}>()
const shown = computed(() => stateOf(props.state))
/** Which standard it is, and whether what one sees is what was published. */
const says = computed(() => {
  if (props.state !== 'standard' || props.standard === null) {
    return shown.value.label
  }

  return `${shown.value.label} ${props.standard.number}${props.standard.isChangedSince || props.isDirty ? ', changed since' : ''}`
})
</script>

<template>
  <component
    :is="standard ? RouterLink : 'span'"
    :to="standard ? `/builds/${id}/standards/${standard.number}` : undefined"
    class="tag"
    :class="state"
    :title="standard ? `Open standard ${standard.number} as it was published` : undefined"
    data-test="state-tag"
    ><i :class="shown.icon" aria-hidden="true" /> {{ says }}</component
  >
</template>

<style scoped>
.tag {
  display: inline-flex;
  gap: 0.35rem;
  align-items: center;
  padding: 0.1rem 0.6rem;
  border: 1px solid var(--line-strong);
  border-radius: 1rem;
  color: var(--ink-soft);
  font-size: 0.9rem;
  white-space: nowrap;
  text-decoration: none;
}

.tag.standard {
  border-color: var(--cobalt);
  color: var(--cobalt);
  font-weight: 600;
}

.tag.retired {
  border-style: dashed;
}
</style>
