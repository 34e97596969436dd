<script setup lang="ts">
import { computed } from 'vue'
import type { LookView } from '@/shared/api/types'

/** What is poured of a drink there and here, a column a size. */
const props = defineProps<{ sizes: LookView['drinks'][number]['sizes'] }>()
const rows = computed(() => props.sizes[0]?.rows.map(({ what }) => what) ?? [])
</script>

<template>
  <div class="scroll">
    <table class="plain">
      <thead>
        <tr>
          <th scope="col"></th>
          <th v-for="size in sizes" :key="size.size" scope="col">{{ size.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(what, i) in rows" :key="`${what} ${i}`">
          <th scope="row">{{ what }}</th>
          <td v-for="size in sizes" :key="size.size">
            <template v-if="size.rows[i]?.hasMoved">
              <span class="soft">{{ size.rows[i]?.published }} →</span>
              <strong>{{ size.rows[i]?.now }}</strong>
            </template>
            <template v-else>{{ size.rows[i]?.now }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  max-width: 100%;
  overflow-x: auto;
}
</style>
