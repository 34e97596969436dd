<script setup lang="ts">
import { computed } from 'vue'
import type { MakingPlan } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import { frameFor } from '@/shared/cup/frame'
import { halfWidth } from '@/shared/cup/section'

/** The cup with all that is in it, and beside it to where each step fills it. */
const props = defineProps<{ plan: MakingPlan }>()

/** Room for the numbers, and how far they keep from one another, in mm of the cup. */
const margin = 22
const apart = 11

const picture = computed(() => ({ ...props.plan, name: props.plan.sizeName, lines: [] }))
const frame = computed(() => {
  const bare = frameFor([picture.value], false)
  return { ...bare, width: bare.width + margin }
})
/** Numbers that would lie on one another are told apart, each with a line to its height. */
const marks = computed(() => {
  const { cup } = props.plan
  let last = -apart
  return props.plan.steps.flatMap(({ number, level }) => {
    if (!level) {
      return []
    }

    last = Math.max(level.height, last + apart)
    return [
      {
        number,
        from: halfWidth(cup, level.height),
        at: level.height,
        to: cup.topDiameter / 2 + 8,
        says: last,
      },
    ]
  })
})
</script>

<template>
  <CupSection :size="picture" :frame="frame">
    <g v-for="mark in marks" :key="mark.number" class="mark">
      <polyline :points="`${-mark.from},${-mark.at} ${mark.from},${-mark.at} ${mark.to},${-mark.says}`" />
      <text :x="mark.to + 2" :y="-mark.says" dominant-baseline="central">{{ mark.number }}</text>
    </g>
  </CupSection>
</template>

<style scoped>
.mark polyline {
  fill: none;
  stroke: #10181b;
  stroke-width: 0.7;
}

.mark text {
  fill: #10181b;
  font-weight: 700;
  font-size: 11px;
}
</style>
