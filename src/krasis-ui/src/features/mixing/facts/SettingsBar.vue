<script setup lang="ts">
import { ref } from 'vue'
import MomentChoice from '@/features/mixing/sizes/MomentChoice.vue'

/** What the cups are drawn at and the build is set to, in a row; on a phone it is folded away. */
const at = defineModel<number>('at', { required: true })
/** How many moments of the drink's life are known. */
defineProps<{ known: number }>()

const isOpen = ref(false)
</script>

<template>
  <div class="settings" :class="{ open: isOpen }">
    <button type="button" class="fold" :aria-expanded="isOpen" data-test="settings" @click="isOpen = !isOpen">
      Settings <i :class="isOpen ? 'pi pi-angle-up' : 'pi pi-angle-down'" aria-hidden="true" />
    </button>
    <MomentChoice v-if="known > 0" v-model="at" :known="known" />
    <slot />
  </div>
</template>

<style scoped>
.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem 0.8rem;
  align-items: center;
  margin-bottom: 0.4rem;
}

.fold {
  display: none;
  min-height: 2.75rem;
  padding: 0 0.3rem;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
}

@media (width < 70rem) {
  .settings {
    gap: 0.35rem 0.4rem;
  }
}

@media (width < 40rem) {
  .fold {
    display: block;
  }

  .settings:not(.open) > :deep(:not(.fold, .facts)) {
    display: none;
  }
}
</style>
