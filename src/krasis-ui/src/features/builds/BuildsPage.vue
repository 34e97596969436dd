<script setup lang="ts">
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { useWindowSize } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import VirtualScroller from 'primevue/virtualscroller'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import OldCards from '@/features/making/cards/OldCards.vue'
import MovedStandards from '@/features/versions/MovedStandards.vue'
import { states } from '@/features/versions/states'
import { api, ask } from '@/shared/api/client'
import { keys, useBuilds, useDeletedBuilds } from '@/shared/api/queries'
import type { BuildState } from '@/shared/api/types'
import { useShort } from '@/shared/useShort'
import { deleteWithUndo, duplicateById, restore, retireAll } from './actions'
import { comparing, mostSides } from '@/features/versions/sides'
import BuildRow from './BuildRow.vue'
import { dueSoon, listed, type Listed, type Sort } from './library'

const router = useRouter()
const client = useQueryClient()
const builds = useBuilds()
const short = useShort()
const deleted = useDeletedBuilds()
const sought = ref('')
const state = ref<BuildState | null>(null)
const sort = ref<Sort>('name')
const chosen = ref(new Set<string>())
const all = computed(() => builds.data.value ?? [])
const found = useQuery({
  queryKey: computed(() => [...keys.builds, 'search', sought.value.trim()]),
  queryFn: ({ signal }) =>
    ask(api.GET('/api/builds/search', { params: { query: { text: sought.value } }, signal })),
  enabled: computed(() => sought.value.trim() !== ''),
  placeholderData: keepPreviousData,
})
const shown = computed(() =>
  listed(all.value, sought.value.trim() ? (found.data.value ?? []) : null, state.value, sort.value),
)
/** Whether nothing has been found yet because nobody has answered yet. */
const isSeeking = computed(() => sought.value.trim() !== '' && !found.data.value)
/** A row is as high as this, px: only those in the window are drawn. */
const { width } = useWindowSize()
const rowHeight = computed(() => (width.value < 640 ? 132 : width.value < 1024 ? 112 : 96))
const current = computed(() => all.value.filter((build) => build.state !== 'retired'))
const withFindings = computed(
  () => current.value.filter(({ faults, warnings }) => faults + warnings > 0).length,
)
const drifting = computed(() => current.value.filter(({ drifting }) => drifting > 0).length)
const due = computed(() => dueSoon(current.value))
const sorts: { value: Sort; label: string }[] = [
  { value: 'name', label: 'by name' },
  { value: 'saved', label: 'last saved first' },
  { value: 'findings', label: 'most findings first' },
  { value: 'drift', label: 'most drifting sizes first' },
]
const filters = computed(() => [
  { value: null, label: 'All that are not retired' },
  ...states.map(({ value, label }) => ({ value, label })),
])

async function copy(id: string): Promise<void> {
  const kept = await duplicateById(client, id)
  if (kept) {
    await router.push(`/builds/${kept.id}`)
  }
}

function choose(id: string, isChosen: boolean): void {
  const next = new Set(chosen.value)
  if (isChosen) {
    next.add(id)
  } else {
    next.delete(id)
  }

  chosen.value = next
}

function compare(): void {
  const sides = shown.value
    .filter(({ build }) => chosen.value.has(build.id))
    .map(({ build: { id } }) => ({ id, place: 'now', size: '' }))
  void router.push(comparing(sides))
}

async function retireChosen(): Promise<void> {
  const builds = all.value.filter(({ id }) => chosen.value.has(id))
  chosen.value = new Set()
  await retireAll(client, builds)
}
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>Builds</h1>
      <span class="beside">
        <Button
          label="Booklet"
          icon="pi pi-book"
          outlined
          severity="secondary"
          data-test="booklet"
          @click="router.push('/booklet')"
        />
        <Button
          label="Read recipes"
          icon="pi pi-align-left"
          outlined
          severity="secondary"
          data-test="read-recipes"
          @click="router.push('/read')"
        />
        <Button
          label="New build"
          icon="pi pi-plus"
          data-test="new-build"
          @click="router.push('/builds/new')"
        />
      </span>
    </div>
    <p v-if="builds.error.value" class="error" role="alert">
      {{ builds.error.value.message }}
      <Button label="Try again" text size="small" @click="builds.refetch()" />
    </p>
    <template v-else-if="builds.data.value">
      <div v-if="all.length === 0" class="none" data-test="empty">
        <p>
          There is no build yet. The cups, the shot and the milks here are invented. Four questions make them
          yours, and the first build comes next.
        </p>
        <Button
          label="Set your bar up"
          icon="pi pi-arrow-right"
          icon-pos="right"
          data-test="begin"
          @click="router.push('/setup')"
        />
        <p class="soft">
          Or press <strong>New build</strong>, name the drink, and set it at one size: the others follow.
        </p>
      </div>
      <template v-else>
        <p class="glance" data-test="glance">
          <strong>{{ current.length }}</strong> {{ current.length === 1 ? 'build' : 'builds' }} ·
          <strong>{{ withFindings }}</strong> with findings · <strong>{{ drifting }}</strong> with sizes that
          taste too far off
          <template v-for="build in due.first" :key="build.id">
            · {{ build.name }} {{ build.board?.isOn ? 'goes off' : 'comes on' }} in {{ build.board?.inDays }}
            {{ build.board?.inDays === 1 ? 'day' : 'days' }}
          </template>
          <template v-if="due.more > 0"> · and {{ due.more }} more within 30 days</template>
        </p>
        <MovedStandards />
        <OldCards />
        <div class="tools">
          <InputText
            v-model="sought"
            type="search"
            placeholder="A name, an ingredient, a tag, nuts, without milk, vegan…"
            aria-label="Look for builds"
            class="seek"
            data-test="seek"
          />
          <Select
            v-model="state"
            :options="filters"
            option-label="label"
            option-value="value"
            placeholder="All that are not retired"
            aria-label="State"
            data-test="state-filter"
          />
          <Select
            v-model="sort"
            :options="sorts"
            option-label="label"
            option-value="value"
            aria-label="Order"
            data-test="sort"
          />
          <Button
            v-if="chosen.size > 1 && chosen.size <= mostSides"
            label="Compare them"
            icon="pi pi-arrows-h"
            outlined
            data-test="compare"
            @click="compare"
          />
          <Button
            v-if="chosen.size > 0"
            :label="`Retire ${chosen.size}`"
            icon="pi pi-inbox"
            outlined
            severity="secondary"
            data-test="retire-chosen"
            @click="retireChosen"
          />
        </div>
        <p v-if="found.error.value" class="error" role="alert" data-test="not-sought">
          {{ found.error.value.message }}
          <Button label="Try again" text size="small" @click="found.refetch()" />
        </p>
        <p v-else-if="shown.length === 0 && !isSeeking" class="soft" data-test="none-found">
          None of the builds is like that.
        </p>
      </template>
      <VirtualScroller
        v-if="shown.length > 0"
        :items="shown"
        :item-size="rowHeight"
        class="rows"
        :style="{ height: `${Math.min(shown.length * rowHeight + 2, 100_000)}px` }"
        role="list"
        :aria-label="`${shown.length} ${shown.length === 1 ? 'build' : 'builds'}`"
        data-test="builds"
      >
        <template #item="{ item }: { item: Listed }">
          <!-- A row is of its place, and not of a build: what is found is written into the rows that are there. -->
          <BuildRow
            :build="item.build"
            :why="item.found?.why ?? null"
            :is-chosen="chosen.has(item.build.id)"
            :lacks="short.get(item.build.id) ?? []"
            :style="{ height: `${rowHeight}px` }"
            @choose="(is) => choose(item.build.id, is)"
            @duplicate="copy(item.build.id)"
            @delete="deleteWithUndo(client, item.build)"
          />
        </template>
      </VirtualScroller>
    </template>
    <section v-if="deleted.data.value?.length" class="deleted">
      <h2>Deleted</h2>
      <ul>
        <li v-for="build in deleted.data.value" :key="build.id">
          {{ build.name }}
          <Button
            label="Restore"
            text
            :aria-label="`Restore ${build.name}`"
            @click="restore(client, build.id)"
          />
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.beside {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}

.head {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 0.3rem;
}

.glance {
  margin-bottom: 0.8rem;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-bottom: 0.6rem;
}

.seek {
  flex: 1 1 18rem;
}

.none {
  max-width: 40rem;
  font-size: 1.1rem;
}

.rows {
  max-height: max(24rem, calc(100vh - 15rem));
}

.deleted {
  margin-top: 2rem;
}

.deleted ul {
  margin: 0.25rem 0 0;
  padding: 0;
  list-style: none;
}
</style>
