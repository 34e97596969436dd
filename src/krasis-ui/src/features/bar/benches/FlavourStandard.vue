<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { useBench } from '@/features/bar/facts/bench'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'

/** How many strokes of each sort of flavour the house gives into each cup, and which builds are poured otherwise. */
const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const kinds = [
  { code: 'syrup', name: 'Syrup' },
  { code: 'sauce', name: 'Sauce' },
  { code: 'powder', name: 'Powder' },
]
const cups = computed(() => props.bar.cups.map(({ id, document }) => ({ id, name: document.name ?? '' })))
const differences = useQuery({
  queryKey: computed(() => [...keys.builds, 'differences', props.bar.house.etag]),
  queryFn: () => ask(api.GET('/api/bar/house/differences')),
  staleTime: 0,
})
const listed = computed(() => (bench.isDirty.value ? [] : (differences.data.value ?? [])))
</script>

<template>
  <div class="scroll">
    <table class="plain" data-test="flavours">
      <thead>
        <tr>
          <th scope="col">Strokes of</th>
          <th v-for="cup in cups" :key="cup.id" scope="col">{{ cup.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="kind in kinds" :key="kind.code">
          <th scope="row">{{ kind.name }}</th>
          <td v-for="cup in cups" :key="cup.id">
            <NumberBox
              :path="`flavours.${kind.code}.${cup.id}`"
              :label="`Strokes of ${kind.name.toLowerCase()} in ${cup.name}`"
              hide-label
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <details v-if="listed.length > 0" data-test="unlike-the-house">
    <summary>
      {{ listed.length === 1 ? 'One build is' : `${listed.length} builds are` }} poured otherwise
    </summary>
    <ul>
      <li v-for="build in listed" :key="build.build">
        <RouterLink :to="`/builds/${build.build}`">{{ build.name }}</RouterLink>
        <span v-for="(says, i) in build.says" :key="i" class="soft says">{{ says }}</span>
      </li>
    </ul>
  </details>
</template>

<style scoped>
th {
  white-space: nowrap;
}

tbody > tr > th[scope='row'] {
  vertical-align: middle;
}

td :deep(input) {
  width: 3.6rem;
}

summary {
  min-height: 2rem;
  cursor: pointer;
}

.says {
  display: block;
  font-size: 0.9rem;
}
</style>
