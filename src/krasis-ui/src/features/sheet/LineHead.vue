<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { DraftLine, IngredientView } from '@/shared/api/types'

const props = defineProps<{
  line: DraftLine
  number: number
  isLast: boolean
  ingredients: IngredientView[]
  error: string | null
}>()
defineEmits<{ ingredient: [id: string]; measure: [code: string]; move: [by: -1 | 1]; remove: [] }>()

const chosen = computed(() => props.ingredients.find((ingredient) => ingredient.id === props.line.ingredient))
const name = computed(() => chosen.value?.document.name ?? 'this line')
const options = computed(() =>
  props.ingredients.map((ingredient) => ({ id: ingredient.id, name: ingredient.document.name ?? '' })),
)
</script>

<template>
  <div class="line">
    <span class="number" aria-hidden="true">{{ number }}</span>
    <span
      class="swatch"
      :style="{ background: chosen?.document.colour ?? 'transparent' }"
      aria-hidden="true"
    />
    <div class="choices">
      <Select
        :model-value="line.ingredient"
        :options="options"
        option-label="name"
        option-value="id"
        :aria-label="`Ingredient of line ${number}`"
        class="ingredient"
        @update:model-value="$emit('ingredient', $event)"
      />
      <div class="second">
        <Select
          :model-value="line.measure"
          :options="chosen?.measures ?? []"
          option-label="name"
          option-value="code"
          size="small"
          :aria-label="`Measure of ${name}`"
          class="measure"
          @update:model-value="$emit('measure', $event)"
        />
        <span class="buttons">
          <Button
            icon="pi pi-arrow-up"
            text
            severity="secondary"
            :disabled="number === 1"
            :aria-label="`Pour ${name} earlier`"
            @click="$emit('move', -1)"
          />
          <Button
            icon="pi pi-arrow-down"
            text
            severity="secondary"
            :disabled="isLast"
            :aria-label="`Pour ${name} later`"
            @click="$emit('move', 1)"
          />
          <Button
            icon="pi pi-trash"
            text
            severity="secondary"
            :aria-label="`Take ${name} out`"
            @click="$emit('remove')"
          />
        </span>
      </div>
      <span v-if="error" class="error" role="alert">{{ error }}</span>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  gap: 0.5rem;
  align-items: flex-start;
}

.number {
  width: 1.2rem;
  padding-top: 0.55rem;
  color: var(--ink-soft);
  text-align: right;
}

.swatch {
  flex: none;
  width: 0.9rem;
  height: 2.3rem;
  margin-top: 0.1rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.25rem;
}

.choices {
  flex: 1;
  min-width: 0;
}

.ingredient :deep(.p-select-label) {
  padding: 0.3rem 0 0.1rem 0.6rem;
}

.measure :deep(.p-select-dropdown),
.ingredient :deep(.p-select-dropdown) {
  width: 1.75rem;
}

.ingredient {
  width: 100%;
  border-color: transparent;
  background: transparent;
  box-shadow: none;
  font-weight: 600;
}

.ingredient:hover,
.measure:hover {
  border-color: var(--line-strong);
}

.second {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.measure {
  border-color: transparent;
  background: transparent;
  box-shadow: none;
}

.measure :deep(.p-select-label) {
  padding-top: 0.1rem;
  padding-bottom: 0.1rem;
}

.buttons {
  display: flex;
  flex: none;
}

.buttons :deep(.p-button) {
  width: 2.25rem;
  min-width: 2.25rem;
  min-height: 2rem;
  padding: 0;
}
</style>
