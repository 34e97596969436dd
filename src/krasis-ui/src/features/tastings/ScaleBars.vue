<script setup lang="ts">
import { computed } from 'vue'
import type { ScaleResult } from '@/shared/api/types'
import { fixed } from '@/shared/format'

/** How many found too little, right and too much, one beside another, and what either side costs in liking. */
const props = defineProps<{ scale: ScaleResult }>()
const all = computed(() => Math.max(1, props.scale.figures.tasters))
const answers = computed(() =>
  props.scale.scale.answers.map((says, i) => ({
    says,
    count: props.scale.counts[i] ?? 0,
    kind: ['less far', 'less', 'right', 'more', 'more far'][i],
  })),
)
const sides = computed(() =>
  [
    { ...props.scale.figures.less, says: props.scale.scale.tooLittle },
    { ...props.scale.figures.more, says: props.scale.scale.tooMuch },
  ].filter(({ count, drop }) => count > 0 && drop !== null),
)
</script>

<template>
  <figure class="scale" :class="scale.figures.verdict" data-test="scale" :data-scale="scale.scale.code">
    <figcaption>{{ scale.scale.name }}</figcaption>
    <div
      class="bar"
      role="img"
      :aria-label="answers.map(({ says, count }) => `${says}: ${count}`).join(', ')"
    >
      <span
        v-for="answer in answers.filter(({ count }) => count > 0)"
        :key="answer.says"
        :class="answer.kind"
        :style="{ width: `${(answer.count / all) * 100}%` }"
        :title="`${answer.says}: ${answer.count}`"
        ><span class="n"
          ><strong>{{ answer.count }}</strong> {{ answer.says }}</span
        ></span
      >
    </div>
    <p class="says" data-test="verdict">
      <i v-if="scale.figures.verdict === 'act'" class="pi pi-exclamation-triangle" aria-hidden="true" />
      {{ scale.says }}
    </p>
    <p v-for="side in sides" :key="side.says" class="soft cost">
      {{ side.says }}: {{ side.count }}, {{ fixed(side.meanLiking ?? 0, 1) }} of 9 against
      {{ fixed(scale.figures.rightLiking ?? 0, 1) }} where it was right
      <span class="drop" aria-hidden="true" :style="{ width: `${Math.max(0, side.drop ?? 0) * 2.5}rem` }" />
    </p>
  </figure>
</template>

<style scoped>
.scale {
  max-width: 52rem;
  margin: 0.75rem 0;
}

figcaption {
  font-weight: 600;
}

.bar {
  display: flex;
  height: 2.2rem;
  overflow: hidden;
  border-radius: 0.3rem;
  background: var(--glass);
}

.bar > span {
  display: flex;
  align-items: center;
  justify-content: center;
  min-width: 0;
  border-right: 2px solid var(--paper);
}

/* Right is plain; either side has a pattern of its own, so that no colour is needed to tell them apart. */
.right {
  background: light-dark(#c9dcd0, #2c4a3a);
}

.less {
  background: repeating-linear-gradient(
    135deg,
    var(--cobalt-wash) 0 6px,
    light-dark(#c6d8ef, #2b4468) 6px 12px
  );
}

.less.far {
  background: light-dark(#7fa4d4, #4a6ea3);
}

.more {
  background: repeating-linear-gradient(
    45deg,
    var(--warning-wash) 0 6px,
    light-dark(#f1d9a6, #5a4717) 6px 12px
  );
}

.more.far {
  background: light-dark(#dca84a, #93701f);
}

.n {
  overflow: hidden;
  box-sizing: border-box;
  max-width: 100%;
  padding: 0 0.35rem;
  border-radius: 0.2rem;
  background: var(--porcelain);
  text-overflow: ellipsis;
  white-space: nowrap;
}

.n strong {
  font-size: 1.15rem;
}

.says {
  font-size: 1.1rem;
}

.act .says {
  color: var(--warning);
  font-weight: 600;
}

.cost {
  font-size: 0.9rem;
}

.drop {
  display: inline-block;
  height: 0.6rem;
  background: var(--fault);
  vertical-align: middle;
}
</style>
