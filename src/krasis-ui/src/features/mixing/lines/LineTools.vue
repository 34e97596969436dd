<script setup lang="ts">
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { DraftLine } from '@/shared/api/types'
import LineChoice from './LineChoice.vue'
import { pouredBy, recipesOf, techniqueOf, type LineChoices } from './lineWords'

/** What can be done with the line that one is in. */
const props = defineProps<LineChoices & { number: number; isLast: boolean }>()
const emit = defineEmits<{
  ingredient: [id: string]
  measure: [code: string]
  move: [by: -1 | 1]
  remove: []
  everySize: []
  change: [line: DraftLine]
}>()

const poured = computed(() => pouredBy(props))
const name = computed(() => poured.value?.name ?? 'this line')
const technique = computed(() => techniqueOf(props))
const takesFoam = computed(() => technique.value?.wantsFoam ?? false)
const foams = computed(() =>
  props.bar.foams.map(({ id, document }) => ({ code: id, name: document.name ?? '' })),
)
const recipes = computed(() => recipesOf(props))
const others = computed(() =>
  props.named.filter(({ id }) => id !== props.line.id).map(({ id, name }) => ({ code: id, name })),
)

function put(changes: Partial<DraftLine>): void {
  emit('change', { ...props.line, ...changes })
}

function putRule(by: string | null): void {
  const of = by === 'share' ? (others.value[0]?.code ?? null) : null
  put({ scale: by ? { by, of, ladder: [] } : null })
}
</script>

<template>
  <div class="tools">
    <Select
      :model-value="line.ingredient"
      :options="pourables"
      option-label="name"
      option-value="id"
      size="small"
      filter
      reset-filter-on-hide
      :aria-label="`Ingredient of line ${number}`"
      @update:model-value="$emit('ingredient', $event)"
    />
    <LineChoice
      :model-value="line.measure"
      :options="poured?.measures ?? []"
      :label="`Measure of ${name}`"
      @update:model-value="(code) => $emit('measure', code ?? line.measure)"
    />
    <LineChoice
      :model-value="line.technique ?? bar.words.usual.technique"
      :options="bar.words.techniques"
      :label="`Technique of ${name}`"
      @update:model-value="(technique) => put({ technique })"
    />
    <template v-if="takesFoam">
      <LineChoice
        :model-value="line.foam ?? null"
        :options="foams"
        :label="`Foam level of ${name}`"
        placeholder="Foam level"
        @update:model-value="(foam) => put({ foam })"
      />
      <InputNumber
        :model-value="line.foamCapMm ?? null"
        size="small"
        suffix=" mm of foam"
        placeholder="foam by its level"
        :aria-label="`How thick the foam of ${name} stands, mm`"
        class="cap"
        @update:model-value="(foamCapMm) => put({ foamCapMm })"
      />
    </template>
    <LineChoice
      v-if="technique?.cools"
      :model-value="line.cooling ?? bar.words.usual.cooling"
      :options="bar.words.coolings"
      :label="`How ${name} is cooled`"
      @update:model-value="(cooling) => put({ cooling })"
    />
    <LineChoice
      v-if="recipes.length > 0"
      :model-value="line.recipe ?? recipes[0]?.code ?? null"
      :options="recipes"
      :label="`By which recipe ${name} is pulled`"
      @update:model-value="(recipe) => put({ recipe })"
    />
    <LineChoice
      :model-value="line.scale?.by ?? null"
      :options="bar.words.rules"
      :label="`What ${name} follows`"
      placeholder="follows as the build does"
      can-be-none
      @update:model-value="putRule"
    />
    <LineChoice
      v-if="line.scale?.by === 'share'"
      :model-value="line.scale.of ?? null"
      :options="others"
      :label="`Of which line ${name} is a share`"
      @update:model-value="(of) => put({ scale: { ...line.scale, of } })"
    />
    <InputText
      :model-value="line.note ?? ''"
      size="small"
      placeholder="Why it is so"
      autocomplete="off"
      :aria-label="`Why ${name} is so`"
      class="why"
      data-test="line-note"
      @change="put({ note: ($event.target as HTMLInputElement).value.trim() || null })"
    />
    <span class="buttons">
      <Button
        v-if="!line.to"
        icon="pi pi-sliders-h"
        text
        severity="secondary"
        :aria-label="`Pour more or less of ${name} in every size`"
        title="More or less in every size"
        data-test="every-size"
        @click="$emit('everySize')"
      />
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
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: center;
}

.tools :deep(.p-select) {
  max-width: 13rem;
}

.cap {
  width: 9.5rem;
}

.cap :deep(input) {
  width: 100%;
}

.why {
  flex: 1 1 8rem;
  min-width: 7rem;
  max-width: 22rem;
}

.buttons {
  display: flex;
  flex: none;
  margin-left: auto;
}

.buttons :deep(.p-button) {
  width: 2.5rem;
  min-width: 2.5rem;
  min-height: 2.25rem;
  padding: 0;
}

@media (pointer: coarse) {
  .tools :deep(:is(.p-select, input, .p-button)) {
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
}
</style>
