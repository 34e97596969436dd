<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { FactDocument, Field } from './fields'
import FactRow from './FactRow.vue'
import { createFact, removeFact, updateFact, type Kind } from './facts'

interface Fact {
  id: string
  etag: string
  document: object
  note?: string
}

const props = defineProps<{
  title: string
  hint: string
  what: string
  add: string
  kind: Kind
  fields: Field[]
  facts: Fact[]
}>()
const emit = defineEmits<{ changed: [] }>()

const isAdding = ref(false)
const asDocument = (document: object) => document as FactDocument

function added(): void {
  isAdding.value = false
  emit('changed')
}

function save(fact: Fact): (document: FactDocument) => Promise<unknown> {
  return (document) => updateFact(props.kind, fact.id, fact.etag, document)
}
</script>

<template>
  <section :aria-label="title" :data-kind="kind">
    <div class="top">
      <h2>{{ title }}</h2>
      <p class="soft">{{ hint }}</p>
    </div>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th v-for="field in fields" :key="field.key" scope="col">{{ field.label }}</th>
            <th scope="col"><span class="visually-hidden">Keep or remove</span></th>
          </tr>
        </thead>
        <tbody>
          <FactRow
            v-for="fact in facts"
            :key="fact.id"
            :fields="fields"
            :what="what"
            :document="asDocument(fact.document)"
            :note="fact.note"
            :save="save(fact)"
            :remove="() => removeFact(kind, fact.id, fact.etag)"
            @done="$emit('changed')"
          />
          <FactRow
            v-if="isAdding"
            is-new
            :fields="fields"
            :what="what"
            :document="{}"
            :save="(document) => createFact(kind, document)"
            @done="added"
            @cancel="isAdding = false"
          />
        </tbody>
      </table>
    </div>
    <Button v-if="!isAdding" :label="add" icon="pi pi-plus" text @click="isAdding = true" />
  </section>
</template>

<style scoped>
section {
  margin-top: 1rem;
  padding: 0.9rem 1.1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

.top {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  align-items: baseline;
  margin-bottom: 0.4rem;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  padding: 0 0.6rem 0.2rem 0;
  color: var(--ink-soft);
  font-weight: 400;
  font-size: 0.9rem;
  text-align: left;
}
</style>
