<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'

/** For which station something is, where the house has several. */
defineProps<{ stations: { id: string; name: string }[]; station: string | null }>()
const emit = defineEmits<{ choose: [station: string] }>()
</script>

<template>
  <SelectButton
    v-if="stations.length > 1"
    :model-value="station"
    :options="stations"
    option-label="name"
    option-value="id"
    :allow-empty="false"
    aria-label="For which station"
    data-test="station"
    @update:model-value="(to: string) => emit('choose', to)"
  />
</template>
