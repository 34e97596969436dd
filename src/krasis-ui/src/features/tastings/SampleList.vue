<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys, useBar, useBuilds } from '@/shared/api/queries'
import type { SampleDocument } from '@/shared/api/types'

/** What is tasted: builds in their sizes and versions, and drinks of elsewhere. */
defineProps<{
  /** How many at the most. */
  most: number
  /** What is wrong with a field; null where nothing is. */
  problemAt: (field: string) => string | null
}>()
const model = defineModel<SampleDocument[] | undefined>({ required: true })
const samples = computed(() => model.value ?? [])
const builds = useBuilds()
const bar = useBar()
/** What is chosen where it is no build; a list shows nothing of an empty choice. */
const elsewhere = 'elsewhere'
const drinks = computed(() => [
  { id: elsewhere, name: 'A drink of elsewhere, in words' },
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
  model.value = samples.value.map((sample, at) => (at === i ? { ...sample, ...change } : sample))
}

/** A sample of a build: in the size that it had before where the build has that too. */
function ofBuild(id: string, wanted: string | null): SampleDocument {
  const sizes = sizesOf({ build: id })
  return { build: id, size: sizes.find(({ id }) => id === wanted)?.id ?? sizes[0]?.id ?? null }
}

function chooseBuild(i: number, id: string): void {
  const before = samples.value[i]?.size ?? null
  model.value = samples.value.map((sample, at) =>
    at === i ? (id === elsewhere ? { words: '' } : ofBuild(id, before)) : sample,
  )
}

function add(): void {
  const last = samples.value.at(-1)
  // What is tasted beside a drink is most often the same in another size.
  const other = last?.build ? sizesOf(last).find(({ id }) => id !== last.size)?.id : null
  const build = last?.build ?? drinks.value[1]?.id
  model.value = [...samples.value, build ? ofBuild(build, other ?? null) : { words: '' }]
}

function remove(i: number): void {
  model.value = samples.value.filter((_, at) => at !== i)
}
</script>

<template>
  <ol class="samples">
    <li v-for="(sample, i) in samples" :key="i" data-test="sample">
      <Select
        :model-value="sample.build ?? elsewhere"
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
          problemAt(`samples[${i}]`) ?? problemAt(`samples[${i}].size`) ?? problemAt(`samples[${i}].build`)
        "
        class="error"
      >
        {{
          problemAt(`samples[${i}]`) ?? problemAt(`samples[${i}].size`) ?? problemAt(`samples[${i}].build`)
        }}
      </p>
    </li>
  </ol>
  <p v-if="samples.length > 0 && problemAt('samples')" class="error">{{ problemAt('samples') }}</p>
  <Button
    v-if="samples.length < most"
    label="Add a sample"
    icon="pi pi-plus"
    text
    :disabled="!builds.data.value || !bar.data.value"
    data-test="add-sample"
    @click="add"
  />
</template>

<style scoped>
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
</style>
