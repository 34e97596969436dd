<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, shallowRef, useTemplateRef } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { forgetFacts } from '@/shared/api/queries'
import type { PantryCheck } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'

const client = useQueryClient()
const picker = useTemplateRef<HTMLInputElement>('picker')
const isOpen = ref(false)
const fileName = ref('')
const text = ref('')
const check = shallowRef<PantryCheck | null>(null)
const trouble = ref<string | null>(null)
const isBusy = ref(false)
const words = { new: 'new', changed: 'changes it', same: 'is so already', bad: 'cannot be taken' } as const
const good = computed(
  () => check.value?.rows.filter(({ state }) => state === 'new' || state === 'changed').length ?? 0,
)
const bad = computed(() => check.value?.rows.filter(({ state }) => state === 'bad').length ?? 0)
const rows = (count: number) => `${count} ${count === 1 ? 'row' : 'rows'}`

async function choose(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) {
    return
  }

  fileName.value = file.name
  check.value = null
  trouble.value = null
  isOpen.value = true
  text.value = await file.text()
  try {
    check.value = await ask(api.POST('/api/pantry/check', { body: { text: text.value, leaveOutBad: false } }))
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  }
}

async function keep(): Promise<void> {
  isBusy.value = true
  trouble.value = null
  try {
    const done = await ask(
      api.POST('/api/pantry/import', { body: { text: text.value, leaveOutBad: bad.value > 0 } }),
    )
    await forgetFacts(client)
    isOpen.value = false
    tell({
      text: `${done.added} added, ${done.changed} changed, ${done.same} were so already${done.leftOut > 0 ? `, ${done.leftOut} left out` : ''}.`,
    })
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  } finally {
    isBusy.value = false
  }
}

/** Hands the bad rows back as a file, each with its reason, to be mended and brought in again. */
function download(): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([check.value?.badRows ?? ''], { type: 'text/csv' }))
  link.download = 'rows-to-mend.csv'
  link.click()
  URL.revokeObjectURL(link.href)
}
</script>

<template>
  <section class="files" aria-label="Pantry files">
    <h2>Pantry files</h2>
    <a href="/api/pantry/export.csv" download>Save as CSV</a>
    <a href="/api/pantry/export.json" download>Save as JSON</a>
    <Button
      label="Bring a file in…"
      size="small"
      outlined
      data-test="pantry-import"
      @click="picker?.click()"
    />
    <input
      ref="picker"
      type="file"
      accept=".csv,.json,.txt,text/csv,application/json"
      class="visually-hidden"
      tabindex="-1"
      aria-label="Pantry file"
      data-test="pantry-file"
      @change="choose"
    />
    <Dialog
      v-model:visible="isOpen"
      modal
      :header="`Bring in ${fileName}`"
      :style="{ width: 'min(54rem, 96vw)' }"
    >
      <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
      <template v-if="check">
        <p
          v-for="problem in check.problems"
          :key="`${problem.line} ${problem.column}`"
          class="error"
          role="alert"
        >
          Line {{ problem.line }}{{ problem.column ? `, ${problem.column}` : '' }}:
          {{ problem.message }} Accepted: {{ problem.accepted }}.
        </p>
        <template v-if="check.rows.length > 0">
          <p class="sum" data-test="pantry-sum">
            {{ rows(good) }} to keep, {{ rows(bad) }} that cannot be taken. Nothing has been kept yet.
          </p>
          <ul v-if="bad > 0" class="bad" data-test="pantry-bad">
            <template v-for="row in check.rows.filter(({ state }) => state === 'bad')" :key="row.line">
              <li
                v-for="problem in row.problems"
                :key="`${problem.line} ${problem.column} ${problem.message}`"
              >
                <strong
                  >Line {{ problem.line }}{{ problem.column ? `, column ${problem.column}` : '' }}</strong
                >
                {{ row.name ? `(${row.name})` : '' }}: {{ problem.message }}
                <span class="soft">Accepted: {{ problem.accepted }}.</span>
              </li>
            </template>
          </ul>
          <Button
            v-if="check.badRows"
            label="Save the bad rows to mend them"
            icon="pi pi-download"
            text
            size="small"
            @click="download"
          />
          <details :open="bad === 0">
            <summary>All {{ rows(check.rows.length) }}</summary>
            <div class="scroll">
              <table>
                <tbody>
                  <tr v-for="row in check.rows" :key="row.line" :class="row.state">
                    <td class="soft">{{ row.line }}</td>
                    <th scope="row">{{ row.name }}</th>
                    <td>{{ words[row.state] }}</td>
                  </tr>
                </tbody>
              </table>
            </div>
          </details>
          <p v-if="check.moved.length > 0">
            It would move {{ check.moved.map(({ name }) => name).join(', ') }}.
          </p>
          <p v-if="check.conflict" class="error">{{ check.conflict }}</p>
        </template>
      </template>
      <p v-else-if="!trouble">Reading…</p>
      <template #footer>
        <Button label="Not now" text severity="secondary" @click="isOpen = false" />
        <Button
          v-if="check && good > 0 && check.problems.length === 0"
          :label="bad > 0 ? `Save ${rows(good)}, leave out ${bad}` : `Save ${rows(good)}`"
          :loading="isBusy"
          data-test="pantry-keep"
          @click="keep"
        />
      </template>
    </Dialog>
  </section>
</template>

<style scoped>
.files {
  display: flex;
  flex-direction: column;
  gap: 0.4rem;
  align-items: flex-start;
  margin-top: 1rem;
  padding-top: 0.8rem;
  border-top: 1px solid var(--line);
}

h2 {
  font-size: 1rem;
}

.sum {
  font-weight: 650;
  font-size: 1.1rem;
}

.bad {
  margin: 0.4rem 0;
  padding: 0.4rem 0.9rem 0.4rem 1.8rem;
  border-left: 4px solid var(--fault);
  border-radius: 0.3rem;
  background: var(--fault-wash);
}

table {
  border-collapse: collapse;
}

td,
th {
  padding: 0.15rem 1rem 0.15rem 0;
  font-weight: 400;
  text-align: left;
}

tr.bad td,
tr.bad th {
  color: var(--fault);
}
</style>
