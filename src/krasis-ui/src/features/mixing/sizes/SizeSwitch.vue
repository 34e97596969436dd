<script setup lang="ts">
import type { SizeSheet } from '@/shared/api/types'

/** Chooses the one size that a phone has room for. */
defineProps<{ sizes: SizeSheet[]; shown: string | undefined }>()
defineEmits<{ show: [size: string] }>()
</script>

<template>
  <div class="sizes" role="group" aria-label="The size that is shown">
    <button
      v-for="size in sizes"
      :key="size.size"
      type="button"
      :aria-pressed="size.size === shown"
      @click="$emit('show', size.size)"
    >
      {{ size.name }}
    </button>
  </div>
</template>

<style scoped>
.sizes {
  display: none;
}

@media (width < 40rem) {
  .sizes {
    position: sticky;
    z-index: 3;
    top: 0;
    display: flex;
    overflow-x: auto;
    border-bottom: 1px solid var(--line);
    border-radius: 0.6rem 0.6rem 0 0;
    background: var(--porcelain);
  }
}

button {
  flex: 1 0 auto;
  min-width: 3.5rem;
  min-height: 2.75rem;
  padding: 0 0.6rem;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: var(--ink-soft);
  font: inherit;
}

button[aria-pressed='true'] {
  border-bottom-color: var(--cobalt);
  color: var(--ink);
  font-weight: 650;
}
</style>
