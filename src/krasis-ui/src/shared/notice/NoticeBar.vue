<script setup lang="ts">
import Button from 'primevue/button'
import Toast from 'primevue/toast'
import { dismiss, type Notice } from './notice'

async function act(notice: Notice): Promise<void> {
  dismiss()
  await notice.action?.run()
}

// What is told is read out in its turn, by a place that is there before it: put in together with its words, it may go unread.
const parts = {
  root: { role: 'status', 'aria-live': 'polite' },
  message: { role: undefined, 'aria-live': undefined, 'aria-atomic': undefined },
}
</script>

<template>
  <Toast position="bottom-center" class="notices" :pt="parts">
    <template #container="{ message: { notice }, closeCallback }">
      <div class="notice" :class="{ fault: notice.isFault }">
        <i :class="notice.isFault ? 'pi pi-exclamation-triangle' : 'pi pi-check'" aria-hidden="true" />
        <span>{{ notice.text }}</span>
        <Button
          v-if="notice.action"
          :label="notice.action.label"
          size="small"
          data-test="notice-action"
          @click="act(notice)"
        />
        <Button icon="pi pi-times" text rounded aria-label="Dismiss" @click="closeCallback" />
      </div>
    </template>
  </Toast>
</template>

<style scoped>
.notice {
  display: flex;
  gap: 0.75rem;
  align-items: center;
  padding: 0.4rem 0.5rem 0.4rem 1rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.6rem;
  background: var(--porcelain);
  color: var(--ink);
}

.notice span {
  flex: 1;
}

.notice.fault {
  border-color: var(--fault);
  color: var(--fault);
}
</style>

<style>
.notices.p-toast {
  width: max-content;
  max-width: min(46rem, calc(100vw - 2rem));
}
</style>
