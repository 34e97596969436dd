<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import RadioButton from 'primevue/radiobutton'
import { computed, ref } from 'vue'
import type { Favourite, ScaleWays, TastingView, Tuning } from '@/shared/api/types'
import { decimal, when } from '@/shared/format'
import type { Tasting } from './useTasting'

/** The one change that follows, what every size comes to by it, and why it was made or not. */
const props = defineProps<{
  view: TastingView
  ways: ScaleWays[]
  favourite: Favourite | null
  isBusy: boolean
  decide: Tasting['decide']
}>()
/** What is chosen: a scale and a line, or nothing. */
const keyOf = (ways: ScaleWays, way: Tuning) => `${ways.sample} ${ways.scale} ${way.line}`
const all = computed(() =>
  props.ways.flatMap((ways) => ways.ways.map((way) => ({ ways, way, key: keyOf(ways, way) }))),
)
const chosen = ref<string | null>(null)
const take = computed(() => (props.favourite && !props.favourite.trouble ? props.favourite : null))
const picked = computed(() => chosen.value ?? (take.value ? 'take' : (all.value[0]?.key ?? 'nothing')))
const way = computed(() => all.value.find(({ key }) => key === picked.value) ?? null)
const who = useLocalStorage('krasis.who', '')
const why = ref('')
const signed = (value: number | null, digits: 0 | 1 | 2, unit: string) =>
  value === null
    ? 'not known'
    : `${value > 0 ? '+' : value < 0 ? '−' : ''}${decimal(Math.abs(value), digits)}${unit ? ` ${unit}` : ''}`

function keep(): void {
  const at = way.value
  const isTake = picked.value === 'take'
  void props.decide({
    take: isTake,
    sample: (isTake ? take.value?.sample : at?.ways.sample) ?? null,
    scale: at?.ways.scale ?? null,
    line: at?.way.line ?? null,
    who: who.value,
    why: why.value,
  })
}
</script>

<template>
  <section class="decide" aria-label="What follows">
    <h2>What follows</h2>
    <div v-if="view.decision" data-test="decision">
      <p class="found">
        <i class="pi pi-check" aria-hidden="true" /> {{ view.decision.says ?? 'All stays as it is.' }}
      </p>
      <p>{{ view.decision.says ? view.decision.found : '' }} {{ view.decision.why }}</p>
      <p class="soft">{{ when(view.decision.at) }}{{ view.decision.who ? `, ${view.decision.who}` : '' }}</p>
    </div>
    <template v-else>
      <p v-if="favourite?.trouble" data-test="favourite">{{ favourite.says }} {{ favourite.trouble }}</p>
      <p v-if="all.length === 0 && !take" class="soft">Nothing that a change of one line would mend.</p>
      <p v-for="each in ways.filter(({ trouble }) => trouble)" :key="`${each.sample} ${each.scale}`">
        {{ each.says }} {{ each.trouble }}
      </p>
      <p
        v-for="each in ways.filter(({ hasChanged }) => hasChanged)"
        :key="`changed ${each.sample} ${each.scale}`"
        class="banner"
      >
        The build has been changed since it was tasted: the change is worked out on it as it is now.
      </p>
      <p v-if="all.length > 0" class="soft">Change one thing, as little as can be tasted, and taste again.</p>
      <div v-if="take" class="way" :class="{ on: picked === 'take' }" data-test="take">
        <RadioButton
          :model-value="picked"
          input-id="way-take"
          value="take"
          name="way"
          @update:model-value="chosen = 'take'"
        />
        <label for="way-take">
          <strong>Go back to {{ view.samples[take.sample]?.name }}</strong>
          <span class="soft">{{ take.says }}</span>
        </label>
      </div>
      <div
        v-for="each in all"
        :key="each.key"
        class="way"
        :class="{ on: each.key === picked }"
        data-test="way"
      >
        <RadioButton
          :model-value="picked"
          :input-id="each.key"
          :value="each.key"
          name="way"
          @update:model-value="(key: string) => (chosen = key)"
        />
        <label :for="each.key">
          <strong>{{ each.way.says }}</strong>
          <span class="soft"
            >{{ each.ways.says }} It becomes {{ signed(each.way.byPercent, 0, '%') }}.<template
              v-if="each.way.isFar"
            >
              That is more than is asked for: the bar pours nothing between.</template
            ><template v-if="!each.way.isTasted">
              That is less than the house holds to be tasted.</template
            ></span
          >
        </label>
      </div>
      <div class="way" :class="{ on: picked === 'nothing' }">
        <RadioButton
          :model-value="picked"
          input-id="way-nothing"
          value="nothing"
          name="way"
          @update:model-value="chosen = 'nothing'"
        />
        <label for="way-nothing"><strong>All stays as it is</strong></label>
      </div>
      <div v-if="way" class="scroll" tabindex="0" role="region" aria-label="What every size comes to">
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">Size</th>
              <th scope="col">{{ way.way.name }}</th>
              <th scope="col">Strength</th>
              <th scope="col">Sweetness</th>
              <th scope="col">Colour</th>
              <th scope="col">Cost</th>
              <th scope="col">Room</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="size in way.way.sizes" :key="size.size" data-test="becomes">
              <th scope="row">{{ size.name }}</th>
              <td>{{ size.was === size.will ? size.will : `${size.was} → ${size.will}` }}</td>
              <td>{{ signed(size.strength, 0, '%') }}</td>
              <td>{{ signed(size.sweetness, 0, '%') }}</td>
              <td>
                <span class="dot" :style="{ background: size.colourWas ?? 'none' }" /> →
                <span class="dot" :style="{ background: size.colourWill ?? 'none' }" />
              </td>
              <td>{{ signed(size.cost, 2, '') }}</td>
              <td>{{ decimal(size.roomLeft, 0) }} ml</td>
            </tr>
          </tbody>
        </table>
        <p v-for="finding in way.way.newFindings" :key="finding.message" class="error">
          {{ finding.message }}
        </p>
      </div>
      <template v-if="take && picked === 'take'">
        <ul class="differs" data-test="differs">
          <li v-for="each in take.differs" :key="each.where">
            {{ each.where }}: {{ each.before }} → {{ each.after }}
          </li>
        </ul>
        <p v-for="finding in take.worse" :key="finding.message" class="error">{{ finding.message }}</p>
      </template>
      <div class="why">
        <label for="who">Who decides</label><InputText id="who" v-model="who" data-test="who" />
        <label for="why">Why</label
        ><InputText
          id="why"
          v-model="why"
          placeholder="What you want to know again in a year"
          data-test="why"
        />
        <Button
          :label="way || picked === 'take' ? 'Keep it as the next trial version' : 'Leave it as it is'"
          icon="pi pi-check"
          :loading="isBusy"
          :disabled="picked === 'nothing' && why.trim() === ''"
          data-test="decide"
          @click="keep"
        />
      </div>
    </template>
  </section>
</template>

<style scoped>
.decide {
  margin-top: 1.5rem;
  padding: 0.25rem 1.25rem 1rem;
  border-radius: 0.5rem;
  background: var(--glass);
}

h2 {
  margin: 0.75rem 0 0.25rem;
}

.found {
  font-weight: 600;
  font-size: 1.2rem;
}

.way {
  display: flex;
  gap: 0.6rem;
  align-items: flex-start;
  min-height: 2.75rem;
  padding: 0.3rem 0;
}

.way label {
  display: flex;
  flex-direction: column;
}

.way strong {
  font-size: 1.1rem;
}

.dot {
  display: inline-block;
  width: 1.2rem;
  height: 1.2rem;
  border: 1px solid var(--line-strong);
  border-radius: 50%;
  vertical-align: middle;
}

.why {
  display: grid;
  gap: 0.5rem 1rem;
  align-items: center;
  margin-top: 0.75rem;
  grid-template-columns: max-content minmax(0, 30rem);
}

.why button {
  grid-column: 2;
  justify-self: start;
}
</style>
