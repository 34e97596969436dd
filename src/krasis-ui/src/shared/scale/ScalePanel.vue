<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useDevices } from '@/shared/api/queries'
import { fixed } from '@/shared/format'
import type { Scale } from './Scale'
import { useScale } from './useScale'

const { scale, simulated, real, barScale, take, zero, state, reading, isOpen } = useScale()
const devices = useDevices()
const others = computed(
  () =>
    [simulated, real, devices.data.value?.hasScale ? barScale : null].filter(
      (other) => other !== null && other !== scale.value,
    ) as Scale[],
)
const isSimulated = computed(() => scale.value === simulated)
const trouble = ref('')

async function connect(): Promise<void> {
  trouble.value = ''
  try {
    await scale.value.connect()
  } catch (error) {
    // The browser asks for the port, and may be told no.
    trouble.value = `It could not be connected: ${error instanceof Error ? error.message : String(error)}`
  }
}
const shown = computed(() => {
  if (state.value !== 'connected' || !reading.value) {
    return '– – –'
  }

  return reading.value.isOverloaded ? 'too heavy' : fixed(reading.value.grams, 1)
})
const says = computed(() => {
  if (state.value === 'lost') {
    return 'The scale is gone. What was taken is kept: connect it again, or type what you read.'
  }

  if (state.value === 'off') {
    return 'Connect it, or type what your own scale shows.'
  }

  if (reading.value?.isOverloaded) {
    return `It weighs up to ${scale.value.capacity} g. Take something off.`
  }

  return reading.value?.isSettled ? 'At rest' : 'Coming to rest…'
})
let pouring = 0

function pour(isOn: boolean): void {
  window.clearInterval(pouring)
  if (isOn) {
    // About a thin stream from a jug.
    pouring = window.setInterval(() => simulated.add(1.2), 50)
  }
}

/** A stroke as a pump gives it: near nine and a half grams, never twice the same. */
function stroke(): void {
  simulated.add(9.5 + (Math.random() - 0.5) * 0.4)
}
</script>

<template>
  <section v-if="isOpen" class="scale" aria-label="Scale" data-test="scale">
    <div class="head">
      <strong>{{ scale.name }}</strong>
      <Button icon="pi pi-times" text rounded aria-label="Close the scale" @click="isOpen = false" />
    </div>
    <p class="display" :class="state" data-test="scale-display">
      {{ shown }} <span v-if="state === 'connected' && !reading?.isOverloaded">g</span>
    </p>
    <p class="says" :class="{ error: state === 'lost' }" role="status" data-test="scale-says">{{ says }}</p>
    <div v-if="state === 'connected'" class="keys">
      <Button label="Zero" size="small" data-test="scale-zero" @click="zero" />
      <Button
        v-if="isSimulated"
        label="Take all off"
        size="small"
        outlined
        severity="secondary"
        @click="simulated.clear()"
      />
      <Button
        v-if="isSimulated"
        label="Pull the plug"
        size="small"
        text
        severity="secondary"
        data-test="scale-drop"
        @click="simulated.drop()"
      />
    </div>
    <Button v-else label="Connect" size="small" data-test="scale-connect" @click="connect" />
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <template v-if="state !== 'connected'">
      <Button
        v-for="other in others"
        :key="other.name"
        :label="`Use: ${other.name}`"
        size="small"
        text
        data-test="scale-other"
        @click="take(other)"
      />
    </template>
    <div v-if="state === 'connected' && isSimulated" class="on">
      <span class="soft">Lay on it</span>
      <button
        v-for="grams in [1, 10, 100, 1000]"
        :key="grams"
        type="button"
        :aria-label="`Lay ${grams} g on the scale`"
        @click="simulated.add(grams)"
      >
        +{{ grams }}
      </button>
      <button type="button" data-test="scale-stroke" @click="stroke">a stroke</button>
      <button
        type="button"
        class="hold"
        @pointerdown="pour(true)"
        @pointerup="pour(false)"
        @pointerleave="pour(false)"
        @keydown.space.prevent="pour(true)"
        @keyup.space="pour(false)"
        @blur="pour(false)"
      >
        hold to pour
      </button>
      <button
        type="button"
        class="hold"
        @pointerdown="simulated.lean(400)"
        @pointerup="simulated.lean(0)"
        @pointerleave="simulated.lean(0)"
        @keydown.space.prevent="simulated.lean(400)"
        @keyup.space="simulated.lean(0)"
        @blur="simulated.lean(0)"
      >
        press on it
      </button>
    </div>
  </section>
</template>

<style scoped>
.scale {
  position: fixed;
  z-index: 10;
  right: 1rem;
  /* Above what a page has fixed to its lower edge. */
  bottom: calc(1rem + var(--dock, 0rem));
  width: min(22rem, calc(100vw - 2rem));
  padding: 0.5rem 0.9rem 0.9rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.9rem;
  background: var(--porcelain);
  box-shadow: 0 8px 30px rgb(0 0 0 / 22%);
}

.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.display {
  padding: 0.15rem 0.8rem;
  border-radius: 0.4rem;
  background: #16242a;
  color: #d9f3ea;
  font-size: 2.6rem;
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.display.off,
.display.lost {
  color: #9db3ba;
}

.display span {
  font-size: 1.3rem;
}

.says {
  min-height: 1.4rem;
  margin: 0.3rem 0 0.5rem;
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.says.error {
  color: var(--fault);
}

.keys,
.on {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
}

.on {
  margin-top: 0.6rem;
}

.on button {
  min-height: 2.75rem;
  padding: 0 0.7rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.5rem;
  background: var(--glass);
  color: var(--ink);
  font: inherit;
  touch-action: none;
  cursor: pointer;
}
</style>
