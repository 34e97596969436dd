<script setup lang="ts">
import Button from 'primevue/button'
import TastingReadings from './TastingReadings.vue'
import TastingRunning from './TastingRunning.vue'
import TastingSetUp from './TastingSetUp.vue'
import { useTasting } from './useTasting'
import { states } from './words'

/** One tasting: set up, tasted, or read. */
const props = defineProps<{ id: string }>()
const tasting = useTasting(props.id)
</script>

<template>
  <main class="page">
    <RouterLink to="/tastings"><i class="pi pi-arrow-left" aria-hidden="true" /> Tastings</RouterLink>
    <p v-if="tasting.problem.value" class="error" role="alert">{{ tasting.problem.value.message }}</p>
    <template v-if="tasting.view.value">
      <div class="head">
        <h1>{{ tasting.view.value.document.name || 'A new tasting' }}</h1>
        <span class="soft" data-test="tasting-state">{{ states[tasting.view.value.state] }}</span>
        <RouterLink
          v-if="tasting.view.value.document.again"
          :to="`/tastings/${tasting.view.value.document.again}`"
          >The tasting before</RouterLink
        >
        <Button
          v-if="tasting.view.value.state === 'open'"
          label="Close it"
          icon="pi pi-lock"
          :loading="tasting.isBusy.value"
          data-test="close"
          @click="tasting.close"
        />
      </div>
      <TastingSetUp
        v-if="tasting.view.value.state === 'draft'"
        :id="id"
        :tasting="tasting"
        :view="tasting.view.value"
      />
      <TastingRunning
        v-else-if="tasting.view.value.state === 'open'"
        :id="id"
        :tasting="tasting"
        :view="tasting.view.value"
      />
      <TastingReadings v-else :id="id" :tasting="tasting" :view="tasting.view.value" />
    </template>
  </main>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  margin: 0.25rem 0 0.75rem;
}

.head > button {
  margin-left: auto;
}
</style>
