<script setup lang="ts">
import { computed } from 'vue'
import type { CardsView } from '@/shared/api/types'
import { decimal } from '@/shared/format'

/** The fill lines of a drink at true size, a strip for each cup, to be cut out and laid against its wall from the bottom up. */
const props = defineProps<{ cards: CardsView }>()

const width = 58
/** So far words keep from one another, mm. */
const apart = 4.2
const strips = computed(() =>
  props.cards.plans.map((plan) => {
    let last = -apart
    const marks = plan.steps.flatMap(({ number, title, level }) => {
      if (!level) {
        return []
      }

      last = Math.max(level.alongWall, last + apart)
      return [{ number, title, at: level.alongWall, says: last }]
    })
    return { plan, marks, tall: Math.max(plan.cup.height * 1.12, last + apart) }
  }),
)
</script>

<template>
  <article class="card" data-test="card">
    <p class="title">
      {{ cards.drink }}, {{ cards.standard === null ? 'on trial' : `Standard ${cards.standard}` }}
    </p>
    <div class="strips">
      <svg
        v-for="{ plan, marks, tall } in strips"
        :key="plan.size"
        :width="`${width + 2}mm`"
        :height="`${tall + 24}mm`"
        :viewBox="`-1 ${-tall - 8} ${width + 2} ${tall + 24}`"
        role="img"
        :aria-label="`${plan.sizeName}: ${marks.map(({ title, at }) => `${title} to ${decimal(at, 1)} mm along the wall`).join(', ')}`"
        data-test="strip"
      >
        <rect x="0" :y="-tall - 7" :width="width" :height="tall + 7" class="edge" />
        <text :x="width / 2" :y="-tall - 2" class="head">{{ plan.sizeName }}</text>
        <g v-for="mark in marks" :key="mark.number">
          <line x1="0" x2="14" :y1="-mark.at" :y2="-mark.at" class="mark" />
          <line x1="14" x2="17" :y1="-mark.at" :y2="-mark.says" class="lead" />
          <text x="18" :y="-mark.says + 1">{{ mark.number }} {{ mark.title }}</text>
        </g>
        <path d="M9,6 H49 M9,4 v4 M49,4 v4" class="rule" data-test="rule" />
        <text :x="width / 2" y="12" class="small">this line is 40 mm long</text>
      </svg>
    </div>
  </article>
</template>

<style scoped>
.card {
  width: 210mm;
  box-sizing: border-box;
  padding: 8mm;
  background: #fff;
  color: #10181b;
}

.title {
  margin-bottom: 4mm;
  font-weight: 650;
  font-size: 12pt;
}

.strips {
  display: flex;
  flex-wrap: wrap;
  gap: 4mm 2mm;
  align-items: flex-end;
}

svg {
  flex: none;
  display: block;
}

line,
path {
  fill: none;
  stroke: #10181b;
  stroke-width: 0.3;
}

.lead {
  stroke-width: 0.15;
}

.edge {
  fill: none;
  stroke: #6f868c;
  stroke-width: 0.2;
  stroke-dasharray: 1.2 0.8;
}

text {
  fill: #10181b;
  font-size: 3px;
}

.head {
  font-weight: 650;
  font-size: 3.8px;
  text-anchor: middle;
}

.small {
  font-size: 2.2px;
  text-anchor: middle;
}
</style>
