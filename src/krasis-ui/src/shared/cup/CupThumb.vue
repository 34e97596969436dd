<script setup lang="ts">
import { computed } from 'vue'
import type { RowCup } from '@/shared/api/types'

/** A small cup with what is in it, for rows of which there may be thousands. */
const props = defineProps<{ cup: RowCup }>()

const margin = 4
const box = computed(() => {
  const { top, bottom, height, layers, ice } = props.cup
  const width = Math.max(top, bottom) + 2 * margin
  const above = Math.max(height, ...layers.map(({ to }) => to), ice?.to ?? 0) + margin
  return `${-width / 2} ${-above} ${width} ${above + margin}`
})

/** The inside of the cup between two heights; above the brim it keeps the brim's width. */
function slice(from: number, to: number): string {
  const { top, bottom, height } = props.cup
  const half = (at: number) => (bottom + (top - bottom) * Math.min(1, at / height)) / 2
  return `${-half(from)},${-from} ${half(from)},${-from} ${half(to)},${-to} ${-half(to)},${-to}`
}
</script>

<template>
  <svg :viewBox="box" class="thumb" aria-hidden="true">
    <polygon
      v-for="(layer, i) in cup.layers"
      :key="i"
      :points="slice(layer.from, layer.to)"
      :fill="layer.colour"
    />
    <polygon v-if="cup.ice" :points="slice(cup.ice.from, cup.ice.to)" :fill="cup.ice.colour" class="ice" />
    <polyline
      :points="`${-cup.top / 2},${-cup.height} ${-cup.bottom / 2},0 ${cup.bottom / 2},0 ${cup.top / 2},${-cup.height}`"
      class="wall"
      :class="{ over: cup.isOver }"
    />
  </svg>
</template>

<style scoped>
.thumb {
  width: 100%;
  height: 100%;
}

.ice {
  opacity: 0.55;
  stroke: var(--porcelain);
  stroke-width: 1;
}

.wall {
  fill: none;
  stroke: var(--line-strong);
  stroke-width: 2;
}

.over {
  stroke: var(--fault);
}
</style>
