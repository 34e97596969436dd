<script setup lang="ts">
import { computed } from 'vue'
import { decimal } from '@/shared/format'

/** A reading against the range in which it should lie, drawn and said. */
const props = defineProps<{
  label: string
  value: number | null
  from: number
  to: number
  bandFrom: number | null
  bandTo: number | null
  unit: string
}>()

const at = (value: number) =>
  ((Math.min(Math.max(value, props.from), props.to) - props.from) / (props.to - props.from)) * 100
const isIn = computed(
  () =>
    props.value !== null &&
    props.bandFrom !== null &&
    props.bandTo !== null &&
    props.value >= props.bandFrom - 1e-9 &&
    props.value <= props.bandTo + 1e-9,
)
const says = computed(() => {
  const value = props.value === null ? 'no reading yet' : `${decimal(props.value, 1)} ${props.unit}`
  return props.bandFrom === null || props.bandTo === null
    ? `${props.label}: ${value}`
    : `${props.label}: ${value}; good from ${decimal(props.bandFrom, 1)} to ${decimal(props.bandTo, 1)} ${props.unit}`
})
</script>

<template>
  <div class="gauge" role="img" :aria-label="says">
    <div class="words">
      <span>{{ label }}</span>
      <strong v-if="value !== null" :class="{ out: bandFrom !== null && !isIn }">
        {{ decimal(value, 1) }} {{ unit }}
        <i v-if="bandFrom !== null" :class="isIn ? 'pi pi-check' : 'pi pi-exclamation-triangle'" />
      </strong>
    </div>
    <svg viewBox="0 0 100 9" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="3" width="100" height="3" rx="1" class="rail" />
      <rect
        v-if="bandFrom !== null && bandTo !== null"
        :x="at(bandFrom)"
        y="2"
        :width="Math.max(0.6, at(bandTo) - at(bandFrom))"
        height="5"
        class="band"
      />
      <rect v-if="value !== null" :x="at(value) - 0.5" y="0" width="1" height="9" class="mark" />
    </svg>
    <div class="ends soft" aria-hidden="true">
      <span>{{ decimal(from, 1) }}</span>
      <span v-if="bandFrom !== null && bandTo !== null">
        {{ decimal(bandFrom, 1) }} – {{ decimal(bandTo, 1) }} {{ unit }}
      </span>
      <span>{{ decimal(to, 1) }}</span>
    </div>
  </div>
</template>

<style scoped>
.gauge {
  max-width: 28rem;
}

.words,
.ends {
  display: flex;
  justify-content: space-between;
  gap: 0.5rem;
}

.ends {
  font-size: 0.8rem;
}

svg {
  display: block;
  width: 100%;
  height: 1.1rem;
}

.rail {
  fill: var(--line);
}

.band {
  fill: var(--cobalt);
  fill-opacity: 0.35;
}

.mark {
  fill: var(--ink);
}

.out {
  color: var(--warning);
}
</style>
