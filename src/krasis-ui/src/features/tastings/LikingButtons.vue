<script setup lang="ts">
import { likings } from './words'

/** The nine points of liking, to be pressed. */
const liking = defineModel<number | null>({ required: true })
</script>

<template>
  <button
    v-for="(word, i) in likings"
    :key="word"
    type="button"
    :aria-pressed="liking === i + 1"
    :aria-label="`${i + 1}, ${word}`"
    data-test="liking"
    @click="liking = i + 1"
  >
    {{ i + 1 }}
  </button>
</template>
