<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useSchools } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { serves } from '@/features/mixing/sizes/words'

const props = defineProps<{
  cups: BarView['cups']
  sizes: string[]
  sizesError: string | null
  reserveMm: number
  reserveError: string | null
  school: string
  serve: string | null
}>()
const emit = defineEmits<{
  sizes: [ids: string[]]
  reserve: [mm: number]
  school: [code: string]
  schools: []
  serve: [serve: string | null]
}>()

/** What stands in the box that is no number; null when there is none. It keeps the build from being saved. */
const fault = defineModel<string | null>('fault', { required: true })

const schools = useSchools()
const says = computed(() => schools.data.value?.find(({ code }) => code === props.school)?.says)
const options = computed(() => props.cups.map((cup) => ({ id: cup.id, name: cup.document.name ?? '' })))
const text = ref('')
watch(
  () => props.reserveMm,
  (now) => {
    text.value = decimal(now, 1)
    fault.value = null
  },
  { immediate: true },
)

function choose(chosen: string[]): void {
  // Whatever the order of pressing, sizes stand in the bar's order.
  emit(
    'sizes',
    props.cups.map((cup) => cup.id).filter((id) => chosen.includes(id)),
  )
}

function put(): void {
  const given = text.value.trim()
  const mm = Number(given.replace(',', '.').replace(/\s*mm$/, ''))
  if (given === '' || !Number.isFinite(mm)) {
    const what = given === '' ? 'Nothing is entered.' : `'${given.slice(0, 40)}' is not a number.`
    fault.value = `${what} Accepted: mm, such as 12.`
    return
  }

  fault.value = null
  emit('reserve', mm)
}
</script>

<template>
  <span class="setting">
    <label for="school" class="soft">Sizes follow</label>
    <Select
      :model-value="school"
      label-id="school"
      :options="schools.data.value ?? []"
      option-label="name"
      option-value="code"
      size="small"
      aria-label="The other sizes follow"
      :title="says"
      data-test="school"
      @update:model-value="(code) => emit('school', code)"
    />
    <Button
      icon="pi pi-objects-column"
      text
      size="small"
      severity="secondary"
      class="compare"
      aria-label="Compare the ways of scaling"
      title="Compare the ways of scaling"
      data-test="compare-schools"
      @click="$emit('schools')"
    />
  </span>
  <span class="setting serve">
    <span class="soft wide">Served</span>
    <Select
      :model-value="serve"
      :options="serves"
      option-label="name"
      option-value="code"
      size="small"
      placeholder="iced if ice is in it"
      show-clear
      aria-label="Served"
      data-test="serve"
      @update:model-value="(code) => emit('serve', code)"
    />
  </span>
  <span class="setting">
    <label for="reserve" class="soft">Reserve</label>
    <InputText
      id="reserve"
      v-model="text"
      inputmode="decimal"
      autocomplete="off"
      size="small"
      class="reserve"
      :invalid="fault !== null || reserveError !== null"
      aria-describedby="reserve-error"
      title="Kept free below the brim"
      @change="put"
      @keydown.enter="put"
    />
    mm
  </span>
  <span class="setting">
    <label for="sizes" class="soft wide">In</label>
    <MultiSelect
      :model-value="sizes"
      input-id="sizes"
      :options="options"
      option-label="name"
      option-value="id"
      size="small"
      :show-toggle-all="false"
      :max-selected-labels="2"
      selected-items-label="{0} cups"
      :invalid="sizesError !== null"
      placeholder="Choose cups"
      aria-label="Cups"
      data-test="sizes"
      @update:model-value="choose"
    />
  </span>
  <span v-if="fault || reserveError || sizesError" id="reserve-error" class="error whole" role="alert">
    {{ fault ?? reserveError ?? sizesError }}
  </span>
</template>

<style scoped>
.setting {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
}

.setting :deep(.p-select),
.setting :deep(.p-multiselect) {
  max-width: 12rem;
}

.reserve {
  width: 3.6rem;
  text-align: right;
}

.compare:deep(.p-button) {
  min-height: 1.9rem;
}

.setting :deep(.p-select-label),
.setting :deep(.p-multiselect-label) {
  padding-right: 0.2rem;
}

@media (width < 70rem) {
  .wide {
    display: none;
  }

  .setting :deep(.p-select) {
    max-width: 9rem;
  }

  .serve :deep(.p-select) {
    max-width: 7rem;
  }
}

.whole {
  flex-basis: 100%;
}
</style>
