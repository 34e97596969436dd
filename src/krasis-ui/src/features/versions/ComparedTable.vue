<script setup lang="ts">
import type { ComparedRow } from './sides'

/** The numbers of the sides beside each other; what differs from the first is marked. */
defineProps<{ heads: string[]; rows: ComparedRow[] }>()
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
        <tr v-for="row in rows" :key="row.name" :data-row="row.name">
          <th scope="row">{{ row.name }}</th>
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
.differs {
  font-weight: 650;
}

.mark {
  color: var(--cobalt);
}
</style>
