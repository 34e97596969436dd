<script setup lang="ts">
import { useStorage, useWakeLock } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { decimal } from '@/shared/format'
import ScalePanel from '@/shared/scale/ScalePanel.vue'
import { useScale } from '@/shared/scale/useScale'
import { typedNumber } from '@/shared/typedNumber'
import BarHead from '../service/BarHead.vue'
import StepCup from '../service/StepCup.vue'
import StepFigure from '../service/StepFigure.vue'
import { station, useDrink } from '../service/useBoard'
import { queryOf, wishOf } from '../service/wish'
import RescuePanel from './RescuePanel.vue'
import ShotTimer from './ShotTimer.vue'
import StepTimer from './StepTimer.vue'
import { useAlong } from './useAlong'
import WeightBar from './WeightBar.vue'

/** Makes a drink with one, step by step, with scale and timer. */
const props = defineProps<{ build: string; size: string }>()

const route = useRoute()
const router = useRouter()
const wish = computed(() => wishOf(route.query))
const cards = useDrink(() => props.build, wish)
const view = computed(() => cards.data.value ?? null)
const plan = computed(() => view.value?.plans.find(({ size }) => size === props.size) ?? null)
const along = useAlong()
const { make, step, target, weighing, rescue, made, isOver } = along
const { isOpen } = useScale()
const who = useStorage('krasis.who', '')
const typedText = ref('')
const warmText = ref('')
const { request, isSupported } = useWakeLock()
/** Whether what is half made here is another drink than this page is of. */
const isOther = computed(
  () =>
    make.value !== null &&
    !isOver.value &&
    (make.value.build !== props.build ||
      make.value.size !== props.size ||
      JSON.stringify(make.value.wish) !== JSON.stringify(wish.value)),
)
const next = computed(() => make.value?.plan.steps[make.value.at + 1] ?? null)
const hears = computed(() => {
  const { state, reading, isOff, isOther: isOtherCup } = weighing
  if (state.value === 'lost') {
    return 'The scale is gone. What is in is kept: connect it again, or type what went in.'
  }

  if (reading.value?.isOverloaded) {
    return 'That is more than the scale can weigh. Take something off.'
  }

  if (isOff.value) {
    return 'The cup is off the scale. Put it back.'
  }

  return isOtherCup.value ? 'This is not as heavy as what was lifted: is it the same cup?' : null
})

onMounted(() => {
  if (isSupported.value) {
    request('screen').catch(() => undefined)
  }
})
watch(typedText, (text) => {
  const grams = typedNumber(text)
  along.typed.value = Number.isFinite(grams) && grams >= 0 ? grams : null
})
watch(warmText, (text) => {
  const warm = typedNumber(text)
  along.celsius.value = Number.isFinite(warm) && warm >= -30 && warm <= 100 ? warm : null
})
watch(
  () => make.value?.at,
  () => {
    typedText.value = ''
    warmText.value = ''
  },
)
const typedTrouble = computed(() => {
  const grams = typedNumber(typedText.value)
  return typedText.value.trim() === '' || (Number.isFinite(grams) && grams >= 0 && grams <= 5000)
    ? null
    : 'In the cup: 0 to 5000 g, such as 18.5.'
})

function begin(): void {
  if (view.value && plan.value) {
    along.begin(view.value, plan.value, wish.value, station.value, who.value)
  }
}

async function again(): Promise<void> {
  await along.giveUp()
  begin()
}

function goOn(): void {
  if (make.value) {
    const { build, size, wish: asked } = make.value
    void router.push({ path: `/make/${build}/${size}`, query: queryOf(asked) })
  }
}

function another(): void {
  make.value = null
  isOver.value = false
  begin()
}

function back(): void {
  rescue.value = null
}

const effect = computed(() => {
  const { taste } = made.value ?? { taste: null }
  if (!taste) {
    return null
  }

  const by = (drift: number | null, more: string, less: string, same: string) =>
    drift === null
      ? null
      : Math.abs(drift) < 0.5
        ? same
        : `${decimal(Math.abs(drift), 0)} % ${drift > 0 ? more : less}`
  return [
    by(taste.strength, 'stronger', 'weaker', 'as strong'),
    by(taste.sweetness, 'sweeter', 'less sweet', 'as sweet'),
  ]
    .filter(Boolean)
    .join(', ')
})
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
    <p v-if="along.left.value > 0" class="banner" role="status" data-test="unsent">
      {{ along.left.value }} {{ along.left.value === 1 ? 'make is' : 'makes are' }} kept on this device, to be
      sent when the server is back.
    </p>
    <section v-if="isOther" class="ask" data-test="other-make">
      <h2>{{ make?.plan.drink }}, {{ make?.plan.sizeName }}, is half made on this device.</h2>
      <div class="keys">
        <Button label="Go on with it" data-test="go-on" @click="goOn" />
        <Button
          label="Give it up and make this"
          outlined
          severity="danger"
          data-test="give-up"
          @click="again"
        />
      </div>
    </section>
    <section v-else-if="isOver" class="ask" data-test="made">
      <h2>Handed over.</h2>
      <p
        v-if="effect"
        class="figure"
        :class="{ far: made?.taste && !made.taste.isAllowed }"
        data-test="made-taste"
      >
        {{ effect }}
      </p>
      <p v-if="made?.taste">
        {{
          made.taste.isAllowed
            ? 'That is as the house wants it.'
            : 'That is further from the standard than the house allows.'
        }}
      </p>
      <p v-else>It is kept on this device, and is sent when the server is back.</p>
      <div class="keys">
        <Button label="Make another" data-test="another" @click="another" />
        <RouterLink to="/service" class="link">Back to the board</RouterLink>
      </div>
    </section>
    <section v-else-if="!make" class="ask">
      <p v-if="cards.error.value && !view" class="error" role="alert">
        {{ ApiProblem.of(cards.error.value).message }}
      </p>
      <p v-else-if="view && !plan" class="error" role="alert">
        {{ view.drink }} is not made in that cup here. Go back and choose another.
      </p>
      <template v-else-if="plan">
        <h2>{{ plan.steps.length }} steps. Put the empty cup on the scale.</h2>
        <label class="who"
          >Who makes it
          <InputText v-model="who" placeholder="initials, or nobody" maxlength="40" data-test="who"
        /></label>
        <div class="keys">
          <Button label="Begin" data-test="begin" @click="begin" />
        </div>
      </template>
    </section>
    <template v-else-if="step">
      <div class="grid">
        <div class="cup"><StepCup :plan="make.plan" :step="make.at" /></div>
        <div>
          <p v-if="make.rescued" class="banner" data-test="rescued">{{ make.rescued }}</p>
          <RescuePanel v-if="rescue" :rescue="rescue" @take="along.takeRescue" @again="again" @back="back" />
          <StepFigure v-else :step="step" :of="make.plan.steps.length" />
          <template v-if="target">
            <WeightBar :grams="along.inside.value" :target="target" />
            <p v-if="hears" class="hears" role="alert" data-test="scale-trouble">{{ hears }}</p>
            <label class="typed"
              >In the cup
              <InputText
                v-model="typedText"
                inputmode="decimal"
                placeholder="as the scale shows"
                data-test="typed"
              />
              g
            </label>
            <p v-if="typedTrouble" class="error" role="alert">{{ typedTrouble }}</p>
          </template>
          <p v-if="along.problem.value" class="error" role="alert">{{ along.problem.value }}</p>
        </div>
        <aside class="side">
          <ShotTimer
            v-if="step.shot"
            v-model="along.seconds.value"
            v-model:running="along.isTiming.value"
            :step="step"
            :drink="along.drink.value"
            :station="make.station"
            :grams="along.inside.value"
          />
          <StepTimer v-if="step.seconds" :seconds="step.seconds" :of="step.number" />
          <label v-if="step.foam && !step.foam.isCold" class="typed"
            >Milk
            <InputText
              v-model="warmText"
              inputmode="decimal"
              :placeholder="`${step.foam.to}`"
              data-test="warm"
            />
            °C</label
          >
          <label class="free"
            ><ToggleSwitch v-model="along.isHandsFree.value" data-test="hands-free" /> Goes on by itself when
            the weight is right</label
          >
          <h2>Next</h2>
          <p v-if="next" class="next">
            <b>{{ next.title }}</b>, {{ next.amount }}
          </p>
          <p v-else class="next">It is done.</p>
          <p class="has">has: {{ make.plan.allergens }}</p>
        </aside>
      </div>
    </template>
  </main>
  <footer v-if="make && step && !isOver && !isOther" class="keys-bar">
    <Button
      label="Back"
      icon="pi pi-arrow-left"
      outlined
      :disabled="make.at === 0"
      data-test="undo-step"
      @click="along.undo"
    />
    <ol class="track" aria-hidden="true">
      <li
        v-for="(each, i) in make.plan.steps"
        :key="each.number"
        :class="{ now: i === make.at, done: i < make.at }"
      >
        {{ each.title }}<template v-if="i < make.at"> ✓</template>
      </li>
    </ol>
    <Button
      :label="target ? 'It is in' : next ? 'Done' : 'Handed over'"
      icon="pi pi-arrow-right"
      icon-pos="right"
      :disabled="rescue !== null || typedTrouble !== null"
      data-test="done"
      @click="along.done"
    />
  </footer>
  <div class="dock"><ScalePanel /></div>
</template>

<style scoped>
.along {
  padding: 0.8rem 1.5rem 7.5rem;
}

.grid {
  display: grid;
  grid-template-columns: minmax(8rem, 22%) 1fr 17rem;
  gap: 1.6rem;
}

.cup {
  height: min(26rem, 52vh);
}

.cup :deep(svg) {
  width: 100%;
  height: 100%;
}

.dock {
  --dock: 6.5rem;
}

.side {
  display: flex;
  flex-direction: column;
  gap: 0.8rem;
  padding-left: 1.2rem;
  border-left: 1px solid var(--line);
}

.next {
  font-size: 1.4rem;
}

.typed,
.free,
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  margin-top: 0.4rem;
  font-size: 1.15rem;
}

.typed input {
  width: 10.5rem;
}

.typed input,
.who input {
  min-height: 2.9rem;
}

.hears {
  padding: 0.5rem 0.9rem;
  border-left: 4px solid var(--fault);
  background: var(--fault-wash);
  font-size: 1.2rem;
}

.ask {
  display: flex;
  flex-direction: column;
  gap: 1rem;
  max-width: 50rem;
  margin: 2rem auto;
  font-size: 1.35rem;
}

.ask h2 {
  font-size: 2rem;
}

.figure {
  font-weight: 700;
  font-size: 3.75rem;
  line-height: 1.1;
}

.far {
  color: var(--fault);
}

.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: center;
}

.keys :deep(button) {
  min-height: 4rem;
  padding: 0 1.6rem;
  font-size: 1.4rem;
}

.link {
  font-size: 1.3rem;
}

.has {
  font-size: 1.1rem;
}

.keys-bar {
  position: fixed;
  right: 0;
  bottom: 0;
  left: 0;
  display: grid;
  grid-template-columns: minmax(8rem, 14rem) 1fr minmax(8rem, 20rem);
  gap: 1rem;
  padding: 0.8rem 1.5rem;
  border-top: 1px solid var(--line);
  background: var(--porcelain);
}

.keys-bar :deep(button) {
  min-height: 4.6rem;
  border-radius: 1rem;
  font-weight: 600;
  font-size: 1.6rem;
}

.track {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: center;
  justify-content: center;
  margin: 0;
  padding: 0;
  list-style: none;
}

.track li {
  padding: 0.35rem 0.7rem;
  border-radius: 0.6rem;
  background: var(--glass);
}

.track .now {
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font-weight: 600;
}

@media (max-width: 900px) {
  .grid {
    grid-template-columns: minmax(6rem, 20%) 1fr;
  }

  .side {
    grid-column: 1 / 3;
    padding: 0;
    border: 0;
  }
}

@media (max-width: 700px) {
  .grid {
    grid-template-columns: 1fr;
    gap: 0.5rem;
  }

  .cup {
    display: none;
  }

  .side {
    grid-column: 1;
  }

  .track {
    display: none;
  }

  .keys-bar {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
