<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { day } from '@/shared/format'

/** Printed cards of which there is a later standard by now. */
const old = useQuery({ queryKey: keys.oldCards, queryFn: () => ask(api.GET('/api/prints/outdated')) })
</script>

<template>
  <ul v-if="old.data.value && old.data.value.length > 0" class="old" data-test="old-cards">
    <li v-for="card in old.data.value" :key="`${card.build} ${card.station}`">
      The cards of <strong>{{ card.drink }}</strong><template v-if="card.station">
        at the {{ card.station }}</template
      >
      are out of date: printed {{ day(card.printedAt) }} of Standard {{ card.standard }}, now Standard
      {{ card.last }}.
      <RouterLink :to="`/builds/${card.build}/cards`">Print them anew</RouterLink>
    </li>
  </ul>
</template>

<style scoped>
.old {
  margin: 0 0 0.5rem;
  padding: 0.35rem 0.9rem 0.35rem 2rem;
  border-left: 4px solid var(--warning);
  background: var(--warning-wash);
}
</style>
