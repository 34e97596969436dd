<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref, useId } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { typedNumber } from '@/shared/typedNumber'

/** Some readings that are no facts by themselves, and a button that has them worked out. What is wrong is told by their labels. */
const props = defineProps<{
  fields: readonly { key: string; label: string; unit: string }[]
  /** What their places are called. */
  prefix: string
  button: string
  /** Sends what was read; what it throws is told. */
  work: (read: Record<string, number>) => Promise<void>
}>()
const entered = defineModel<Record<string, string>>({ required: true })

const id = useId()
const faults = ref<string[]>([])
const isBusy = ref(false)

async function go(): Promise<void> {
  faults.value = []
  const read: Record<string, number> = {}
  for (const { key, label } of props.fields) {
    const text = (entered.value[key] ?? '').trim()
    if (text === '') {
      continue
    }

    const number = typedNumber(text)
    if (Number.isFinite(number)) {
      read[key] = number
    } else {
      faults.value.push(`${label}: '${text}' is not a number.`)
    }
  }

  if (faults.value.length > 0) {
    return
  }

  isBusy.value = true
  try {
    await props.work(read)
  } catch (error) {
    const problem = ApiProblem.of(error)
    faults.value =
      problem.errors.length > 0
        ? problem.errors.map(({ field, message, accepted }) => {
            const label = props.fields.find(({ key }) => key === field)?.label
            return `${label ? `${label}: ` : ''}${message} Accepted: ${accepted}.`
          })
        : [problem.message]
  } finally {
    isBusy.value = false
  }
}
</script>

<template>
  <div class="boxes">
    <div v-for="field in fields" :key="field.key" class="box">
      <label :for="`${id}-${field.key}`" class="soft">{{ field.label }}</label>
      <span>
        <InputText
          :id="`${id}-${field.key}`"
          v-model="entered[field.key]"
          inputmode="decimal"
          autocomplete="off"
          :data-field="`${prefix}.${field.key}`"
          @keydown.enter.prevent="go"
        />
        {{ field.unit }}
      </span>
    </div>
    <slot />
    <Button
      :label="button"
      type="button"
      size="small"
      outlined
      :loading="isBusy"
      :data-test="`work-${prefix}`"
      @click="go"
    />
  </div>
  <p v-for="fault in faults" :key="fault" class="error" role="alert">{{ fault }}</p>
</template>

<style scoped>
.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: end;
  margin: 0.5rem 0;
}

.box {
  display: flex;
  flex-direction: column;
  font-size: 0.9rem;
}

.box :deep(input) {
  width: 5rem;
  text-align: right;
}
</style>
