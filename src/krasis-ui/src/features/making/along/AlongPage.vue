<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import ScalePanel from '@/shared/scale/ScalePanel.vue'
import { useScale } from '@/shared/scale/useScale'
import BarHead from '@/features/making/service/BarHead.vue'
import StepKeys from '@/features/making/service/StepKeys.vue'
import { useAwake } from '@/features/making/service/useAwake'
import { station, useDrink } from '@/features/making/service/useBoard'
import { queryOf, wishOf } from '@/features/making/service/wish'
import BeginMake from './BeginMake.vue'
import MadeIt from './MadeIt.vue'
import OtherMake from './OtherMake.vue'
import StepWork from './StepWork.vue'
import UnsentMakes from './UnsentMakes.vue'
import { useAlong } from './useAlong'

/** Makes a drink with one, step by step, with scale and timer. */
const props = defineProps<{ build: string; size: string }>()

const route = useRoute()
const router = useRouter()
const wish = computed(() => wishOf(route.query))
const cards = useDrink(() => props.build, wish)
const view = computed(() => cards.data.value ?? null)
const plan = computed(() => view.value?.plans.find(({ size }) => size === props.size) ?? null)
const along = useAlong()
const { make, step, target, rescue, made, isOver, isWrong, isWarmWrong, waiting } = along
const { isOpen } = useScale()
/** Whether what is half made here is another drink than this page is of. */
const isOther = computed(
  () =>
    make.value !== null &&
    !isOver.value &&
    (make.value.build !== props.build ||
      make.value.size !== props.size ||
      JSON.stringify(make.value.wish) !== JSON.stringify(wish.value)),
)
const onLabel = computed(() =>
  target.value ? 'It is in' : make.value?.plan.steps[make.value.at + 1] ? 'Done' : 'Handed over',
)
useAwake()

function begin(who: string): void {
  if (view.value && plan.value) {
    along.begin(view.value, plan.value, wish.value, station.value, who)
  }
}

/** The same hand makes it anew, or makes another. */
async function again(): Promise<void> {
  const who = make.value?.who ?? ''
  if (!isOver.value) {
    await along.giveUp()
  }

  begin(who)
}

function goOn(): void {
  if (make.value) {
    const { build, size, wish: asked } = make.value
    void router.push({ path: `/make/${build}/${size}`, query: queryOf(asked) })
  }
}
</script>

<template>
  <BarHead
    :title="make?.plan.drink ?? view?.drink ?? ''"
    :sub="
      make
        ? `${make.plan.sizeName}${make.standard ? `, Standard ${make.standard}` : ', on trial'}`
        : (plan?.sizeName ?? '')
    "
    :back="`/service/${build}`"
    back-label="Leave"
  >
    <Button
      label="Scale"
      icon="pi pi-gauge"
      outlined
      severity="secondary"
      data-test="scale-open"
      @click="isOpen = !isOpen"
    />
  </BarHead>
  <main class="along">
    <h1 class="visually-hidden">Make {{ view?.drink }}</h1>
    <UnsentMakes :waiting="waiting" @again="along.sendAgain" @away="along.throwAway" />
    <OtherMake v-if="isOther && make" :make="make" @on="goOn" @up="again" />
    <MadeIt
      v-else-if="isOver"
      :made="made"
      :is-kept="!waiting.some(({ isOnPageOnly }) => isOnPageOnly)"
      @another="again"
    />
    <StepWork v-else-if="make" :along="along" :make="make" @again="again" />
    <BeginMake v-else-if="plan" :plan="plan" @begin="begin" />
    <p v-else-if="view" class="error" role="alert">
      {{ view.drink }} is not made in that cup here. Go back and choose another.
    </p>
    <p v-else-if="cards.error.value" class="error" role="alert">
      {{ ApiProblem.of(cards.error.value).message }}
    </p>
  </main>
  <StepKeys
    v-if="make && step && !isOver && !isOther"
    :steps="make.plan.steps"
    :at="make.at"
    :on-label="onLabel"
    :can-go-on="rescue === null && !isWrong && !isWarmWrong"
    @back="along.undo"
    @on="along.done"
  />
  <div class="dock"><ScalePanel /></div>
</template>

<style scoped>
.along {
  padding: 0.8rem 1.5rem 7.5rem;
}

/* The scale stands above the keys. */
.dock {
  --dock: 6.5rem;
}

.along :deep(.ask) {
  display: flex;
  flex-direction: column;
  gap: 1rem;
  max-width: 50rem;
  margin: 2rem auto;
  font-size: 1.35rem;
}

.along :deep(.ask h2) {
  font-size: 2rem;
}

.along :deep(.ask .keys) {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: center;
}

.along :deep(.ask .keys button) {
  min-height: 4rem;
  padding: 0 1.6rem;
  font-size: 1.4rem;
}

.along :deep(.ask input) {
  min-height: 2.9rem;
}
</style>
