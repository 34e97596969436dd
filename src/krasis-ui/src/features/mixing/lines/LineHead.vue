<script setup lang="ts">
import { computed } from 'vue'
import { pouredBy, saysOf, type LineChoices } from './lineWords'

/** What a line is, in one row; its tools stand below it while one is in it. */
const props = defineProps<LineChoices & { number: number; isOpen: boolean; error: string | null }>()
defineEmits<{ open: [] }>()

const poured = computed(() => pouredBy(props))
const name = computed(() => poured.value?.name ?? 'this line')
const says = computed(() => saysOf(props))
</script>

<template>
  <div class="line">
    <span class="number" aria-hidden="true" title="Drag to pour it earlier or later" data-test="grip"
      ><i class="pi pi-ellipsis-v" />{{ number }}</span
    >
    <span class="swatch" :style="{ background: poured?.colour ?? 'transparent' }" aria-hidden="true" />
    <button type="button" class="what" :aria-expanded="isOpen" :data-name="name" @click="$emit('open')">
      <strong class="name" data-test="line-name">{{ name }}</strong>
      <i v-if="line.note" class="pi pi-comment note" :title="line.note" aria-hidden="true" />
      <span class="soft says" data-test="says">{{ says }}</span>
    </button>
  </div>
  <span v-if="error" class="error" role="alert">{{ error }}</span>
</template>

<style scoped>
.line {
  display: flex;
  gap: 0.45rem;
  align-items: center;
}

.number {
  display: flex;
  flex: none;
  gap: 0.1rem;
  align-items: center;
  width: 1.5rem;
  min-height: 2.6rem;
  color: var(--ink-soft);
  cursor: grab;
  touch-action: none;
  user-select: none;
}

.number i {
  font-size: 0.7rem;
}

.swatch {
  flex: none;
  width: 0.8rem;
  height: 2rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.25rem;
}

.what {
  flex: 1;
  min-width: 0;
  min-height: 2.6rem;
  padding: 0 0.3rem;
  border: 0;
  border-radius: 0.3rem;
  background: none;
  color: var(--ink);
  font: inherit;
  line-height: 1.2;
  text-align: left;
  cursor: pointer;
}

.what:hover {
  background: var(--glass);
}

.name {
  font-weight: 650;
}

.note {
  margin-left: 0.3rem;
  color: var(--ink-soft);
  font-size: 0.8rem;
}

.says {
  display: block;
  font-size: 0.85rem;
}

@media (pointer: coarse) {
  .what {
    min-height: 2.75rem;
  }
}
</style>
