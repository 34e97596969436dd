<script setup lang="ts">
import { computed } from 'vue'
import type { ServiceDrink, ServiceView, WishQuery } from '@/shared/api/types'
import { bare } from './wish'

/** What guests ask for, as keys large enough for a knuckle. */
const props = defineProps<{ drink: ServiceDrink | null; milks: ServiceView['milks']; hasDecaf: boolean }>()
const wish = defineModel<WishQuery>({ required: true })

interface Key {
  label: string
  is: boolean
  to: WishQuery
  test: string
}

/** One key that is pressed in and out. */
const key = (label: string, test: string, on: WishQuery, off: WishQuery): Key => {
  const is = Object.entries(on).every(([name, value]) => wish.value[name as keyof WishQuery] === value)
  return { label, test, is, to: is ? off : on }
}

const groups = computed(() => {
  const { drink } = props
  if (!drink) {
    return []
  }

  return [
    {
      name: 'Milk',
      keys: drink.milk
        ? props.milks
            .filter(({ id }) => id !== drink.milk)
            .map(({ id, name }) => key(name, `milk-${id}`, { milk: id }, { milk: null }))
        : [],
    },
    {
      name: 'Sweetness',
      keys: drink.isSweetened
        ? [75, 50, 25].map((share) => key(`${share} %`, `sweet-${share}`, { sweet: share }, { sweet: null }))
        : [],
    },
    {
      name: 'Coffee',
      keys: drink.hasEspresso
        ? [
            key('1 shot more', 'shots-1', { shots: 1 }, { shots: null }),
            key('2 shots more', 'shots-2', { shots: 2 }, { shots: null }),
            ...(props.hasDecaf ? [key('Decaf', 'decaf', { decaf: true }, { decaf: null })] : []),
          ]
        : [],
    },
    {
      name: 'Top',
      keys: drink.hasTop ? [key('Nothing on top', 'no-top', { noTop: true }, { noTop: null })] : [],
    },
  ].filter(({ keys }) => keys.length > 0)
})

function press({ to }: Key): void {
  wish.value = bare({ ...wish.value, ...to })
}
</script>

<template>
  <div class="wishes">
    <div v-for="group in groups" :key="group.name" class="group" role="group" :aria-label="group.name">
      <span class="name" aria-hidden="true">{{ group.name }}</span>
      <button
        v-for="each in group.keys"
        :key="each.test"
        type="button"
        :aria-pressed="each.is"
        :data-test="each.test"
        @click="press(each)"
      >
        <i v-if="each.is" class="pi pi-check" aria-hidden="true" /> {{ each.label }}
      </button>
    </div>
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
