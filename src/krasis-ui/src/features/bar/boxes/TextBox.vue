<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { computed, useId } from 'vue'
import { useBench } from '@/features/bar/facts/bench'
import FieldFrame from './FieldFrame.vue'

const props = defineProps<{
  path: string
  label: string
  hint?: string
  hideLabel?: boolean
  /** day for a date, colour for a colour, long for several lines. */
  kind?: 'text' | 'day' | 'colour' | 'long'
}>()

const bench = useBench()
const id = useId()
const fault = computed(() => bench.problemAt(props.path))
const text = computed(() => (bench.read(props.path) as string | null | undefined) ?? '')
const put = (value: string | undefined) => bench.put(props.path, value ? value : null)
</script>

<template>
  <FieldFrame :id="id" :label="label" :fault="fault" :hint="hint" :hide-label="hideLabel">
    <Textarea
      v-if="kind === 'long'"
      :id="id"
      :model-value="text"
      rows="3"
      auto-resize
      :invalid="fault !== null"
      :data-field="path"
      @update:model-value="put"
      @blur="bench.touch(path)"
    />
    <input
      v-else-if="kind === 'colour'"
      :id="id"
      type="color"
      :value="text || '#b0a090'"
      :data-field="path"
      @input="put(($event.target as HTMLInputElement).value)"
    />
    <InputText
      v-else
      :id="id"
      :model-value="text"
      :type="kind === 'day' ? 'date' : 'text'"
      autocomplete="off"
      :invalid="fault !== null"
      :aria-describedby="fault ? `${id}-fault` : undefined"
      :data-field="path"
      @update:model-value="put"
      @blur="bench.touch(path)"
    />
  </FieldFrame>
</template>

<style scoped>
input[type='color'] {
  width: 3.2rem;
  height: 2.6rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.35rem;
  background: none;
}
</style>
