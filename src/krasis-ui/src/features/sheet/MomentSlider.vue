<script setup lang="ts">
import { computed, useId } from 'vue'
import { momentWords } from './words'

/** Chooses the moment of the drink's life at which the cups are drawn: 0 as poured, then at hand-over and later. */
const at = defineModel<number>({ required: true })
/** How many moments are known, as poured not counted. */
const props = defineProps<{ known: number }>()

const id = useId()
const words = computed(() => momentWords.slice(0, props.known + 1))
</script>

<template>
  <div class="moments">
    <label :for="id">The cups are drawn</label>
    <input
      :id="id"
      v-model.number="at"
      type="range"
      min="0"
      :max="known"
      step="1"
      :aria-valuetext="words[at]"
      :list="`${id}-ticks`"
      data-test="moment"
    />
    <datalist :id="`${id}-ticks`">
      <option v-for="(word, index) in words" :key="word" :value="index" :label="word" />
    </datalist>
    <div class="ticks" aria-hidden="true">
      <button
        v-for="(word, index) in words"
        :key="word"
        type="button"
        tabindex="-1"
        :class="{ here: index === at }"
        @click="at = index"
      >
        {{ word }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.moments {
  display: grid;
  gap: 0.1rem;
}

label {
  color: var(--ink-soft);
  font-size: 0.9rem;
}

input {
  width: 100%;
  min-height: 1.6rem;
  margin: 0;
  accent-color: var(--cobalt);
}

.ticks {
  display: flex;
  justify-content: space-between;
}

.ticks button {
  min-height: 1.6rem;
  padding: 0 0.1rem;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: inherit;
  font-size: 0.85rem;
  cursor: pointer;
}

.ticks .here {
  color: var(--ink);
  font-weight: 650;
}
</style>
