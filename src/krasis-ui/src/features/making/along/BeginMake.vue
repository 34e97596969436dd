<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import type { MakingPlan } from '@/shared/api/types'

/** Before the first step: the cup on the scale, and who makes it. */
defineProps<{ plan: MakingPlan }>()
const emit = defineEmits<{ begin: [who: string] }>()
const who = useStorage('krasis.who', '')
</script>

<template>
  <section class="ask">
    <h2>{{ plan.steps.at(-1)!.number }} steps. Put the empty cup on the scale.</h2>
    <label
      >Who makes it
      <InputText v-model="who" placeholder="initials, or nobody" maxlength="40" data-test="who" />
    </label>
    <div class="keys">
      <Button label="Begin" data-test="begin" @click="emit('begin', who)" />
    </div>
  </section>
</template>
