<script setup lang="ts">
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import type { BarView, DraftLine, Pourable } from '@/shared/api/types'

const props = defineProps<{
  line: DraftLine
  number: number
  isLast: boolean
  /** All lines of the build by name. */
  named: { id: string; name: string }[]
  pourables: Pourable[]
  /** What can be chosen of how a line goes in. */
  bar: Pick<BarView, 'foams' | 'words'>
  error: string | null
}>()
const emit = defineEmits<{
  ingredient: [id: string]
  measure: [code: string]
  move: [by: -1 | 1]
  remove: []
  change: [line: DraftLine]
  grab: [event: PointerEvent]
}>()

const isOpen = ref(false)

const chosen = computed(() => props.pourables.find((pourable) => pourable.id === props.line.ingredient))
const name = computed(() => chosen.value?.name ?? 'this line')
const foamOptions = computed(() =>
  props.bar.foams.map(({ id, document }) => ({ id, name: document.name ?? '' })),
)
const technique = computed(() =>
  props.bar.words.techniques.find(
    ({ code }) => code === (props.line.technique ?? props.bar.words.usual.technique),
  ),
)
const takesFoam = computed(() => technique.value?.wantsFoam ?? false)
/** The espresso recipes by which the coffee can be pulled; only where there is a choice. */
const recipes = computed(() => {
  const found = chosen.value?.recipes ?? []
  return found.length > 1 ? found : []
})
const cooling = computed(() =>
  technique.value?.cools
    ? props.bar.words.coolings.find(
        ({ code }) => code === (props.line.cooling ?? props.bar.words.usual.cooling),
      )?.name
    : undefined,
)
const others = computed(() => props.named.filter(({ id }) => id !== props.line.id))

/** How the line goes in and, where it has a rule of its own, what it follows. */
const says = computed(() => {
  const foam = takesFoam.value ? foamOptions.value.find(({ id }) => id === props.line.foam)?.name : undefined
  const cap = takesFoam.value && props.line.foamCapMm ? `, ${props.line.foamCapMm} mm of foam` : ''
  const rule = props.bar.words.rules.find(({ code }) => code === props.line.scale?.by)
  const of =
    props.line.scale?.by === 'share' ? props.named.find(({ id }) => id === props.line.scale?.of) : undefined
  return [
    props.line.to ?? '',
    recipes.value.find(({ code }) => code === props.line.recipe)?.name ?? '',
    cooling.value ?? `${technique.value?.name ?? ''}${foam ? ` to ${foam}` : ''}${cap}`,
    rule ? `${rule.name}${of ? ` of ${of.name}` : ''}` : '',
  ]
    .filter(Boolean)
    .join(' · ')
})

function put(changes: Partial<DraftLine>): void {
  emit('change', { ...props.line, ...changes })
}

function putRule(by: string | null): void {
  const of = by === 'share' ? (others.value[0]?.id ?? null) : null
  put({ scale: by ? { by, of, ladder: [] } : null })
}
</script>

<template>
  <div class="line">
    <span
      class="number"
      aria-hidden="true"
      title="Drag to pour it earlier or later"
      data-test="grip"
      @pointerdown.prevent="$emit('grab', $event)"
      ><i class="pi pi-ellipsis-v" />{{ number }}</span
    >
    <span class="swatch" :style="{ background: chosen?.colour ?? 'transparent' }" aria-hidden="true" />
    <div class="choices">
      <Select
        :model-value="line.ingredient"
        :options="pourables"
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
      <button
        type="button"
        class="says"
        :aria-expanded="isOpen"
        :aria-label="`How ${name} goes in: ${says}`"
        data-test="says"
        @click="isOpen = !isOpen"
      >
        {{ says }} <i :class="isOpen ? 'pi pi-angle-up' : 'pi pi-angle-down'" aria-hidden="true" />
      </button>
      <span v-if="line.note" class="soft note">{{ line.note }}</span>
      <div v-if="isOpen" class="how">
        <Select
          :model-value="line.technique ?? bar.words.usual.technique"
          :options="bar.words.techniques"
          option-label="name"
          option-value="code"
          size="small"
          :aria-label="`Technique of ${name}`"
          @update:model-value="(technique) => put({ technique })"
        />
        <Select
          v-if="takesFoam"
          :model-value="line.foam ?? null"
          :options="foamOptions"
          option-label="name"
          option-value="id"
          size="small"
          placeholder="Foam level"
          :aria-label="`Foam level of ${name}`"
          @update:model-value="(foam) => put({ foam })"
        />
        <Select
          v-if="technique?.cools"
          :model-value="line.cooling ?? bar.words.usual.cooling"
          :options="bar.words.coolings"
          option-label="name"
          option-value="code"
          size="small"
          :aria-label="`How ${name} is cooled`"
          @update:model-value="(cooling) => put({ cooling })"
        />
        <InputNumber
          v-if="takesFoam"
          :model-value="line.foamCapMm ?? null"
          size="small"
          suffix=" mm of foam"
          placeholder="foam by its level"
          :aria-label="`How thick the foam of ${name} stands, mm`"
          @update:model-value="(foamCapMm) => put({ foamCapMm })"
        />
        <Select
          v-if="recipes.length > 0"
          :model-value="line.recipe ?? recipes[0]?.code"
          :options="recipes"
          option-label="name"
          option-value="code"
          size="small"
          :aria-label="`By which recipe ${name} is pulled`"
          @update:model-value="(recipe) => put({ recipe })"
        />
        <Select
          :model-value="line.scale?.by ?? null"
          :options="bar.words.rules"
          option-label="name"
          option-value="code"
          size="small"
          show-clear
          placeholder="follows as the build does"
          :aria-label="`What ${name} follows`"
          @update:model-value="putRule"
        />
        <Select
          v-if="line.scale?.by === 'share'"
          :model-value="line.scale.of ?? null"
          :options="others"
          option-label="name"
          option-value="id"
          size="small"
          :aria-label="`Of which line ${name} is a share`"
          @update:model-value="(of) => put({ scale: { ...line.scale, of } })"
        />
        <Textarea
          :model-value="line.note ?? ''"
          rows="2"
          auto-resize
          placeholder="Why it is so"
          :aria-label="`Why ${name} is so`"
          data-test="line-note"
          @change="put({ note: ($event.target as HTMLTextAreaElement).value.trim() || null })"
        />
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
  display: flex;
  flex: none;
  gap: 0.15rem;
  align-items: flex-start;
  width: 1.6rem;
  min-height: 2.75rem;
  padding-top: 0.55rem;
  color: var(--ink-soft);
  cursor: grab;
  touch-action: none;
  user-select: none;
}

.number i {
  padding-top: 0.25rem;
  font-size: 0.7rem;
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

.says {
  display: block;
  min-height: 1.6rem;
  padding: 0 0.6rem;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: inherit;
  font-size: 0.85rem;
  text-align: left;
  cursor: pointer;
}

.says:hover {
  color: var(--ink);
}

.says i {
  font-size: 0.75rem;
}

.note {
  display: block;
  padding: 0 0 0.3rem 0.6rem;
  font-style: italic;
  font-size: 0.85rem;
}

.how {
  display: grid;
  gap: 0.25rem;
  padding: 0.25rem 0 0.35rem 0.6rem;
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
