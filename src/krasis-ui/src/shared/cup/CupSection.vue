<script setup lang="ts">
import { computed, useId } from 'vue'
import { decimal, reading } from '@/shared/format'
import CupMarks from './CupMarks.vue'
import { meetsLid, type Frame } from './frame'
import {
  cubes,
  drizzle,
  grains,
  halfWidth,
  slice,
  softEdges,
  wall,
  wallStreaks,
  type CupPicture,
} from './section'

const props = defineProps<{
  size: CupPicture
  frame: Frame
  labels?: boolean
  /** Whether its lid is drawn also where nothing reaches it. */
  lid?: boolean
  /** The lines printed on the cup. */
  lines?: { label: string; height: number }[]
}>()

const id = useId()
const cup = computed(() => props.size.cup)
const spills = computed(() => props.size.fill.spilt > 0)
const overfull = computed(() => props.size.fill.roomLeft < 0)
const ice = computed(() => cubes(props.size))
const edges = computed(() => softEdges(props.size.drawing.layers))
const fill = computed(() => props.size.drawing.fillHeight)
const trimsAt = (place: string) => props.size.drawing.trims.filter((trim) => trim.place === place)
/** What drizzles and grains lie on: what stands on top, or the drink itself. */
const bed = computed(() => {
  const { top } = props.size.drawing
  const from = top?.from ?? fill.value
  return { from, to: top?.to ?? fill.value + 3, half: halfWidth(cup.value, Math.min(from, cup.value.height)) }
})

/** Everything inside the walls, and as high above the brim as ice may stand. */
const inside = computed(() => {
  const { topDiameter, bottomDiameter, height } = cup.value
  const [low, high, above] = [bottomDiameter / 2, topDiameter / 2, height + 30]
  return `${-low},0 ${low},0 ${high},${-height} ${high},${-above} ${-high},${-above} ${-high},${-height}`
})

/** What stands on top, rounded off where it ends; above the brim it keeps the brim's width. */
const crown = computed(() => {
  const { top } = props.size.drawing
  if (!top) {
    return null
  }

  const { height } = cup.value
  const low = halfWidth(cup.value, Math.min(top.from, height))
  const high = halfWidth(cup.value, Math.min(top.to, height))
  const shoulder = top.from + (top.to - top.from) * 0.35
  return `M${-low},${-top.from} L${-high},${-shoulder} Q${-high * 0.75},${-top.to} 0,${-top.to} Q${high * 0.75},${-top.to} ${high},${-shoulder} L${low},${-top.from} Z`
})

const runs = computed(() => {
  const { height } = cup.value
  return [-1, 1].map((side) => {
    const x = side * (cup.value.topDiameter / 2 + wall + 1.2)
    const foot = side * (halfWidth(cup.value, height * 0.35) + wall + 1.2)
    return `M${side * (cup.value.topDiameter / 2 - 6)},${-height - 2.5} Q${x},${-height - 3} ${x},${-height + 5} L${foot},${-height * 0.35}`
  })
})

const topColour = computed(() => props.size.drawing.layers.at(-1)?.colour ?? '#cccccc')

const reads = computed(() => {
  const lines = props.size.lines
    .filter((line) => line.amount > 0)
    .map((line) => `${decimal(line.amount, 2)} ${line.unit} ${line.ingredientName}`)
  const state = spills.value
    ? `runs over by ${reading(props.size.fill.spilt, 'ml')}`
    : overfull.value
      ? `overfull by ${reading(-props.size.fill.roomLeft, 'ml')}`
      : `${reading(props.size.fill.roomLeft, 'ml')} of room left`
  return `${props.size.name}, ${reading(cup.value.brimCapacity, 'ml')} to the brim: ${lines.join(', ') || 'empty'}. Filled to ${reading(fill.value, 'mm')} of ${reading(cup.value.height, 'mm')}, ${state}.`
})
</script>

<template>
  <svg
    :viewBox="`${frame.left} ${frame.top} ${frame.width} ${frame.height}`"
    preserveAspectRatio="xMidYMax meet"
    class="cup"
    :class="{ overfull, spills }"
  >
    <defs>
      <clipPath :id="`${id}-inside`"><polygon :points="inside" /></clipPath>
      <pattern
        :id="`${id}-hatch`"
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="5" class="hatch" />
      </pattern>
      <linearGradient
        v-for="(edge, index) in edges"
        :id="`${id}-edge-${index}`"
        :key="index"
        x1="0"
        x2="0"
        y1="1"
        y2="0"
      >
        <stop offset="0" :stop-color="edge.below" />
        <stop offset="1" :stop-color="edge.above" />
      </linearGradient>
    </defs>
    <g role="img" :aria-label="reads">
      <line :x1="frame.left" :x2="frame.left + frame.width" :y1="wall" :y2="wall" class="table" />
      <polygon :points="slice(cup, 0, cup.height)" class="glass" />
      <polygon
        v-for="layer in size.drawing.layers"
        :key="layer.line"
        :points="slice(cup, layer.from, layer.to)"
        :fill="layer.colour"
      />
      <polygon
        v-for="(edge, index) in edges"
        :key="`edge ${index}`"
        :points="slice(cup, edge.from, edge.to)"
        :fill="`url(#${id}-edge-${index})`"
        data-test="soft-edge"
      />
      <polygon
        v-if="size.drawing.foam"
        :points="slice(cup, size.drawing.foam.from, size.drawing.foam.to)"
        :fill="size.drawing.foam.colour"
        class="foam"
        data-test="foam"
      />
      <g v-for="trim in trimsAt('wall')" :key="trim.line" data-test="on-the-wall">
        <path
          v-for="streak in wallStreaks(cup)"
          :key="streak"
          :d="streak"
          :stroke="trim.colour"
          class="streak"
        />
      </g>
      <g :clip-path="`url(#${id}-inside)`">
        <rect
          v-for="(cube, index) in ice"
          :key="index"
          :x="cube.x"
          :y="cube.y"
          :width="cube.side"
          :height="cube.side"
          :rx="cube.side / 7"
          :fill="size.drawing.ice?.colour"
          :transform="`rotate(${cube.turn} ${cube.x + cube.side / 2} ${cube.y + cube.side / 2})`"
          class="ice"
        />
      </g>
      <polygon
        v-if="cup.workingHeight < cup.height"
        :points="slice(cup, cup.workingHeight, cup.height)"
        :fill="`url(#${id}-hatch)`"
      />
      <line
        :x1="-halfWidth(cup, cup.workingHeight)"
        :x2="halfWidth(cup, cup.workingHeight)"
        :y1="-cup.workingHeight"
        :y2="-cup.workingHeight"
        class="reserve"
      />
      <text
        v-if="labels && cup.height - cup.workingHeight >= 9 && !overfull && !crown"
        x="0"
        :y="-(cup.height + cup.workingHeight) / 2 + 2.4"
        text-anchor="middle"
        class="reserve-label"
      >
        reserve
      </text>
      <template v-if="spills">
        <polygon
          :points="`${-cup.topDiameter / 2},${-cup.height} ${-cup.topDiameter / 2 + 6},${-cup.height - 3.5} ${cup.topDiameter / 2 - 6},${-cup.height - 3.5} ${cup.topDiameter / 2},${-cup.height}`"
          :fill="topColour"
          class="heap"
        />
        <template v-for="run in runs" :key="run">
          <path :d="run" class="run edge" />
          <path :d="run" class="run" :stroke="topColour" />
        </template>
      </template>
      <path v-if="crown" :d="crown" :fill="size.drawing.top?.colour" class="top" />
      <template v-for="trim in trimsAt('drizzle')" :key="trim.line">
        <path
          :d="drizzle(bed.half, bed.from, bed.to)"
          :stroke="trim.colour"
          class="drizzle"
          data-test="drizzle"
        />
      </template>
      <g v-for="trim in trimsAt('dusting')" :key="trim.line" :fill="trim.colour" data-test="dusting">
        <circle
          v-for="grain in grains(bed.half, bed.from, bed.to)"
          :key="grain.x"
          :cx="grain.x"
          :cy="grain.y"
          r="1.1"
        />
      </g>
      <CupMarks :cup="cup" :labels="labels" :lid="labels && (lid || meetsLid(size))" :lines="lines" />
      <g v-for="trim in trimsAt('rim')" :key="trim.line" :fill="trim.colour" data-test="rim">
        <rect
          v-for="side in [-1, 1]"
          :key="side"
          :x="(side * (cup.topDiameter + wall)) / 2 - 2.4"
          :y="-cup.height - 2"
          width="4.8"
          height="9"
          rx="2.2"
          class="rim"
        />
      </g>
      <g v-if="labels && size.lines.length > 0" class="fill">
        <line :x1="halfWidth(cup, fill) - 8" :x2="halfWidth(cup, fill) + 5" :y1="-fill" :y2="-fill" />
        <text :x="halfWidth(cup, fill) + 7" :y="-fill + 3">{{ decimal(fill, 0) }} mm</text>
      </g>
    </g>
    <slot />
  </svg>
</template>

<style scoped>
.cup {
  display: block;
  width: 100%;
  height: 100%;
}

.glass {
  fill: var(--glass);
}

.table {
  stroke: var(--line);
  stroke-width: 0.8;
}

.hatch {
  stroke: var(--line-strong);
  stroke-opacity: 0.55;
  stroke-width: 0.8;
}

.reserve {
  stroke: var(--line-strong);
  stroke-width: 0.9;
  stroke-dasharray: 3 2;
}

.reserve-label {
  stroke: var(--glass);
  stroke-width: 3px;
  font-size: 7.5px;
}

.ice {
  fill-opacity: 0.72;
  stroke: #7ea4b1;
  stroke-width: 0.7;
}

.foam {
  stroke: var(--line-strong);
  stroke-width: 0.5;
  stroke-dasharray: 1 1.6;
}

.top {
  stroke: var(--line-strong);
  stroke-width: 0.8;
}

.heap {
  stroke: var(--fault);
  stroke-width: 1.2;
}

.run {
  fill: none;
  stroke-width: 3;
  stroke-linecap: round;
}

.edge {
  stroke: var(--fault);
  stroke-width: 5.4;
}

text {
  fill: var(--ink-soft);
  stroke: var(--porcelain);
  stroke-width: 2px;
  paint-order: stroke;
  font-size: 8px;
}

.streak {
  fill: none;
  stroke-width: 3;
  stroke-linecap: round;
  stroke-opacity: 0.85;
}

.drizzle {
  fill: none;
  stroke-width: 1.8;
  stroke-linejoin: round;
  stroke-linecap: round;
}

.rim {
  stroke: var(--line-strong);
  stroke-width: 0.5;
}

.fill line {
  stroke: var(--cobalt);
  stroke-width: 1.2;
}

.fill text {
  fill: var(--cobalt);
  font-weight: 650;
  font-size: 10.5px;
}

.overfull .fill line {
  stroke: var(--warning);
}

.overfull .fill text {
  fill: var(--warning);
}

.spills .fill line {
  stroke: var(--fault);
}

.spills .fill text {
  fill: var(--fault);
}
</style>
