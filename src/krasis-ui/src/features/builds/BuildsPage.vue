<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import MovedStandards from '@/features/versions/MovedStandards.vue'
import { states } from '@/features/versions/states'
import { useBuilds, useDeletedBuilds } from '@/shared/api/queries'
import type { BuildState } from '@/shared/api/types'
import { deleteWithUndo, duplicateById, restore, retireAll } from './actions'
import { writeSide } from '@/features/versions/sides'
import BuildRow from './BuildRow.vue'
import { driftingSizes, findingsOf, found, type Sort } from './library'

const router = useRouter()
const client = useQueryClient()
const builds = useBuilds()
const deleted = useDeletedBuilds()
const sought = ref('')
const state = ref<BuildState | null>(null)
const sort = ref<Sort>('name')
const chosen = ref(new Set<string>())
const all = computed(() => builds.data.value ?? [])
const listed = computed(() => found(all.value, sought.value, state.value, sort.value))
const current = computed(() => all.value.filter((build) => build.state !== 'retired'))
const withFindings = computed(() => current.value.filter((build) => findingsOf(build).length > 0).length)
const drifting = computed(() => current.value.filter((build) => driftingSizes(build) > 0).length)
const due = computed(() =>
  current.value
    .filter(({ board }) => board !== null && board.inDays <= 30)
    .sort((one, other) => (one.board?.inDays ?? 0) - (other.board?.inDays ?? 0)),
)
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
  const [from, to, third] = listed.value
    .filter(({ id }) => chosen.value.has(id))
    .map(({ id }) => writeSide({ id, place: 'now', size: '' }))
  void router.push({ path: '/compare', query: { from, to, ...(third ? { third } : {}) } })
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
      <Button label="New build" icon="pi pi-plus" data-test="new-build" @click="router.push('/builds/new')" />
    </div>
    <p v-if="builds.error.value" class="error" role="alert">
      {{ builds.error.value.message }}
      <Button label="Try again" text size="small" @click="builds.refetch()" />
    </p>
    <template v-else-if="builds.data.value">
      <p v-if="all.length === 0" class="none">
        There is no build yet. Press <strong>New build</strong>, name the drink, and set it at one size: the
        others follow.
      </p>
      <template v-else>
        <p class="glance" data-test="glance">
          <strong>{{ current.length }}</strong> on the menu · <strong>{{ withFindings }}</strong> with
          findings · <strong>{{ drifting }}</strong> with sizes that taste too far off
          <template v-for="build in due" :key="build.id">
            · {{ build.name }} {{ build.board?.isOn ? 'goes off' : 'comes on' }} in {{ build.board?.inDays }}
            {{ build.board?.inDays === 1 ? 'day' : 'days' }}
          </template>
        </p>
        <MovedStandards />
        <div class="tools">
          <InputText
            v-model="sought"
            type="search"
            placeholder="Look for a name, an ingredient, an allergen, a tag…"
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
            v-if="chosen.size === 2 || chosen.size === 3"
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
        <p v-if="listed.length === 0" class="soft" data-test="none-found">None of the builds is like that.</p>
      </template>
      <ul class="rows">
        <BuildRow
          v-for="build in listed"
          :key="build.id"
          :build="build"
          :is-chosen="chosen.has(build.id)"
          @choose="(is) => choose(build.id, is)"
          @duplicate="copy(build.id)"
          @delete="deleteWithUndo(client, build)"
        />
      </ul>
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
.head {
  display: flex;
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
  margin: 0;
  padding: 0;
  list-style: none;
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
