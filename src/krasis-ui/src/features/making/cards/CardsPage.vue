<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import StationSwitch from '@/shared/StationSwitch.vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import MarksCard from './MarksCard.vue'
import SizeCard from './SizeCard.vue'
import SizesCard from './SizesCard.vue'
import StripCard from './StripCard.vue'

/** The cards of a drink, as they are printed. */
const props = defineProps<{ id: string }>()

/** For which station; null for the one where standards are set. */
const station = ref<string | null>(null)
const cards = useQuery({
  queryKey: computed(() => [...keys.cards, props.id, station.value]),
  queryFn: () =>
    ask(
      api.GET('/api/builds/{id}/cards', {
        params: { path: { id: props.id }, query: station.value === null ? {} : { station: station.value } },
      }),
    ),
  placeholderData: keepPreviousData,
})
const view = computed(() => cards.data.value ?? null)
const ways = [
  { value: 'size', label: 'One size on a card (A6)', test: 'way-size' },
  { value: 'sheet', label: 'Four cards on a sheet (A4)', test: 'way-sheet' },
  { value: 'letter', label: 'Four cards on a sheet (Letter)', test: 'way-letter' },
  { value: 'sizes', label: 'All sizes on a card (A5)', test: 'way-sizes' },
  { value: 'strip', label: 'A strip for the back bar', test: 'way-strip' },
  { value: 'marks', label: 'Marks for the cups', test: 'way-marks' },
]
const way = ref<'size' | 'sheet' | 'letter' | 'sizes' | 'strip' | 'marks'>('size')

/** What is printed is known by its number, so that it can be said when it is out of date. */
function printCards(): void {
  const { standard, station: at, build } = view.value ?? {}
  if (standard != null && build) {
    // Paper comes out all the same when that cannot be noted.
    ask(api.POST('/api/prints', { body: { build, standard, station: at ?? null } })).catch(() => undefined)
  }

  window.print()
}
</script>

<template>
  <main class="page cards-page" :class="way">
    <div class="no-print">
      <RouterLink :to="`/builds/${id}`"
        ><i class="pi pi-arrow-left" aria-hidden="true" /> {{ view?.drink ?? 'The build' }}</RouterLink
      >
      <h1>Cards{{ view ? ` of ${view.drink}` : '' }}</h1>
      <p v-if="cards.error.value" class="error" role="alert">
        {{ ApiProblem.of(cards.error.value).message }}
      </p>
      <template v-if="view">
        <p v-if="view.standard === null" class="banner" data-test="trial">
          This drink is on trial: its cards say so, and change with the next save.
        </p>
        <div class="choices">
          <SelectButton
            v-model="way"
            :options="ways"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            aria-label="What is printed"
            data-test="way"
          />
          <StationSwitch
            v-if="view"
            :stations="view.stations"
            :station="view.station"
            @choose="(to) => (station = to)"
          />
          <Button label="Print" icon="pi pi-print" data-test="print" @click="printCards" />
        </div>
        <p class="soft">
          Print at 100 %, without fitting to the page. Amounts are as the bar says them; what stands beside
          them is for the scale.
        </p>
      </template>
    </div>
    <div v-if="view && !cards.error.value" class="cards">
      <SizesCard v-if="way === 'sizes'" :cards="view" />
      <StripCard v-else-if="way === 'strip'" :cards="view" />
      <MarksCard v-else-if="way === 'marks'" :cards="view" />
      <template v-else>
        <SizeCard v-for="plan in view.plans" :key="plan.size" :cards="view" :plan="plan" />
      </template>
    </div>
  </main>
</template>

<style>
@page card-size {
  size: 105mm 148mm;
  margin: 0;
}

@page card-sheet {
  size: 210mm 297mm;
  margin: 0;
}

@page card-letter {
  size: 215.9mm 279.4mm;
  margin: 0;
}

@page card-strip {
  size: 297mm 74mm;
  margin: 0;
}

.cards-page .choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: center;
}

.cards-page .cards {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  overflow-x: auto;
}

.cards-page .card {
  flex: none;
  border: 1px solid var(--line);
}

@media print {
  .cards-page {
    max-width: none;
    margin: 0;
    padding: 0;
  }

  .cards-page .cards {
    display: block;
    overflow: visible;
  }

  .cards-page .card {
    border: 0;
  }

  .cards-page.size {
    page: card-size;
  }

  .cards-page.sizes {
    page: card-sizes;
  }

  .cards-page:is(.sheet, .marks) {
    page: card-sheet;
  }

  .cards-page.letter {
    page: card-letter;
  }

  .cards-page.strip {
    page: card-strip;
  }

  .cards-page.strip .card {
    min-height: 73.5mm;
  }

  .cards-page.letter .cards {
    display: grid;
    grid-template-columns: 107.9mm 107.9mm;
  }

  /* A quarter of the sheet, and a hair less. */
  .cards-page.letter .card {
    width: 107.9mm;
    min-height: 139.4mm;
    padding: 2.5mm 3.5mm;
    outline: 0.1mm dashed #9aa6ab;
    break-inside: avoid;
  }

  /* A hair less than the paper, so that no rounding makes a page of it. */
  .cards-page:is(.size, .sizes) .card {
    min-height: 147.5mm;
  }

  .cards-page.size .card:not(:last-child) {
    break-after: page;
  }

  .cards-page.letter .card li {
    margin-bottom: 0.2mm;
  }

  .cards-page.sheet .cards {
    display: grid;
    grid-template-columns: 105mm 105mm;
  }

  .cards-page.sheet .card {
    outline: 0.1mm dashed #9aa6ab;
    break-inside: avoid;
  }
}
</style>
