<script setup lang="ts">
import type { MakingStep } from '@/shared/api/types'

/** One step as it is read from two metres: what, how much, how. */
defineProps<{ step: MakingStep; of: number }>()
</script>

<template>
  <div class="step" data-test="step">
    <p class="number">Step {{ step.number }} of {{ of }}</p>
    <h2>{{ step.title }}</h2>
    <p class="big" data-test="figure">{{ step.amount }}</p>
    <p v-if="step.beside" class="beside">{{ step.beside }}</p>
    <p v-if="step.shot" class="beside" data-test="shot-says">{{ step.shot.says }}</p>
    <slot />
    <p class="how">
      <template v-if="step.hold">{{ step.hold }}: </template>{{ step.how }} {{ step.meanwhile }}
    </p>
    <p v-if="step.see" class="see" data-test="see">{{ step.see }}</p>
    <p v-if="step.allergens && step.allergens.length > 0" class="has">
      Adds allergens: {{ step.allergens.join(', ') }}
    </p>
    <ul v-if="step.cautions && step.cautions.length > 0" class="cautions">
      <li v-for="caution in step.cautions" :key="caution">{{ caution }}</li>
    </ul>
  </div>
</template>

<style scoped>
.number {
  color: var(--ink-soft);
  font-size: clamp(1rem, 2vw, 1.5rem);
}

h2 {
  font-size: clamp(1.8rem, 4.2vw, 3.4rem);
  line-height: 1.05;
}

.big {
  font-weight: 700;
  font-size: clamp(3.75rem, 10vw, 8.25rem);
  line-height: 1.05;
}

.beside {
  font-size: clamp(1.2rem, 2.4vw, 2rem);
}

.how {
  margin-top: 0.4rem;
  font-size: clamp(1.15rem, 2.2vw, 1.75rem);
}

.see {
  margin-top: 0.2rem;
  font-style: italic;
  font-size: clamp(1.05rem, 1.9vw, 1.5rem);
}

.has {
  margin-top: 0.3rem;
  font-size: 1.2rem;
}

.cautions {
  margin: 0.5rem 0 0;
  padding-left: 1.2rem;
  color: var(--warning);
  font-size: 1.05rem;
}
</style>
