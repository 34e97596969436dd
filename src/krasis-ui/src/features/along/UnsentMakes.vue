<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Unsent } from './kept'

/** Makes that the server has not got: to be sent when it is back, or not taken by it. */
const props = defineProps<{ waiting: Unsent[] }>()
const emit = defineEmits<{ again: []; away: [id: string] }>()

const later = computed(() => props.waiting.filter(({ refused }) => refused === undefined).length)
const refused = computed(() => props.waiting.filter((make) => make.refused !== undefined))
</script>

<template>
  <p v-if="later > 0" class="banner" role="status" data-test="unsent">
    {{ later }} {{ later === 1 ? 'make is' : 'makes are' }} kept on this device, to be sent when the server is
    back.
  </p>
  <div v-for="make in refused" :key="make.id" class="banner" role="alert" data-test="refused">
    <strong>{{ make.says }}</strong> is kept on this device alone: {{ make.refused }}
    <Button label="Send it again" text size="small" @click="emit('again')" />
    <Button label="Throw it away" text size="small" data-test="throw-away" @click="emit('away', make.id)" />
  </div>
</template>
