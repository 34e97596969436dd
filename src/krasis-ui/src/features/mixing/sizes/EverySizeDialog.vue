<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputNumber from 'primevue/inputnumber'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useBuilds } from '@/shared/api/queries'
import type { BuildDocument, BuildSheet, Draft, EverySizeRequest } from '@/shared/api/types'
import { decimal, fixed, reading } from '@/shared/format'

/** One thing changes in every size at once. All sizes are shown with it before it is kept. */
const props = defineProps<{
  /** The build's own id; null for one that is not kept yet. */
  id: string | null
  draft: Draft
  sheet: BuildSheet
  /** The line with which it begins; null for the first that can change. */
  beginWith: string | null
}>()
const isOpen = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ take: [build: BuildDocument] }>()

type What = 'line' | 'sweet' | 'strongAs'

const whats: { value: What; label: string }[] = [
  { value: 'line', label: 'more or less of one line' },
  { value: 'sweet', label: 'less sweet' },
  { value: 'strongAs', label: 'as strong as another drink' },
]
const shares = [
  { value: 75, label: 'three quarters as sweet' },
  { value: 50, label: 'half as sweet' },
  { value: 25, label: 'a quarter as sweet' },
]
const what = ref<What>('line')
const line = ref<string | null>(null)
const by = ref<number | null>(null)
const share = ref(50)
const other = ref<string | null>(null)

const builds = useBuilds()
const reference = computed(() => props.sheet.sizes.find(({ isReference }) => isReference))
/** What is filled up to a line has no amount of its own. */
const lines = computed(() => (reference.value?.lines ?? []).filter(({ mark }) => mark === null))
const cell = computed(() => lines.value.find((each) => each.line === line.value))
const others = computed(() =>
  (builds.data.value ?? []).filter(({ id, state }) => id !== props.id && state !== 'retired'),
)

watch(
  isOpen,
  (open) => {
    if (open) {
      const first = lines.value.find((each) => each.line === props.beginWith) ?? lines.value[0]
      what.value = 'line'
      line.value = first?.line ?? null
    }
  },
  { immediate: true },
)
watch(line, () => (by.value = cell.value ? -cell.value.step : null), { immediate: true })

const request = computed<EverySizeRequest>(() => ({
  build: props.draft,
  line: what.value === 'line' ? { line: line.value, by: by.value } : null,
  sweet: what.value === 'sweet' ? share.value : null,
  strongAs: what.value === 'strongAs' ? other.value : null,
}))
const isWhole = computed(
  () =>
    (what.value !== 'line' || (line.value !== null && by.value !== null && by.value !== 0)) &&
    (what.value !== 'strongAs' || other.value !== null),
)
const made = useQuery({
  queryKey: computed(() => [...keys.mix, 'every-size', JSON.stringify(request.value)]),
  queryFn: ({ signal }) => ask(api.POST('/api/every-size', { body: request.value, signal })),
  enabled: computed(() => isOpen.value && isWhole.value),
  placeholderData: keepPreviousData,
  gcTime: 30_000,
})
const result = computed(() => (made.error.value || !isWhole.value ? null : (made.data.value ?? null)))
const refusal = computed(() =>
  isWhole.value && made.error.value ? ApiProblem.of(made.error.value).message : null,
)

const strength = (value: number | null) => (value === null ? 'not known' : `${fixed(value, 2)} %`)
const room = (value: number) =>
  value < -0.5 ? `${decimal(-value, 0)} ml too much` : reading(Math.max(0, value), 'ml')

function sweeter(value: number | null): string {
  if (value === null) {
    return 'not known'
  }

  return Math.abs(value) < 0.5
    ? 'as now'
    : `${decimal(Math.abs(value), 0)} % ${value > 0 ? 'sweeter' : 'less sweet'}`
}

function take(): void {
  if (result.value) {
    emit('take', result.value.build)
    isOpen.value = false
  }
}
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="Change every size" :style="{ width: 'min(52rem, 96vw)' }">
    <div class="wish">
      <Select
        v-model="what"
        :options="whats"
        option-label="label"
        option-value="value"
        aria-label="What to change"
        data-test="every-what"
      />
      <template v-if="what === 'line'">
        <Select
          v-model="line"
          :options="lines"
          option-label="ingredientName"
          option-value="line"
          aria-label="Which line"
          data-test="every-line"
        />
        <InputNumber
          v-model="by"
          :step="cell?.step ?? 1"
          :max-fraction-digits="2"
          :suffix="cell ? ` ${cell.unit}` : ''"
          show-buttons
          button-layout="horizontal"
          increment-button-icon="pi pi-plus"
          decrement-button-icon="pi pi-minus"
          aria-label="How much more; with a minus it is less"
          class="by"
          data-test="every-by"
        />
      </template>
      <Select
        v-else-if="what === 'sweet'"
        v-model="share"
        :options="shares"
        option-label="label"
        option-value="value"
        aria-label="How sweet"
        data-test="every-share"
      />
      <Select
        v-else
        v-model="other"
        :options="others"
        option-label="name"
        option-value="id"
        filter
        placeholder="Choose a drink"
        aria-label="As strong as which drink"
        data-test="every-other"
      />
    </div>
    <p v-if="refusal" class="error" role="alert">{{ refusal }}</p>
    <template v-if="result">
      <div class="scroller">
        <table data-test="every-sizes">
          <thead>
            <tr>
              <th scope="col">Size</th>
              <th scope="col">Pour</th>
              <th scope="col">Strength</th>
              <th scope="col">Sweetness</th>
              <th scope="col">Room left</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="size in result.sizes" :key="size.size" :data-size="size.name">
              <th scope="row">{{ size.name }}</th>
              <td>
                <span v-for="amount in size.amounts" :key="amount.line" class="amount">
                  {{ amount.name }}
                  <span class="soft">{{ amount.was ?? 'none' }} →</span>
                  <strong>{{ amount.will ?? 'none' }}</strong>
                </span>
                <span v-if="size.amounts.length === 0" class="soft">as now</span>
              </td>
              <td>
                <span class="soft">{{ strength(size.strengthWas) }} →</span>
                <strong>{{ strength(size.strengthWill) }}</strong>
              </td>
              <td>{{ sweeter(size.sweeter) }}</td>
              <td :class="{ over: size.roomWill < -0.5 }">
                <span class="soft">{{ room(size.roomWas) }} →</span>
                <strong>{{ room(size.roomWill) }}</strong>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-for="says in result.said" :key="says" data-test="every-said">{{ says }}</p>
      <template v-if="result.troubles.length > 0">
        <p class="heading"><strong>Look at this before you change it:</strong></p>
        <ul data-test="every-troubles">
          <li v-for="trouble in result.troubles" :key="trouble">{{ trouble }}</li>
        </ul>
      </template>
    </template>
    <template #footer>
      <Button label="Cancel" text severity="secondary" @click="isOpen = false" />
      <Button
        label="Change all sizes"
        :disabled="!result || made.isFetching.value"
        data-test="every-take"
        @click="take"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.wish {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin-bottom: 0.75rem;
}

.by :deep(input) {
  width: 8.5rem;
  text-align: center;
}

.scroller {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0.35rem 0.6rem 0.35rem 0;
  border-bottom: 1px solid var(--line);
  text-align: left;
  vertical-align: top;
  font-variant-numeric: tabular-nums;
}

thead th {
  color: var(--ink-soft);
  font-weight: 500;
}

.amount {
  display: block;
}

td strong {
  white-space: nowrap;
}

td .soft {
  margin-right: 0.25em;
}

.over {
  color: var(--warning);
}

.heading {
  margin: 0.75rem 0 0;
}
</style>
