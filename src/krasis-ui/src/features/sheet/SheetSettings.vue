<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useSchools } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { serves } from './words'

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
  <div class="settings">
    <div class="setting">
      <label for="sizes">Cups</label>
      <MultiSelect
        :model-value="sizes"
        input-id="sizes"
        :options="options"
        option-label="name"
        option-value="id"
        :show-toggle-all="false"
        :invalid="sizesError !== null"
        placeholder="Choose cups"
        @update:model-value="choose"
      />
      <span class="error">{{ sizesError }}</span>
    </div>
    <div class="setting">
      <span class="row">
        <label for="school">The other sizes follow</label>
        <Button
          label="Compare"
          text
          size="small"
          class="compare"
          data-test="compare-schools"
          @click="$emit('schools')"
        />
      </span>
      <Select
        :model-value="school"
        label-id="school"
        :options="schools.data.value ?? []"
        option-label="name"
        option-value="code"
        aria-label="The other sizes follow"
        data-test="school"
        @update:model-value="(code) => emit('school', code)"
      />
      <span class="soft says">{{ says }}</span>
    </div>
    <div class="setting beside">
      <span class="label">Served</span>
      <Select
        :model-value="serve"
        :options="serves"
        option-label="name"
        option-value="code"
        placeholder="as its ice says"
        show-clear
        aria-label="Served"
        data-test="serve"
        @update:model-value="(code) => emit('serve', code)"
      />
    </div>
    <div class="setting beside">
      <label for="reserve">Reserve below the brim</label>
      <span class="with-unit">
        <InputText
          id="reserve"
          v-model="text"
          inputmode="decimal"
          autocomplete="off"
          :invalid="fault !== null || reserveError !== null"
          aria-describedby="reserve-error"
          @change="put"
          @keydown.enter="put"
        />
        mm
      </span>
      <span id="reserve-error" class="error whole">{{ fault ?? reserveError }}</span>
    </div>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  gap: 0.55rem;
}

.setting {
  display: grid;
  gap: 0.15rem;
}

.beside {
  grid-template-columns: 1fr auto;
  align-items: center;
}

.whole {
  grid-column: 1 / -1;
}

.setting .label,
.setting label {
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.says {
  font-size: 0.85rem;
}

.with-unit {
  display: inline-flex;
  gap: 0.35rem;
  align-items: center;
}

.with-unit :deep(input) {
  width: 4.5rem;
  text-align: right;
}

.row {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.compare {
  min-height: 1.6rem;
  padding: 0 0.4rem;
}
</style>
