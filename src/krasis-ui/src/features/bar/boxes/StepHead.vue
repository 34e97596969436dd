<script setup lang="ts">
/** One step of a measurement: what to do, in a sentence. */
defineProps<{ number: number; title: string; hint?: string }>()
</script>

<template>
  <section class="step">
    <h3>
      <span class="number" aria-hidden="true">{{ number }}</span> {{ title }}
    </h3>
    <p v-if="hint" class="soft hint">{{ hint }}</p>
    <div class="boxes"><slot /></div>
  </section>
</template>

<style scoped>
.step {
  margin-top: 0.9rem;
}

h3 {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  margin: 0 0 0.2rem;
  font-size: 1.05rem;
}

.number {
  display: inline-grid;
  place-items: center;
  width: 1.55rem;
  height: 1.55rem;
  border: 1.5px solid var(--cobalt);
  border-radius: 50%;
  color: var(--cobalt);
  font-size: 0.95rem;
}

.hint {
  max-width: 40rem;
  margin-bottom: 0.35rem;
  font-size: 0.95rem;
}

.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.1rem;
  align-items: flex-start;
}
</style>
