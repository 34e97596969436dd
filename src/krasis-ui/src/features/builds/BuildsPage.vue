<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useRouter } from 'vue-router'
import { useBuilds, useDeletedBuilds } from '@/shared/api/queries'
import { deleteWithUndo, duplicateById, restore } from './actions'
import BuildRow from './BuildRow.vue'

const router = useRouter()
const client = useQueryClient()
const builds = useBuilds()
const deleted = useDeletedBuilds()

async function copy(id: string): Promise<void> {
  const kept = await duplicateById(client, id)
  if (kept) {
    await router.push(`/builds/${kept.id}`)
  }
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
      <p v-if="builds.data.value.length === 0" class="none">
        There is no build yet. Press <strong>New build</strong>, name the drink, and set it at one size: the
        others follow.
      </p>
      <ul class="rows">
        <BuildRow
          v-for="build in builds.data.value"
          :key="build.id"
          :build="build"
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
  margin-bottom: 1rem;
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
