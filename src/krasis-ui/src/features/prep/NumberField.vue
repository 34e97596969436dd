<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref, watch } from 'vue'
import { typedNumber } from '@/shared/typedNumber'

/** A number with its unit; what is no number stays on the page and is said. */
const props = defineProps<{ label: string; unit?: string; hideLabel?: boolean; placeholder?: string }>()
const model = defineModel<number | null | undefined>({ required: true })
const text = ref(model.value == null ? '' : `${model.value}`)
const isWrong = ref(false)
watch(model, (value) => {
  if ((value ?? NaN) !== typedNumber(text.value) && !isWrong.value) {
    text.value = value == null ? '' : `${value}`
  }
})

function typed(): void {
  const number = typedNumber(text.value)
  isWrong.value = text.value.trim() !== '' && !Number.isFinite(number)
  model.value = Number.isFinite(number) ? number : null
}
</script>

<template>
  <label class="field">
    <span :class="{ 'visually-hidden': props.hideLabel }">{{ label }}</span>
    <span class="with-unit">
      <InputText
        v-model="text"
        class="short"
        inputmode="decimal"
        :placeholder="placeholder"
        :invalid="isWrong"
        :aria-invalid="isWrong"
        @update:model-value="typed"
      />
      {{ unit }}
    </span>
    <span v-if="isWrong" class="error">“{{ text }}” is no number.</span>
  </label>
</template>

<style scoped>
.field {
  display: inline-flex;
  flex-direction: column;
  font-size: 0.9rem;
}

.with-unit {
  white-space: nowrap;
}

.short {
  width: 5rem;
}
</style>
