<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useDebounceFn } from '@vueuse/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useBar, useBuilds } from '@/shared/api/queries'
import type { SampleDocument, TastingDocument, TastingView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import TrayTable from './TrayTable.vue'
import type { Tasting } from './useTasting'

/** Sets a tasting up. It is kept as it is typed, and opened when it is whole. */
const props = defineProps<{ id: string; tasting: Tasting; view: TastingView }>()
const router = useRouter()
const choices = useQuery({
  queryKey: keys.tastingChoices,
  queryFn: () => ask(api.GET('/api/tastings/choices')),
  staleTime: Infinity,
})
const builds = useBuilds()
const bar = useBar()
const draft = ref<TastingDocument>(structuredClone(JSON.parse(JSON.stringify(props.view.document))))
const isUnsaved = ref(false)
let saving: Promise<unknown> = Promise.resolve()

/** One save after another, so that none is overtaken. */
function save(): Promise<unknown> {
  saving = saving.then(async () => {
    const body = JSON.parse(JSON.stringify(draft.value)) as TastingDocument
    try {
      const kept = await ask(
        api.PUT('/api/tastings/{id}', {
          params: { path: { id: props.id } },
          headers: { 'If-Match': props.tasting.view.value?.etag ?? '' },
          body,
        }),
      )
      isUnsaved.value = JSON.stringify(body) !== JSON.stringify(draft.value)
      props.tasting.lay(kept)
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
    }
  })
  return saving
}

const soon = useDebounceFn(save, 400)
watch(
  draft,
  () => {
    isUnsaved.value = true
    void soon()
  },
  { deep: true },
)
onBeforeRouteLeave(async () => {
  if (isUnsaved.value) {
    await save()
  }
})

const question = computed(() =>
  choices.data.value?.questions.find(({ code }) => code === draft.value.question),
)
const samples = computed(() => draft.value.samples ?? [])
const drinks = computed(() => [
  { id: '', name: 'A drink of elsewhere, in words' },
  ...(builds.data.value ?? [])
    .filter(({ state }) => state !== 'retired')
    .map(({ id, name }) => ({ id, name })),
])
const cupName = (cup: string) => bar.data.value?.cups.find(({ id }) => id === cup)?.document.name ?? cup
const sizesOf = (sample: SampleDocument) => {
  const names = builds.data.value?.find(({ id }) => id === sample.build)?.sizes ?? []
  return (bar.data.value?.cups ?? [])
    .filter(({ document }) => names.includes(document.name ?? ''))
    .map(({ id }) => ({ id, name: cupName(id) }))
}
/** The versions of the builds that are tasted, for choosing an earlier one. */
const histories = useQuery({
  queryKey: computed(() => [
    ...keys.history,
    'tasted',
    ...new Set(samples.value.map(({ build }) => build ?? '')),
  ]),
  queryFn: async () => {
    const ids = [
      ...new Set(samples.value.map(({ build }) => build).filter((id): id is string => Boolean(id))),
    ]
    const found = await Promise.all(
      ids.map((id) => ask(api.GET('/api/builds/{id}/history', { params: { path: { id } } }))),
    )
    return new Map(ids.map((id, i) => [id, found[i] ?? []]))
  },
})
const placesOf = (sample: SampleDocument) => [
  { place: 'now', name: 'as it is now' },
  ...(histories.data.value?.get(sample.build ?? '') ?? [])
    .filter(({ kind }) => kind === 'saved' || kind === 'published')
    .map(({ place, kind }) => ({
      place,
      name: `${kind === 'published' ? 'standard' : 'version'} ${place.slice(1)}`,
    })),
]

function put(i: number, change: Partial<SampleDocument>): void {
  draft.value.samples = samples.value.map((sample, at) => (at === i ? { ...sample, ...change } : sample))
}

/** A sample of a build: in the size that it had before where the build has that too. */
function ofBuild(id: string, wanted: string | null): SampleDocument {
  const sizes = sizesOf({ build: id })
  return { build: id, size: sizes.find(({ id }) => id === wanted)?.id ?? sizes[0]?.id ?? null }
}

function chooseBuild(i: number, id: string): void {
  const before = samples.value[i]?.size ?? null
  draft.value.samples = samples.value.map((sample, at) =>
    at === i ? (id ? ofBuild(id, before) : { words: '' }) : sample,
  )
}

function add(): void {
  const last = samples.value.at(-1)
  // What is tasted beside a drink is most often the same in another size.
  const other = last?.build ? sizesOf(last).find(({ id }) => id !== last.size)?.id : null
  const build = last?.build ?? drinks.value[1]?.id
  draft.value.samples = [...samples.value, build ? ofBuild(build, other ?? null) : { words: '' }]
}

function remove(i: number): void {
  draft.value.samples = samples.value.filter((_, at) => at !== i)
}

const own = computed(() => draft.value.own ?? [])
const problemAt = (field: string) => {
  const problem = props.view.problems.find((each) => each.field === field)
  return problem && !isUnsaved.value ? `${problem.message} Accepted: ${problem.accepted}.` : null
}
const isWhole = computed(() => props.view.problems.length === 0 && !isUnsaved.value)

async function open(): Promise<void> {
  await save()
  if (!isUnsaved.value) {
    await props.tasting.open()
  }
}

async function throwAway(): Promise<void> {
  await saving
  isUnsaved.value = false
  const gone = await props.tasting.act(async () => {
    await ask(
      api.DELETE('/api/tastings/{id}', {
        params: { path: { id: props.id } },
        headers: { 'If-Match': props.tasting.view.value?.etag ?? '' },
      }),
    )
    return props.view
  })
  if (gone) {
    await router.push('/tastings')
  }
}
</script>

<template>
  <div class="set-up" :aria-busy="isUnsaved">
    <div class="columns">
      <section class="form">
        <label for="tasting-name">Name</label>
        <InputText
          id="tasting-name"
          v-model="draft.name"
          placeholder="What you want to know; tasters never see it"
          data-test="name"
        />
        <p v-if="draft.name && problemAt('name')" class="error">{{ problemAt('name') }}</p>

        <label for="question">What is asked</label>
        <Select
          v-model="draft.question"
          input-id="question"
          :options="choices.data.value?.questions ?? []"
          option-label="name"
          option-value="code"
          data-test="question"
        />
        <p class="soft">{{ question?.asks }}</p>

        <h2>What is tasted</h2>
        <ol class="samples">
          <li v-for="(sample, i) in samples" :key="i" data-test="sample">
            <Select
              :model-value="sample.build ?? ''"
              :options="drinks"
              option-label="name"
              option-value="id"
              filter
              :aria-label="`Sample ${i + 1}: which drink`"
              @update:model-value="(id: string) => chooseBuild(i, id)"
            />
            <template v-if="sample.build">
              <Select
                :model-value="sample.size"
                :options="sizesOf(sample)"
                option-label="name"
                option-value="id"
                :aria-label="`Sample ${i + 1}: which size`"
                data-test="size"
                @update:model-value="(size: string) => put(i, { size })"
              />
              <Select
                :model-value="sample.place ?? 'now'"
                :options="placesOf(sample)"
                option-label="name"
                option-value="place"
                :aria-label="`Sample ${i + 1}: which version`"
                @update:model-value="(place: string) => put(i, { place: place === 'now' ? null : place })"
              />
            </template>
            <template v-else>
              <InputText
                :model-value="sample.words"
                placeholder="What it is"
                :aria-label="`Sample ${i + 1}: what it is`"
                @update:model-value="(words) => put(i, { words: words ?? null })"
              />
              <InputNumber
                :model-value="sample.sugarsPer100"
                suffix=" g sugars in 100 g"
                placeholder="Sugars on its label"
                :max-fraction-digits="1"
                :aria-label="`Sample ${i + 1}: sugars on its label`"
                @update:model-value="(sugarsPer100) => put(i, { sugarsPer100 })"
              />
            </template>
            <Button
              icon="pi pi-times"
              text
              severity="secondary"
              :aria-label="`Take sample ${i + 1} out`"
              @click="remove(i)"
            />
            <p
              v-if="
                problemAt(`samples[${i}]`) ??
                problemAt(`samples[${i}].size`) ??
                problemAt(`samples[${i}].build`)
              "
              class="error"
            >
              {{
                problemAt(`samples[${i}]`) ??
                problemAt(`samples[${i}].size`) ??
                problemAt(`samples[${i}].build`)
              }}
            </p>
          </li>
        </ol>
        <p v-if="samples.length > 0 && problemAt('samples')" class="error">{{ problemAt('samples') }}</p>
        <Button
          v-if="samples.length < (question?.mostSamples ?? 6)"
          label="Add a sample"
          icon="pi pi-plus"
          text
          :disabled="!builds.data.value || !bar.data.value"
          data-test="add-sample"
          @click="add"
        />

        <template v-if="draft.question === 'suits'">
          <h2>Scales</h2>
          <div class="scales">
            <span v-for="scale in choices.data.value?.scales ?? []" :key="scale.code">
              <Checkbox v-model="draft.scales" :input-id="`scale-${scale.code}`" :value="scale.code" />
              <label :for="`scale-${scale.code}`">{{ scale.name }}</label>
            </span>
          </div>
          <div v-for="(scale, i) in own" :key="i" class="own">
            <InputText
              v-model="scale.name"
              placeholder="Your scale, such as smoke"
              :aria-label="`Own scale ${i + 1}`"
            />
            <InputText
              v-model="scale.tooLittle"
              placeholder="too little smoke"
              :aria-label="`Own scale ${i + 1}: too little`"
            />
            <InputText
              v-model="scale.tooMuch"
              placeholder="too much smoke"
              :aria-label="`Own scale ${i + 1}: too much`"
            />
            <Button
              icon="pi pi-times"
              text
              severity="secondary"
              :aria-label="`Take own scale ${i + 1} out`"
              @click="draft.own = own.filter((_, at) => at !== i)"
            />
          </div>
          <Button
            label="Add a scale of your own"
            text
            icon="pi pi-plus"
            @click="draft.own = [...own, { name: '', tooLittle: '', tooMuch: '' }]"
          />
          <p v-if="problemAt('scales')" class="error">{{ problemAt('scales') }}</p>
        </template>

        <details>
          <summary>Cups, warmth and the day</summary>
          <div class="day">
            <label for="grams">Each cup holds</label>
            <InputNumber
              v-model="draft.grams"
              input-id="grams"
              suffix=" g"
              :min="5"
              :max="300"
              placeholder="40 g"
            />
            <label for="celsius">Hot samples are tasted at</label>
            <InputNumber
              v-model="draft.celsius"
              input-id="celsius"
              suffix=" °C"
              :min="30"
              :max="70"
              placeholder="58 °C"
            />
            <template v-if="draft.conditions">
              <label for="coffee">Coffee</label><InputText id="coffee" v-model="draft.conditions.coffee" />
              <label for="roasted">Roasted on</label
              ><InputText id="roasted" v-model="draft.conditions.roastedOn" placeholder="2026-11-25" />
              <label for="grinder">Grinder</label
              ><InputText id="grinder" v-model="draft.conditions.grinder" /> <label for="water">Water</label
              ><InputText id="water" v-model="draft.conditions.water" /> <label for="room">Room</label
              ><InputText id="room" v-model="draft.conditions.room" /> <label for="poured-by">Poured by</label
              ><InputText id="poured-by" v-model="draft.conditions.poured" />
            </template>
          </div>
          <p v-if="problemAt('conditions.roastedOn')" class="error">
            {{ problemAt('conditions.roastedOn') }}
          </p>
        </details>
      </section>

      <section class="panel" aria-label="How many tasters it takes">
        <h2><label for="tasters">Tasters</label></h2>
        <InputNumber
          v-model="draft.tasters"
          input-id="tasters"
          :min="1"
          :max="500"
          show-buttons
          data-test="tasters"
        />
        <ul v-if="view.size" class="says" data-test="power">
          <li v-for="line in view.size.says" :key="line">{{ line }}</li>
        </ul>
        <p v-else class="soft">Choose what is tasted, and this says how many tasters it takes.</p>
        <TrayTable v-if="view.tray.length > 0" :view="view" />
        <div class="actions">
          <Button
            label="Open it for tasting"
            icon="pi pi-play"
            :disabled="!isWhole"
            data-test="open"
            @click="open"
          />
          <Button label="Throw it away" text severity="secondary" @click="throwAway" />
        </div>
        <p v-if="!isWhole && view.problems[0] && !isUnsaved" class="soft" data-test="missing">
          {{ view.problems[0].message }} Accepted: {{ view.problems[0].accepted }}.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  gap: 1rem 2.5rem;
  grid-template-columns: minmax(0, 3fr) minmax(18rem, 2fr);
}

@media (max-width: 60rem) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

.form > label {
  display: block;
  margin-top: 0.5rem;
  font-weight: 600;
}

#tasting-name {
  width: 100%;
}

h2 {
  margin-top: 1rem;
}

.set-up :deep(:is(.p-select, .p-inputnumber, .p-inputtext)) {
  max-width: 100%;
}

.samples {
  margin: 0.25rem 0;
  padding-left: 1.4rem;
}

.samples li {
  margin-bottom: 0.4rem;
}

.samples li > * {
  margin-right: 0.4rem;
  vertical-align: middle;
}

.scales {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.25rem;
  margin: 0.4rem 0;
}

.scales span {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 2.75rem;
}

.own {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

.day {
  display: grid;
  gap: 0.4rem 1rem;
  align-items: center;
  margin: 0.5rem 0;
  grid-template-columns: minmax(0, max-content) minmax(0, 20rem);
}

details {
  margin-top: 1rem;
}

summary {
  min-height: 2.75rem;
  line-height: 2.75rem;
  cursor: pointer;
}

.panel {
  padding: 0.25rem 1.25rem 1rem;
  border-radius: 0.5rem;
  background: var(--glass);
}

.says {
  padding-left: 1.1rem;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 1rem;
}
</style>
