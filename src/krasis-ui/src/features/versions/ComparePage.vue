<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useBuilds } from '@/shared/api/queries'
import CupSection from '@/shared/cup/CupSection.vue'
import { picture } from '@/shared/cup/section'
import { frameFor } from '@/shared/cup/frame'
import { when } from '@/shared/format'
import ComparedTable from './ComparedTable.vue'
import DiffTable from './DiffTable.vue'
import { comparing, mostSides, readSide, writeSide, type Side } from './sides'

/** Two to six builds, versions or sizes side by side: cups to one scale, numbers, and what differs. */
const route = useRoute()
const router = useRouter()
const builds = useBuilds()
const empty: Side = { id: '', place: 'now', size: '' }
const given = [route.query['side'] ?? []].flat().map(readSide)
const sides = ref<Side[]>(
  [...given, empty, empty].slice(0, Math.max(2, given.length)).map((side) => ({ ...side })),
)
const options = computed(() => (builds.data.value ?? []).map(({ id, name }) => ({ value: id, label: name })))
const histories = useQuery({
  queryKey: computed(() => [...keys.history, 'of', ...sides.value.map(({ id }) => id)]),
  queryFn: () =>
    Promise.all(
      sides.value.map(({ id }) =>
        id ? ask(api.GET('/api/builds/{id}/history', { params: { path: { id } } })) : Promise.resolve([]),
      ),
    ),
  staleTime: 0,
  placeholderData: keepPreviousData,
})
const nameOf = (place: string) =>
  place === 'now' ? 'now' : `${place.startsWith('s') ? 'standard' : 'save'} ${place.slice(1)}`
const places = (at: number) => [
  { value: 'now', label: 'as it is now' },
  ...(histories.data.value?.[at] ?? [])
    .filter(({ place }) => place)
    .map(({ place, at: day }) => ({ value: place, label: `${nameOf(place)}, ${when(day)}` })),
]
const chosen = computed(() => sides.value.filter(({ id }) => id !== ''))
const query = computed(() => chosen.value.map(writeSide))
const compared = useQuery({
  queryKey: computed(() => [...keys.history, 'compare', ...query.value]),
  queryFn: () => ask(api.GET('/api/compare', { params: { query: { side: query.value } } })),
  enabled: computed(() => query.value.length > 1),
  staleTime: 0,
  placeholderData: keepPreviousData,
})
/** The sides that are chosen, with what was found of each; by their place on the page. */
const shown = computed(() => {
  const found = compared.data.value?.sides ?? []
  let at = 0
  return sides.value.map((side) => {
    const one = side.id === '' ? undefined : found[at++]
    const size = one?.sheet.sizes.find(({ size: cup }) => cup === one.size)
    return one && size ? { ...one, size } : null
  })
})
const whole = computed(() => shown.value.flatMap((one) => (one ? [one] : [])))
const frame = computed(() =>
  frameFor(
    whole.value.map(({ size }) => size),
    false,
  ),
)
const heads = computed(() =>
  whole.value.map(({ sheet, size }, i) => {
    const place = chosen.value[i]?.place ?? 'now'
    return `${sheet.name}${place === 'now' ? '' : `, ${nameOf(place)}`}, ${size.name}`
  }),
)
const sizeOptions = (at: number) => [
  { value: '', label: 'its reference size' },
  ...(shown.value[at]?.sheet.sizes ?? []).map(({ size, name }) => ({ value: size, label: name })),
]
/** Two sizes of one version differ in numbers only. */
const diffs = computed(() =>
  whole.value.flatMap(({ differences }, i) =>
    differences.length > 0
      ? [{ differences, before: heads.value[0] ?? '', after: heads.value[i] ?? '' }]
      : [],
  ),
)

const add = () => (sides.value = [...sides.value, { ...(sides.value.at(-1) ?? empty), size: '' }])
const drop = (at: number) => (sides.value = sides.value.filter((_, i) => i !== at))

watch(sides, (now) => void router.replace(comparing(now.filter(({ id }) => id !== ''))), { deep: true })
</script>

<template>
  <main class="page wide">
    <h1>Compare</h1>
    <div class="sides" :style="{ '--sides': sides.length }">
      <section v-for="(side, i) in sides" :key="i" :aria-label="`Number ${i + 1}`">
        <div class="pick">
          <Select
            v-model="side.id"
            :options="options"
            option-label="label"
            option-value="value"
            filter
            placeholder="Which build?"
            size="small"
            :aria-label="`Build number ${i + 1}`"
            :data-test="`compare-build-${i}`"
            @update:model-value="((side.place = 'now'), (side.size = ''))"
          />
          <Select
            v-model="side.place"
            :options="places(i)"
            option-label="label"
            option-value="value"
            size="small"
            :aria-label="`Which version of number ${i + 1}`"
            :data-test="`compare-version-${i}`"
          />
          <Select
            v-model="side.size"
            :options="sizeOptions(i)"
            option-label="label"
            option-value="value"
            placeholder="its reference size"
            size="small"
            :aria-label="`Which size of number ${i + 1}`"
            :data-test="`compare-size-${i}`"
          />
        </div>
        <div v-if="shown[i]" class="cup" data-test="compared">
          <div class="drawing"><CupSection :size="picture(shown[i]!.size, true)" :frame="frame" /></div>
          <strong>{{ shown[i]!.size.name }}</strong>
        </div>
        <Button
          v-if="sides.length > 2"
          label="Take out"
          text
          severity="secondary"
          size="small"
          :aria-label="`Take number ${i + 1} out`"
          @click="drop(i)"
        />
      </section>
    </div>
    <Button
      v-if="sides.length < mostSides && chosen.length === sides.length"
      label="Compare with another"
      icon="pi pi-plus"
      text
      size="small"
      data-test="compare-more"
      @click="add"
    />
    <p v-if="compared.error.value" class="error" role="alert">
      {{ ApiProblem.of(compared.error.value).message }}
    </p>
    <p v-else-if="chosen.length < 2" class="soft">
      Choose two builds, or one build twice and two of its versions or sizes.
    </p>
    <template v-else-if="compared.data.value">
      <h2>Number by number, what is farthest apart first</h2>
      <ComparedTable :heads="heads" :rows="compared.data.value.rows" />
      <details v-for="(diff, i) in diffs" :key="i" :open="diffs.length === 1">
        <summary>What differs in {{ diff.after }}</summary>
        <DiffTable :diff="diff" :before="diff.before" :after="diff.after" />
      </details>
    </template>
  </main>
</template>

<style scoped>
.wide {
  max-width: none;
}

.sides {
  display: grid;
  grid-template-columns: repeat(var(--sides), minmax(10.5rem, 1fr));
  gap: 0.8rem;
  margin: 0.6rem 0;
  overflow-x: auto;
}

.pick {
  display: grid;
  gap: 0.35rem;
}

.pick :deep(.p-select) {
  min-width: 0;
}

.cup {
  display: flex;
  flex-direction: column;
  align-items: center;
  margin-top: 0.5rem;
}

.drawing {
  width: 8rem;
  height: 11rem;
  margin-bottom: 0.3rem;
}

h2 {
  margin-top: 0.8rem;
}

summary {
  min-height: 2rem;
  margin-top: 0.6rem;
  font-weight: 650;
  cursor: pointer;
}

@media (width < 48rem) {
  .sides {
    grid-template-columns: repeat(auto-fit, minmax(9.5rem, 1fr));
  }
}
</style>
