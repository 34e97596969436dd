<script setup lang="ts">
import Button from 'primevue/button'
import type { ApiProblem } from '@/shared/api/ApiProblem'
import type { Clash, MergeChoice } from '@/shared/api/types'
import ClashList from './ClashList.vue'

defineProps<{
  problem: ApiProblem
  /** What both changed differently and is to be answered; empty before they are merged. */
  clashes: Clash[]
  choices: Record<string, MergeChoice>
}>()
defineEmits<{ merge: []; copy: []; theirs: []; again: []; choose: [key: string, choice: MergeChoice] }>()
</script>

<template>
  <div class="problem" role="alert" data-test="save-problem">
    <i class="pi pi-exclamation-triangle" aria-hidden="true" />
    <div>
      <strong>Not saved. {{ problem.title }}</strong>
      <p v-if="problem.errors.length === 0">{{ problem.detail }}</p>
      <ul v-else>
        <li v-for="error in problem.errors" :key="error.field">
          {{ error.message }} Accepted: {{ error.accepted }}.
        </li>
      </ul>
    </div>
    <div class="ways">
      <template v-if="problem.status === 412 || problem.status === 404">
        <Button
          v-if="problem.status === 412 && clashes.length === 0"
          label="Merge with theirs"
          data-test="merge"
          @click="$emit('merge')"
        />
        <Button
          label="Save mine as a new build"
          :outlined="problem.status === 412"
          data-test="save-copy"
          @click="$emit('copy')"
        />
        <Button
          v-if="problem.status === 412"
          label="Drop mine, show theirs"
          outlined
          severity="secondary"
          @click="$emit('theirs')"
        />
      </template>
      <Button v-else label="Try again" outlined severity="secondary" @click="$emit('again')" />
    </div>
    <ClashList
      v-if="clashes.length > 0"
      :clashes="clashes"
      :choices="choices"
      @choose="(key, choice) => $emit('choose', key, choice)"
    />
  </div>
</template>

<style scoped>
.problem {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: center;
  margin-bottom: 0.75rem;
  padding: 0.6rem 1rem;
  border-left: 4px solid var(--fault);
  border-radius: 0.3rem;
  background: var(--fault-wash);
}

.problem > i {
  color: var(--fault);
}

.problem > div:first-of-type {
  flex: 1 1 20rem;
}

ul {
  margin: 0.2rem 0 0;
  padding-left: 1.2rem;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
