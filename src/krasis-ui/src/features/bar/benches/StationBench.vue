<script setup lang="ts">
import { computed } from 'vue'
import type { BarView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { useBench } from '@/features/bar/facts/bench'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
/** What stands at the station comes before what serves every station. */
function here<T extends { document: { station?: string | null; ingredient?: string | null } }>(
  all: T[],
): T[] {
  const own = new Set(
    all.filter(({ document }) => document.station === bench.id).map(({ document }) => document.ingredient),
  )
  return all.filter(
    ({ document }) =>
      document.station === bench.id || (document.station == null && !own.has(document.ingredient)),
  )
}

const pumps = computed(() => here(props.bar.dispensers))
const recipes = computed(() => here(props.bar.espresso))
const cups = computed(() =>
  props.bar.cups.filter(
    ({ document }) =>
      !document.stations?.length || (bench.id !== null && document.stations.includes(bench.id)),
  ),
)
const isFirst = computed(() => props.bar.stations[0]?.id === bench.id)
</script>

<template>
  <p v-if="bench.id === null" class="soft">
    Name it and keep it; then say on each pump, cup and espresso recipe which station it is at.
  </p>
  <template v-else>
    <p v-if="isFirst" class="soft">Standards are set here: a sheet’s strokes and shots are this station’s.</p>
    <section>
      <h3>Pumps and bottles</h3>
      <ul>
        <li v-for="pump in pumps" :key="pump.id">
          <RouterLink :to="`/bar/dispensers/${pump.id}`">{{ pump.document.name }}</RouterLink>
          {{ pump.measured.mlPerStroke === null ? '' : `${decimal(pump.measured.mlPerStroke, 2)} ml` }}
          <span class="soft">{{ pump.document.station == null ? 'every station' : 'only here' }}</span>
        </li>
      </ul>
    </section>
    <section>
      <h3>Espresso</h3>
      <ul>
        <li v-for="recipe in recipes" :key="recipe.id">
          <RouterLink :to="`/bar/espresso/${recipe.id}`">{{ recipe.document.name }}</RouterLink>
          {{ recipe.document.doseGrams }} → {{ recipe.document.yieldGrams }} g
          <span class="soft"
            >{{ recipe.document.grind ? `grinder at ${recipe.document.grind}, ` : ''
            }}{{ recipe.document.station == null ? 'every station' : 'only here' }}</span
          >
        </li>
      </ul>
    </section>
    <section>
      <h3>Cups</h3>
      <p>{{ cups.map(({ document }) => document.name).join(', ') }}</p>
    </section>
  </template>
</template>

<style scoped>
h3 {
  margin: 0.8rem 0 0.2rem;
  font-size: 1.05rem;
}

ul {
  margin: 0;
  padding-left: 1.2rem;
}
</style>
