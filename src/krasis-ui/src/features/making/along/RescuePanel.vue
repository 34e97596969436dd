<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Rescue } from '@/shared/api/types'

/** Too much or too little is in: what still helps. */
const props = defineProps<{ rescue: Rescue }>()
const emit = defineEmits<{ take: []; again: []; back: [] }>()
const heads = {
  carryOn: 'It can stay so',
  change: 'It can be rescued',
  takeOut: 'Remove some ice',
  biggerCup: 'It fits a bigger cup',
  startAgain: 'It cannot be rescued',
} as const

// What comes from the server to carry on with comes with its plan: without one nobody has worked anything out.
const isUnknown = computed(() => props.rescue.kind === 'carryOn' && !props.rescue.plan)
const head = computed(() => (isUnknown.value ? 'No answer from Krasis' : heads[props.rescue.kind]))
const canTake = computed(() => props.rescue.kind === 'carryOn' || props.rescue.kind === 'change')
</script>

<template>
  <section class="rescue" :class="rescue.kind" role="alertdialog" :aria-label="head" data-test="rescue">
    <h2>{{ head }}</h2>
    <p data-test="rescue-says">{{ rescue.says }}</p>
    <div class="keys">
      <Button
        v-if="canTake"
        :label="rescue.kind === 'change' ? 'Do that' : 'Carry on'"
        autofocus
        data-test="rescue-take"
        @click="emit('take')"
      />
      <Button
        v-else
        label="Go on all the same"
        outlined
        severity="secondary"
        data-test="rescue-anyway"
        @click="emit('take')"
      />
      <Button
        :label="rescue.kind === 'takeOut' ? 'Weigh again' : 'Pour more, or correct it'"
        :outlined="rescue.kind !== 'takeOut'"
        :severity="rescue.kind === 'takeOut' ? undefined : 'secondary'"
        data-test="rescue-back"
        @click="emit('back')"
      />
      <Button
        label="Start again"
        outlined
        severity="danger"
        data-test="rescue-again"
        @click="emit('again')"
      />
    </div>
  </section>
</template>

<style scoped>
.rescue {
  margin-top: 0.8rem;
  padding: 0.9rem 1.2rem;
  border: 3px solid var(--warning);
  border-radius: 1rem;
  background: var(--warning-wash);
  font-size: 1.35rem;
}

.startAgain {
  border-color: var(--fault);
  background: var(--fault-wash);
}

h2 {
  font-size: 1.7rem;
}

.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  margin-top: 0.7rem;
}

.keys :deep(button) {
  min-height: 3.6rem;
  font-size: 1.25rem;
}
</style>
