<script setup lang="ts">
/** What is told of the allergens of one size; never that it is free from something. */
defineProps<{ says: string }>()
</script>

<template>
  <p><strong>Allergens:</strong> {{ says }}. Traces are always possible.</p>
</template>
