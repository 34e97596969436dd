<script setup lang="ts">
import type { DiffView } from '@/shared/api/types'

defineProps<{ diff: Pick<DiffView, 'differences'>; before: string; after: string }>()
</script>

<template>
  <p v-if="diff.differences.length === 0" data-test="no-difference">They are alike.</p>
  <div v-else class="scroll">
    <table class="plain" data-test="diff">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">{{ before }}</th>
          <th scope="col">{{ after }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in diff.differences" :key="`${one.where} ${one.before} ${one.after}`">
          <th scope="row">{{ one.where }}</th>
          <td class="soft">{{ one.before }}</td>
          <td>
            <span aria-hidden="true">→ </span><strong>{{ one.after }}</strong>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
