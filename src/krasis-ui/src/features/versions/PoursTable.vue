<script setup lang="ts">
import { computed } from 'vue'
import type { Pours } from '@/shared/api/types'

/** A standard three times over, size by size: as published, as the bar pours it now, and adjusted. What has moved is marked; what has not is left out. */
const props = defineProps<{ pours: Pours; number: number }>()
const isAdjusted = computed(() => props.pours.sizes.some(({ rows }) => rows.some((row) => row.adjusted)))
const sizes = computed(() =>
  props.pours.sizes.map((size) => ({
    ...size,
    rows: size.rows.filter(({ hasMoved, staysMoved }) => hasMoved || staysMoved),
  })),
)
</script>

<template>
  <div class="sizes" data-test="pours">
    <table v-for="size in sizes" :key="size.size" class="plain" :data-size="size.name">
      <thead>
        <tr>
          <th scope="col" class="size">{{ size.name }}</th>
          <th scope="col">Standard {{ number }}</th>
          <th scope="col">As the bar pours it now</th>
          <th v-if="isAdjusted" scope="col">Adjusted</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in size.rows" :key="row.what">
          <th scope="row">{{ row.what }}</th>
          <td>{{ row.published }}</td>
          <td :class="{ moved: row.hasMoved }">
            <span v-if="row.hasMoved" aria-label="moved">≠ </span>{{ row.now }}
          </td>
          <td v-if="isAdjusted" :class="{ moved: row.staysMoved }">
            <span v-if="row.staysMoved" aria-label="not as published">≠ </span>{{ row.adjusted }}
          </td>
        </tr>
        <tr v-if="size.rows.length === 0">
          <td :colspan="isAdjusted ? 4 : 3">Poured as it was published.</td>
        </tr>
        <tr v-if="size.newFindings.length > 0 || size.findingsLeft.length > 0">
          <th scope="row">the checks find</th>
          <td class="soft">nothing of this</td>
          <td>{{ size.newFindings.join(' ') || 'nothing new' }}</td>
          <td v-if="isAdjusted">{{ size.findingsLeft.join(' ') || 'nothing new' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.sizes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(33rem, 100%), 1fr));
  gap: 0.4rem 2rem;
  align-items: start;
  overflow-x: auto;
}

thead th.size {
  color: inherit;
  font-weight: 650;
}

.moved {
  font-weight: 650;
}
</style>
