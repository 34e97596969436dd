<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { typedNumber } from '@/shared/typedNumber'

/** A number that is read off something and typed: null as long as nothing that could be is typed, and then that is said. */
const props = defineProps<{
  label: string
  unit: string
  from: number
  to: number
  hint: string
  test: string
  /** What it belongs to: of another one nothing has been typed yet. */
  of: number
}>()
const value = defineModel<number | null>({ required: true })
const isWrong = defineModel<boolean>('wrong', { required: true })

const text = ref('')
const typed = computed(() => typedNumber(text.value))
const isPossible = computed(() => typed.value >= props.from && typed.value <= props.to)
watch(text, () => {
  value.value = isPossible.value ? typed.value : null
  isWrong.value = text.value.trim() !== '' && !isPossible.value
})
// The page has corrected the number.
watch(value, (now) => {
  if (now !== null && now !== typed.value) {
    text.value = String(now)
  }
})
watch(
  () => props.of,
  () => (text.value = ''),
)
</script>

<template>
  <label class="typed"
    >{{ label }} <InputText v-model="text" inputmode="decimal" :placeholder="hint" :data-test="test" />
    {{ unit }}</label
  >
  <p v-if="isWrong" class="error" role="alert" :data-test="`${test}-wrong`">
    {{ label }}: a number from {{ from }} to {{ to }} {{ unit }}.
  </p>
</template>

<style scoped>
.typed {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  font-size: 1.15rem;
}

.typed input {
  width: 10.5rem;
  min-height: 2.9rem;
}

.error {
  font-size: 1.15rem;
}
</style>
