<script setup lang="ts">
import { computed } from 'vue'
import type { AnswerDocument, SeatView, TastingQuestion } from '@/shared/api/types'
import CommentBox from './CommentBox.vue'

/** One cup is chosen of those that stand there. */
const props = defineProps<{ cups: SeatView['cups']; question: TastingQuestion; answer: AnswerDocument }>()
const emit = defineEmits<{ change: [answer: AnswerDocument]; send: [] }>()
const reference = computed(() => props.cups.find(({ isReference }) => isReference) ?? null)
const words = computed(
  () =>
    ({
      triangle: 'Two of the three are the same. Which is the odd one?',
      'duo-trio': 'Which of the two is the same as the first?',
      preference: 'Which do you like better?',
    })[props.question.code] ?? '',
)
</script>

<template>
  <section>
    <h1>{{ words }}</h1>
    <p>From left to right: water, wait a moment, two sips. You must choose: if you cannot tell, guess.</p>
    <p v-if="reference" class="first">
      Compare with <span class="cup">{{ reference.code }}</span>
    </p>
    <div class="cups">
      <button
        v-for="{ code } in cups.filter(({ isReference }) => !isReference)"
        :key="code"
        type="button"
        :aria-pressed="answer.chosen === code"
        data-test="choose"
        @click="emit('change', { ...answer, chosen: code })"
      >
        <span class="cup">{{ code }}</span>
      </button>
    </div>
    <CommentBox
      :model-value="answer.comment"
      label="What made you choose it"
      @update:model-value="(comment) => emit('change', { ...answer, comment: comment ?? null })"
    />
    <div class="turn">
      <button type="button" class="go" :disabled="!answer.chosen" data-test="send" @click="emit('send')">
        Send
      </button>
    </div>
  </section>
</template>

<style scoped>
.cups {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  margin: 1.25rem 0;
}

.cups button {
  flex: 1;
  min-height: 6rem;
}
</style>
