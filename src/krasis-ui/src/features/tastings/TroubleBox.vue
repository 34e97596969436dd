<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildDocument, Complaint, Mend } from '@/shared/api/types'

/** What is wrong with it? What people say is pressed, and what may be behind it is answered by the drink's own numbers. */
const props = defineProps<{
  build: BuildDocument
  size: string
  /** Whether the build may be changed here. */
  canMend?: boolean
}>()
const emit = defineEmits<{ mend: [mend: Mend] }>()
const complaint = ref<Complaint | null>(null)
const complaints = useQuery({
  queryKey: computed(() => [...keys.complaints, 'offered', JSON.stringify(props.build)]),
  queryFn: () => ask(api.POST('/api/complaints/offered', { body: { build: props.build } })),
  placeholderData: keepPreviousData,
})
const answer = useQuery({
  queryKey: computed(() => [...keys.complaints, complaint.value, props.size, JSON.stringify(props.build)]),
  queryFn: () =>
    ask(
      api.POST('/api/complaints', {
        body: { build: props.build, size: props.size, complaint: complaint.value },
      }),
    ),
  enabled: computed(() => complaint.value !== null),
})
/** Where something is measured. */
const benches: Record<string, string> = {
  dispensers: 'Weigh it',
  espresso: 'To the recipe',
  foams: 'To the foam',
  cups: 'To the cup',
  ingredients: 'To the ingredient',
}
</script>

<template>
  <div class="said" role="group" aria-label="What is wrong with it">
    <button
      v-for="each in complaints.data.value ?? []"
      :key="each.complaint"
      type="button"
      :aria-pressed="complaint === each.complaint"
      data-test="complaint"
      @click="complaint = each.complaint"
    >
      {{ each.says }}
    </button>
  </div>
  <p v-if="answer.error.value" class="error" role="alert">{{ ApiProblem.of(answer.error.value).message }}</p>
  <ol v-if="answer.data.value && complaint" class="causes" aria-live="polite">
    <li
      v-for="cause in answer.data.value.causes"
      :key="cause.code + cause.says"
      data-test="cause"
      :data-cause="cause.code"
    >
      <span>{{ cause.says }}</span>
      <strong>{{ cause.do }}</strong>
      <Button
        v-if="cause.mend && canMend"
        :label="cause.mend.label"
        size="small"
        outlined
        @click="emit('mend', cause.mend)"
      />
      <RouterLink
        v-if="cause.bench && benches[cause.bench]"
        :to="`/bar/${cause.bench}${cause.benchId ? `/${cause.benchId}` : ''}`"
        >{{ benches[cause.bench] }}</RouterLink
      >
    </li>
    <li v-if="answer.data.value.causes.length === 0">Nothing in its numbers says why.</li>
  </ol>
</template>

<style scoped>
.said {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

.said button {
  min-height: 2.75rem;
  padding: 0.2rem 0.8rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.4rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-size: 1.05rem;
  cursor: pointer;
}

.said button[aria-pressed='true'] {
  border-color: var(--cobalt);
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
}

.causes {
  margin: 0.75rem 0 0;
  padding-left: 1.4rem;
}

.causes li {
  padding: 0.3rem 0;
}

.causes li > * {
  margin-right: 0.6rem;
}
</style>
