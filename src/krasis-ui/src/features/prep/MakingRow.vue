<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import type { MakingDocument, PrepDocument } from '@/shared/api/types'
import NumberField from './NumberField.vue'

/** In what batches one thing is made, how long that takes, and on what. */
defineProps<{ name: string; equipment: NonNullable<PrepDocument['equipment']>; keeps: number | null }>()
const making = defineModel<MakingDocument>({ required: true })
const emit = defineEmits<{ remove: [] }>()
const waits = [
  { value: 'none', label: 'does not stand' },
  { value: 'steep', label: 'steeps' },
  { value: 'cool', label: 'cools' },
  { value: 'freeze', label: 'freezes' },
  { value: 'rest', label: 'rests' },
]

function set<K extends keyof MakingDocument>(field: K, value: MakingDocument[K]): void {
  making.value = { ...making.value, [field]: value }
}
</script>

<template>
  <fieldset data-test="making">
    <legend>{{ name }}</legend>
    <div class="fields">
      <NumberField
        label="A batch is at most"
        unit="g"
        :model-value="making.batchGrams"
        @update:model-value="(value) => set('batchGrams', value)"
      />
      <NumberField
        label="and at least"
        unit="g"
        :model-value="making.leastGrams"
        @update:model-value="(value) => set('leastGrams', value)"
      />
      <NumberField
        label="Work"
        unit="min"
        :model-value="making.workMinutes"
        @update:model-value="(value) => set('workMinutes', value)"
      />
      <label class="field">
        on
        <MultiSelect
          :model-value="making.workOn ?? []"
          :options="equipment"
          option-label="name"
          option-value="id"
          placeholder="nothing"
          :max-selected-labels="2"
          @update:model-value="(value: string[]) => set('workOn', value)"
        />
      </label>
      <label class="field">
        Then it
        <Select
          :model-value="making.wait ?? 'none'"
          :options="waits"
          option-label="label"
          option-value="value"
          @update:model-value="(value: string) => set('wait', value === 'none' ? null : value)"
        />
      </label>
      <NumberField
        label="for"
        unit="min"
        :model-value="making.waitMinutes"
        @update:model-value="(value) => set('waitMinutes', value)"
      />
      <label class="field">
        in
        <Select
          :model-value="making.waitOn ?? null"
          :options="equipment"
          option-label="name"
          option-value="id"
          show-clear
          placeholder="nothing"
          @update:model-value="(value: string | null) => set('waitOn', value)"
        />
      </label>
      <NumberField
        label="Keeps, day of making counted"
        unit="days"
        :placeholder="keeps === null ? '' : `${keeps}`"
        :model-value="making.keepsDays"
        @update:model-value="(value) => set('keepsDays', value)"
      />
      <label class="check"
        ><input
          type="checkbox"
          :checked="making.isChilled ?? false"
          @change="set('isChilled', ($event.target as HTMLInputElement).checked)"
        />
        in the fridge</label
      >
      <label class="check"
        ><input
          type="checkbox"
          :checked="making.isCooked ?? false"
          @change="set('isCooked', ($event.target as HTMLInputElement).checked)"
        />
        cooked, to be cooled in time</label
      >
      <label class="field"
        >Who
        <InputText
          :model-value="making.who ?? ''"
          class="short"
          placeholder="anybody"
          @update:model-value="(value) => set('who', value || null)"
      /></label>
      <Button label="Remove" text severity="secondary" @click="emit('remove')" />
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  margin: 0.5rem 0;
  padding: 0.5rem 0.9rem;
  border: 1px solid var(--line);
  border-radius: 0.4rem;
}

legend {
  font-weight: 650;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: flex-end;
}

.field {
  display: inline-flex;
  flex-direction: column;
  font-size: 0.9rem;
}

.check {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 2.5rem;
}

.check input {
  width: 1.25rem;
  height: 1.25rem;
}

.short {
  width: 6rem;
}
</style>
