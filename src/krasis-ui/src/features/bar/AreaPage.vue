<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useBar } from '@/shared/api/queries'
import NowherePage from '@/shared/NowherePage.vue'
import { areas } from './areas'
import type { Fact } from '@/features/bar/facts/facts'
import BarNav from './BarNav.vue'
import BenchPage from '@/features/bar/benches/BenchPage.vue'
import PantryFiles from './PantryFiles.vue'

const props = defineProps<{ area: string; id?: string }>()

const route = useRoute()
const bar = useBar()
const area = computed(() => areas.find(({ slug }) => slug === props.area))
const items = computed(() => (bar.data.value && area.value ? area.value.items(bar.data.value) : []))
const sought = ref('')
const listed = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean)
  return items.value.filter(({ name, fact }) =>
    words.every((word) => `${name} ${String(fact.document['kind'] ?? '')}`.toLowerCase().includes(word)),
  )
})
const isNew = computed(() => props.id === 'new')
const fact = computed(() =>
  isNew.value
    ? null
    : (items.value.find((item) => item.fact.id === props.id)?.fact ??
      (props.id ? null : (items.value[0]?.fact ?? null))),
)
/** What a new one begins as a copy of. */
const like = computed(() =>
  isNew.value ? (items.value.find((item) => item.fact.id === route.query['like'])?.fact ?? null) : null,
)
// Allergens are for its own label to say.
const likeOf = ({ document }: Fact) => ({
  ...document,
  id: undefined,
  allergens: undefined,
  name: `${String(document['name'] ?? '')} (copy)`,
})
const isGone = computed(() => Boolean(props.id) && !isNew.value && fact.value === null)
const isEmpty = computed(() => !isNew.value && fact.value === null && !isGone.value)
</script>

<template>
  <NowherePage v-if="!area" />
  <main v-else class="page area">
    <BarNav :here="area.slug" />
    <div class="head">
      <h1>{{ area.title }}</h1>
      <p class="soft">{{ area.hint }}</p>
    </div>
    <p v-if="bar.error.value" class="error" role="alert">{{ bar.error.value.message }}</p>
    <div v-if="bar.data.value" class="split" :class="{ single: area.kind === 'house' }">
      <div v-if="area.kind !== 'house'" class="side">
        <RouterLink v-if="area.add" :to="`/bar/${area.slug}/new`" class="add" data-test="add">
          <i class="pi pi-plus" aria-hidden="true" /> {{ area.add }}
        </RouterLink>
        <InputText
          v-if="items.length > 8"
          v-model="sought"
          type="search"
          :aria-label="`Look for ${area.title.toLowerCase()}`"
          placeholder="Look for…"
          class="seek"
        />
        <ul :aria-label="area.title">
          <li v-for="item in listed" :key="item.fact.id">
            <RouterLink
              :to="`/bar/${area.slug}/${item.fact.id}`"
              :class="{ here: item.fact.id === fact?.id && !isNew }"
              :aria-current="item.fact.id === fact?.id && !isNew ? 'page' : undefined"
            >
              <span
                v-if="item.colour"
                class="swatch"
                :style="{ background: item.colour }"
                aria-hidden="true"
              />
              <span class="words">
                <span class="name">{{ item.name }}</span>
                <span class="soft small">{{ item.says }}</span>
                <span v-if="item.todo" class="todo small" :title="item.todo">{{ item.todo }}</span>
              </span>
            </RouterLink>
          </li>
        </ul>
        <PantryFiles v-if="area.slug === 'ingredients'" />
      </div>
      <BenchPage
        v-if="fact || isNew"
        :key="fact?.id ?? `new ${like?.id ?? ''}`"
        :kind="area.kind"
        :what="area.what"
        :fact="fact"
        :blank="like ? likeOf(like) : area.blank()"
        :copies="area.copies ?? true"
        :home="`/bar/${area.slug}`"
      >
        <template #theirs>
          <p>
            Theirs: <strong>{{ items.find((item) => item.fact.id === fact?.id)?.says }}</strong>
          </p>
        </template>
        <component :is="area.bench" :bar="bar.data.value" />
      </BenchPage>
      <p v-else-if="isGone" role="alert">
        That {{ area.what }} is not here any more. It may have been removed.
      </p>
      <p v-else-if="isEmpty" class="soft">
        There is none yet.
        <RouterLink :to="`/bar/${area.slug}/new`"
          ><Button :label="area.add" size="small" tabindex="-1"
        /></RouterLink>
      </p>
    </div>
  </main>
</template>

<style scoped>
.area {
  max-width: 92rem;
  padding-top: 0.75rem;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  align-items: baseline;
  margin-bottom: 0.7rem;
}

.split {
  display: grid;
  grid-template-columns: 14.5rem minmax(0, 1fr);
  gap: 1.25rem;
  align-items: start;
}

.split.single {
  grid-template-columns: minmax(0, 1fr);
}

.add {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.75rem;
  padding: 0 0.7rem;
  border: 1px dashed var(--line-strong);
  border-radius: 0.5rem;
  text-decoration: none;
}

.seek {
  width: 100%;
  margin-top: 0.5rem;
}

ul {
  margin: 0.5rem 0;
  padding: 0;
  list-style: none;
}

li a {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  min-height: 2.75rem;
  padding: 0.3rem 0.7rem;
  border-left: 3px solid transparent;
  border-radius: 0.3rem;
  color: var(--ink);
  text-decoration: none;
}

li a:hover {
  background: var(--glass);
}

li a.here {
  border-left-color: var(--cobalt);
  background: var(--porcelain);
}

.here .name {
  font-weight: 650;
}

.swatch {
  flex: none;
  width: 1.1rem;
  height: 1.6rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.2rem 0.2rem 0.4rem 0.4rem;
}

.words {
  display: flex;
  flex-direction: column;
  min-width: 0;
}

.small {
  font-size: 0.88rem;
}

.todo {
  display: -webkit-box;
  overflow: hidden;
  color: var(--warning);
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
}

@media (width < 48rem) {
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
