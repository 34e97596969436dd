<script setup lang="ts">
import { computed } from 'vue'
import type { MakingPlan } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import { frameFor } from '@/shared/cup/frame'
import { halfWidth } from '@/shared/cup/section'

/** The cup with the line to which a step fills it. */
const props = defineProps<{ plan: MakingPlan; step: number }>()

const picture = computed(() => ({ ...props.plan, name: props.plan.sizeName, lines: [] }))
const frame = computed(() => frameFor([picture.value], false))
const level = computed(() => props.plan.steps[props.step]?.level ?? null)
const half = computed(() => (level.value ? halfWidth(props.plan.cup, level.value.height) : 0))
</script>

<template>
  <CupSection :size="picture" :frame="frame">
    <g v-if="level" class="level" data-test="level">
      <line :x1="-half - 4" :x2="half + 4" :y1="-level.height" :y2="-level.height" />
    </g>
  </CupSection>
</template>

<style scoped>
.level line {
  stroke: var(--cobalt);
  stroke-width: 2.2;
  stroke-dasharray: 5 3;
}
</style>
