<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, toRaw, useId, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { useDirtyRow } from './dirtyRows'
import { toDocument, toEntered, type FactDocument, type Field } from './fields'

const props = defineProps<{
  fields: Field[]
  /** What the fact is, as in "this cup". */
  what: string
  document: FactDocument
  isNew?: boolean
  save: (document: FactDocument) => Promise<unknown>
  remove?: (() => Promise<unknown>) | undefined
  note?: string | undefined
}>()
const emit = defineEmits<{ done: []; cancel: [] }>()

const id = useId()
const kept = computed(() => toEntered(props.fields, props.document))
const entered = ref({ ...kept.value })
const faults = ref(new Map<string, string>())
const trouble = ref<string | null>(null)
const isBusy = ref(false)
const isDirty = computed(() => JSON.stringify(entered.value) !== JSON.stringify(kept.value))
useDirtyRow(isDirty)
const shown = computed(() =>
  props.fields.map((field) => ({ field, applies: field.applies?.(entered.value) ?? true })),
)
const name = computed(() => entered.value['name'] || `this ${props.what}`)

// A change from elsewhere comes in, unless something is being entered here.
watch(kept, (now, before) => {
  if (JSON.stringify(entered.value) === JSON.stringify(before)) {
    entered.value = { ...now }
  }
})

async function attempt(work: () => Promise<unknown>): Promise<void> {
  isBusy.value = true
  faults.value = new Map()
  trouble.value = null
  try {
    await work()
    emit('done')
  } catch (error) {
    const problem = ApiProblem.of(error)
    faults.value = new Map(
      problem.errors.map((fault) => [fault.field, `${fault.message} Accepted: ${fault.accepted}.`]),
    )
    trouble.value = problem.errors.some(({ field }) => props.fields.some(({ key }) => key === field))
      ? null
      : problem.message
  } finally {
    isBusy.value = false
  }
}

async function keep(): Promise<void> {
  const reading = toDocument(props.fields, entered.value, toRaw(props.document))
  if ('faults' in reading) {
    faults.value = reading.faults
    return
  }

  await attempt(() => props.save(reading.document))
}

function takeBack(): void {
  entered.value = { ...kept.value }
  faults.value = new Map()
  trouble.value = null
  emit('cancel')
}
</script>

<template>
  <tr :data-fact="name" @keydown.enter="keep" @keydown.esc="takeBack">
    <td v-for="{ field, applies } in shown" :key="field.key">
      <template v-if="applies">
        <span class="entry">
          <Select
            v-if="field.kind === 'choice'"
            v-model="entered[field.key]"
            :options="field.options ?? []"
            option-label="label"
            option-value="value"
            :invalid="faults.has(field.key)"
            :aria-label="`${field.label} of ${name}`"
            :placeholder="`Choose`"
            class="choice"
          />
          <input
            v-else-if="field.kind === 'colour'"
            v-model="entered[field.key]"
            type="color"
            :aria-label="`${field.label} of ${name}`"
          />
          <InputText
            v-else
            v-model="entered[field.key]"
            :inputmode="field.kind === 'number' ? 'decimal' : 'text'"
            :class="field.kind"
            :invalid="faults.has(field.key)"
            :aria-label="`${field.label} of ${name}${field.unit ? `, ${field.unit}` : ''}`"
            :aria-describedby="`${id}-${field.key}`"
            :data-field="field.key"
            autocomplete="off"
          />
          <span v-if="field.unit" class="soft unit">{{ field.unit }}</span>
        </span>
        <span :id="`${id}-${field.key}`" class="error fault" role="alert">{{ faults.get(field.key) }}</span>
      </template>
      <span v-else class="soft" aria-label="does not apply">–</span>
    </td>
    <td class="end">
      <span v-if="isDirty || isNew" class="buttons">
        <Button label="Keep" size="small" :loading="isBusy" data-test="keep" @click="keep" />
        <Button label="Undo" size="small" text severity="secondary" @click="takeBack" />
      </span>
      <span v-else class="buttons">
        <span class="note">{{ note }}</span>
        <Button
          v-if="remove"
          icon="pi pi-trash"
          text
          severity="secondary"
          :aria-label="`Remove ${name}`"
          @click="attempt(remove)"
        />
      </span>
      <span v-if="trouble" class="error" role="alert">{{ trouble }}</span>
    </td>
  </tr>
</template>

<style scoped>
td {
  padding: 0.3rem 0.6rem 0.3rem 0;
  vertical-align: top;
}

.entry {
  display: flex;
  gap: 0.35rem;
  align-items: center;
}

.text {
  width: 100%;
  min-width: 10.5rem;
}

.number {
  width: 4.6rem;
  text-align: right;
}

.choice {
  min-width: 7.5rem;
}

input[type='color'] {
  width: 3rem;
  height: 2.4rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.35rem;
  background: none;
}

.unit {
  white-space: nowrap;
}

.fault {
  display: block;
  max-width: 14rem;
}

.end {
  min-width: 8.5rem;
  padding-right: 0;
}

.buttons {
  display: flex;
  gap: 0.25rem;
  align-items: center;
  justify-content: flex-end;
  min-height: 2.75rem;
}

.note {
  color: var(--ink-soft);
  font-size: 0.9rem;
  text-align: right;
}
</style>
