<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import type { LotView } from '@/shared/api/types'
import { typedNumber } from '@/shared/typedNumber'
import type { StockLine } from './useStock'

/** What happened to one lot: thrown away, counted, opened. */
const props = defineProps<{ lot: LotView; who: string; isAlone?: boolean }>()
const emit = defineEmits<{ write: [line: StockLine]; close: [] }>()
const move = ref<'thrown' | 'counted' | 'opened'>(props.lot.isOver ? 'thrown' : 'counted')
const amount = ref('')
const reason = ref(props.lot.isOver ? 'Over date' : '')
const useBy = ref('')
const choices = computed(() => [
  { value: 'counted', label: 'Counted' },
  { value: 'thrown', label: 'Thrown away' },
  ...(props.lot.openedOn === null ? [{ value: 'opened', label: 'Opened' }] : []),
])

const trouble = ref<string | null>(null)

// What cannot be read discards nothing, and nothing typed is never taken for all of it.
function send(): void {
  const typed = move.value === 'opened' ? null : typedNumber(amount.value)
  if (typed !== null && !(typed >= 0)) {
    const what = move.value === 'counted' ? 'how much there is' : 'how much was thrown away'
    trouble.value = amount.value.trim()
      ? `"${amount.value.trim()}" cannot be read. Enter ${what} in ${props.lot.unit}, such as ${Math.round(props.lot.left)}.`
      : `Enter ${what} in ${props.lot.unit}. All of it is ${Math.round(props.lot.left)}.`
    return
  }

  trouble.value = null
  emit('write', {
    move: move.value,
    lot: props.lot.lot,
    amount: typed,
    reason: reason.value || null,
    useBy: move.value === 'opened' ? useBy.value || null : null,
    who: props.who || null,
  })
}
</script>

<template>
  <form class="form" data-test="lot-form" @submit.prevent="send">
    <Select
      v-model="move"
      :options="choices"
      option-label="label"
      option-value="value"
      aria-label="What happened"
      data-test="happened"
    />
    <label v-if="move !== 'opened'">
      {{ move === 'counted' ? 'There are' : 'How much' }}
      <InputText
        v-model="amount"
        class="short"
        inputmode="decimal"
        :placeholder="`${Math.round(lot.left)}`"
        data-test="how-much"
        :invalid="trouble !== null"
      />
      {{ lot.unit }}
      <Button
        v-if="move === 'thrown'"
        label="All of it"
        text
        data-test="all-of-it"
        @click="amount = `${lot.left}`"
      />
    </label>
    <label v-else> use by <InputText v-model="useBy" class="day" placeholder="as its label says" /> </label>
    <label v-if="move !== 'opened'">
      why
      <InputText
        v-model="reason"
        data-test="why"
        :placeholder="move === 'thrown' ? 'spilled, smelled off …' : ''"
      />
    </label>
    <Button type="submit" label="Write it down" data-test="write" />
    <Button v-if="!isAlone" label="Close" text @click="emit('close')" />
    <p v-if="trouble" class="error" role="alert" data-test="lot-trouble">{{ trouble }}</p>
  </form>
</template>

<style scoped>
.form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.9rem;
  align-items: center;
  padding: 0.4rem 0;
}

.short {
  width: 5.5rem;
}

.day {
  width: 9rem;
}
</style>
