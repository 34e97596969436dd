<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import StationSwitch from '@/shared/StationSwitch.vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { ServiceSize } from '@/shared/api/types'
import CupThumb from '@/shared/cup/CupThumb.vue'
import BarHead from './BarHead.vue'
import { ageOf, station, useBoard } from './useBoard'
import { order } from './order'
import { useShort } from '@/shared/useShort'

/** What is on the board: big cups to choose from, at the bar. */
const { board, view } = useBoard()
const recent = useStorage<string[]>('krasis.recent', [])
const sought = ref('')
const words = computed(() => sought.value.toLowerCase().split(/\s+/).filter(Boolean))
const found = computed(() =>
  (view.value?.drinks ?? []).filter((drink) => {
    const text = [drink.name, ...drink.words].join(' ').toLowerCase()
    return words.value.every((word) => text.includes(word))
  }),
)
/** Those made last come first, as long as nothing is looked for. */
const shown = computed(() => {
  if (words.value.length > 0) {
    return found.value
  }

  const last = recent.value.flatMap((id) => found.value.filter(({ build }) => build === id))
  return [...last, ...found.value.filter((drink) => !last.includes(drink))]
})
const short = useShort()
const age = computed(() => ageOf(view.value?.now))
</script>

<template>
  <BarHead title="At the bar">
    <StationSwitch
      v-if="view"
      :stations="view.stations"
      :station="view.station"
      @choose="(to) => (station = to)"
    />
  </BarHead>
  <main class="board">
    <h1 class="visually-hidden">At the bar</h1>
    <p v-if="age" class="banner" role="status" data-test="stale">
      The server does not answer. This is the board as it was {{ age }} ago.
    </p>
    <p v-if="board.error.value && !view" class="error" role="alert">
      {{ ApiProblem.of(board.error.value).message }}
    </p>
    <div class="find">
      <InputText
        v-model="sought"
        type="search"
        placeholder="Find a drink"
        aria-label="Find a drink"
        data-test="find"
      />
      <RouterLink v-if="order.length > 0" to="/service/order" class="order" data-test="to-order"
        >The order: {{ order.length }} {{ order.length === 1 ? 'drink' : 'drinks' }}</RouterLink
      >
    </div>
    <ul v-if="view" class="drinks">
      <li v-for="drink in shown" :key="drink.build">
        <RouterLink :to="`/service/${drink.build}`" class="drink" data-test="drink" :data-name="drink.name">
          <span class="cup"
            ><CupThumb :cup="(drink.sizes[drink.sizes.length >> 1] as ServiceSize).cup"
          /></span>
          <strong>{{ drink.name }}</strong>
          <span v-if="short.has(drink.build)" class="lacks" data-test="lacks">{{
            short.get(drink.build)?.join(', ')
          }}</span>
          <span class="has">{{ drink.allergens }}</span>
        </RouterLink>
      </li>
    </ul>
    <p v-if="view && view.drinks.length === 0" class="nothing" data-test="no-drinks">
      Nothing is on the board here yet. Publish a build, and it stands here.
    </p>
    <p v-else-if="view && shown.length === 0" class="nothing">
      No drink on the board is called that.
      <Button label="Show all" text @click="sought = ''" />
    </p>
  </main>
</template>

<style scoped>
.board {
  padding: 1rem 1.5rem 3rem;
}

.find {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: center;
}

.find input {
  width: min(24rem, 100%);
  min-height: 3.25rem;
  font-size: 1.25rem;
}

.order {
  padding: 0.8rem 1.2rem;
  border-radius: 0.8rem;
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font-weight: 600;
  font-size: 1.15rem;
  text-decoration: none;
}

.drinks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: 1rem;
  margin: 1rem 0 0;
  padding: 0;
  list-style: none;
}

.drink {
  display: flex;
  flex-direction: column;
  gap: 0.3rem;
  align-items: center;
  height: 100%;
  box-sizing: border-box;
  padding: 1rem;
  border: 2px solid var(--line);
  border-radius: 1rem;
  background: var(--porcelain);
  color: var(--ink);
  text-align: center;
  text-decoration: none;
}

.lacks {
  color: var(--fault);
  font-weight: 700;
  font-size: 1.1rem;
}

.cup {
  width: 100%;
  height: 9.5rem;
}

strong {
  font-size: 1.35rem;
  line-height: 1.15;
}

.has {
  color: var(--ink-soft);
  font-size: 1rem;
}

.nothing {
  margin-top: 2rem;
  font-size: 1.25rem;
}
</style>
