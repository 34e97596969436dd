<script setup lang="ts">
import { computed } from 'vue'
import { halfWidth, wall, type CupPicture } from './section'

/** What a cup is by itself, whatever is in it: its walls, its marks, its lid and the lines printed on it. */
const props = defineProps<{
  cup: CupPicture['cup']
  labels?: boolean
  /** Whether its lid is drawn. */
  lid?: boolean
  /** The lines printed on the cup. */
  lines?: { label: string; height: number }[] | undefined
}>()

const outline = computed(() => {
  const { topDiameter, bottomDiameter, height } = props.cup
  const high = topDiameter / 2 + wall / 2
  const low = bottomDiameter / 2 + wall / 2
  return `M${-high},${-height} L${-low},${wall / 2} L${low},${wall / 2} L${high},${-height}`
})

/** The lid's inside over the brim, or within it. */
const lidPath = computed(() => {
  const { lidHeight, height, topDiameter } = props.cup
  if (lidHeight === null) {
    return null
  }

  const rim = topDiameter / 2 + wall
  const flat = lidHeight > height ? rim * 0.8 : halfWidth(props.cup, lidHeight)
  return `M${-rim},${-height} L${-flat},${-lidHeight} L${flat},${-lidHeight} L${rim},${-height}`
})
</script>

<template>
  <path v-if="lid && lidPath" :d="lidPath" class="lid" />
  <text v-if="lid && lidPath" x="0" :y="-(cup.lidHeight ?? 0) - 2" text-anchor="middle" class="lid-label">
    lid
  </text>
  <path :d="outline" class="wall" :stroke-width="wall" />
  <g class="marks">
    <template v-for="mark in cup.graduations" :key="mark.volume">
      <line
        :x1="-halfWidth(cup, mark.height)"
        :x2="-halfWidth(cup, mark.height) + (mark.isMajor ? 9 : 5)"
        :y1="-mark.height"
        :y2="-mark.height"
        class="mark-halo"
      />
      <line
        :x1="-halfWidth(cup, mark.height)"
        :x2="-halfWidth(cup, mark.height) + (mark.isMajor ? 9 : 5)"
        :y1="-mark.height"
        :y2="-mark.height"
        class="mark"
      />
      <text
        v-if="labels && mark.isMajor"
        :x="-halfWidth(cup, mark.height) - 3.5"
        :y="-mark.height + 2.6"
        text-anchor="end"
      >
        {{ mark.volume }}
      </text>
    </template>
  </g>
  <text v-if="labels" :x="-cup.topDiameter / 2 - 3.5" :y="-cup.height - 4" text-anchor="end">ml</text>
  <g v-for="line in lines" :key="line.label" class="printed" data-test="printed-line">
    <line
      :x1="-halfWidth(cup, line.height) + 12"
      :x2="halfWidth(cup, line.height)"
      :y1="-line.height"
      :y2="-line.height"
    />
    <text :x="-halfWidth(cup, line.height) + 12" :y="-line.height - 1.5">{{ line.label }}</text>
  </g>
</template>

<style scoped>
text {
  fill: var(--ink-soft);
  stroke: var(--porcelain);
  stroke-width: 2px;
  paint-order: stroke;
  font-size: 8px;
}

.wall {
  fill: none;
  stroke: var(--line-strong);
  stroke-linejoin: round;
  stroke-linecap: round;
}

.mark {
  stroke: #1f3237;
  stroke-width: 0.7;
}

.mark-halo {
  stroke: #ffffff;
  stroke-opacity: 0.75;
  stroke-width: 1.7;
}

.lid {
  fill: none;
  stroke: var(--line-strong);
  stroke-width: 0.9;
  stroke-dasharray: 1 2;
}

.lid-label {
  font-size: 7.5px;
}

.printed line {
  stroke: var(--ink-soft);
  stroke-width: 0.9;
}

.printed line {
  stroke-dasharray: 5 1.5;
}

.printed text {
  fill: #1f3237;
  stroke: #ffffff;
  stroke-width: 1.4px;
  stroke-opacity: 0.75;
  font-size: 8px;
}
</style>
