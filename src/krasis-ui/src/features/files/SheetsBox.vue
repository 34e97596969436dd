<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'

/** What the house knows, as tables for a spreadsheet. */
const sheets = useQuery({
  queryKey: [...keys.files, 'sheets'],
  queryFn: () => ask(api.GET('/api/files/sheets')),
})
</script>

<template>
  <section aria-labelledby="sheets-head" class="part">
    <h2 id="sheets-head">Tables for a spreadsheet</h2>
    <p v-if="sheets.error.value" class="error" role="alert">
      {{ ApiProblem.of(sheets.error.value).message }}
    </p>
    <template v-else-if="sheets.data.value">
      <p>
        <a href="/api/files/sheets/all.xlsx" download class="press" data-test="all-sheets">
          Everything in one workbook
        </a>
      </p>
      <details>
        <summary>Or one at a time</summary>
        <ul data-test="sheets">
          <li v-for="sheet in sheets.data.value" :key="sheet.name">
            {{ sheet.says }}:
            <a :href="`/api/files/sheets/${sheet.name}.xlsx`" download :aria-label="`${sheet.says}, XLSX`"
              >XLSX</a
            >,
            <a :href="`/api/files/sheets/${sheet.name}.csv`" download :aria-label="`${sheet.says}, CSV`"
              >CSV</a
            >
          </li>
        </ul>
      </details>
    </template>
  </section>
</template>

<style scoped>
ul {
  margin: 0.4rem 0 0;
  padding-left: 1.2rem;
}

li {
  margin-top: 0.35rem;
}
</style>
