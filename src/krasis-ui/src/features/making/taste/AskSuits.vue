<script setup lang="ts">
import { computed, nextTick, useTemplateRef } from 'vue'
import type { AnswerDocument, JarScale, SeatView } from '@/shared/api/types'
import LikingButtons from '@/features/tastings/LikingButtons.vue'
import { likings } from '@/features/tastings/words'
import CommentBox from './CommentBox.vue'

/** One cup after another: how much the taster likes it (not after a ranking), and each scale from too little to too much. */
const props = defineProps<{
  cups: SeatView['cups']
  scales: JarScale[]
  answer: AnswerDocument
  at: number
  isOrdered?: boolean
}>()
const emit = defineEmits<{ change: [answer: AnswerDocument, at?: number]; send: [] }>()
const head = useTemplateRef<HTMLHeadingElement>('head')
const cup = computed(() => props.cups[props.at])
const glass = computed(() => props.answer.cups?.find(({ code }) => code === cup.value?.code) ?? null)
const said = (scale: string) => glass.value?.scales?.find((each) => each.scale === scale)?.said ?? null
const isDone = computed(
  () =>
    (props.isOrdered || glass.value?.liking != null) && props.scales.every(({ code }) => said(code) !== null),
)

function put(change: Partial<NonNullable<AnswerDocument['cups']>[number]>): void {
  const code = cup.value?.code ?? null
  const others = (props.answer.cups ?? []).filter((each) => each.code !== code)
  emit('change', { ...props.answer, cups: [...others, { code, scales: [], ...glass.value, ...change }] })
}

function say(scale: string, answer: number): void {
  put({
    scales: [...(glass.value?.scales ?? []).filter((each) => each.scale !== scale), { scale, said: answer }],
  })
}

function go(by: number): void {
  emit('change', props.answer, props.at + by)
  window.scrollTo(0, 0)
  void nextTick(() => head.value?.focus())
}
</script>

<template>
  <section v-if="cup">
    <h1 ref="head" tabindex="-1">
      <span class="visually-hidden">Cup</span> <span class="cup" data-test="cup">{{ cup.code }}</span>
      <span class="soft of">{{ at + 1 }} of {{ cups.length }}</span>
    </h1>
    <p>Water, wait a moment, then two sips of this cup.</p>
    <fieldset v-if="!isOrdered">
      <legend>How much do you like it?</legend>
      <div class="nine">
        <LikingButtons
          :model-value="glass?.liking ?? null"
          @update:model-value="(liking) => put({ liking })"
        />
      </div>
      <p class="ends soft">
        <span>{{ likings[0] }}</span><span>{{ likings[8] }}</span>
      </p>
      <p v-if="glass?.liking" class="chosen" aria-hidden="true">{{ likings[glass.liking - 1] }}</p>
    </fieldset>
    <fieldset v-for="scale in scales" :key="scale.code" data-test="jar" :data-scale="scale.code">
      <legend>{{ scale.name }}</legend>
      <div class="five">
        <button
          v-for="(word, i) in scale.answers"
          :key="word"
          type="button"
          :aria-pressed="said(scale.code) === i - 2"
          @click="say(scale.code, i - 2)"
        >
          {{ word }}
        </button>
      </div>
    </fieldset>
    <CommentBox
      v-if="at === cups.length - 1"
      :model-value="answer.comment"
      label="Anything else"
      @update:model-value="(comment) => emit('change', { ...answer, comment: comment ?? null })"
    />
    <div class="turn">
      <button v-if="at > 0 || isOrdered" type="button" @click="go(-1)">Back</button>
      <button
        v-if="at < cups.length - 1"
        type="button"
        class="go"
        :disabled="!isDone"
        data-test="next-cup"
        @click="go(1)"
      >
        Next cup
      </button>
      <button v-else type="button" class="go" :disabled="!isDone" data-test="send" @click="emit('send')">
        Send
      </button>
    </div>
    <p v-if="!isDone" class="soft">Everything on this page wants an answer.</p>
  </section>
</template>

<style scoped>
.of {
  margin-left: 0.75rem;
  font-weight: 400;
  font-size: 1.2rem;
}

.nine {
  display: grid;
  gap: 0.35rem;
  grid-template-columns: repeat(9, minmax(0, 1fr));
}

.nine :deep(button) {
  padding: 0;
}

.five {
  display: grid;
  gap: 0.35rem;
  grid-template-columns: repeat(5, minmax(0, 1fr));
}

.five button {
  padding: 0.3rem;
  font-size: 1rem;
  line-height: 1.15;
}

.ends {
  display: flex;
  justify-content: space-between;
}

.chosen {
  font-weight: 650;
}

@media (max-width: 30rem) {
  .five {
    grid-template-columns: minmax(0, 1fr);
  }

  .five button {
    min-height: 2.9rem;
  }
}
</style>
