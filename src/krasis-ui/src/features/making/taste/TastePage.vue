<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onMounted, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { newId } from '@/shared/newId'
import { isAway, onReturn } from '@/shared/api/server'
import AskChoice from './AskChoice.vue'
import AskOrder from './AskOrder.vue'
import AskSuits from './AskSuits.vue'
import { answersOnPageOnly, begun, keptTastings, type Tasting } from './kept'

/** The taster's page: codes, large scales, nothing of what is in the cups or what others say. */
const props = defineProps<{ id: string }>()
const all = keptTastings()
const asked = useQuery({
  queryKey: [...keys.tastings, 'taste', props.id],
  queryFn: () => ask(api.GET('/api/taste/{id}', { params: { path: { id: props.id } } })),
})
const problem = ref<string | null>(null)
const mine = computed<Tasting | null>(() => all.value[props.id]?.at(-1) ?? null)
const view = computed(() => mine.value?.asked ?? asked.data.value ?? null)
const question = computed(() => view.value?.question ?? null)
const unsent = computed(() => (all.value[props.id] ?? []).filter(({ state }) => state === 'sending').length)

function put(tasting: Tasting): void {
  const others = (all.value[props.id] ?? []).filter(({ device }) => device !== tasting.device)
  const at = (all.value[props.id] ?? []).findIndex(({ device }) => device === tasting.device)
  const list =
    at < 0
      ? [...others, tasting]
      : (all.value[props.id] ?? []).map((each) => (each.device === tasting.device ? tasting : each))
  all.value = { ...all.value, [props.id]: list }
}

/** Takes the next seat. */
async function sit(): Promise<void> {
  problem.value = null
  const begin = begun(newId())
  try {
    const seat = await ask(
      api.PUT('/api/taste/{id}/seats/{device}', { params: { path: { id: props.id, device: begin.device } } }),
    )
    // What was sent already need not stay here.
    all.value = {
      ...all.value,
      [props.id]: (all.value[props.id] ?? []).filter(({ state }) => ['sending', 'refused'].includes(state)),
    }
    put({ ...begin, seat, asked: asked.data.value ?? null })
  } catch (error) {
    problem.value = ApiProblem.of(error).message
  }
}

function change(answer: Tasting['answer'], at?: number): void {
  if (mine.value) {
    put({ ...mine.value, answer, at: at ?? mine.value.at })
  }
}

async function send(): Promise<void> {
  if (mine.value) {
    put({ ...mine.value, state: 'sending' })
    await flush()
  }
}

/** Sends what has not gone out; what cannot go now goes when the server is back. */
async function flush(): Promise<void> {
  for (const tasting of (all.value[props.id] ?? []).filter(({ state }) => state === 'sending')) {
    try {
      await ask(
        api.PUT('/api/taste/{id}/answers/{device}', {
          params: { path: { id: props.id, device: tasting.device } },
          body: tasting.answer,
        }),
      )
      put({ ...tasting, state: 'sent' })
      problem.value = null
    } catch (error) {
      const found = ApiProblem.of(error)
      if (found.isForLater) {
        return
      }

      // It is not taken so: back to what can be mended, where it can be. Whoever tasted after is not held up.
      problem.value = found.message
      const canMend = found.status !== 409 && tasting.device === mine.value?.device
      put({ ...tasting, state: canMend ? 'tasting' : 'refused' })
    }
  }
}

onMounted(() => void flush())
onReturn(() => {
  void asked.refetch()
  void flush()
})
</script>

<template>
  <main class="taste">
    <p v-if="asked.error.value && !mine" class="error" role="alert">
      {{ ApiProblem.of(asked.error.value).message }}
    </p>
    <p v-if="problem" class="error big" role="alert" data-test="problem">{{ problem }}</p>
    <p v-if="isAway && mine?.state === 'tasting'" class="away" role="status">
      You are offline. Keep going:
      {{
        answersOnPageOnly
          ? 'this device cannot save your answers, so keep this page open.'
          : 'your answers are saved on this device.'
      }}
    </p>

    <section v-if="!mine || mine.state === 'sent'" class="start">
      <template v-if="mine">
        <h1 data-test="thanks">Thank you</h1>
        <p class="big">
          Your answers are in. Do not tell the others what you found before they have answered too.
        </p>
        <button type="button" class="go" data-test="next-taster" @click="sit">
          Another taster on this device
        </button>
      </template>
      <template v-else-if="asked.data.value?.state === 'open'">
        <h1>{{ question?.name }}</h1>
        <p class="big">Nobody needs your name. Take a sip of water first, and again before every cup.</p>
        <button type="button" class="go" data-test="begin" @click="sit">Begin</button>
      </template>
      <p v-else-if="asked.data.value" class="big">
        {{ asked.data.value.state === 'draft' ? 'This tasting has not begun yet.' : 'This tasting is over.' }}
      </p>
    </section>

    <section v-else-if="mine.state === 'refused'" class="start">
      <h1 data-test="refused">Your answers were not taken</h1>
      <p class="big">
        {{ answersOnPageOnly ? 'They are only on this page' : 'They are saved on this device' }}, but they do
        not count. Tell whoever leads the tasting.
      </p>
      <button
        v-if="asked.data.value?.state === 'open'"
        type="button"
        class="go"
        data-test="next-taster"
        @click="sit"
      >
        Another taster on this device
      </button>
    </section>

    <section v-else-if="mine.state === 'sending'" class="start">
      <h1 data-test="kept">
        {{
          answersOnPageOnly ? 'Your answers are only on this page' : 'Your answers are saved on this device'
        }}
      </h1>
      <p class="big" role="status">
        They will be sent when you are back online.
        {{ answersOnPageOnly ? 'Keep this page open until then.' : 'You can close this page.' }}
      </p>
      <p v-if="unsent > 1">{{ unsent }} tasters wait to be sent.</p>
      <button v-if="!isAway" type="button" class="go" @click="flush">Send again</button>
    </section>

    <template v-else-if="mine.seat && question">
      <AskSuits
        v-if="question.code === 'suits'"
        :cups="mine.seat.cups"
        :scales="view?.scales ?? []"
        :answer="mine.answer"
        :at="mine.at"
        @change="change"
        @send="send"
      />
      <AskOrder
        v-else-if="question.code === 'best' && mine.at === 0"
        :cups="mine.seat.cups"
        :answer="mine.answer"
        :has-scales="(view?.scales ?? []).length > 0"
        @change="change"
        @next="change(mine.answer, 1)"
        @send="send"
      />
      <AskSuits
        v-else-if="question.code === 'best'"
        :cups="mine.seat.cups"
        :scales="view?.scales ?? []"
        :answer="mine.answer"
        :at="mine.at - 1"
        is-ordered
        @change="(answer, at) => change(answer, at === undefined ? undefined : at + 1)"
        @send="send"
      />
      <AskChoice
        v-else
        :cups="mine.seat.cups"
        :question="question"
        :answer="mine.answer"
        @change="change"
        @send="send"
      />
    </template>
  </main>
</template>

<style>
.taste {
  max-width: 46rem;
  min-height: 100vh;
  margin: 0 auto;
  padding: 1rem;
  box-sizing: border-box;
  background: var(--porcelain);
}

.taste .start {
  display: flex;
  flex-direction: column;
  gap: 1.5rem;
  justify-content: center;
  min-height: 70vh;
}

.taste .big {
  font-size: 1.4rem;
}

.taste h1 {
  font-size: 2.2rem;
}

.taste .away {
  padding: 0.6rem;
  background: var(--warning-wash);
}

/* For a knuckle. */
.taste button {
  min-height: 3.5rem;
  padding: 0.4rem 1rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.6rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-size: 1.2rem;
  cursor: pointer;
  touch-action: manipulation;
}

.taste button[aria-pressed='true'] {
  border-color: var(--cobalt);
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font-weight: 650;
}

.taste button.go {
  border-color: var(--cobalt);
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font-weight: 650;
  font-size: 1.5rem;
}

.taste button:disabled {
  border-color: var(--line);
  background: var(--glass);
  color: var(--ink-soft);
  cursor: default;
}

.taste .cup {
  font-weight: 700;
  font-size: 3.4rem;
  letter-spacing: 0.06em;
}

.taste fieldset {
  margin: 0 0 1.1rem;
  padding: 0;
  border: 0;
}

.taste legend {
  padding: 0 0 0.3rem;
  font-weight: 650;
  font-size: 1.3rem;
}

.taste textarea {
  box-sizing: border-box;
  width: 100%;
  padding: 0.6rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.6rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-size: 1.2rem;
}

.taste .turn {
  display: flex;
  gap: 0.75rem;
  justify-content: space-between;
  margin-top: 1rem;
}

.taste .turn > * {
  flex: 1;
}
</style>
