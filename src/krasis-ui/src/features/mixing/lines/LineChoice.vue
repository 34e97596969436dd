<script setup lang="ts">
import Select from 'primevue/select'

/** One thing that can be chosen of a line. */
defineProps<{
  options: readonly { code: string; name: string }[]
  /** What is chosen, for those who hear the page. */
  label: string
  placeholder?: string
  canBeNone?: boolean
}>()
const code = defineModel<string | null>({ required: true })
</script>

<template>
  <Select
    v-model="code"
    :options="[...options]"
    option-label="name"
    option-value="code"
    size="small"
    :placeholder="placeholder"
    :show-clear="canBeNone"
    :aria-label="label"
  />
</template>
