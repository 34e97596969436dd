<script setup lang="ts">
/** What is wrong with the fields of a row, below it. */
defineProps<{ fields: string[]; at: (field: string) => string | null }>()
</script>

<template>
  <p v-for="field in fields.filter((one) => at(one))" :key="field" class="error" role="alert">
    {{ at(field) }}
  </p>
</template>
