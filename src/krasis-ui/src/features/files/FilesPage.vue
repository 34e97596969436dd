<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { when } from '@/shared/format'
import BoardBox from './BoardBox.vue'
import SheetsBox from './SheetsBox.vue'
import SendBox from './SendBox.vue'
import TakeBox from './TakeBox.vue'

/** What goes out of the house and comes into it. */
const files = useQuery({ queryKey: keys.files, queryFn: () => ask(api.GET('/api/files')) })
</script>

<template>
  <main class="page">
    <h1>Files</h1>
    <SendBox />
    <TakeBox />
    <BoardBox />
    <SheetsBox />
    <section aria-labelledby="copy-head" class="part">
      <h2 id="copy-head">A copy of everything</h2>
      <p>
        Builds, the bar, tastings, what was poured, prep and stock in one file, as they are now. Keep it on
        another machine.
      </p>
      <p><a href="/api/files/copy" download class="press" data-test="copy">Save a copy of everything</a></p>
      <p v-if="files.error.value" class="error" role="alert">
        {{ ApiProblem.of(files.error.value).message }}
      </p>
      <template v-else-if="files.data.value">
        <p v-if="files.data.value.copyEveryHours === null" class="soft" data-test="copies">
          No copies are made by themselves. Start Krasis with <code>--backup-every 6h</code> to have them made
          in <code>{{ files.data.value.copiesFolder }}</code>.
        </p>
        <p v-else class="soft" data-test="copies">
          Copies are made by themselves in <code>{{ files.data.value.copiesFolder }}</code>{{
            files.data.value.lastCopyAt === null ? '.' : `; the last ${when(files.data.value.lastCopyAt)}.`
          }}
        </p>
        <p class="soft">
          To put a copy back, stop Krasis and run
          <code>krasis restore COPY --data {{ files.data.value.dataFile }}</code
          >. What is there then is kept beside it.
        </p>
      </template>
    </section>
  </main>
</template>

<style scoped>
.page :deep(.part) {
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  align-items: start;
  max-width: 46rem;
  margin-top: 1.5rem;
}

.page :deep(.wide) {
  max-width: none;
}

.page :deep(.part > *) {
  max-width: 100%;
  margin: 0;
}

.page :deep(.press) {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 1.1rem;
  border-radius: 0.4rem;
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font-weight: 600;
  text-decoration: none;
}

code {
  overflow-wrap: anywhere;
}
</style>
