<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useStorage } from '@vueuse/core'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { day, when } from '@/shared/format'
import LotForm from './LotForm.vue'
import PrepNav from './PrepNav.vue'
import { useStock, type StockLine } from './useStock'
import { moves, quantity } from './words'

/** One lot, as the code on its label leads to it. */
const { write } = useStock()
const who = useStorage('krasis.who', '')
const props = defineProps<{ lot: string }>()
const history = useQuery({
  queryKey: [...keys.prep, 'lot', props.lot],
  queryFn: () => ask(api.GET('/api/prep/lots/{lot}', { params: { path: { lot: props.lot } } })),
})

async function happened(line: StockLine): Promise<void> {
  if (await write(line)) {
    await history.refetch()
  }
}
</script>

<template>
  <main class="page">
    <PrepNav />
    <p v-if="history.error.value" class="error" role="alert">
      {{ ApiProblem.of(history.error.value).message }}
    </p>
    <template v-if="history.data.value">
      <h1>{{ history.data.value.lot.name }}, lot {{ lot }}</h1>
      <p class="big">
        <strong>{{ quantity(history.data.value.lot.left, history.data.value.lot.unit) }}</strong>
        left<template v-if="history.data.value.lot.useBy"
          >, use by {{ day(history.data.value.lot.useBy) }}</template
        >
        <strong v-if="history.data.value.lot.isOver" class="error"> over date</strong>
      </p>
      <p>
        {{ history.data.value.lot.allergens ?? '' }}
        {{ history.data.value.lot.keepAt ?? '' }}
      </p>
      <RouterLink :to="`/prep/labels?lots=${lot}`">Print its label</RouterLink>
      <LotForm
        :key="history.data.value.moves.length"
        :lot="history.data.value.lot"
        :who="who"
        is-alone
        @write="happened"
      />
      <h2>What happened to it</h2>
      <ul>
        <li v-for="(move, i) in history.data.value.moves" :key="i">
          {{ when(move.at) }}: {{ moves[move.move] }}
          <template v-if="move.amount !== 0"
            >{{ move.amount > 0 ? '+' : '−'
            }}{{ quantity(Math.abs(move.amount), history.data.value.lot.unit) }}</template
          ><template v-if="move.reason">, {{ move.reason }}</template
          ><template v-if="move.who">, {{ move.who }}</template>
        </li>
      </ul>
    </template>
  </main>
</template>

<style scoped>
.big {
  font-size: 1.4rem;
}
</style>
