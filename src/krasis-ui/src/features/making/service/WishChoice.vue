<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { PossibleWishes, WishQuery } from '@/shared/api/types'
import { bare, holds, wishesOf, type Wished } from './wish'

/** What guests ask for, as keys large enough for a knuckle. */
const props = defineProps<{ possible: PossibleWishes }>()
const wish = defineModel<WishQuery>({ required: true })

const groups = computed(() => {
  const found = new Map<string, Wished[]>()
  for (const each of wishesOf(props.possible)) {
    found.set(each.group, [...(found.get(each.group) ?? []), each])
  }

  return [...found]
})

/** What is asked for seldom stands behind a press, so that what is asked for all day stays in view. */
const seldom = new Set(['Heat', 'Cup', 'Syrup'])
const isMore = ref(false)
const shown = computed(() =>
  groups.value.filter(
    ([name, wishes]) => isMore.value || !seldom.has(name) || wishes.some((each) => holds(wish.value, each)),
  ),
)
const hasSeldom = computed(() => groups.value.some(([name]) => seldom.has(name)))

/** A key that is in is pressed out again. */
function press(key: Wished): void {
  const off = Object.fromEntries(Object.keys(key.on).map((name) => [name, null]))
  wish.value = bare({ ...wish.value, ...(holds(wish.value, key) ? off : key.on) })
}
</script>

<template>
  <div class="wishes">
    <div v-for="[name, keys] in shown" :key="name" class="group" role="group" :aria-label="name">
      <span class="name" aria-hidden="true">{{ name }}</span>
      <button
        v-for="each in keys"
        :key="each.test"
        type="button"
        :aria-pressed="holds(wish, each)"
        :data-test="each.test"
        @click="press(each)"
      >
        <i v-if="holds(wish, each)" class="pi pi-check" aria-hidden="true" /> {{ each.says }}
      </button>
    </div>
    <Button
      v-if="hasSeldom && !isMore"
      label="More wishes"
      text
      data-test="more-wishes"
      @click="isMore = true"
    />
  </div>
</template>

<style scoped>
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem 2rem;
}

.group {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}

.name {
  font-size: 1.15rem;
}

button {
  min-height: 3.4rem;
  padding: 0 1.1rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.8rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-size: 1.2rem;
  cursor: pointer;
}

button[aria-pressed='true'] {
  border-color: var(--cobalt);
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
}
</style>
