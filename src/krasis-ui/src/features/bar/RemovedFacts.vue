<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BarView } from '@/shared/api/types'
import { when } from '@/shared/format'
import { areas } from './areas'
import { bringBack, type Kind } from '@/features/bar/facts/facts'

/** What was removed from the bar and can come back. */
const client = useQueryClient()
const router = useRouter()
const removed = useQuery({
  queryKey: [...keys.bar, 'removed'],
  queryFn: () => ask(api.GET('/api/bar/removed')),
  staleTime: 0,
})
const list = computed(() => removed.data.value ?? [])

async function restore(kind: string, id: string, name: string): Promise<void> {
  if (await bringBack(client, kind as Kind, id, name)) {
    // Ice is an ingredient with a page of its own.
    const bar = client.getQueryData<BarView>(keys.bar)
    const area =
      bar && areas.find((one) => one.kind === kind && one.items(bar).some(({ fact }) => fact.id === id))
    await router.push(area ? `/bar/${area.slug}/${id}` : '/bar')
  }
}
</script>

<template>
  <details v-if="list.length > 0" class="removed" data-test="removed">
    <summary>
      {{ list.length === 1 ? 'One thing was removed' : `${list.length} things were removed` }}
    </summary>
    <ul>
      <li v-for="fact in list" :key="`${fact.kind} ${fact.id}`">
        <span>
          {{ fact.name || 'without a name' }} <span class="soft">{{ fact.what }}, {{ when(fact.at) }}</span>
        </span>
        <Button
          label="Bring back"
          size="small"
          text
          :aria-label="`Bring back ${fact.name}`"
          @click="restore(fact.kind, fact.id, fact.name)"
        />
      </li>
    </ul>
  </details>
</template>

<style scoped>
.removed {
  margin-top: 1rem;
}

summary {
  min-height: 2rem;
  cursor: pointer;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  justify-content: space-between;
  max-width: 40rem;
  border-bottom: 1px solid var(--line);
}
</style>
