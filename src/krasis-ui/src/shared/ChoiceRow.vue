<script setup lang="ts">
import Button from 'primevue/button'

/** A question with its answers in a row; what is chosen is filled and ticked. */
defineProps<{
  title: string
  /** What the answers are, in a word. */
  name: string
  /** The answers; missing says what the bar lacks for one, which cannot be chosen then. */
  choices: { value: string; label: string; missing: string | null }[]
  chosen: string[]
}>()
defineEmits<{ choose: [value: string] }>()
</script>

<template>
  <div class="step" role="group" :aria-labelledby="`start-${name}`">
    <h2 :id="`start-${name}`">{{ title }}</h2>
    <div class="answers">
      <Button
        v-for="one in choices"
        :key="one.value"
        :label="one.label"
        :outlined="!chosen.includes(one.value)"
        :severity="chosen.includes(one.value) ? undefined : 'secondary'"
        :icon="chosen.includes(one.value) ? 'pi pi-check' : undefined"
        :disabled="one.missing !== null"
        :title="one.missing ?? undefined"
        :aria-pressed="chosen.includes(one.value)"
        :data-test="`${name}-${one.value}`"
        @click="$emit('choose', one.value)"
      />
    </div>
  </div>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 13rem 1fr;
  gap: 0.4rem;
  align-items: baseline;
  margin-bottom: 0.6rem;
}

.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

@media (width < 48rem) {
  .step {
    grid-template-columns: 1fr;
  }
}
</style>
