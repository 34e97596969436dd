<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { ref, useTemplateRef } from 'vue'
import MissingDialog from '@/features/bar/facts/MissingDialog.vue'
import type { Pourable } from '@/shared/api/types'

defineProps<{ pourables: Pourable[]; isEmpty: boolean }>()
defineEmits<{ add: [ingredient: string] }>()

const select = useTemplateRef<{ hide: () => void }>('select')
const sought = ref('')
const isMissing = ref(false)

/** What was looked for is not there: it is made here, and the list is left. */
function beginMissing(): void {
  select.value?.hide()
  isMissing.value = true
}
</script>

<template>
  <Select
    ref="select"
    :model-value="null"
    :options="pourables"
    option-label="name"
    option-value="id"
    :placeholder="isEmpty ? 'Add what goes in first…' : 'Add a line…'"
    filter
    reset-filter-on-hide
    aria-label="Add a line"
    class="add"
    data-test="add-line"
    @before-show="sought = ''"
    @filter="(event) => (sought = event.value)"
    @update:model-value="$emit('add', $event)"
  >
    <template #footer>
      <Button
        label="Something the bar has not yet…"
        icon="pi pi-plus"
        text
        size="small"
        data-test="add-missing"
        @click="beginMissing"
      />
    </template>
  </Select>
  <MissingDialog v-model:open="isMissing" :sought="sought" @made="(id) => $emit('add', id)" />
</template>

<style scoped>
.add {
  width: min(19rem, 100%);
  margin-top: 0.4rem;
}
</style>
