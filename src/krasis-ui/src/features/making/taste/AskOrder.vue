<script setup lang="ts">
import { computed } from 'vue'
import type { AnswerDocument, SeatView } from '@/shared/api/types'
import CommentBox from './CommentBox.vue'

/** All cups in order, the best first: one after another is pressed. */
const props = defineProps<{ cups: SeatView['cups']; answer: AnswerDocument; hasScales: boolean }>()
const emit = defineEmits<{ change: [answer: AnswerDocument]; send: []; next: [] }>()
const order = computed(() => props.answer.order ?? [])
const left = computed(() => props.cups.filter(({ code }) => !order.value.includes(code)))
const words = computed(() =>
  order.value.length === 0
    ? 'Which is best?'
    : left.value.length > 0
      ? 'And of those that are left?'
      : 'Your order',
)

function put(next: string[]): void {
  emit('change', { ...props.answer, order: next })
}
</script>

<template>
  <section>
    <h1>{{ words }}</h1>
    <p>
      From left to right: water, wait a moment, two sips. Go back as often as you like:
      {{ cups.map(({ code }) => code).join(', ') }}.
    </p>
    <ol class="order">
      <li v-for="code in order" :key="code">
        <span class="cup">{{ code }}</span>
        <button
          type="button"
          :aria-label="`Take ${code} back`"
          @click="put(order.filter((each) => each !== code))"
        >
          Take back
        </button>
      </li>
    </ol>
    <div class="left">
      <button
        v-for="{ code } in left"
        :key="code"
        type="button"
        data-test="rank"
        @click="put([...order, code])"
      >
        <span class="cup">{{ code }}</span>
      </button>
    </div>
    <CommentBox
      v-if="!hasScales"
      :model-value="answer.comment"
      label="Anything else"
      @update:model-value="(comment) => emit('change', { ...answer, comment: comment ?? null })"
    />
    <div class="turn">
      <button
        v-if="hasScales"
        type="button"
        class="go"
        :disabled="left.length > 0"
        data-test="to-scales"
        @click="emit('next')"
      >
        Next: rate each cup
      </button>
      <button
        v-else
        type="button"
        class="go"
        :disabled="left.length > 0"
        data-test="send"
        @click="emit('send')"
      >
        Send
      </button>
    </div>
  </section>
</template>

<style scoped>
.order li {
  display: flex;
  gap: 1rem;
  align-items: center;
}

.left {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  margin: 1rem 0;
}
</style>
