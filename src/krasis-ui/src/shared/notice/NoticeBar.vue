<script setup lang="ts">
import Button from 'primevue/button'
import { dismiss, notice } from './notice'

async function act(): Promise<void> {
  const action = notice.value?.action
  dismiss()
  await action?.run()
}
</script>

<template>
  <div class="place" role="status" aria-live="polite">
    <div v-if="notice" class="notice" :class="{ fault: notice.isFault }">
      <i :class="notice.isFault ? 'pi pi-exclamation-triangle' : 'pi pi-check'" aria-hidden="true" />
      <span>{{ notice.text }}</span>
      <Button
        v-if="notice.action"
        :label="notice.action.label"
        size="small"
        data-test="notice-action"
        @click="act"
      />
      <Button icon="pi pi-times" text rounded aria-label="Dismiss" @click="dismiss" />
    </div>
  </div>
</template>

<style scoped>
.place {
  position: fixed;
  z-index: 20;
  right: 0;
  bottom: 1.25rem;
  left: 0;
  display: flex;
  justify-content: center;
  pointer-events: none;
}

.notice {
  display: flex;
  gap: 0.75rem;
  align-items: center;
  max-width: min(46rem, calc(100vw - 2rem));
  padding: 0.4rem 0.5rem 0.4rem 1rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.6rem;
  background: var(--porcelain);
  box-shadow: 0 6px 24px rgb(0 0 0 / 18%);
  pointer-events: auto;
}

.notice.fault {
  border-color: var(--fault);
  color: var(--fault);
}
</style>
