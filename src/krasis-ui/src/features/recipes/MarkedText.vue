<script setup lang="ts">
import { computed } from 'vue'
import type { RecipePiece } from '@/shared/api/types'

/** A recipe's text, with what became of each piece of it. */
const props = defineProps<{ text: string; pieces: RecipePiece[] }>()
const parts = computed(() =>
  props.pieces.map((piece) => ({
    ...piece,
    said: props.text.slice(piece.start, piece.start + piece.length),
  })),
)
const doubts = computed(() =>
  parts.value.filter(({ kind, said }) => (kind === 'guessed' || kind === 'notUnderstood') && said.trim()),
)
const means = { read: 'read', guessed: 'guessed', notUnderstood: 'not understood', aside: 'left out' }
const titleOf = ({ kind, says }: RecipePiece) =>
  kind === 'between' ? undefined : [means[kind], says].filter(Boolean).join(': ')
</script>

<template>
  <div class="marked">
    <p class="text" data-test="marked">
      <template v-for="part in parts" :key="part.start"
        ><span v-if="part.kind === 'between'">{{ part.said }}</span
        ><mark v-else :class="part.kind" :title="titleOf(part)" :data-kind="part.kind">{{
          part.said
        }}</mark></template
      >
    </p>
    <template v-if="doubts.length > 0">
      <h4>Look at these</h4>
      <ul data-test="doubts">
        <li v-for="part in doubts" :key="part.start" :class="part.kind">
          <q>{{ part.said.trim() }}</q>
          {{
            part.kind === 'guessed'
              ? `${part.says}.`
              : `was not understood.${part.says ? ` ${part.says}` : ''}`
          }}
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.text {
  margin: 0;
  padding: 0.8rem 1rem;
  border: 1px solid var(--line);
  border-radius: 0.4rem;
  background: var(--porcelain);
  line-height: 1.9;
  overflow-wrap: anywhere;
  white-space: pre-wrap;
  tab-size: 8;
}

mark {
  padding: 0.1rem 0.15rem;
  border-radius: 0.2rem;
  background: none;
  color: inherit;
}

mark.read {
  box-shadow: inset 0 -2px var(--cobalt);
}

mark.guessed {
  background: var(--warning-wash);
  box-shadow: inset 0 -2px var(--warning);
}

mark.guessed::after {
  content: ' ?';
  color: var(--warning);
  font-weight: 700;
}

mark.notUnderstood {
  background: var(--fault-wash);
  text-decoration: underline wavy var(--fault);
}

mark.notUnderstood::after {
  content: ' ✕';
  color: var(--fault);
  font-weight: 700;
}

mark.aside {
  color: var(--ink-soft);
}

h4 {
  margin: 0.8rem 0 0.2rem;
}

ul {
  margin: 0;
  padding-left: 1.2rem;
}

li + li {
  margin-top: 0.2rem;
}

q {
  font-weight: 600;
}
</style>
