<script setup lang="ts">
import { useQueries, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import StationSwitch from '@/shared/StationSwitch.vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { day } from '@/shared/format'
import SizesCard from './SizesCard.vue'

/** All that is on the board, to be bound: contents, allergens, and a card of each drink. */
const station = ref<string | null>(null)
const at = computed(() => (station.value === null ? {} : { station: station.value }))
const board = useQuery({
  queryKey: computed(() => [...keys.service, station.value]),
  queryFn: () => ask(api.GET('/api/service', { params: { query: at.value } })),
})
const view = computed(() => board.data.value ?? null)
const cards = useQueries({
  queries: computed(() =>
    (view.value?.drinks ?? []).map(({ build }) => ({
      queryKey: [...keys.cards, build, station.value],
      queryFn: () =>
        ask(api.GET('/api/builds/{id}/cards', { params: { path: { id: build }, query: at.value } })),
    })),
  ),
})
const read = computed(() => cards.value.flatMap(({ data }) => (data ? [data] : [])))
const isWhole = computed(() => view.value !== null && read.value.length === view.value.drinks.length)
const name = computed(() => view.value?.stations.find(({ id }) => id === view.value?.station)?.name)

function printAll(): void {
  for (const { build, standard, station: of } of read.value) {
    if (standard !== null) {
      ask(api.POST('/api/prints', { body: { build, standard, station: of } })).catch(() => undefined)
    }
  }

  window.print()
}
</script>

<template>
  <main class="page booklet">
    <div class="no-print">
      <h1>Booklet of the board</h1>
      <p v-if="board.error.value" class="error" role="alert">
        {{ ApiProblem.of(board.error.value).message }}
      </p>
      <p v-if="view && view.drinks.length === 0" data-test="nothing">
        Nothing is on the board here yet: publish a build, and it stands in the booklet.
      </p>
      <div v-else-if="view" class="choices">
        <StationSwitch
          v-if="view"
          :stations="view.stations"
          :station="view.station"
          @choose="(to) => (station = to)"
        />
        <Button label="Print" icon="pi pi-print" :disabled="!isWhole" data-test="print" @click="printAll" />
        <span class="soft">A5: the contents, then one or more pages for each drink.</span>
      </div>
    </div>
    <template v-if="view && isWhole && view.drinks.length > 0">
      <article class="front" data-test="contents">
        <h2>On the board{{ name ? `, ${name}` : '' }}</h2>
        <p>{{ day(view.now) }}</p>
        <table>
          <thead>
            <tr>
              <th scope="col">Drink</th>
              <th scope="col">Standard</th>
              <th scope="col">Allergens</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(drink, i) in view.drinks" :key="drink.build" data-test="content">
              <th scope="row">{{ i + 1 }} {{ drink.name }}</th>
              <td>{{ drink.standard }}</td>
              <td>{{ drink.allergens }}</td>
            </tr>
          </tbody>
        </table>
        <p>“Unknown” means that nobody has read that label. It never means “none”.</p>
      </article>
      <SizesCard v-for="each in read" :key="each.build" :cards="each" />
    </template>
  </main>
</template>

<style>
.booklet .choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  margin: 0.6rem 0;
}

.booklet .front {
  width: 210mm;
  box-sizing: border-box;
  padding: 8mm 10mm;
  background: #fff;
  color: #10181b;
  font-size: 11pt;
}

.booklet .front table {
  width: 100%;
  margin: 4mm 0;
  border-collapse: collapse;
}

.booklet .front :is(th, td) {
  padding: 1mm 3mm 1mm 0;
  border-bottom: 0.2mm solid #9aa6ab;
  text-align: left;
  vertical-align: top;
}

.booklet .card {
  max-width: 100%;
  margin-top: 1rem;
  overflow-x: auto;
}

.booklet .front {
  max-width: 100%;
}

@media print {
  .booklet {
    page: card-sizes;
    max-width: none;
    padding: 0;
  }

  .booklet .card {
    margin: 0;
    max-width: none;
    overflow: visible;
    break-before: page;
  }

  .booklet .front thead {
    display: table-header-group;
  }
}
</style>
