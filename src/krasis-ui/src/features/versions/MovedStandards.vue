<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { MovedStandard } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { rememberedWho } from './states'

const client = useQueryClient()
const moved = useQuery({
  queryKey: ['moved'],
  queryFn: () => ask(api.GET('/api/standards/moved')),
  staleTime: 0,
})
const list = computed(() => moved.data.value ?? [])
const busy = ref<string | null>(null)

/** Publishes the standard anew with the bar as it is now. */
async function accept(one: MovedStandard): Promise<void> {
  busy.value = one.build
  try {
    await ask(
      api.POST('/api/builds/{id}/standards', {
        params: { path: { id: one.build } },
        headers: { 'If-Match': one.etag },
        body: { who: rememberedWho(), reason: 'Accepted as the bar now pours it.' },
      }),
    )
    tell({ text: `'${one.name}' is published as the bar now pours it.` })
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  } finally {
    busy.value = null
    await Promise.all([
      client.invalidateQueries({ queryKey: ['moved'] }),
      client.invalidateQueries({ queryKey: keys.builds }),
    ])
  }
}
</script>

<template>
  <section v-if="list.length > 0" class="moved" aria-labelledby="moved" data-test="moved-standards">
    <h2 id="moved">
      The bar has moved {{ list.length }} {{ list.length === 1 ? 'standard' : 'standards' }} since they were
      published
    </h2>
    <details v-for="one in list" :key="one.build" data-test="moved-standard">
      <summary>
        <strong>{{ one.name }}</strong>
        <span class="soft">
          {{
            one.trouble ??
            `${one.sizes[0]?.name}: ${one.sizes[0]?.moves[0]?.what} ${one.sizes[0]?.moves[0]?.before} → ${one.sizes[0]?.moves[0]?.after}`
          }}
        </span>
      </summary>
      <div v-for="size in one.sizes" :key="size.size">
        <strong>{{ size.name }}</strong>
        <ul>
          <li v-for="(move, i) in size.moves" :key="i">
            {{ move.what }} {{ move.before }} → {{ move.after }} <span class="soft">{{ move.by }}</span>
          </li>
        </ul>
      </div>
      <p v-if="one.isChanged" class="soft">
        The build has been changed since it was published; accepting publishes that too.
      </p>
      <Button
        v-if="!one.trouble"
        label="Accept as it is poured now"
        size="small"
        outlined
        :loading="busy === one.build"
        :aria-label="`Accept ${one.name} as it is poured now`"
        data-test="accept"
        @click="accept(one)"
      />
      <RouterLink :to="`/builds/${one.build}`" class="adjust">Adjust it on the sheet</RouterLink>
    </details>
  </section>
</template>

<style scoped>
.moved {
  margin-bottom: 1rem;
  padding: 0.6rem 1rem;
  border-left: 4px solid var(--warning);
  border-radius: 0.3rem;
  background: var(--warning-wash);
}

summary {
  min-height: 1.9rem;
  padding-top: 0.3rem;
  cursor: pointer;
}

summary strong {
  margin-right: 0.6rem;
}

ul {
  margin: 0 0 0.3rem;
  padding-left: 1.2rem;
}

.adjust {
  margin-left: 0.8rem;
}
</style>
