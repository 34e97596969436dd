<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { keys } from '@/shared/api/queries'
import { when } from '@/shared/format'
import { factHistory, type Kind } from './facts'
import type { FactDocument } from './paths'

/** What a fact of the bar was before, and what has been changed each time. */
const props = defineProps<{ kind: Kind; id: string; etag: string }>()
const isOpen = defineModel<boolean>('open', { required: true })
defineEmits<{ restore: [document: FactDocument] }>()

const history = useQuery({
  queryKey: computed(() => [...keys.bar, 'history', props.kind, props.id, props.etag]),
  queryFn: () => factHistory(props.kind, props.id),
  enabled: isOpen,
  staleTime: 0,
})
const versions = computed(() => history.data.value ?? [])
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="History" :style="{ width: 'min(46rem, 96vw)' }">
    <p v-if="history.error.value" class="error" role="alert">
      {{ ApiProblem.of(history.error.value).message }}
    </p>
    <ol class="events" aria-label="What happened" data-test="fact-versions">
      <li v-for="(version, i) in versions" :key="version.version">
        <span class="what">
          <strong>{{
            version.document === null
              ? 'Removed'
              : version.changes.length > 0
                ? 'Saved'
                : i === versions.length - 1
                  ? 'As it was first'
                  : 'Saved, nothing changed'
          }}</strong>
          <span class="soft">{{ version.at ? when(version.at) : 'before times were written down' }}</span>
          <ul v-if="version.changes.length > 0">
            <li v-for="change in version.changes" :key="change.where">
              {{ change.where }}: {{ change.before }} → {{ change.after }}
            </li>
          </ul>
        </span>
        <Button
          v-if="version.document && i > 0"
          label="Bring back"
          size="small"
          text
          :aria-label="`Bring back version ${version.version}`"
          :data-test="`bring-back-${version.version}`"
          @click="((isOpen = false), $emit('restore', version.document))"
        />
      </li>
    </ol>
  </Dialog>
</template>

<style scoped>
ul {
  margin: 0.1rem 0;
  padding-left: 1.1rem;
}
</style>
