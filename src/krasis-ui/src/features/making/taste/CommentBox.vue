<script setup lang="ts">
/** What a taster says beside. */
defineProps<{ label: string }>()
const comment = defineModel<string | null | undefined>({ required: true })
</script>

<template>
  <label
    >{{ label }}
    <textarea
      :value="comment ?? ''"
      rows="2"
      maxlength="10000"
      @input="(event) => (comment = (event.target as HTMLTextAreaElement).value)"
    />
  </label>
</template>
