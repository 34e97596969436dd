<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { ScaleResult, TastingView } from '@/shared/api/types'
import { decimal, fixed } from '@/shared/format'
import { newId } from '@/shared/newId'
import DecideBox from './DecideBox.vue'
import ScaleBars from './ScaleBars.vue'
import type { Tasting } from './useTasting'

/** What a tasting's answers mean, pictures first, and what follows. */
const props = defineProps<{ id: string; tasting: Tasting; view: TastingView }>()
const router = useRouter()
const read = useQuery({
  queryKey: computed(() => [...keys.tastings, props.id, 'results', props.view.etag]),
  queryFn: () => ask(api.GET('/api/tastings/{id}/results', { params: { path: { id: props.id } } })),
})
const result = computed(() => read.data.value?.result ?? null)
const nameOf = (sample: number) => props.view.samples[sample]?.name ?? ''
/** The samples with answers on scales. Older rankings have none. */
const scaled = computed(() =>
  (result.value?.samples ?? []).filter(({ scales }) =>
    props.view.document.question === 'best'
      ? scales.some(({ figures }) => figures.tasters > 0)
      : scales.length > 0,
  ),
)
/** What there is to act on comes first. */
const verdicts = ['act', 'divided', 'unsure', 'leave', 'tooFew']
const gravestFirst = (scales: ScaleResult[]) =>
  [...scales].sort(
    (one, other) => verdicts.indexOf(one.figures.verdict) - verdicts.indexOf(other.figures.verdict),
  )
/** How wide a point of liking or a place is drawn. */
const share = (value: number, most: number) => `${(value / most) * 100}%`

async function again(): Promise<void> {
  const id = props.view.retest ?? newId()
  const done =
    props.view.retest !== null ||
    (await props.tasting.act(async () => {
      await ask(
        api.POST('/api/tastings/{id}/again', { params: { path: { id: props.id } }, body: { as: id } }),
      )
      return ask(api.GET('/api/tastings/{id}', { params: { path: { id: props.id } } }))
    }))
  if (done) {
    await router.push(`/tastings/${id}`)
  }
}
</script>

<template>
  <p v-if="read.error.value" class="error" role="alert">{{ ApiProblem.of(read.error.value).message }}</p>
  <template v-if="result">
    <p class="count">
      <strong>{{ result.tasters }}</strong> {{ result.tasters === 1 ? 'taster' : 'tasters' }}
      <span v-if="view.simulated > 0" class="tag" data-test="simulated">simulated</span>
      <a :href="`/api/tastings/${id}/answers.csv`" download>Every answer as CSV</a>
      <RouterLink :to="`/tastings/${id}/tray`">Tray plan</RouterLink>
    </p>
    <p v-if="view.late > 0" class="banner" data-test="late">
      {{ view.late }} {{ view.late === 1 ? 'answer' : 'answers' }} came after closing and
      {{ view.late === 1 ? 'is' : 'are' }} not counted.
      <Button label="Count them in" text size="small" @click="tasting.countLate" />
    </p>
    <ul class="warnings">
      <li v-for="line in result.warnings" :key="line">{{ line }}</li>
    </ul>

    <section v-if="result.choice" aria-label="The choice">
      <div class="choice" aria-hidden="true">
        <div class="track">
          <div
            class="fill"
            :style="{ width: share(result.choice.right, Math.max(1, result.choice.tasters)) }"
          />
          <div
            v-if="result.choice.leastRight"
            class="least"
            :style="{ left: share(result.choice.leastRight, Math.max(1, result.choice.tasters)) }"
          />
        </div>
      </div>
      <p class="big" data-test="choice">
        <strong>{{ result.choice.right }} of {{ result.choice.tasters }}</strong>
        {{ result.choice.method.isTwoSided ? `chose ${nameOf(0)}` : 'were right'
        }}<template v-if="result.choice.leastRight">; {{ result.choice.leastRight }} make a result</template>
      </p>
      <p v-for="line in result.choice.says" :key="line">{{ line }}</p>
    </section>

    <section
      v-if="result.samples.some(({ liking, meanRank }) => liking !== null || meanRank !== null)"
      aria-label="How they are liked"
    >
      <h2>{{ view.document.question === 'best' ? 'Which is best' : 'How it is liked' }}</h2>
      <ul class="likings">
        <li
          v-for="sample in result.samples"
          :key="sample.sample"
          :class="{ withdrawn: sample.isWithdrawn }"
          data-test="liked"
        >
          <span class="who">{{ nameOf(sample.sample) }}</span>
          <template v-if="sample.liking !== null">
            <span class="track" aria-hidden="true">
              <span class="fill" :style="{ width: share(sample.liking, 9) }" />
              <span
                v-if="sample.likingLow !== null && sample.likingHigh !== null"
                class="reach"
                :style="{
                  left: share(sample.likingLow, 9),
                  width: share(sample.likingHigh - sample.likingLow, 9),
                }"
              />
            </span>
            <strong>{{ fixed(sample.liking, 1) }}</strong>
            <span class="soft"
              >of 9, {{ sample.tasters }} answers<template
                v-if="sample.likingLow !== null && sample.likingHigh !== null"
                >; the mean lies between {{ fixed(sample.likingLow, 1) }} and
                {{ fixed(sample.likingHigh, 1) }} (95 % sure)</template
              ></span
            >
          </template>
          <template v-else-if="sample.meanRank !== null">
            <span class="track" aria-hidden="true"
              ><span
                class="fill"
                :style="{ width: share(result.samples.length + 1 - sample.meanRank, result.samples.length) }"
            /></span>
            <strong>{{ fixed(sample.meanRank, 1) }}</strong>
            <span class="soft">mean place, 1 is best; {{ sample.tasters }} tasters</span>
          </template>
        </li>
      </ul>
      <p v-for="line in result.order?.says ?? []" :key="line" data-test="order">{{ line }}</p>
    </section>

    <section v-for="sample in scaled" :key="sample.sample" :aria-label="nameOf(sample.sample)">
      <h2>
        {{ nameOf(sample.sample) }} <span class="soft">{{ sample.codes.join(' ') }}</span>
      </h2>
      <ScaleBars v-for="scale in gravestFirst(sample.scales)" :key="scale.scale.code" :scale="scale" />
    </section>

    <DecideBox
      v-if="read.data.value"
      :view="view"
      :ways="read.data.value.ways"
      :favourite="read.data.value.favourite"
      :is-busy="tasting.isBusy.value"
      :decide="tasting.decide"
    />
    <p v-if="view.decision?.build">
      <Button
        :label="view.retest ? 'To the tasting against what was before' : 'Taste it against what was before'"
        icon="pi pi-replay"
        data-test="again"
        @click="again"
      />
      <RouterLink :to="`/builds/${view.decision.build}`">The build</RouterLink>
    </p>

    <section v-if="result.comments.length > 0">
      <h2>What was said beside</h2>
      <ul class="comments">
        <li v-for="(comment, i) in result.comments" :key="i">{{ comment }}</li>
      </ul>
    </section>
    <details v-if="view.document.conditions" class="soft">
      <summary>The day</summary>
      <p>
        {{
          [
            view.document.conditions.coffee,
            view.document.conditions.roastedOn && `roasted ${view.document.conditions.roastedOn}`,
            view.document.conditions.grinder,
            view.document.conditions.water,
            view.document.conditions.room,
            view.document.conditions.poured && `poured by ${view.document.conditions.poured}`,
          ]
            .filter(Boolean)
            .join(' · ') || 'Nothing was noted of it.'
        }}
      </p>
      <p v-for="(sample, i) in view.samples" :key="i">
        {{ sample.name
        }}<template v-if="sample.strength">: {{ decimal(sample.strength, 2) }} % coffee solids</template
        ><template v-if="sample.sweetness">, {{ decimal(sample.sweetness, 1) }} g/100 g sweet</template>
      </p>
    </details>
  </template>
</template>

<style scoped>
.count {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.25rem;
  align-items: baseline;
}

.count strong {
  font-size: 2rem;
}

.tag {
  padding: 0 0.5rem;
  border: 1px dashed var(--line-strong);
  border-radius: 1rem;
}

.warnings {
  margin: 0.25rem 0;
  padding-left: 1.1rem;
  color: var(--warning);
}

h2 {
  margin: 1.25rem 0 0.25rem;
}

.track {
  position: relative;
  display: block;
  height: 1.6rem;
  border-radius: 0.3rem;
  background: var(--glass);
}

.fill {
  display: block;
  height: 100%;
  border-radius: 0.3rem;
  background: var(--cobalt);
}

.reach {
  position: absolute;
  top: 0.55rem;
  height: 0.5rem;
  border: solid var(--ink);
  border-width: 0 2px;
  background: linear-gradient(var(--ink), var(--ink)) center / 100% 2px no-repeat;
}

.least {
  position: absolute;
  top: -0.3rem;
  bottom: -0.3rem;
  width: 4px;
  border: 2px solid var(--porcelain);
  background: var(--ink);
}

.choice {
  max-width: 40rem;
  margin: 0.75rem 0 0.25rem;
}

.big {
  font-size: 1.3rem;
}

.likings {
  margin: 0;
  padding: 0;
  list-style: none;
}

.likings li {
  display: grid;
  gap: 0.25rem 0.75rem;
  align-items: center;
  padding: 0.25rem 0;
  grid-template-columns: 14rem minmax(6rem, 22rem) 2.5rem minmax(0, 1fr);
}

.likings strong {
  font-size: 1.25rem;
}

.withdrawn {
  opacity: 0.6;
}

.comments li {
  overflow-wrap: anywhere;
  white-space: pre-wrap;
}

summary {
  min-height: 2.75rem;
  line-height: 2.75rem;
  cursor: pointer;
}

@media (max-width: 48rem) {
  .likings li {
    grid-template-columns: minmax(0, 1fr) 2.5rem;
  }

  .likings li > :is(.who, .soft) {
    grid-column: 1 / -1;
  }
}
</style>
