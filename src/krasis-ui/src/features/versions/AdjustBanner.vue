<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { BuildDocument } from '@/shared/api/types'
import PoursTable from './PoursTable.vue'
import { useAdjusted } from './useAdjusted'

/** Offers to write a standard anew that the bar has come to pour otherwise. */
const props = defineProps<{ id: string; version: string | null }>()
defineEmits<{ adjust: [build: BuildDocument, says: string] }>()

const adjusted = useAdjusted(
  () => props.id,
  () => props.version,
)
const view = computed(() => adjusted.data.value ?? null)
</script>

<template>
  <div v-if="view?.pours" class="banner" role="status" data-test="adjust-banner">
    <p>
      <strong>The bar pours this standard otherwise than when it was published.</strong> {{ view.pours.says }}
      <Button
        v-if="view.document"
        :label="
          view.pours.poursAsItDid ? 'Adjust it to pour as it did' : 'Adjust it as near as the bar pours'
        "
        size="small"
        data-test="adjust"
        @click="$emit('adjust', view.document, view.pours.says)"
      />
    </p>
    <details>
      <summary>What was published, is poured now, and would be</summary>
      <PoursTable :pours="view.pours" :number="view.number" />
    </details>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}

p .p-button {
  margin-left: 0.6rem;
}

summary {
  min-height: 2rem;
  cursor: pointer;
}
</style>
