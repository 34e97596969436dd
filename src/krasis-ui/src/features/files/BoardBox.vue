<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Checkbox from 'primevue/checkbox'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useBar, useBuilds } from '@/shared/api/queries'
import { tell } from '@/shared/notice/notice'

/** The board as a book to be printed, and as a feed for menu screens. */
const client = useQueryClient()
const bar = useBar()
const builds = useBuilds()
const hasStandard = computed(() => (builds.data.value ?? []).some(({ state }) => state === 'standard'))
const key = [...keys.files, 'feeds']
const feeds = useQuery({ queryKey: key, queryFn: () => ask(api.GET('/api/files/feeds')) })
const stations = computed(() =>
  (bar.data.value?.stations ?? []).map(({ id, document }) => ({ id, name: document.name ?? '' })),
)
const station = ref<string | null>(null)
const paper = ref('a4')
const papers = [
  { value: 'a4', label: 'A4' },
  { value: 'letter', label: 'Letter' },
]
const book = computed(() => {
  const query = new URLSearchParams()
  const at = station.value ?? stations.value[0]?.id
  if (at) {
    query.set('station', at)
  }

  if (paper.value === 'letter') {
    query.set('letter', 'true')
  }

  return `/api/files/book.pdf?${query.toString()}`
})

async function choose(isPublic: boolean): Promise<void> {
  try {
    await ask(api.PUT('/api/files/feeds', { body: { isPublic } }))
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }

  await client.invalidateQueries({ queryKey: key })
}
</script>

<template>
  <section aria-labelledby="board-head" class="part">
    <h2 id="board-head">The board, on paper and on a screen</h2>
    <p>
      A book of the standards that are on the board today: contents, a card each, allergens and nutrition,
      cautions.
    </p>
    <p v-if="builds.data.value && !hasStandard" class="soft" data-test="no-board">
      There is no standard yet. Publish one, and it is in the book.
    </p>
    <p v-else class="row">
      <Select
        v-if="stations.length > 0"
        :model-value="station ?? stations[0]?.id"
        :options="stations"
        option-value="id"
        option-label="name"
        aria-label="At which station"
        data-test="book-station"
        @update:model-value="station = $event"
      />
      <Select
        v-model="paper"
        :options="papers"
        option-value="value"
        option-label="label"
        aria-label="Paper"
        data-test="book-paper"
      />
      <a :href="book" download class="press" data-test="book">Save the book</a>
    </p>
    <p v-if="feeds.data.value" class="row">
      <Checkbox
        :model-value="feeds.data.value.isPublic"
        binary
        input-id="public"
        data-test="public"
        @update:model-value="choose"
      />
      <label for="public">Anybody who reaches this machine may read the board, for menu screens</label>
    </p>
    <p v-if="feeds.data.value?.isPublic" class="soft" data-test="feeds">
      <a href="/feeds/board.json">/feeds/board.json</a> and <a href="/feeds/board.atom">/feeds/board.atom</a>:
      names, cups, prices, energy, allergens. No amounts.
    </p>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
}
</style>
