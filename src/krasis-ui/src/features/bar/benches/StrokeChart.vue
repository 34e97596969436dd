<script setup lang="ts">
import { computed } from 'vue'
import type { StrokesMeasured } from '@/shared/api/types'
import { decimal } from '@/shared/format'

/** The strokes weighed, one dot each, with their average and spread. */
const props = defineProps<{ strokes: number[]; leftOut: number[]; measured: StrokesMeasured | null }>()

const high = 110
const refused = computed(() => new Set(props.measured?.odd.filter((o) => o.isRefused).map((o) => o.index)))
const odd = computed(() => new Set(props.measured?.odd.map((o) => o.index)))
const mean = computed(() => props.measured?.gramsPerStroke ?? null)
/** Wide enough for the strokes that count; what is far outside stands at the edge. */
const range = computed(() => {
  const counted = props.strokes.filter((_, i) => !refused.value.has(i))
  const middle = mean.value ?? 10
  const spread = Math.max(...counted.map((grams) => Math.abs(grams - middle)), middle * 0.06) * 1.35
  return { from: middle - spread, to: middle + spread }
})
const step = computed(() => Math.max(18, Math.min(40, 420 / Math.max(10, props.strokes.length + 1))))
const width = computed(() => 46 + step.value * Math.max(10, props.strokes.length + 1))
const x = (index: number) => 46 + step.value * (index + 0.5)
const y = (grams: number) =>
  Math.min(
    high - 6,
    Math.max(6, high - ((grams - range.value.from) / (range.value.to - range.value.from)) * high),
  )
const says = computed(() =>
  props.strokes.length === 0
    ? 'No stroke has been weighed yet.'
    : `${props.strokes.length} strokes weighed: ${props.strokes.map((grams) => decimal(grams, 2)).join(', ')} g`,
)
</script>

<template>
  <svg :viewBox="`0 0 ${width} ${high + 18}`" role="img" :aria-label="says" class="chart">
    <template v-if="mean !== null">
      <rect
        v-if="measured?.deviation"
        x="46"
        :width="width - 46"
        :y="y(mean + measured.deviation)"
        :height="Math.max(1, y(mean - measured.deviation) - y(mean + measured.deviation))"
        class="spread"
      />
      <line x1="46" :x2="width" :y1="y(mean)" :y2="y(mean)" class="mean" />
      <text x="42" :y="y(mean) + 4" text-anchor="end" class="value">{{ decimal(mean, 2) }}</text>
    </template>
    <line x1="46" :x2="width" :y1="high" :y2="high" class="floor" />
    <g v-for="(grams, i) in strokes" :key="i">
      <template v-if="refused.has(i)">
        <path :d="`M${x(i) - 5},${y(grams) - 5} l10,10 m0,-10 l-10,10`" class="cross" />
        <text :x="x(i)" :y="y(grams) < 30 ? y(grams) + 18 : y(grams) - 9" text-anchor="middle" class="bad">
          {{ decimal(grams, 1) }} g
        </text>
      </template>
      <circle v-else :cx="x(i)" :cy="y(grams)" r="4.5" :class="odd.has(i) ? 'odd' : 'dot'" />
      <text :x="x(i)" :y="high + 12" text-anchor="middle">{{ i + 1 }}</text>
    </g>
  </svg>
</template>

<style scoped>
.chart {
  display: block;
  width: 100%;
  max-width: 40rem;
}

.spread {
  fill: var(--cobalt);
  fill-opacity: 0.14;
}

.mean {
  stroke: var(--cobalt);
  stroke-width: 1.5;
}

.floor {
  stroke: var(--line);
}

.dot {
  fill: var(--ink);
}

.odd {
  fill: var(--porcelain);
  stroke: var(--warning);
  stroke-width: 2;
}

.cross {
  fill: none;
  stroke: var(--fault);
  stroke-width: 2.5;
}

text {
  fill: var(--ink-soft);
  font-size: 10px;
}

.value {
  fill: var(--cobalt);
  font-weight: 650;
  font-size: 12px;
}

.bad {
  fill: var(--fault);
  font-weight: 650;
}
</style>
