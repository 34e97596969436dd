<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useBar } from '@/shared/api/queries'
import { figuresOf, tasteOf } from '@/shared/band'
import CupSection from '@/shared/cup/CupSection.vue'
import { frameFor } from '@/shared/cup/frame'
import { picture } from '@/shared/cup/section'
import { amount, when } from '@/shared/format'
import { comparing } from './sides'

/** A standard as it was published, with the bar of that day. It is only read. */
const props = defineProps<{ id: string; number: string }>()

const bar = useBar()
const standard = useQuery({
  queryKey: computed(() => [...keys.history, props.id, 'standard', props.number]),
  queryFn: () =>
    ask(
      api.GET('/api/builds/{id}/standards/{number}', {
        params: { path: { id: props.id, number: Number(props.number) } },
      }),
    ),
})
const view = computed(() => standard.data.value ?? null)
const sizes = computed(() => view.value?.sheet.sizes ?? [])
const frame = computed(() => frameFor(sizes.value, false))
/** Every line with how it goes in and what each size has of it. */
const lines = computed(() =>
  (view.value?.document.lines ?? []).map((line) => {
    const cells = sizes.value.map(({ lines: of }) => of.find((cell) => cell.line === line.id))
    return {
      id: line.id ?? '',
      name: cells[0]?.ingredientName ?? '',
      how: bar.data.value?.words.techniques.find(({ code }) => code === line.technique)?.name ?? '',
      note: line.note ?? '',
      cells,
    }
  }),
)
const figures = computed(() => {
  const sheet = view.value?.sheet
  if (!sheet) {
    return []
  }

  const columns = sheet.sizes.map((size) => [
    ...Object.values(tasteOf(sheet, size)).map(({ name, value }) => ({ name, says: value ?? 'not known' })),
    ...figuresOf(sheet, size).map(({ name, value, more }) => ({
      name,
      says: [value ?? 'not known', more].filter(Boolean).join(', '),
    })),
  ])
  return [...new Set(columns.flatMap((column) => column.map(({ name }) => name)))].map((name) => ({
    name,
    cells: columns.map((column) => column.find((figure) => figure.name === name)?.says ?? ''),
  }))
})
const findings = computed(() => view.value?.sheet.findings ?? [])
const compared = computed(() =>
  comparing([`s${props.number}`, 'now'].map((place) => ({ id: props.id, place, size: '' }))),
)
</script>

<template>
  <main class="page">
    <p v-if="standard.error.value" class="error" role="alert">
      {{ ApiProblem.of(standard.error.value).message }}
      <RouterLink to="/">Go to the builds</RouterLink>
    </p>
    <template v-else-if="view">
      <h1>{{ view.document.name }}, standard {{ view.number }}</h1>
      <p data-test="published">
        Published {{ when(view.publishedAt) }}, as it was then and with the bar of that day. Nothing changes
        it.
        <template v-if="view.reason">The reason: “{{ view.reason }}”</template>
      </p>
      <p class="links">
        <RouterLink :to="`/builds/${id}`" data-test="open-build">Open the build</RouterLink>
        <RouterLink :to="compared">Compare with the build as it is now</RouterLink>
      </p>
      <div class="scroll">
        <table class="plain" data-test="standard">
          <thead>
            <tr class="shelf">
              <th scope="col"><span class="visually-hidden">What goes in</span></th>
              <th v-for="size in sizes" :key="size.size" scope="col">
                <span class="cup"><CupSection :size="picture(size, true)" :frame="frame" /></span>
                <strong>{{ size.name }}</strong>
                <span v-if="size.isReference" class="soft"> the reference</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in lines" :key="line.id">
              <th scope="row">
                <strong>{{ line.name }}</strong>
                <span class="soft how">{{ [line.how, line.note].filter(Boolean).join(' · ') }}</span>
              </th>
              <td v-for="(cell, i) in line.cells" :key="i">
                <span class="amount">{{ cell ? amount(cell.amount) : '' }}</span> {{ cell?.unit }}
                <span class="soft how">{{ cell?.mark ? cell.mark.says : cell?.beside }}</span>
              </td>
            </tr>
          </tbody>
          <tbody>
            <tr v-for="row in figures" :key="row.name">
              <th scope="row">{{ row.name }}</th>
              <td v-for="(says, i) in row.cells" :key="i">{{ says }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-if="findings.length > 0">
        <h2>What the checks found</h2>
        <ul data-test="standard-findings">
          <li v-for="(finding, i) in findings" :key="i">
            {{ finding.message }}
            <span v-if="finding.waived" class="soft">Let be: {{ finding.waived }}</span>
          </li>
        </ul>
      </template>
    </template>
  </main>
</template>

<style scoped>
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1.2rem;
}

.cup {
  display: block;
  width: 6.5rem;
  height: 9rem;
}

.amount {
  font-size: 1.35rem;
  font-weight: 650;
}

.how {
  display: block;
  font-size: 0.85rem;
}

@media print {
  .links {
    display: none;
  }
}
</style>
