<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useBar } from '@/shared/api/queries'
import RecipeCard from './RecipeCard.vue'
import { useRecipes } from './useRecipes'

/** Recipes as people write them, pasted or dropped, become drafts. */
const { text, found, standings, problem, isBusy, choose, read, decide, keep, forget } = useRecipes()
const router = useRouter()
const bar = useBar()
const ingredients = computed(() =>
  [...(bar.data.value?.ingredients ?? []), ...(bar.data.value?.parts ?? [])]
    .map(({ id, document }) => ({ value: id, label: document.name ?? '' }))
    .sort((one, other) => one.label.localeCompare(other.label)),
)
const zone = ref<HTMLElement | null>(null)
const { isOverDropZone } = useDropZone(zone, {
  onDrop: (files) => {
    const file = files?.[0]
    if (file) {
      void choose(file)
    }
  },
})

async function pick(event: Event): Promise<void> {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  if (file) {
    await choose(file)
    box.value = ''
  }
}

async function open(at: number, name: string): Promise<void> {
  const kept = await keep(at, name)
  if (kept.is === 'kept' && standings.value.length === 1) {
    await router.push(`/builds/${kept.id}`)
  }
}
</script>

<template>
  <main class="page" :aria-busy="isBusy">
    <h1>Read recipes</h1>
    <p class="soft">Paste one, or a whole notebook, as it is written. Nothing is saved before you say so.</p>
    <div ref="zone" class="paste" :class="{ over: isOverDropZone }">
      <Textarea
        v-model="text"
        rows="8"
        auto-resize
        class="text"
        aria-label="The text"
        placeholder="3 pumps hazelnut
double shot
milk to the milk line
fill with ice"
        data-test="paste"
        @keydown.ctrl.enter="read"
        @keydown.meta.enter="read"
      />
      <p class="below">
        <Button
          label="Read it"
          icon="pi pi-align-left"
          :disabled="text.trim() === ''"
          :loading="isBusy"
          data-test="read"
          @click="read"
        />
        <label class="file">
          <span>or a file: text, Markdown, CSV, XLSX, JSON-LD, a saved page</span>
          <input
            type="file"
            accept=".txt,.md,.markdown,.csv,.tsv,.xlsx,.json,.jsonld,.html,.htm"
            data-test="recipe-file"
            @change="pick"
          />
        </label>
        <Button v-if="text" label="Put it away" text data-test="forget" @click="forget" />
      </p>
    </div>
    <p v-if="problem" class="error" role="alert" data-test="read-problem">{{ problem }}</p>
    <template v-if="found">
      <p v-if="found.recipes.length > 1" data-test="many">
        <strong>{{ found.recipes.length }}</strong> recipes. Open each as a draft, or leave it.
      </p>
      <p class="legend soft">
        <mark class="read">read</mark>
        <mark class="guessed">guessed ?</mark>
        <mark class="not">not understood ✕</mark>
        <span>grey: nothing in it goes into the cup</span>
      </p>
      <RecipeCard
        v-for="(recipe, i) in found.recipes"
        :key="i"
        :text="found.text"
        :recipe="recipe"
        :standing="standings[i] ?? { is: 'open' }"
        :is-busy="isBusy"
        :ingredients="ingredients"
        @keep="open(i, $event)"
        @leave="standings[i] = { is: 'left' }"
        @back="standings[i] = { is: 'open' }"
        @decide="decide"
      />
    </template>
  </main>
</template>

<style scoped>
.paste.over {
  border-radius: 0.5rem;
  outline: 2px dashed var(--cobalt);
  outline-offset: 0.4rem;
  background: var(--cobalt-wash);
}

.text {
  width: 100%;
  max-height: 22rem;
  overflow-y: auto !important;
  font: inherit;
}

.below {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.2rem;
  align-items: center;
  margin: 0.6rem 0 0;
}

.file {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: center;
}

.legend {
  margin-top: 0.8rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
}

.legend mark {
  background: none;
  color: inherit;
}

.legend .read {
  box-shadow: inset 0 -2px var(--cobalt);
}

.legend .guessed {
  background: var(--warning-wash);
  box-shadow: inset 0 -2px var(--warning);
}

.legend .not {
  background: var(--fault-wash);
  text-decoration: underline wavy var(--fault);
}
</style>
