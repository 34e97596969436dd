<script setup lang="ts">
import Button from 'primevue/button'
import type { Make } from './kept'

/** Another drink is half made on this device: it is gone on with, or given up. */
defineProps<{ make: Make }>()
const emit = defineEmits<{ on: []; up: [] }>()
</script>

<template>
  <section class="ask" data-test="other-make">
    <h2>{{ make.plan.drink }}, {{ make.plan.sizeName }}, is half made on this device.</h2>
    <div class="keys">
      <Button label="Go on with it" data-test="go-on" @click="emit('on')" />
      <Button
        label="Give it up and make this"
        outlined
        severity="danger"
        data-test="give-up"
        @click="emit('up')"
      />
    </div>
  </section>
</template>
