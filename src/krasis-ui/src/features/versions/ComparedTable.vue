<script setup lang="ts">
import type { ComparedRow } from '@/shared/api/types'

/** The numbers of the sides beside each other, what is farthest apart first; what differs from the first side is marked. */
defineProps<{ heads: string[]; rows: readonly ComparedRow[] }>()
</script>

<template>
  <div class="scroll">
    <table class="plain" data-test="compared-numbers">
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">What</span></th>
          <th v-for="(head, i) in heads" :key="i" scope="col">{{ head }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.what" :data-row="row.what" :class="{ alike: row.apart === 0 }">
          <th scope="row">{{ row.what }}</th>
          <td v-for="(says, i) in row.cells" :key="i" :class="{ differs: row.differs[i] }">
            <span v-if="row.differs[i]" class="mark" aria-label="differs">≠</span>
            {{ says ?? 'not in it' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.plain {
  width: 100%;
  table-layout: fixed;
}

.alike {
  color: var(--ink-soft);
}

.differs {
  font-weight: 650;
}

.mark {
  color: var(--cobalt);
}
</style>
