<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildDocument, Draft } from '@/shared/api/types'
import DiffTable from '@/features/versions/DiffTable.vue'

/** Says what a variant was made of, and offers what has changed there since. */
const props = defineProps<{ parent: NonNullable<Draft['parent']> }>()
const emit = defineEmits<{ anew: [build: BuildDocument, version: number]; leave: [version: number] }>()

const id = computed(() => props.parent.build ?? '')
const isShown = ref(false)
const trouble = ref<string | null>(null)
const source = useQuery({
  queryKey: computed(() => [...keys.builds, 'parent', id.value]),
  queryFn: () => ask(api.GET('/api/builds/{id}', { params: { path: { id: id.value } } })),
})
const version = computed(() => source.data.value?.version ?? 0)
const isNewer = computed(() => version.value > (props.parent.version ?? 0))
const diff = useQuery({
  queryKey: computed(() => [...keys.history, id.value, 'diff', props.parent.version, version.value]),
  queryFn: () =>
    ask(
      api.GET('/api/diff', {
        params: { query: { from: `${id.value}@v${props.parent.version}`, to: `${id.value}@now` } },
      }),
    ),
  enabled: isShown,
})

/** Makes the same of the parent as it is now; the sheet can undo it. */
async function anew(): Promise<void> {
  const document = source.data.value?.document
  if (!document) {
    return
  }

  const { to, serve, sizes, ingredient, line, percent } = props.parent
  try {
    const made = await ask(
      api.POST('/api/transform', {
        body: {
          build: document,
          to: to ?? null,
          serve: serve ?? null,
          sizes: sizes ?? [],
          ingredient: ingredient ?? null,
          line: line ?? null,
          percent: percent ?? null,
        },
      }),
    )
    emit('anew', made.build, version.value)
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  }
}
</script>

<template>
  <div class="parent" :class="{ newer: isNewer }" data-test="parent">
    <span v-if="source.data.value">
      Made of <RouterLink :to="`/builds/${id}`">{{ source.data.value.document.name }}</RouterLink><template
        v-if="props.parent.how"
        >: {{ props.parent.how.toLowerCase() }}</template
      >.
      <template v-if="isNewer"> That has been changed since.</template>
    </span>
    <span v-else-if="source.error.value">What it was made of is not there any more.</span>
    <template v-if="isNewer">
      <Button label="What changed?" text size="small" :aria-expanded="isShown" @click="isShown = !isShown" />
      <Button
        v-if="props.parent.to"
        label="Make it anew from that"
        size="small"
        outlined
        data-test="anew"
        @click="anew"
      />
      <Button label="Leave mine" text size="small" severity="secondary" @click="$emit('leave', version)" />
    </template>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <div v-if="isShown && diff.data.value" class="diff">
      <DiffTable :diff="diff.data.value" before="was" after="is" />
    </div>
  </div>
</template>

<style scoped>
.parent {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.5rem;
  align-items: center;
  margin-bottom: 0.4rem;
  color: var(--ink-soft);
}

.newer {
  padding: 0.3rem 0.9rem;
  border-left: 4px solid var(--warning);
  border-radius: 0.3rem;
  background: var(--warning-wash);
  color: var(--ink);
}

.diff {
  flex-basis: 100%;
}
</style>
