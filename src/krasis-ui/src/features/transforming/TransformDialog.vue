<script setup lang="ts">
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildSheet, BuildView, Draft, Pourable, TransformRequest } from '@/shared/api/types'
import AllergenLine from '@/shared/AllergenLine.vue'
import CupSection from '@/shared/cup/CupSection.vue'
import { picture } from '@/shared/cup/section'
import { frameFor } from '@/shared/cup/frame'
import { decimal, fixed, reading } from '@/shared/format'

const props = defineProps<{
  id: string
  /** Which save of the build the variant will go by. */
  version: number
  draft: Draft
  sheet: BuildSheet
  pourables: Pourable[]
  cups: { id: string; name: string }[]
}>()
const isOpen = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ kept: [build: BuildView] }>()

type To = 'serve' | 'milk' | 'syrup' | 'lessSweet' | 'dairyFree'

const client = useQueryClient()
const to = ref<To>('serve')
const serve = ref('iced')
const sizes = ref<string[]>([])
const milk = ref<string | null>(null)
const line = ref<string | null>(null)
const flavour = ref<string | null>(null)
const percent = ref(50)
const name = ref('')
const trouble = ref<string | null>(null)
const isBusy = ref(false)

const ways: { value: To; label: string }[] = [
  { value: 'serve', label: 'serve it another way' },
  { value: 'milk', label: 'with another milk' },
  { value: 'dairyFree', label: 'dairy-free' },
  { value: 'lessSweet', label: 'less sweet' },
  { value: 'syrup', label: 'with another flavour' },
]

/** What the reference size holds, for those who ask because of it. */
function factsOf(sheet: BuildSheet): string {
  const size = sheet.sizes.find(({ isReference }) => isReference)
  if (!size) {
    return ''
  }

  const { carbohydrate, sugars, energy } = size.inside.nutrition
  const figure = (value: number | null, what: string) =>
    value === null ? `${what} not known` : `${reading(value, 'g')} ${what}`
  return [
    `${size.name}: ${figure(carbohydrate, 'carbohydrate')}`,
    figure(sugars, 'sugars'),
    energy === null ? 'energy not known' : `${decimal(energy, 0)} kcal`,
  ].join(' · ')
}

const allergensOf = (sheet: BuildSheet) =>
  sheet.sizes.find(({ isReference }) => isReference)?.inside.allergens.says ?? ''

const serves = ['hot', 'iced', 'layered', 'shaken', 'blended'].map((value) => ({ value, label: value }))
const shares = [75, 50, 25].map((value) => ({ value, label: `${value} % of the sweetness` }))
const of = (kinds: string[]) =>
  props.pourables
    .filter(({ kind }) => kinds.includes(kind))
    .map(({ id, name }) => ({ value: id, label: name }))
const milks = computed(() => of(['milk']))
const flavours = computed(() => of(['syrup', 'sauce']))
const lines = computed(() =>
  (props.sheet.sizes[0]?.lines ?? [])
    .filter(({ ingredient }) => flavours.value.some(({ value }) => value === ingredient))
    .map(({ line, ingredientName }) => ({ value: line, label: ingredientName })),
)

const request = computed<TransformRequest>(() => ({
  build: props.draft,
  to: to.value,
  serve: to.value === 'serve' ? serve.value : null,
  sizes: to.value === 'serve' ? sizes.value : [],
  ingredient: to.value === 'milk' ? milk.value : to.value === 'syrup' ? flavour.value : null,
  line: to.value === 'syrup' ? line.value : null,
  percent: to.value === 'lessSweet' ? percent.value : null,
}))
const isWhole = computed(
  () =>
    (to.value !== 'milk' || milk.value !== null) &&
    (to.value !== 'syrup' || (line.value !== null && flavour.value !== null)),
)
const how = computed(() => {
  const labels = {
    serve: `Served ${serve.value}`,
    milk: `With ${labelOf(milks.value, milk.value)}`,
    dairyFree: 'Dairy-free',
    lessSweet: `${percent.value} % sweet`,
    syrup: `With ${labelOf(flavours.value, flavour.value)}`,
  }
  return labels[to.value]
})

function labelOf(options: { value: string; label: string }[], value: string | null): string {
  return options.find((option) => option.value === value)?.label ?? '…'
}

const made = useQuery({
  queryKey: computed(() => [...keys.transform, JSON.stringify(request.value)]),
  queryFn: async ({ signal }) => {
    const transformed = await ask(api.POST('/api/transform', { body: request.value, signal }))
    const sheet = await ask(api.POST('/api/mix', { body: { ...transformed.build, name: '' }, signal }))
    return { ...transformed, sheet }
  },
  enabled: computed(() => isOpen.value && isWhole.value),
  placeholderData: keepPreviousData,
  gcTime: 30_000,
})
const result = computed(() => (made.error.value || !isWhole.value ? null : (made.data.value ?? null)))
const refusal = computed(() => (made.error.value ? ApiProblem.of(made.error.value).message : null))
const frame = computed(() => frameFor([...props.sheet.sizes, ...(result.value?.sheet.sizes ?? [])], false))
const findings = computed(
  () =>
    result.value?.sheet.findings.filter(({ severity, waived }) => severity !== 'note' && waived == null) ??
    [],
)

watch([how, () => props.draft.name], () => (name.value = `${props.draft.name}, ${how.value.toLowerCase()}`), {
  immediate: true,
})

async function keep(): Promise<void> {
  if (!result.value) {
    return
  }

  isBusy.value = true
  trouble.value = null
  try {
    const { to: made, serve, sizes, ingredient, line, percent } = request.value
    const kept = await ask(
      api.POST('/api/builds', {
        body: {
          ...result.value.build,
          name: name.value,
          waivers: [],
          parent: {
            build: props.id,
            version: props.version,
            how: how.value,
            to: made ?? null,
            serve: serve ?? null,
            sizes: sizes ?? [],
            ingredient: ingredient ?? null,
            line: line ?? null,
            percent: percent ?? null,
          },
        },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.builds })
    isOpen.value = false
    emit('kept', kept)
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  } finally {
    isBusy.value = false
  }
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="`A variant of ${draft.name}`"
    :style="{ width: 'min(72rem, 97vw)' }"
  >
    <div class="choose">
      <Select
        v-model="to"
        :options="ways"
        option-label="label"
        option-value="value"
        aria-label="What to make of it"
        data-test="transform-to"
      />
      <template v-if="to === 'serve'">
        <Select
          v-model="serve"
          :options="serves"
          option-label="label"
          option-value="value"
          aria-label="Served"
          data-test="transform-serve"
        />
        <MultiSelect
          v-model="sizes"
          :options="cups"
          option-label="name"
          option-value="id"
          placeholder="in the same cups"
          aria-label="In which cups"
          data-test="transform-sizes"
        />
      </template>
      <Select
        v-if="to === 'milk'"
        v-model="milk"
        :options="milks"
        option-label="label"
        option-value="value"
        placeholder="which milk?"
        aria-label="Milk"
        data-test="transform-milk"
      />
      <Select
        v-if="to === 'lessSweet'"
        v-model="percent"
        :options="shares"
        option-label="label"
        option-value="value"
        aria-label="How sweet"
        data-test="transform-percent"
      />
      <template v-if="to === 'syrup'">
        <Select
          v-model="line"
          :options="lines"
          option-label="label"
          option-value="value"
          placeholder="instead of"
          aria-label="Instead of"
          data-test="transform-line"
        />
        <Select
          v-model="flavour"
          :options="flavours"
          option-label="label"
          option-value="value"
          placeholder="take"
          filter
          aria-label="Take"
          data-test="transform-flavour"
        />
      </template>
    </div>
    <p v-if="refusal" class="error" role="alert">{{ refusal }}</p>
    <div v-if="result" class="sides">
      <section
        v-for="side in [
          { title: 'As it is', sheet },
          { title: how, sheet: result.sheet },
        ]"
        :key="side.title"
        :aria-label="side.title"
      >
        <h3>{{ side.title }}</h3>
        <div class="shelf">
          <div v-for="size in side.sheet.sizes" :key="size.size" class="cup">
            <div class="drawing"><CupSection :size="picture(size, true)" :frame="frame" /></div>
            <strong>{{ size.name }}</strong>
            <span class="soft small">
              {{
                size.taste.poured.strength === null ? '' : `${fixed(size.taste.poured.strength, 2)} % strong`
              }}
            </span>
            <span class="soft small">
              {{
                size.taste.poured.sweetness === null ? '' : `${fixed(size.taste.poured.sweetness, 1)} sweet`
              }}
            </span>
            <span class="small" :class="{ over: size.fill.roomLeft < 0 }"
              >{{ decimal(size.fill.roomLeft, 0) }} ml of room</span
            >
          </div>
        </div>
        <div class="small facts" data-test="side-facts">
          {{ factsOf(side.sheet) }}
          <AllergenLine :says="allergensOf(side.sheet)" />
        </div>
      </section>
      <section aria-label="What changed and why" class="changes">
        <h3>What changed and why</h3>
        <ul data-test="changes">
          <li v-for="change in result.changes" :key="`${change.what} ${change.why}`">
            <strong>{{ change.what }}</strong> <span class="soft">{{ change.why }}</span>
          </li>
          <li v-if="result.changes.length === 0">Nothing has to change.</li>
        </ul>
        <p v-for="finding in findings" :key="finding.message" class="over">
          <i class="pi pi-exclamation-triangle" aria-hidden="true" /> {{ finding.message }}
        </p>
      </section>
    </div>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <template #footer>
      <label for="variant-name" class="soft">Save it as</label>
      <InputText id="variant-name" v-model="name" autocomplete="off" class="name" data-test="variant-name" />
      <Button label="Not now" text severity="secondary" @click="isOpen = false" />
      <Button
        label="Save the variant"
        :disabled="!result || !name.trim()"
        :loading="isBusy"
        data-test="keep-variant"
        @click="keep"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-bottom: 0.8rem;
}

.sides {
  display: grid;
  grid-template-columns: 1fr 1fr 1.1fr;
  gap: 1.5rem;
}

h3 {
  margin: 0 0 0.3rem;
  font-size: 1.05rem;
}

.shelf {
  display: flex;
  gap: 0.3rem;
  align-items: flex-end;
}

.cup {
  display: flex;
  flex-direction: column;
  align-items: center;
  text-align: center;
}

/* One width and one height for every cup: both sides are drawn to one scale. */
.drawing {
  width: 5.4rem;
  height: 9rem;
}

label {
  align-self: center;
}

.small {
  font-size: 0.85rem;
}

.over {
  color: var(--warning);
}

.changes ul {
  margin: 0;
  padding-left: 1.1rem;
}

.name {
  flex: 1;
  min-width: 10rem;
}

@media (width < 60rem) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
