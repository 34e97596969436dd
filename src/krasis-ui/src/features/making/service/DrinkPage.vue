<script setup lang="ts">
import AllergenLine from '@/shared/AllergenLine.vue'
import { useStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { WishQuery } from '@/shared/api/types'
import BarHead from './BarHead.vue'
import CupChoice from './CupChoice.vue'
import { order } from './order'
import { useBoard, useDrink } from './useBoard'
import { bare, holds, queryOf, wishesOf } from './wish'
import WishChoice from './WishChoice.vue'

/** A drink: in which cup, and what the guest asks for. */
const props = defineProps<{ build: string }>()

const TroubleDialog = defineAsyncComponent(() => import('./TroubleDialog.vue'))
const router = useRouter()
const { view: board } = useBoard()
const wish = ref<WishQuery>({})
const cards = useDrink(() => props.build, wish)
const view = computed(() => cards.data.value ?? null)
const size = ref<string | null>(null)
/** Whether somebody has brought it back. */
const isBack = ref(false)
const recent = useStorage<string[]>('krasis.recent', [])
/** How many drinks are planned together at the most; the server refuses more even where that is not known. */
const mostDrinks = computed(() => board.value?.mostDrinks ?? Infinity)
const plan = computed(() => view.value?.plans.find((each) => each.size === size.value) ?? null)

// One cup is no choice.
watch(
  view,
  (now) => {
    if (now && !now.plans.some((each) => each.size === size.value)) {
      const [only, ...others] = now.plans
      size.value = only && others.length === 0 ? only.size : null
    }
  },
  { immediate: true },
)

/** The cups of the drink as it is on the board, smallest first. */
const cups = ref<string[]>([])
watch(
  view,
  (now) => {
    if (now && !wish.value.biggerCup) {
      cups.value = [...now.plans]
        .sort((one, other) => one.cup.brimCapacity - other.cup.brimCapacity)
        .map((each) => each.size)
    }
  },
  { immediate: true },
)
// What was chosen is still what the guest gets, in the next cup.
watch(
  () => wish.value.biggerCup ?? false,
  (isBigger) => {
    const at = cups.value.indexOf(size.value ?? '')
    size.value = at < 0 ? null : (cups.value[at + (isBigger ? 1 : -1)] ?? null)
  },
)

function choose(to: string): void {
  size.value = to
}

function remember(): void {
  recent.value = [props.build, ...recent.value.filter((id) => id !== props.build)].slice(0, 6)
}

function go(how: 'service' | 'make'): void {
  remember()
  void router.push({ path: `/${how}/${props.build}/${size.value}`, query: queryOf(wish.value) })
}

function addToOrder(): void {
  if (!view.value || !plan.value || !size.value) {
    return
  }

  const asked = wishesOf(view.value.wishes).filter((each) => holds(wish.value, each))
  const says = [plan.value.drink, plan.value.sizeName, ...asked.map((each) => each.says)].join(', ')
  remember()
  order.value = [...order.value, { build: props.build, size: size.value, says, wish: bare(wish.value) }]
  void router.push('/service')
}
</script>

<template>
  <BarHead
    :title="view?.drink ?? ''"
    :sub="view?.standard ? `Standard ${view.standard}` : view ? 'On trial' : ''"
    back="/service"
    back-label="The board"
  />
  <main class="choose">
    <h1 class="visually-hidden">{{ view?.drink }}</h1>
    <p v-if="cards.error.value && !view" class="error" role="alert" data-test="gone">
      {{ ApiProblem.of(cards.error.value).message }}
    </p>
    <template v-if="view">
      <p v-if="view.state === 'retired'" class="banner" data-test="retired">
        This drink is no longer on the board. It can still be made as it was.
      </p>
      <CupChoice :plans="view.plans" :chosen="size" @choose="choose" />
      <WishChoice v-model="wish" :possible="view.wishes" />
      <p v-if="cards.error.value" class="error" role="alert" data-test="wish-problem">
        {{ ApiProblem.of(cards.error.value).message }}
      </p>
      <ul v-else-if="view.changes.length > 0" class="changes" data-test="changes">
        <li v-for="change in view.changes" :key="`${change.line} ${change.what}`">
          <strong>{{ change.what }}</strong> {{ change.why }}
          <Button
            v-if="change.offer === 'noTop' && !wish.noTop"
            label="Leave it off"
            outlined
            data-test="leave-off"
            @click="wish = { ...wish, noTop: true }"
          />
        </li>
      </ul>
      <AllergenLine v-if="plan" class="has" :says="plan.allergens" />
      <div v-else class="has" data-test="allergens">
        <p v-for="sentence in view.allergens" :key="sentence">{{ sentence }}</p>
      </div>
      <div class="go">
        <Button
          label="Show me how"
          :disabled="!plan || cards.isError.value"
          data-test="show"
          @click="go('service')"
        />
        <Button
          label="Make it with scale and timer"
          outlined
          :disabled="!plan || cards.isError.value"
          data-test="along"
          @click="go('make')"
        />
        <Button
          :label="
            order.length < mostDrinks ? 'Add to the order' : `The order has ${mostDrinks} drinks already`
          "
          outlined
          severity="secondary"
          :disabled="!plan || cards.isError.value || order.length >= mostDrinks"
          data-test="add"
          @click="addToOrder"
        />
        <Button
          label="What is wrong with it?"
          text
          severity="secondary"
          :disabled="!size"
          data-test="trouble"
          @click="isBack = true"
        />
      </div>
      <TroubleDialog v-if="size && isBack" v-model="isBack" :build="build" :size="size" :name="view.drink" />
      <p v-if="!plan" class="soft">Choose a cup first.</p>
    </template>
  </main>
</template>

<style scoped>
.choose {
  display: flex;
  flex-direction: column;
  gap: 1rem;
  max-width: 78rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 2rem;
}

.changes {
  margin: 0;
  padding: 0.6rem 1rem 0.6rem 2rem;
  border-radius: 0.6rem;
  background: var(--cobalt-wash);
  font-size: 1.15rem;
}

.has {
  font-size: 1.15rem;
}

.go {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
}

.go :deep(button) {
  min-height: 4rem;
  padding: 0 1.6rem;
  border-radius: 1rem;
  font-size: 1.35rem;
}
</style>
