<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildDocument, HistoryEntry } from '@/shared/api/types'
import { when } from '@/shared/format'
import DiffTable from './DiffTable.vue'
import { stateOf } from './states'

const props = defineProps<{ id: string }>()
const isOpen = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ restore: [document: BuildDocument] }>()

const history = useQuery({
  queryKey: computed(() => [...keys.history, props.id]),
  queryFn: () => ask(api.GET('/api/builds/{id}/history', { params: { path: { id: props.id } } })),
  enabled: isOpen,
  staleTime: 0,
})
const entries = computed(() => history.data.value ?? [])
const places = computed(() => [
  { value: 'now', label: 'as it is now' },
  ...entries.value.filter(({ place }) => place).map((entry) => ({ value: entry.place, label: name(entry) })),
])
const from = ref('')
const to = ref('now')

function name(entry: HistoryEntry): string {
  return entry.kind === 'published'
    ? `standard ${entry.place.slice(1)}, ${when(entry.at)}`
    : `save ${entry.place.slice(1)}, ${when(entry.at)}`
}

/** The last standard, or else the save before the last, is what one wants to compare with. */
watch(entries, (now) => {
  if (!places.value.some(({ value }) => value === from.value)) {
    from.value =
      now.find(({ kind }) => kind === 'published')?.place ??
      now.filter(({ kind }) => kind === 'saved')[1]?.place ??
      'now'
  }
})

const diff = useQuery({
  queryKey: computed(() => [...keys.history, props.id, 'diff', from.value, to.value]),
  queryFn: () =>
    ask(
      api.GET('/api/diff', {
        params: { query: { from: `${props.id}@${from.value}`, to: `${props.id}@${to.value}` } },
      }),
    ),
  enabled: computed(() => isOpen.value && from.value !== ''),
  staleTime: 0,
})
const trouble = computed(() => {
  const error = history.error.value ?? diff.error.value
  return error ? ApiProblem.of(error).message : null
})

async function restore(place: string): Promise<void> {
  const number = Number(place.slice(1))
  const document = place.startsWith('s')
    ? (
        await ask(
          api.GET('/api/builds/{id}/standards/{number}', { params: { path: { id: props.id, number } } }),
        )
      ).document
    : await ask(
        api.GET('/api/builds/{id}/revisions/{version}', {
          params: { path: { id: props.id, version: number } },
        }),
      )
  isOpen.value = false
  emit('restore', document)
}
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="History" :style="{ width: 'min(60rem, 96vw)' }">
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <div class="split">
      <ol class="events" aria-label="What happened" data-test="entries">
        <li v-for="entry in entries" :key="`${entry.at} ${entry.kind} ${entry.place}`">
          <span class="what">
            <strong v-if="entry.kind === 'published'"
              >Published as standard {{ entry.place.slice(1) }}</strong
            >
            <span v-else-if="entry.kind === 'moved'">{{ stateOf(entry.state ?? 'draft').label }}</span>
            <span v-else>Saved</span>
            <span class="soft">{{ when(entry.at) }}{{ entry.who ? `, ${entry.who}` : '' }}</span>
            <span v-if="entry.reason" class="reason">“{{ entry.reason }}”</span>
          </span>
          <RouterLink
            v-if="entry.kind === 'published'"
            :to="`/builds/${id}/standards/${entry.place.slice(1)}`"
            :data-test="`open-${entry.place}`"
            >Open</RouterLink
          >
          <Button
            v-if="entry.place"
            label="Bring back"
            size="small"
            text
            :aria-label="`Bring back ${name(entry)}`"
            :data-test="`restore-${entry.place}`"
            @click="restore(entry.place)"
          />
        </li>
      </ol>
      <section aria-label="Differences">
        <div class="pick">
          <Select
            v-model="from"
            :options="places"
            option-label="label"
            option-value="value"
            aria-label="Compare"
            data-test="diff-from"
          />
          <span>with</span>
          <Select
            v-model="to"
            :options="places"
            option-label="label"
            option-value="value"
            aria-label="with"
            data-test="diff-to"
          />
        </div>
        <DiffTable v-if="diff.data.value" :diff="diff.data.value" before="was" after="is" />
      </section>
    </div>
  </Dialog>
</template>

<style scoped>
.split {
  display: grid;
  grid-template-columns: minmax(15rem, 2fr) 3fr;
  gap: 1.5rem;
}

.reason {
  font-style: italic;
}

.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin-bottom: 0.6rem;
}

@media (width < 48rem) {
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
