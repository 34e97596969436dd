<script setup lang="ts">
import { computed } from 'vue'
import { useBar } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { areas } from './areas'
import BarNav from './BarNav.vue'
import RemovedFacts from './RemovedFacts.vue'

const bar = useBar()
const listAll = (now: BarView) =>
  areas.filter(({ kind }) => kind !== 'house').map((area) => ({ area, items: area.items(now) }))
const shown = computed(() => (bar.data.value ? listAll(bar.data.value) : []))
const todo = computed(() =>
  shown.value.flatMap(({ area, items }) => items.filter((item) => item.todo).map((item) => ({ area, item }))),
)
/** In the order of the quiet hour: what needs water first, then what needs syrup, then reading labels. */
const hour = ['cups', 'dispensers', 'ice', 'espresso', 'coffees', 'ingredients', 'parts']
const list = computed(() => hour.flatMap((slug) => todo.value.filter(({ area }) => area.slug === slug)))
</script>

<template>
  <main class="page">
    <BarNav here="" />
    <h1>The measured bar</h1>
    <p class="soft lead">
      Every sheet rests on these measurements. A quiet hour, a kitchen scale and water are enough for most of
      them; what a change would move is shown before it is saved.
    </p>
    <p v-if="bar.error.value" class="error" role="alert">{{ bar.error.value.message }}</p>
    <template v-if="bar.data.value">
      <section class="hour" aria-labelledby="hour">
        <h2 id="hour">
          {{
            list.length === 0
              ? 'Nothing waits to be measured'
              : list.length === 1
                ? 'One thing for a quiet hour'
                : `${list.length} things for a quiet hour`
          }}
        </h2>
        <ul>
          <li v-for="{ area, item } in list" :key="`${area.slug} ${item.fact.id}`">
            <RouterLink :to="`/bar/${area.slug}/${item.fact.id}`">{{ item.name }}</RouterLink>
            <span class="todo"><i class="pi pi-circle" aria-hidden="true" /> {{ item.todo }}</span>
          </li>
        </ul>
      </section>
      <RemovedFacts />
      <div class="tiles">
        <RouterLink v-for="{ area, items } in shown" :key="area.slug" :to="`/bar/${area.slug}`" class="tile">
          <strong>{{ area.title }}</strong>
          <span class="count">{{ items.length }}</span>
          <span class="soft">{{ area.hint }}</span>
        </RouterLink>
      </div>
    </template>
  </main>
</template>

<style scoped>
.lead {
  max-width: 46rem;
  margin: 0.2rem 0 1rem;
}

.hour {
  padding: 0.8rem 1.1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(20rem, 100%), 1fr));
  gap: 0.1rem 1.5rem;
  margin: 0.4rem 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
  justify-content: space-between;
  padding: 0.3rem 0;
  border-bottom: 1px solid var(--line);
}

.todo {
  color: var(--warning);
  font-size: 0.95rem;
}

.tiles {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
  gap: 0.8rem;
  margin-top: 1rem;
}

.tile {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.1rem 0.5rem;
  align-content: start;
  padding: 0.8rem 1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
  color: var(--ink);
  text-decoration: none;
}

.tile:hover {
  border-color: var(--cobalt);
}

.tile strong {
  font-size: 1.1rem;
}

.tile .soft {
  grid-column: 1 / -1;
  font-size: 0.95rem;
}

.count {
  font-weight: 650;
  font-size: 1.4rem;
  line-height: 1;
}
</style>
