<script setup lang="ts">
/** Leads whoever holds a phone to a card to its drink at the bar. */
defineProps<{ build: string; size?: string }>()
</script>

<template>
  <img
    :src="`/api/qr?path=${encodeURIComponent(`/service/${build}${size ? `/${size}` : ''}`)}`"
    alt="The drink at the bar"
    data-test="code"
  />
</template>
