<script setup lang="ts">
/** One answer of a measurement, large. */
defineProps<{ label: string; value: string | null; note?: string | undefined; test?: string }>()
</script>

<template>
  <div class="answer" :data-test="test">
    <span class="soft">{{ label }}</span>
    <strong :class="{ none: value === null }">{{ value ?? '–' }}</strong>
    <span v-if="note" class="soft note">{{ note }}</span>
  </div>
</template>

<style scoped>
.answer {
  display: flex;
  flex-direction: column;
}

strong {
  font-weight: 650;
  font-size: 1.7rem;
  line-height: 1.15;
}

.none {
  color: var(--ink-soft);
  font-weight: 400;
}

.note {
  font-size: 0.9rem;
}
</style>
