<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { when } from '@/shared/format'
import { tell } from '@/shared/notice/notice'
import { likings, states } from './words'
import { setUp } from './settingUp'

/** The logbook: every tasting and every note, and what the house may learn of them. */
const router = useRouter()
const sought = ref('')
const text = refDebounced(sought, 200)
const log = useQuery({
  queryKey: computed(() => [...keys.tastings, 'log', text.value.trim()]),
  queryFn: () => ask(api.GET('/api/tastings', { params: { query: { text: text.value.trim() } } })),
  placeholderData: keepPreviousData,
})
const learned = useQuery({
  queryKey: [...keys.tastings, 'learned'],
  queryFn: () => ask(api.GET('/api/tastings/learned')),
})
const entries = computed(() => log.data.value ?? [])

async function begin(): Promise<void> {
  try {
    await router.push(`/tastings/${await setUp({ question: 'suits', samples: [] })}`)
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }
}
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>Tastings</h1>
      <Button label="Set up a tasting" icon="pi pi-plus" data-test="set-up" @click="begin" />
    </div>
    <p class="soft">Taste side by side without knowing which is which, and keep what was decided and why.</p>
    <p v-if="log.error.value" class="error" role="alert">{{ ApiProblem.of(log.error.value).message }}</p>
    <section v-for="each in learned.data.value ?? []" :key="each.taste" class="banner" data-test="learned">
      {{ each.says }} <RouterLink to="/bar/house">House rules</RouterLink>
    </section>
    <div class="seek">
      <label for="sought" class="visually-hidden">Look for a tasting or a note</label>
      <InputText
        id="sought"
        v-model="sought"
        placeholder="A drink, a word, who poured, the coffee …"
        data-test="seek"
      />
    </div>
    <p v-if="log.data.value && entries.length === 0" data-test="none">
      {{ text ? 'Nothing in the logbook is like that.' : 'Nothing has been tasted yet.' }}
    </p>
    <ul class="log">
      <li v-for="entry in entries" :key="entry.id" data-test="entry" :data-kind="entry.kind">
        <template v-if="entry.kind === 'tasting'">
          <span class="first">
            <RouterLink :to="`/tastings/${entry.id}`" class="title">{{
              entry.title || 'No name yet'
            }}</RouterLink>
            <span class="tag" :class="entry.state">{{ states[entry.state] }}</span>
            <span v-if="entry.simulated > 0" class="tag simulated">simulated</span>
          </span>
          <span class="soft">{{ entry.question }} {{ entry.of.join(' · ') }}</span>
          <span class="soft"
            >{{ when(entry.at) }} · {{ entry.answered }}
            {{ entry.answered === 1 ? 'taster' : 'tasters' }}</span
          >
          <span v-if="entry.decided" class="decided"
            ><i class="pi pi-check" aria-hidden="true" /> {{ entry.decided }}</span
          >
          <span v-else-if="entry.state === 'closed'" class="open"
            ><i class="pi pi-exclamation-circle" aria-hidden="true" /> Not decided yet</span
          >
        </template>
        <template v-else>
          <span class="first">
            <RouterLink :to="`/builds/${entry.build}`" class="title">{{ entry.title }}</RouterLink>
            <span class="soft">{{ entry.sizeName }}, version {{ entry.version }}</span>
          </span>
          <span v-if="entry.words" class="words">“{{ entry.words }}”</span>
          <span class="soft"
            >{{ when(entry.at) }}<template v-if="entry.who"> · {{ entry.who }}</template
            ><template v-if="entry.liking">
              · {{ entry.liking }} of 9, {{ likings[entry.liking - 1] }}</template
            ></span
          >
        </template>
      </li>
    </ul>
  </main>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  justify-content: space-between;
}

.seek {
  margin: 0.75rem 0;
}

.seek input {
  width: min(30rem, 100%);
}

.log {
  margin: 0;
  padding: 0;
  list-style: none;
}

.log li {
  display: flex;
  flex-direction: column;
  gap: 0.1rem;
  padding: 0.6rem 0;
  border-bottom: 1px solid var(--line);
}

.first {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.6rem;
  align-items: baseline;
}

.title {
  font-weight: 600;
  font-size: 1.1rem;
}

.tag {
  padding: 0 0.5rem;
  border: 1px solid var(--line-strong);
  border-radius: 1rem;
  font-size: 0.85rem;
}

.tag.open {
  border-color: var(--cobalt);
  background: var(--cobalt-wash);
}

.tag.simulated {
  border-style: dashed;
}

li > .open {
  color: var(--warning);
}
</style>
