<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { useBuilds } from '@/shared/api/queries'
import CupSection from '@/shared/cup/CupSection.vue'
import { frameFor } from '@/shared/cup/frame'
import { decimal, fixed, when } from '@/shared/format'
import DiffTable from './DiffTable.vue'

/** Any two builds, or two versions of one, side by side: cups to one scale, figures, and what differs. */
const route = useRoute()
const router = useRouter()
const builds = useBuilds()
const sides = ref(
  (['from', 'to'] as const).map((side) => {
    const [id = '', place = 'now'] = String(route.query[side] ?? '').split('@')
    return { id, place }
  }),
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
const text = (side: { id: string; place: string } | undefined) => (side ? `${side.id}@${side.place}` : '')
const diff = useQuery({
  queryKey: computed(() => ['history', 'compare', ...sides.value.map(text)]),
  queryFn: () =>
    ask(
      api.GET('/api/diff', { params: { query: { from: text(sides.value[0]), to: text(sides.value[1]) } } }),
    ),
  enabled: isWhole,
  staleTime: 0,
})
const trouble = computed(() => (diff.error.value ? ApiProblem.of(diff.error.value).message : null))
const sheets = computed(() => (diff.data.value ? [diff.data.value.before, diff.data.value.after] : []))
const frame = computed(() =>
  frameFor(
    sheets.value.flatMap(({ sizes }) => sizes),
    false,
  ),
)

watch(sides, () => void router.replace({ query: { from: text(sides.value[0]), to: text(sides.value[1]) } }), {
  deep: true,
})
</script>

<template>
  <main class="page">
    <h1>Compare</h1>
    <div class="sides">
      <section v-for="(side, i) in sides" :key="i" :aria-label="i === 0 ? 'The first' : 'The second'">
        <div class="pick">
          <Select
            v-model="side.id"
            :options="options"
            option-label="label"
            option-value="value"
            filter
            placeholder="Which build?"
            :aria-label="i === 0 ? 'The first build' : 'The second build'"
            :data-test="`compare-build-${i}`"
            @update:model-value="side.place = 'now'"
          />
          <Select
            v-model="side.place"
            :options="places(i)"
            option-label="label"
            option-value="value"
            :aria-label="i === 0 ? 'Which version of the first' : 'Which version of the second'"
          />
        </div>
        <div v-if="sheets[i]" class="shelf" data-test="compared">
          <div v-for="size in sheets[i]?.sizes" :key="size.size" class="cup">
            <div class="drawing"><CupSection :size="size" :frame="frame" /></div>
            <strong>{{ size.name }}</strong>
            <span>{{ size.taste.strength === null ? '' : `${fixed(size.taste.strength, 2)} % strong` }}</span>
            <span>{{ size.taste.sweetness === null ? '' : `${fixed(size.taste.sweetness, 1)} sweet` }}</span>
            <span>{{
              size.nutrition.energy === null ? '' : `${decimal(size.nutrition.energy, 0)} kcal`
            }}</span>
            <span>{{ decimal(size.roomLeft, 0) }} ml of room</span>
          </div>
        </div>
      </section>
    </div>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <p v-else-if="!isWhole" class="soft">Choose two builds, or one build twice and two of its versions.</p>
    <DiffTable
      v-if="diff.data.value && !trouble"
      :diff="diff.data.value"
      :before="diff.data.value.before.name"
      :after="diff.data.value.after.name"
    />
  </main>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
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

@media (width < 48rem) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
