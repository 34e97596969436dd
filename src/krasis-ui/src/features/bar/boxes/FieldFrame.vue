<script setup lang="ts">
defineProps<{
  id: string
  label: string
  fault: string | null
  hint?: string | undefined
  hideLabel?: boolean
}>()
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <slot />
    <span v-if="hint && !fault" class="soft hint">{{ hint }}</span>
    <span v-if="fault" :id="`${id}-fault`" class="error" role="alert">{{ fault }}</span>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
  min-width: 0;
}

label {
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.hint {
  font-size: 0.85rem;
}

.error {
  max-width: 22rem;
}
</style>
