<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildDocument, Mend } from '@/shared/api/types'
import { when } from '@/shared/format'
import { newId } from '@/shared/newId'
import { tell } from '@/shared/notice/notice'
import LikingButtons from './LikingButtons.vue'
import LikingLine from './LikingLine.vue'
import TroubleBox from './TroubleBox.vue'
import { setUp } from './settingUp'
import { likings } from './words'

/** Two sips at the counter, noted with the version and the time; and the way to a real tasting. */
const props = defineProps<{
  build: string
  name: string
  sizes: { id: string; name: string }[]
  reference: string
  /** The build as it stands on the sheet. */
  document: BuildDocument
}>()
const emit = defineEmits<{ mend: [mend: Mend] }>()
const isOpen = defineModel<boolean>({ required: true })
const client = useQueryClient()
const router = useRouter()
const size = ref(props.reference)
const liking = ref<number | null>(null)
const words = ref('')
const who = useLocalStorage('krasis.who', '')
/** One note under one id, however often it is sent. */
const id = ref(newId())
const isBusy = ref(false)
const log = useQuery({
  queryKey: computed(() => [...keys.tastings, 'of', props.build]),
  queryFn: () => ask(api.GET('/api/tastings', { params: { query: { build: props.build } } })),
})
const notes = computed(() => (log.data.value ?? []).filter(({ kind }) => kind === 'note'))
const tastings = computed(() => (log.data.value ?? []).filter(({ kind }) => kind === 'tasting'))

async function note(): Promise<void> {
  isBusy.value = true
  try {
    await ask(
      api.PUT('/api/notes/{id}', {
        params: { path: { id: id.value } },
        body: {
          build: props.build,
          size: size.value,
          liking: liking.value,
          words: words.value,
          who: who.value,
        },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.tastings })
    tell({ text: `Noted of ${props.name}.` })
    isOpen.value = false
    id.value = newId()
    liking.value = null
    words.value = ''
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  } finally {
    isBusy.value = false
  }
}

async function taste(): Promise<void> {
  try {
    const next = await setUp({
      question: 'suits',
      name: `Does ${props.name} suit?`,
      samples: [{ build: props.build, size: size.value }],
    })
    await router.push(`/tastings/${next}`)
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }
}
</script>

<template>
  <Dialog v-model:visible="isOpen" modal :header="`Taste ${name}`" :style="{ width: '46rem' }">
    <p>Just me, at the counter:</p>
    <SelectButton
      v-model="size"
      :options="sizes"
      option-label="name"
      option-value="id"
      :allow-empty="false"
      aria-label="Which size"
    />
    <div class="nine" role="group" aria-label="How much you like it">
      <LikingButtons v-model="liking" />
      <span class="soft">{{
        liking ? likings[liking - 1] : '1 dislike it extremely, 9 like it extremely'
      }}</span>
    </div>
    <label for="note-words" class="visually-hidden">What you note</label>
    <InputText
      id="note-words"
      v-model="words"
      class="words"
      maxlength="10000"
      placeholder="A bit too sweet, I'd take one less"
      data-test="note-words"
      @keydown.enter="note"
    />
    <div class="row">
      <label for="note-who">Who</label>
      <InputText id="note-who" v-model="who" class="who" />
      <Button
        label="Note it"
        icon="pi pi-check"
        :disabled="liking === null && words.trim() === ''"
        :loading="isBusy"
        data-test="note"
        @click="note"
      />
    </div>
    <div class="row">
      <Button
        label="Set up a blind tasting of it"
        icon="pi pi-users"
        outlined
        data-test="set-up-of-it"
        @click="taste"
      />
    </div>
    <h2>What is wrong with it?</h2>
    <TroubleBox :build="document" :size="size" can-mend @mend="(mend) => emit('mend', mend)" />
    <template v-if="notes.length > 1">
      <h2>How it was liked</h2>
      <LikingLine :notes="notes" />
    </template>
    <ul class="log">
      <li v-for="entry in tastings" :key="entry.id">
        <RouterLink :to="`/tastings/${entry.id}`">{{ entry.title }}</RouterLink>
        <span class="soft">{{ when(entry.at) }}</span> {{ entry.decided }}
      </li>
      <li v-for="entry in notes.filter((each) => each.words)" :key="entry.id">
        “{{ entry.words }}”
        <span class="soft"
          >{{ entry.sizeName }}, version {{ entry.version }}, {{ when(entry.at)
          }}{{ entry.who ? `, ${entry.who}` : '' }}</span
        >
      </li>
    </ul>
  </Dialog>
</template>

<style scoped>
.nine {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
  align-items: center;
  margin: 0.75rem 0;
}

.nine :deep(button) {
  min-width: 2.75rem;
  min-height: 2.75rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.4rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-size: 1.1rem;
  cursor: pointer;
}

.nine :deep(button[aria-pressed='true']) {
  border-color: var(--cobalt);
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
}

.words {
  width: 100%;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.75rem;
  align-items: center;
  margin-top: 0.75rem;
}

.who {
  width: 8rem;
}

h2 {
  margin-top: 1rem;
}

.log {
  padding-left: 1.1rem;
  overflow-wrap: anywhere;
}
</style>
