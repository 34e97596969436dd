<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { BuildDocument } from '@/shared/api/types'

/** Offers to write a standard anew that the bar has come to pour otherwise. */
const props = defineProps<{ id: string; version: string | null }>()
defineEmits<{ adjust: [build: BuildDocument] }>()

const adjusted = useQuery({
  queryKey: computed(() => ['moved', 'adjusted', props.id, props.version]),
  queryFn: () => ask(api.GET('/api/builds/{id}/adjusted', { params: { path: { id: props.id } } })),
  staleTime: 0,
})
</script>

<template>
  <div v-if="adjusted.data.value?.changes.length" class="banner" role="status" data-test="adjust-banner">
    <strong>The bar pours this standard otherwise than when it was published.</strong>
    <ul>
      <li v-for="change in adjusted.data.value.changes.slice(0, 16)" :key="change.where">
        {{ change.where }} {{ change.before }} → {{ change.after }}
      </li>
    </ul>
    <Button
      label="Adjust it to pour as it did"
      size="small"
      data-test="adjust"
      @click="$emit('adjust', adjusted.data.value.document)"
    />
  </div>
</template>

<style scoped>
ul {
  margin: 0.2rem 0 0.4rem;
  padding-left: 1.1rem;
  columns: 22rem;
}
</style>
