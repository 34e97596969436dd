<script setup lang="ts">
import { computed } from 'vue'
import type { MakingPlan } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import { frameFor } from '@/shared/cup/frame'

/** The cups that a drink is made in, side by side at one scale. */
const props = defineProps<{ plans: MakingPlan[]; chosen: string | null }>()
const emit = defineEmits<{ choose: [size: string] }>()

const cups = computed(() =>
  props.plans.map((plan) => ({ plan, picture: { ...plan, name: plan.sizeName, lines: [] } })),
)
const frame = computed(() =>
  frameFor(
    cups.value.map(({ picture }) => picture),
    false,
  ),
)
</script>

<template>
  <div class="cups" role="radiogroup" aria-label="In which cup">
    <button
      v-for="{ plan, picture } in cups"
      :key="plan.size"
      type="button"
      role="radio"
      :aria-checked="plan.size === chosen"
      :class="{ chosen: plan.size === chosen }"
      data-test="size"
      @click="emit('choose', plan.size)"
    >
      <span class="cup"><CupSection :size="picture" :frame="frame" /></span>
      <strong>{{ plan.sizeName }}</strong>
    </button>
  </div>
</template>

<style scoped>
.cups {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
}

button {
  display: flex;
  flex: 1 1 9rem;
  flex-direction: column;
  align-items: center;
  max-width: 17rem;
  padding: 0.6rem;
  border: 3px solid var(--line);
  border-radius: 1rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-size: 1.6rem;
  cursor: pointer;
}

.chosen {
  border-color: var(--cobalt);
  background: var(--cobalt-wash);
}

.cup {
  width: 100%;
  height: 12rem;
}

.cup :deep(svg) {
  width: 100%;
  height: 100%;
}
</style>
