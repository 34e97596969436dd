<script setup lang="ts">
import Button from 'primevue/button'
import type { MakingStep } from '@/shared/api/types'

/** The keys at the foot of a page at the bar, large enough for a knuckle, and between them how far one is. */
defineProps<{ steps: MakingStep[]; at: number; onLabel: string; canGoOn: boolean }>()
const emit = defineEmits<{ back: []; on: [] }>()
</script>

<template>
  <footer class="keys">
    <Button
      label="Back"
      icon="pi pi-arrow-left"
      outlined
      :disabled="at === 0"
      data-test="step-back"
      @click="emit('back')"
    />
    <ol class="track" aria-hidden="true">
      <li v-for="(step, i) in steps" :key="step.number" :class="{ now: i === at, done: i < at }">
        {{ step.title }}<template v-if="i < at"> ✓</template>
      </li>
    </ol>
    <Button
      :label="onLabel"
      icon="pi pi-arrow-right"
      icon-pos="right"
      :disabled="!canGoOn"
      data-test="step-on"
      @click="emit('on')"
    />
  </footer>
</template>

<style scoped>
.keys {
  position: fixed;
  right: 0;
  bottom: 0;
  left: 0;
  display: grid;
  grid-template-columns: minmax(8rem, 14rem) 1fr minmax(8rem, 20rem);
  gap: 1rem;
  padding: 0.8rem 1.5rem;
  border-top: 1px solid var(--line);
  background: var(--porcelain);
}

.keys :deep(button) {
  min-height: 4.6rem;
  border-radius: 1rem;
  font-weight: 600;
  font-size: 1.6rem;
}

.track {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: center;
  justify-content: center;
  margin: 0;
  padding: 0;
  list-style: none;
}

.track li {
  padding: 0.35rem 0.7rem;
  border-radius: 0.6rem;
  background: var(--glass);
}

.track .done {
  color: var(--ink-soft);
}

.track .now {
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font-weight: 600;
}

@media (max-width: 700px) {
  .track {
    display: none;
  }

  .keys {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
