<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import TrayTable from './TrayTable.vue'
import { useTasting } from './useTasting'

/** The tray plan on paper: for whoever pours, and for nobody who tastes. */
const props = defineProps<{ id: string }>()
const { view, problem } = useTasting(props.id)
const printIt = () => window.print()
const isChoice = computed(() => view.value?.document.question === 'duo-trio')
</script>

<template>
  <main class="page tray-page">
    <p class="no-print">
      <RouterLink :to="`/tastings/${id}`"
        ><i class="pi pi-arrow-left" aria-hidden="true" /> The tasting</RouterLink
      >
      <Button label="Print" icon="pi pi-print" data-test="print" @click="printIt" />
    </p>
    <p v-if="problem" class="error" role="alert">{{ problem.message }}</p>
    <template v-if="view">
      <h1>Tray plan: {{ view.document.name }}</h1>
      <p><strong>For whoever pours only.</strong> Nobody who tastes may see what stands here.</p>
      <TrayTable :view="view" with-codes />
      <p class="soft">
        Write the codes on the cups before anything is poured. “Before” is before the first sip. Ice stays in
        the cup it was made in.
      </p>
      <h2>Who gets what, from left to right</h2>
      <ol class="servings" :class="{ wide: view.servings.length > 24 }">
        <li v-for="(glasses, i) in view.servings" :key="i" data-test="serving">
          <span v-for="(glass, place) in glasses" :key="place" class="glass"
            >{{ glass.code
            }}<template v-if="isChoice && glass.isReference"> (to compare with)</template></span
          >
        </li>
      </ol>
    </template>
  </main>
</template>

<style scoped>
.servings {
  margin: 0.5rem 0;
  padding-left: 2.2rem;
  columns: 12rem 2;
}

.servings.wide {
  columns: 12rem 4;
}

.servings li {
  padding: 0.15rem 0;
  break-inside: avoid;
}

.glass {
  display: inline-block;
  min-width: 3.2rem;
  font-weight: 600;
  font-size: 1.15rem;
}

@media print {
  .tray-page {
    max-width: none;
    padding: 0;
  }
}
</style>
