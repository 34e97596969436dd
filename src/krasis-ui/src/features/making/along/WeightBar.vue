<script setup lang="ts">
import { computed } from 'vue'
import { decimal } from '@/shared/format'
import { standing } from './weight'

/** What is in against what is to go in, to be seen from two metres: right is where the bar meets the zone. */
const props = defineProps<{
  grams: number | null
  target: { grams: number; from: number; to: number }
}>()

const whole = computed(() => props.target.to * 1.28)
const share = (grams: number) => `${Math.min(Math.max(grams / whole.value, 0), 1) * 100}%`
const is = computed(() => standing(props.grams, props.target))
const about = (grams: number) => decimal(grams, Math.abs(grams) < 20 ? 1 : 0)
const says = computed(() => {
  const { grams, target } = props
  const between = `Between ${about(target.from)} and ${about(target.to)} g is right.`
  if (grams === null) {
    return between
  }

  return is.value === 'less'
    ? `${about(target.grams - grams)} g more. ${between}`
    : is.value === 'more'
      ? `${about(grams - target.grams)} g too much. ${between}`
      : `That is right. ${between}`
})
</script>

<template>
  <div class="weight" :class="is">
    <div class="row">
      <div class="track" aria-hidden="true">
        <i v-if="grams !== null" class="fill" :style="{ width: share(grams) }" />
        <i
          class="zone"
          :style="{ left: share(target.from), width: `calc(${share(target.to)} - ${share(target.from)})` }"
        />
        <i class="aim" :style="{ left: share(target.grams) }" />
      </div>
      <b data-test="weight">{{ grams === null ? '– g' : `${decimal(grams, 1)} g` }}</b>
    </div>
    <p role="status" data-test="weight-says">{{ says }}</p>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  gap: 1.4rem;
  align-items: center;
}

.track {
  position: relative;
  flex: 1;
  height: 3.6rem;
  overflow: hidden;
  border-radius: 0.9rem;
  background: var(--glass);
}

.track i {
  position: absolute;
  top: 0;
  bottom: 0;
}

.fill {
  left: 0;
  background: var(--cobalt);
}

.zone {
  border: 3px solid light-dark(#12512d, #8fd3ab);
  box-sizing: border-box;
  background: light-dark(#8fc3a599, #2c6b4799);
}

.aim {
  width: 4px;
  margin-left: -2px;
  background: light-dark(#12512d, #b9f0cf);
}

.more .fill {
  background: var(--fault);
}

b {
  min-width: 11.5rem;
  font-size: clamp(2.5rem, 5.5vw, 3.75rem);
  text-align: right;
}

p {
  margin-top: 0.4rem;
  font-size: clamp(1.1rem, 2vw, 1.6rem);
}

.more p,
.more b {
  color: var(--fault);
}

@media (max-width: 700px) {
  b {
    min-width: 6.5rem;
  }
}
</style>
