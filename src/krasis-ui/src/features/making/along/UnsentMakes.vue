<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Unsent } from './kept'

/** Makes that the server has not got: to be sent when it is back, or not taken by it. */
const props = defineProps<{ waiting: Unsent[] }>()
const emit = defineEmits<{ again: []; away: [id: string] }>()

const later = computed(() => props.waiting.filter(({ refused }) => refused === undefined))
const onPageOnly = computed(() => later.value.filter(({ isOnPageOnly }) => isOnPageOnly))
const kept = computed(() => later.value.length - onPageOnly.value.length)
const refused = computed(() => props.waiting.filter((make) => make.refused !== undefined))
</script>

<template>
  <p v-if="onPageOnly.length > 0" class="banner fault" role="alert" data-test="unsent-page">
    {{ onPageOnly.length === 1 ? 'This drink is' : `${onPageOnly.length} drinks are` }} not saved anywhere:
    the server does not answer, and this device’s storage is full or blocked. Keep this page open until the
    server is back.
  </p>
  <p v-if="kept > 0" class="banner" role="status" data-test="unsent">
    {{ kept }} {{ kept === 1 ? 'drink is' : 'drinks are' }} kept on this device and will be sent from this
    page when the server is back.
  </p>
  <div v-for="make in refused" :key="make.id" class="banner" role="alert" data-test="refused">
    <strong>{{ make.says }}</strong> was not accepted: {{ make.refused }} It is kept on this
    {{ make.isOnPageOnly ? 'page' : 'device' }} only.
    <Button label="Send it again" text size="small" @click="emit('again')" />
    <Button label="Throw it away" text size="small" data-test="throw-away" @click="emit('away', make.id)" />
  </div>
</template>
