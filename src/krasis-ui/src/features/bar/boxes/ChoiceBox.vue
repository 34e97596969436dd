<script setup lang="ts">
import Select from 'primevue/select'
import { computed, useId } from 'vue'
import { useBench } from '@/features/bar/facts/bench'
import FieldFrame from './FieldFrame.vue'

export interface Choice {
  value: string | number | boolean
  label: string
}

const props = defineProps<{
  path: string
  label: string
  options: Choice[]
  hint?: string
  hideLabel?: boolean
  /** What is shown while nothing is chosen. */
  nothing?: string
  clearable?: boolean
  filter?: boolean
}>()

const bench = useBench()
const id = useId()
const fault = computed(() => bench.problemAt(props.path))
</script>

<template>
  <FieldFrame :id="id" :label="label" :fault="fault" :hint="hint" :hide-label="hideLabel">
    <Select
      :label-id="id"
      :model-value="bench.read(path) ?? null"
      :options="options"
      option-label="label"
      option-value="value"
      :placeholder="nothing ?? 'Choose'"
      :show-clear="clearable"
      :filter="filter"
      reset-filter-on-hide
      :invalid="fault !== null"
      :aria-label="label"
      :data-field="path"
      class="choice"
      @update:model-value="(bench.put(path, $event ?? null), bench.touch(path))"
    />
  </FieldFrame>
</template>

<style scoped>
.choice {
  min-width: 9rem;
  max-width: 100%;
}
</style>
