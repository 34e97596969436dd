<script setup lang="ts">
import { computed, ref } from 'vue'
import { decimal } from '@/shared/format'

/** The milk line of a cup, to be taken hold of: dragged, or moved by the arrow keys. It says only how high it is wanted. */
const props = defineProps<{
  /** The cup that it is in. */
  name: string
  /** What is poured to it, as it is read out. */
  poured: string
  /** Where it stands, mm above the inside of the bottom. */
  height: number
  /** The cup's inner height, mm. */
  most: number
  /** Half the inner width there, mm. */
  half: number
  ariaDescribedby?: string
}>()
const emit = defineEmits<{ begin: []; wanted: [mm: number]; step: [by: number]; end: [] }>()

const isHeld = ref(false)
const shown = computed(() => decimal(props.height, 0))

function heightAt(event: PointerEvent): number {
  const svg = (event.currentTarget as SVGGElement).ownerSVGElement
  const matrix = svg?.getScreenCTM()
  const at = matrix ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()).y : 0
  return Math.max(0, Math.min(props.most, -at))
}

function take(event: PointerEvent): void {
  ;(event.currentTarget as SVGGElement).setPointerCapture(event.pointerId)
  isHeld.value = true
  emit('begin')
}

function drag(event: PointerEvent): void {
  if (isHeld.value) {
    emit('wanted', heightAt(event))
  }
}

function letGo(): void {
  if (isHeld.value) {
    isHeld.value = false
    emit('end')
  }
}
</script>

<template>
  <g
    role="slider"
    tabindex="0"
    class="handle"
    :class="{ held: isHeld }"
    aria-orientation="vertical"
    :aria-label="`Fill line of ${name}`"
    aria-valuemin="0"
    :aria-valuemax="decimal(most, 0)"
    :aria-valuenow="shown"
    :aria-valuetext="`${shown} mm, ${poured}`"
    data-test="fill-line"
    @click.stop
    @pointerdown.stop.prevent="take"
    @pointermove="drag"
    @pointerup="letGo"
    @pointercancel="letGo"
    @keydown.up.prevent="emit('step', 1)"
    @keydown.down.prevent="emit('step', -1)"
    @keydown.page-up.prevent="emit('step', 5)"
    @keydown.page-down.prevent="emit('step', -5)"
  >
    <title>Drag to where the cup is filled, or use the arrow keys</title>
    <rect :x="half - 12" :y="-height - 14" width="40" height="28" class="reach" />
    <line :x1="-half" :x2="half + 4" :y1="-height" :y2="-height" class="line" />
    <g :transform="`translate(${half - 4} ${-height})`">
      <circle r="6.5" class="knob" />
      <path d="M-2.6,-1.4 L0,-4 L2.6,-1.4 M-2.6,1.4 L0,4 L2.6,1.4" class="arrows" />
    </g>
  </g>
</template>

<style scoped>
.handle {
  cursor: ns-resize;
  touch-action: none;
}

.handle:focus {
  outline: none;
}

.reach {
  fill: transparent;
}

.line {
  stroke: var(--cobalt);
  stroke-opacity: 0.55;
  stroke-width: 1;
  stroke-dasharray: 2 2;
}

.handle:hover .line,
.handle:focus-visible .line,
.held .line {
  stroke-opacity: 1;
  stroke-width: 1.6;
  stroke-dasharray: none;
}

.knob {
  fill: var(--porcelain);
  stroke: var(--cobalt);
  stroke-width: 1.4;
}

.handle:focus-visible .knob {
  stroke-width: 3;
}

.arrows {
  fill: none;
  stroke: var(--cobalt);
  stroke-width: 1.3;
}
</style>
