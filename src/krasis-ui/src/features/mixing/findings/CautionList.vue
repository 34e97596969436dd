<script setup lang="ts">
import type { Caution } from '@/shared/api/types'

defineProps<{ cautions: Caution[] }>()
</script>

<template>
  <section v-if="cautions.length > 0" aria-label="Cautions" class="cautions">
    <h2>Cautions</h2>
    <p class="soft">Local food codes and licensed practice come first.</p>
    <ul>
      <li v-for="caution in cautions" :key="caution.code" :data-caution="caution.code">
        {{ caution.message }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.cautions {
  margin-top: 1.25rem;
}

ul {
  display: grid;
  gap: 0.25rem;
  margin: 0.4rem 0 0;
  padding-left: 1.1rem;
}
</style>
