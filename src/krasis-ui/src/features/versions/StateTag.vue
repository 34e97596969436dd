<script setup lang="ts">
import { computed } from 'vue'
import type { BuildState } from '@/shared/api/types'
import { stateOf } from './states'

const props = defineProps<{ state: BuildState }>()
const shown = computed(() => stateOf(props.state))
</script>

<template>
  <span class="tag" :class="state" data-test="state-tag"
    ><i :class="shown.icon" aria-hidden="true" /> {{ shown.label }}</span
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
