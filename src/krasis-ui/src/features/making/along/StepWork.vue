<script setup lang="ts">
import AllergenLine from '@/shared/AllergenLine.vue'
import Button from 'primevue/button'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed } from 'vue'
import StepCup from '@/features/making/service/StepCup.vue'
import StepFigure from '@/features/making/service/StepFigure.vue'
import { decimal } from '@/shared/format'
import type { Make } from './kept'
import RescuePanel from './RescuePanel.vue'
import ShotTimer from './ShotTimer.vue'
import StandTimer from './StandTimer.vue'
import StepTimer from './StepTimer.vue'
import TypedBox from './TypedBox.vue'
import type { Along } from './useAlong'
import WeightBar from './WeightBar.vue'
import { stepOfTotal } from './weight'

/** The step that one is at: what goes in, how much of it is, what runs beside it, and what comes next. */
const props = defineProps<{ along: Along; make: Make }>()
const emit = defineEmits<{ again: [] }>()
const {
  step,
  target,
  inside,
  rescue,
  problem,
  typed,
  celsius,
  seconds,
  isTiming,
  isHandsFree,
  isWrong,
  isWarmWrong,
} = props.along
const { state, reading, isOff, isOther } = props.along.weighing

const ofTotal = computed(() =>
  stepOfTotal(
    typed.value,
    props.make.poured.reduce((sum, { grams }) => sum + grams, 0),
    target.value,
  ),
)
const next = computed(() => props.make.plan.steps[props.make.at + 1] ?? null)
const hears = computed(() => {
  if (state.value === 'lost') {
    return 'The scale is gone. What is in is kept: connect it again, or type what went in.'
  }

  if (reading.value?.isOverloaded) {
    return 'That is more than the scale can weigh. Take something off.'
  }

  if (isOff.value) {
    return 'The cup is off the scale. Put it back.'
  }

  return isOther.value ? 'This is not as heavy as what was lifted: is it the same cup?' : null
})
</script>

<template>
  <div v-if="step" class="work">
    <div class="cup"><StepCup :plan="make.plan" :step="make.at" /></div>
    <div>
      <p v-if="make.rescued" class="banner" data-test="rescued">{{ make.rescued }}</p>
      <RescuePanel
        v-if="rescue"
        :rescue="rescue"
        @take="along.takeRescue"
        @again="emit('again')"
        @back="rescue = null"
      />
      <p v-if="problem" class="error" role="alert">{{ problem }}</p>
      <component :is="rescue ? 'div' : StepFigure" :step="step" :of="make.plan.steps.at(-1)!.number">
        <div v-if="target" class="weighed">
          <WeightBar :grams="inside" :target="target" />
          <p v-if="hears" class="hears" role="alert" data-test="scale-trouble">{{ hears }}</p>
          <TypedBox
            v-model="typed"
            v-model:wrong="isWrong"
            label="Added in this step"
            unit="g"
            :from="0"
            :to="make.limits.mostGrams"
            hint="this step only"
            test="typed"
            :of="make.at"
          />
          <p v-if="ofTotal !== null && typed !== null" class="asks" role="status" data-test="of-total">
            Is {{ decimal(typed, 1) }} g the weight of everything in the cup?
            <Button
              :label="`Yes, use ${decimal(ofTotal, 1)} g for this step`"
              size="large"
              data-test="take-of-total"
              @click="typed = ofTotal"
            />
          </p>
        </div>
      </component>
    </div>
    <aside>
      <ShotTimer
        v-if="step.shot"
        v-model="seconds"
        v-model:running="isTiming"
        :step="step"
        :drink="along.drink.value"
        :station="make.station"
        :grams="inside"
      />
      <StandTimer :make="make" />
      <StepTimer v-if="step.seconds" :seconds="step.seconds" :of="make.at" />
      <TypedBox
        v-if="step.foam && !step.foam.isCold"
        v-model="celsius"
        v-model:wrong="isWarmWrong"
        label="Milk"
        unit="°C"
        :from="make.limits.celsiusFrom"
        :to="make.limits.celsiusTo"
        :hint="`${step.foam.to}`"
        test="warm"
        :of="make.at"
      />
      <label class="free"
        ><ToggleSwitch v-model="isHandsFree" data-test="hands-free" /> Goes on by itself when the weight is
        right</label
      >
      <h2>Next</h2>
      <p v-if="next" class="next">
        <b>{{ next.title }}</b><template v-if="next.amount">, {{ next.amount }}</template>
      </p>
      <p v-else class="next">It is done.</p>
      <AllergenLine class="has" :says="make.plan.allergens" />
    </aside>
  </div>
</template>

<style scoped>
.work {
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

.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: center;
  margin: 0.5rem 0;
  font-size: 1.5rem;
}

.weighed {
  margin: 0.4rem 0;
}

aside {
  display: flex;
  flex-direction: column;
  gap: 0.8rem;
  padding-left: 1.2rem;
  border-left: 1px solid var(--line);
}

.next {
  font-size: 1.4rem;
}

.free {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  font-size: 1.15rem;
}

.hears {
  padding: 0.5rem 0.9rem;
  border-left: 4px solid var(--fault);
  background: var(--fault-wash);
  font-size: 1.2rem;
}

.has {
  font-size: 1.1rem;
}

@media (max-width: 900px) {
  .work {
    grid-template-columns: minmax(6rem, 20%) 1fr;
  }

  aside {
    grid-column: 1 / 3;
    padding: 0;
    border: 0;
  }
}

@media (max-width: 700px) {
  .work {
    grid-template-columns: 1fr;
    gap: 0.5rem;
  }

  .cup {
    display: none;
  }

  aside {
    grid-column: 1;
  }
}
</style>
