<script setup lang="ts">
import Button from 'primevue/button'
import ScalePanel from '@/shared/scale/ScalePanel.vue'
import { useScale } from '@/shared/scale/useScale'
import { areas } from './areas'

defineProps<{ here: string }>()
const { isOpen } = useScale()
</script>

<template>
  <nav class="areas" aria-label="The bar">
    <RouterLink to="/bar" :class="{ here: here === '' }">Overview</RouterLink>
    <RouterLink
      v-for="area in areas"
      :key="area.slug"
      :to="`/bar/${area.slug}`"
      :class="{ here: here === area.slug }"
    >
      {{ area.tab }}
    </RouterLink>
    <Button
      label="Scale"
      icon="pi pi-gauge"
      size="small"
      outlined
      :aria-expanded="isOpen"
      data-test="open-scale"
      @click="isOpen = !isOpen"
    />
  </nav>
  <ScalePanel />
</template>

<style scoped>
.areas {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.15rem;
  align-items: center;
  margin-bottom: 0.9rem;
}

.areas a {
  padding: 0.45rem 0.65rem;
  border-radius: 0.5rem;
  color: var(--ink-soft);
  text-decoration: none;
  white-space: nowrap;
}

.areas a:hover {
  background: var(--glass);
  color: var(--ink);
}

.areas a.here {
  background: var(--cobalt-wash);
  color: var(--cobalt);
  font-weight: 650;
}

.areas :deep(button) {
  margin-left: auto;
}
</style>
