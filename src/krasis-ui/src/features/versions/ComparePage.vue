<script setup lang="ts">
import { useQueries, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { useBuilds } from '@/shared/api/queries'
import CupSection from '@/shared/cup/CupSection.vue'
import { picture } from '@/shared/cup/section'
import { frameFor } from '@/shared/cup/frame'
import { decimal, fixed, when } from '@/shared/format'
import ComparedTable from './ComparedTable.vue'
import DiffTable from './DiffTable.vue'
import { comparedRows, readSide, sizesOf, writeSide, type Side } from './sides'

/** Two or three builds, versions or sizes side by side: cups to one scale, numbers, and what differs. */
const names = ['first', 'second', 'third'] as const
const queryNames = ['from', 'to', 'third'] as const

const route = useRoute()
const router = useRouter()
const builds = useBuilds()
const sides = ref<Side[]>(
  queryNames
    .filter((name) => name !== 'third' || route.query.third)
    .map((name) => readSide(route.query[name])),
)
const options = computed(() => (builds.data.value ?? []).map(({ id, name }) => ({ value: id, label: name })))
const histories = useQuery({
  queryKey: computed(() => ['history', 'of', ...sides.value.map(({ id }) => id)]),
  queryFn: () =>
    Promise.all(
      sides.value.map(({ id }) =>
        id ? ask(api.GET('/api/builds/{id}/history', { params: { path: { id } } })) : Promise.resolve([]),
      ),
    ),
  staleTime: 0,
})
const places = (side: number) => [
  { value: 'now', label: 'as it is now' },
  ...(histories.data.value?.[side] ?? [])
    .filter(({ place }) => place)
    .map(({ kind, place, at }) => ({
      value: place,
      label: `${kind === 'published' ? 'standard' : 'save'} ${place.slice(1)}, ${when(at)}`,
    })),
]
const isWhole = computed(() => sides.value.every(({ id }) => id !== ''))
const versionOf = ({ id, place }: Side) => `${id}@${place}`
// Each of the others against the first; two sizes of one version are that version twice.
const diffs = useQueries({
  queries: computed(() =>
    sides.value.slice(1).map((side) => {
      const [from, to] = [versionOf(sides.value[0] as Side), versionOf(side)]
      return {
        queryKey: ['history', 'compare', from, to],
        queryFn: () => ask(api.GET('/api/diff', { params: { query: { from, to } } })),
        enabled: isWhole.value,
        staleTime: 0,
      }
    }),
  ),
})
const trouble = computed(() => {
  const error = diffs.value.find((one) => one.error)?.error
  return error ? ApiProblem.of(error).message : null
})
const compared = computed(() => {
  const found = diffs.value.map(({ data }) => data)
  const sheets = [found[0]?.before, ...found.map((diff) => diff?.after)]
  return sides.value.map((side, i) => {
    const sheet = sheets[i]
    return sheet ? { side, sheet, ...sizesOf(side, sheet) } : null
  })
})
const frame = computed(() =>
  frameFor(
    compared.value.flatMap((one) => one?.shown ?? []),
    false,
  ),
)
const numbered = computed(() =>
  compared.value.flatMap((one) => (one?.compared ? [{ sheet: one.sheet, size: one.compared }] : [])),
)
const rows = computed(() =>
  numbered.value.length === sides.value.length ? comparedRows(numbered.value) : [],
)
const heads = computed(() =>
  numbered.value.map(({ sheet, size }, i) => {
    const place = sides.value[i]?.place ?? 'now'
    const version =
      place === 'now' ? '' : `, ${place.startsWith('s') ? 'standard' : 'save'} ${place.slice(1)}`
    return `${sheet.name}${version}, ${size.name}`
  }),
)
const sizeOptions = (at: number) => [
  { value: '', label: 'all its sizes' },
  ...(compared.value[at]?.sheet.sizes ?? []).map(({ size, name }) => ({ value: size, label: name })),
]

function addThird(): void {
  const last = sides.value.at(-1)
  sides.value = [...sides.value, { id: last?.id ?? '', place: 'now', size: '' }]
}

watch(
  sides,
  (now) =>
    void router.replace({
      query: Object.fromEntries(now.map((side, i) => [queryNames[i] as string, writeSide(side)])),
    }),
  { deep: true },
)
</script>

<template>
  <main class="page">
    <h1>Compare</h1>
    <div class="sides">
      <section v-for="(side, i) in sides" :key="i" :aria-label="`The ${names[i]}`">
        <div class="pick">
          <Select
            v-model="side.id"
            :options="options"
            option-label="label"
            option-value="value"
            filter
            placeholder="Which build?"
            :aria-label="`The ${names[i]} build`"
            :data-test="`compare-build-${i}`"
            @update:model-value="((side.place = 'now'), (side.size = ''))"
          />
          <Select
            v-model="side.place"
            :options="places(i)"
            option-label="label"
            option-value="value"
            :aria-label="`Which version of the ${names[i]}`"
            :data-test="`compare-version-${i}`"
          />
          <Select
            v-model="side.size"
            :options="sizeOptions(i)"
            option-label="label"
            option-value="value"
            placeholder="all its sizes"
            :aria-label="`Which size of the ${names[i]}`"
            :data-test="`compare-size-${i}`"
          />
          <Button
            v-if="i === 2"
            icon="pi pi-times"
            text
            severity="secondary"
            size="small"
            class="drop"
            aria-label="Compare two only"
            @click="sides = sides.slice(0, 2)"
          />
        </div>
        <div v-if="compared[i]" class="shelf" data-test="compared">
          <div v-for="size in compared[i]?.shown" :key="size.size" class="cup">
            <div class="drawing"><CupSection :size="picture(size, true)" :frame="frame" /></div>
            <strong>{{ size.name }}</strong>
            <span>{{
              size.taste.poured.strength === null ? '' : `${fixed(size.taste.poured.strength, 2)} % strong`
            }}</span>
            <span>{{
              size.taste.poured.sweetness === null ? '' : `${fixed(size.taste.poured.sweetness, 1)} sweet`
            }}</span>
            <span>{{
              size.inside.nutrition.energy === null ? '' : `${decimal(size.inside.nutrition.energy, 0)} kcal`
            }}</span>
            <span>{{ decimal(size.fill.roomLeft, 0) }} ml of room</span>
          </div>
        </div>
      </section>
    </div>
    <Button
      v-if="sides.length < 3 && isWhole"
      label="Compare with a third"
      icon="pi pi-plus"
      text
      size="small"
      data-test="compare-third"
      @click="addThird"
    />
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <p v-else-if="!isWhole" class="soft">
      Choose two builds, or one build twice and two of its versions or sizes.
    </p>
    <template v-else>
      <h2 v-if="rows.length > 0">Number by number</h2>
      <ComparedTable v-if="rows.length > 0" :heads="heads" :rows="rows" />
      <template v-for="(one, i) in diffs" :key="i">
        <section
          v-if="one.data && (one.data.differences.length > 0 || sides[i + 1]?.size === sides[0]?.size)"
        >
          <h2 v-if="diffs.length > 1">What the {{ names[i + 1] }} has otherwise than the first</h2>
          <h2 v-else>What differs</h2>
          <DiffTable :diff="one.data" :before="one.data.before.name" :after="one.data.after.name" />
        </section>
      </template>
    </template>
  </main>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
  gap: 1.5rem;
  margin: 0.6rem 0 1rem;
}

.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-bottom: 0.6rem;
}

.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: flex-start;
}

.cup {
  display: flex;
  flex-direction: column;
  align-items: center;
  font-size: 0.9rem;
  text-align: center;
}

.drawing {
  width: 6rem;
  height: 9.5rem;
}

.drop {
  height: 2.4rem;
}

h2 {
  margin-top: 1.2rem;
}
</style>
