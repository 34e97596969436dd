<script setup lang="ts">
import AllergenLine from '@/shared/AllergenLine.vue'
import { useEventListener, useSwipe } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import BarHead from './BarHead.vue'
import StepCup from './StepCup.vue'
import StepFigure from './StepFigure.vue'
import StepKeys from './StepKeys.vue'
import { useAwake } from './useAwake'
import { useDrink } from './useBoard'
import { wishOf } from './wish'

/** How a drink is made, to be read with wet hands: one step at a time, or all of them. */
const props = defineProps<{ build: string; size: string }>()

const route = useRoute()
const wish = computed(() => wishOf(route.query))
const cards = useDrink(() => props.build, wish)
const view = computed(() => cards.data.value ?? null)
const plan = computed(() => view.value?.plans.find(({ size }) => size === props.size) ?? null)
const at = ref(0)
const isAll = ref(false)
const step = computed(() => plan.value?.steps[at.value] ?? null)
const page = useTemplateRef<HTMLElement>('page')

useAwake()
watch(plan, (now) => {
  if (now && at.value >= now.steps.length) {
    at.value = now.steps.length - 1
  }
})

function move(by: number): void {
  at.value = Math.min(Math.max(at.value + by, 0), (plan.value?.steps.length ?? 1) - 1)
}

/** The left half of the page goes back, the right half goes on; a wet knuckle hits nothing smaller. */
function tap(event: MouseEvent): void {
  if (isAll.value || (event.target as HTMLElement).closest('a, button')) {
    return
  }

  move(event.clientX < window.innerWidth / 2 ? -1 : 1)
}

useSwipe(page, {
  onSwipeEnd: (_, direction) => {
    if (!isAll.value && (direction === 'left' || direction === 'right')) {
      move(direction === 'left' ? 1 : -1)
    }
  },
})
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key === 'ArrowRight' || event.key === 'ArrowDown' || event.key === 'PageDown') {
    move(1)
  } else if (event.key === 'ArrowLeft' || event.key === 'ArrowUp' || event.key === 'PageUp') {
    move(-1)
  } else if (event.key === 'Home') {
    move(-at.value)
  } else {
    return
  }

  event.preventDefault()
})
</script>

<template>
  <BarHead
    :title="view?.drink ?? ''"
    :sub="plan ? `${plan.sizeName}${view?.standard ? `, Standard ${view.standard}` : ', on trial'}` : ''"
    :back="`/service/${build}`"
    back-label="Back"
  >
    <Button
      :label="isAll ? 'One at a time' : 'All at once'"
      outlined
      severity="secondary"
      data-test="all"
      @click="isAll = !isAll"
    />
  </BarHead>
  <main ref="page" class="steps-page" data-test="steps" @click="tap">
    <h1 class="visually-hidden">{{ view?.drink }}, {{ plan?.sizeName }}</h1>
    <p v-if="cards.error.value && !view" class="error" role="alert">
      {{ ApiProblem.of(cards.error.value).message }}
    </p>
    <p v-else-if="view && !plan" class="error" role="alert" data-test="no-size">
      {{ view.drink }} is not made in that cup here. Go back and choose another.
    </p>
    <template v-if="view && plan && step">
      <p v-if="view.changes.length > 0" class="banner changes" data-test="changes">
        {{ view.changes.map(({ what }) => what).join(' ') }}
      </p>
      <div v-if="isAll" class="all">
        <div class="cup"><StepCup :plan="plan" :step="plan.steps.length - 1" /></div>
        <ol>
          <li v-for="(each, i) in plan.steps" :key="i" data-test="all-step">
            <span class="amount">{{ each.amount }}</span>
            <span
              ><strong>{{ each.title }}</strong
              ><span v-if="each.beside" class="soft"> · {{ each.beside }}</span>
              <br />
              <template v-if="each.shot">{{ each.shot.says }}. </template>{{ each.how }} {{ each.meanwhile }}
            </span>
          </li>
        </ol>
      </div>
      <div v-else class="one">
        <div class="cup"><StepCup :plan="plan" :step="at" /></div>
        <StepFigure :step="step" :of="plan.steps.at(-1)!.number" aria-live="polite" />
      </div>
      <AllergenLine class="has" :says="plan.allergens" />
    </template>
  </main>
  <StepKeys
    v-if="plan && !isAll"
    :steps="plan.steps"
    :at="at"
    on-label="Next"
    :can-go-on="at < plan.steps.length - 1"
    @back="move(-1)"
    @on="move(1)"
  />
</template>

<style scoped>
.steps-page {
  min-height: calc(100vh - 12.5rem);
  padding: 1rem 1.5rem 7.5rem;
  cursor: pointer;
}

.one,
.all {
  display: grid;
  grid-template-columns: minmax(8rem, 26%) 1fr;
  gap: 2rem;
}

.cup {
  height: min(29rem, 55vh);
}

.cup :deep(svg) {
  width: 100%;
  height: 100%;
}

.all ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.all li {
  display: grid;
  grid-template-columns: minmax(9rem, 28%) 1fr;
  gap: 1rem;
  align-items: baseline;
  padding: 0.45rem 0;
  border-bottom: 1px solid var(--line);
  font-size: 1.2rem;
}

.amount {
  font-weight: 700;
  font-size: clamp(2.2rem, 6.2vw, 3.75rem);
  line-height: 1.1;
  text-align: right;
}

.has {
  margin-top: 0.6rem;
  font-size: 1.15rem;
}

.changes {
  font-size: 1.15rem;
}

@media (max-width: 700px) {
  .one,
  .all {
    grid-template-columns: 1fr;
    gap: 0.5rem;
  }

  .cup {
    height: 9rem;
  }
}
</style>
