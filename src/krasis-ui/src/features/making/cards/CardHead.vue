<script setup lang="ts">
import { computed } from 'vue'
import type { CardsView } from '@/shared/api/types'
import { day } from '@/shared/format'

/** What a card is of: the drink, which of its standards, of what day, and for which station. */
const props = defineProps<{ cards: CardsView; size?: string }>()

const station = computed(
  () => props.cards.stations.find(({ id }) => id === props.cards.station)?.name ?? null,
)
</script>

<template>
  <header>
    <h2>
      {{ cards.drink }} <span v-if="size" class="size">{{ size }}</span>
    </h2>
    <p class="of" data-test="card-of">
      <strong>{{ cards.standard === null ? 'On trial' : `Standard ${cards.standard}` }}</strong>,
      {{ day(cards.at) }}<template v-if="station">, {{ station }}</template>
    </p>
  </header>
</template>

<style scoped>
header {
  display: flex;
  gap: 0 3mm;
  align-items: baseline;
  justify-content: space-between;
  margin-bottom: 1.5mm;
  padding-bottom: 1mm;
  border-bottom: 0.4mm solid #10181b;
}

h2 {
  margin: 0;
  font-size: 13pt;
  line-height: 1.1;
}

.size {
  font-weight: 400;
  white-space: nowrap;
}

.of {
  flex: none;
  margin: 0;
  font-size: 8pt;
}
</style>
