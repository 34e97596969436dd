<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import { useBar } from '@/shared/api/queries'
import type { FactChoice, MatchedFact } from '@/shared/api/types'

/** What a fact of another house is to be here. */
const props = defineProps<{ fact: MatchedFact }>()
const emit = defineEmits<{ decide: [choice: FactChoice] }>()
const bar = useBar()

// What no id is.
const comes = ' comes'
const none = ' none'
const kindOf = computed(() => props.fact.choice.kind)
const own = computed(() => {
  const facts = bar.data.value
  const of =
    kindOf.value === 'cups'
      ? facts?.cups
      : kindOf.value === 'foams'
        ? facts?.foams
        : kindOf.value === 'dispensers'
          ? facts?.dispensers
          : [...(facts?.ingredients ?? []), ...(facts?.parts ?? [])]
  return (of ?? []).map(({ id, document }) => ({ value: id, label: document.name ?? id }))
})
const options = computed(() => [
  ...own.value.map(({ value, label }) => ({
    value,
    label: kindOf.value === 'dispensers' ? `a pump like ${label}` : label,
  })),
  { value: comes, label: kindOf.value === 'dispensers' ? 'their pump comes along' : 'it comes along' },
  ...(kindOf.value === 'dispensers' ? [{ value: none, label: 'no pump: by the millilitre' }] : []),
])
const chosen = computed(() => props.fact.choice.own ?? (props.fact.choice.comes ? comes : none))

function decide(value: string): void {
  emit('decide', {
    ...props.fact.choice,
    own: value === comes || value === none ? null : value,
    comes: value === comes,
  })
}
</script>

<template>
  <tr data-test="fact" :class="{ guessed: !fact.isSure }">
    <th scope="row">
      {{ fact.name }}
      <span class="soft">{{ fact.says }}</span>
    </th>
    <td>
      <Select
        :model-value="chosen"
        :options="options"
        option-value="value"
        option-label="label"
        filter
        :aria-label="`What ${fact.name} is here`"
        @update:model-value="decide"
      />
    </td>
    <td>
      <i v-if="!fact.isSure" class="pi pi-question-circle" aria-hidden="true" />
      <strong v-if="!fact.isSure">Guessed.</strong> {{ fact.why }}
    </td>
  </tr>
</template>

<style scoped>
th .soft {
  display: block;
}

.guessed td:last-child i {
  margin-right: 0.3rem;
  color: var(--amber, currentcolor);
}
</style>
