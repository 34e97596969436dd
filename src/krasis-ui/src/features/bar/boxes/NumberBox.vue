<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { useScale } from '@/shared/scale/useScale'
import { typedNumber } from '@/shared/typedNumber'
import { useBench } from '@/features/bar/facts/bench'
import FieldFrame from './FieldFrame.vue'

const props = defineProps<{
  /** Where in the document it stands. */
  path: string
  label: string
  unit?: string
  hint?: string
  hideLabel?: boolean
  /** Whether it can be taken from the scale. */
  weigh?: boolean
  large?: boolean
}>()

const bench = useBench()
const { ready, reading, isOpen } = useScale()
const id = useId()
const kept = computed(() => bench.unreadable.value.get(props.path) ?? said(bench.read(props.path)))
const text = ref(kept.value)
const fault = computed(() => bench.problemAt(props.path))

watch(kept, (now) => {
  if (typedNumber(text.value) !== Number(now) || now === '' || text.value === '') {
    text.value = now
  }
})

function said(value: unknown): string {
  return typeof value === 'number' ? String(value) : ''
}

function take(typed: string): void {
  text.value = typed
  const number = typedNumber(typed)
  if (typed.trim() === '') {
    bench.put(props.path, null)
  } else if (Number.isFinite(number)) {
    bench.put(props.path, number)
  } else {
    bench.putUnreadable(props.path, typed)
  }
}

function weighIn(): void {
  if (ready.value && reading.value) {
    take(String(reading.value.grams))
    bench.touch(props.path)
  } else {
    isOpen.value = true
  }
}
</script>

<template>
  <FieldFrame :id="id" :label="label" :fault="fault" :hint="hint" :hide-label="hideLabel">
    <span class="entry" :class="{ large }">
      <InputText
        :id="id"
        :model-value="text"
        inputmode="decimal"
        autocomplete="off"
        :invalid="fault !== null"
        :aria-describedby="fault ? `${id}-fault` : undefined"
        :data-field="path"
        @update:model-value="take($event ?? '')"
        @blur="bench.touch(path)"
      />
      <span v-if="unit" class="unit">{{ unit }}</span>
      <Button
        v-if="weigh"
        icon="pi pi-gauge"
        text
        :severity="ready ? 'primary' : 'secondary'"
        :aria-label="ready ? `Take ${label} from the scale` : `Open the scale for ${label}`"
        :title="ready ? 'Take it from the scale' : 'Open the scale'"
        :data-weigh="path"
        @click="weighIn"
      />
    </span>
  </FieldFrame>
</template>

<style scoped>
.entry {
  display: inline-flex;
  gap: 0.35rem;
  align-items: center;
}

.entry :deep(input) {
  width: 5.6rem;
  text-align: right;
}

.large :deep(input) {
  width: 7rem;
  font-size: 1.5rem;
}

.unit {
  color: var(--ink-soft);
  white-space: nowrap;
}
</style>
