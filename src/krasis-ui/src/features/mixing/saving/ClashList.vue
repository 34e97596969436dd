<script setup lang="ts">
import Button from 'primevue/button'
import type { Clash, MergeChoice } from '@/shared/api/types'

/** What two people changed differently: whose version is kept is asked for each, and nothing is saved before. */
defineProps<{ clashes: Clash[]; choices: Record<string, MergeChoice> }>()
defineEmits<{ choose: [key: string, choice: MergeChoice] }>()

const sides: { choice: MergeChoice; label: string; value: (clash: Clash) => string }[] = [
  { choice: 'theirs', label: 'Theirs', value: ({ theirs }) => theirs },
  { choice: 'mine', label: 'Mine', value: ({ mine }) => mine },
]
</script>

<template>
  <div class="clashes" data-test="clashes">
    <p>You both changed {{ clashes.length === 1 ? 'this' : 'these' }}. Which one do you want to keep?</p>
    <div v-for="clash in clashes" :key="clash.key" class="clash" data-test="clash">
      <span class="where">{{ clash.where }}</span>
      <Button
        v-for="side in sides"
        :key="side.choice"
        :label="`${side.label}: ${side.value(clash)}`"
        :icon="choices[clash.key] === side.choice ? 'pi pi-check' : ''"
        :outlined="choices[clash.key] !== side.choice"
        :aria-pressed="choices[clash.key] === side.choice"
        :data-test="`clash-${side.choice}`"
        @click="$emit('choose', clash.key, side.choice)"
      />
    </div>
  </div>
</template>

<style scoped>
.clashes {
  flex: 1 1 100%;
}

.clash {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin-top: 0.4rem;
}

.where {
  flex: 0 1 18rem;
  font-weight: 600;
}
</style>
