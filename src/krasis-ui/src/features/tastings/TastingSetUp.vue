<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { TastingView } from '@/shared/api/types'
import SampleList from './SampleList.vue'
import TrayTable from './TrayTable.vue'
import { useSetUp } from './useSetUp'
import type { Tasting } from './useTasting'

/** Sets a tasting up. It is kept as it is typed, and opened when it is whole. */
const props = defineProps<{ id: string; tasting: Tasting; view: TastingView }>()
const router = useRouter()
const choices = useQuery({
  queryKey: keys.tastingChoices,
  queryFn: () => ask(api.GET('/api/tastings/choices')),
  staleTime: Infinity,
})
const { draft, isUnsaved, isStale, save, giveUp, takeTheirs } = useSetUp(props.id, props.tasting, props.view)

const question = computed(() =>
  choices.data.value?.questions.find(({ code }) => code === draft.value.question),
)
const own = computed(() => draft.value.own ?? [])
const problemAt = (field: string) => {
  const problem = props.view.problems.find((each) => each.field === field)
  return problem && !isUnsaved.value ? `${problem.message} Accepted: ${problem.accepted}.` : null
}
const isWhole = computed(() => props.view.problems.length === 0 && !isUnsaved.value)

async function open(): Promise<void> {
  await save()
  if (!isUnsaved.value) {
    await props.tasting.open()
  }
}

async function throwAway(): Promise<void> {
  await giveUp()
  const gone = await props.tasting.act(async () => {
    await ask(
      api.DELETE('/api/tastings/{id}', {
        params: { header: { 'If-Match': props.tasting.view.value?.etag ?? '' }, path: { id: props.id } },
      }),
    )
    return props.view
  })
  if (gone) {
    await router.push('/tastings')
  }
}
</script>

<template>
  <div class="set-up" :aria-busy="isUnsaved">
    <p v-if="isStale" class="banner fault" role="alert" data-test="stale">
      Somebody else has changed this tasting meanwhile. Nothing of theirs is overwritten, and what you typed
      stands here still.
      <Button label="Take theirs" text size="small" @click="takeTheirs" />
    </p>
    <div class="columns">
      <section class="form">
        <label for="tasting-name">Name</label>
        <InputText
          id="tasting-name"
          v-model="draft.name"
          placeholder="What you want to know; tasters never see it"
          data-test="name"
        />
        <p v-if="draft.name && problemAt('name')" class="error">{{ problemAt('name') }}</p>

        <label for="question">What is asked</label>
        <Select
          v-model="draft.question"
          input-id="question"
          :options="choices.data.value?.questions ?? []"
          option-label="name"
          option-value="code"
          data-test="question"
        />
        <p class="soft">{{ question?.asks }}</p>

        <h2>What is tasted</h2>
        <SampleList v-model="draft.samples" :most="question?.mostSamples ?? 6" :problem-at="problemAt" />

        <template v-if="draft.question && ['suits', 'best'].includes(draft.question)">
          <h2>Scales</h2>
          <div class="scales">
            <span v-for="scale in choices.data.value?.scales ?? []" :key="scale.code">
              <Checkbox v-model="draft.scales" :input-id="`scale-${scale.code}`" :value="scale.code" />
              <label :for="`scale-${scale.code}`">{{ scale.name }}</label>
            </span>
          </div>
          <div v-for="(scale, i) in own" :key="i" class="own">
            <InputText
              v-model="scale.name"
              placeholder="Your scale, such as smoke"
              :aria-label="`Own scale ${i + 1}`"
            />
            <InputText
              v-model="scale.tooLittle"
              placeholder="too little smoke"
              :aria-label="`Own scale ${i + 1}: too little`"
            />
            <InputText
              v-model="scale.tooMuch"
              placeholder="too much smoke"
              :aria-label="`Own scale ${i + 1}: too much`"
            />
            <Button
              icon="pi pi-times"
              text
              severity="secondary"
              :aria-label="`Take own scale ${i + 1} out`"
              @click="draft.own = own.filter((_, at) => at !== i)"
            />
          </div>
          <Button
            label="Add a scale of your own"
            text
            icon="pi pi-plus"
            @click="draft.own = [...own, { name: '', tooLittle: '', tooMuch: '' }]"
          />
          <p v-if="problemAt('scales')" class="error">{{ problemAt('scales') }}</p>
        </template>

        <details>
          <summary>Cups, warmth and the day</summary>
          <div class="day">
            <label for="grams">Each cup holds</label>
            <InputNumber
              v-model="draft.grams"
              input-id="grams"
              suffix=" g"
              :min="5"
              :max="300"
              placeholder="40 g"
            />
            <label for="celsius">Hot samples are tasted at</label>
            <InputNumber
              v-model="draft.celsius"
              input-id="celsius"
              suffix=" °C"
              :min="30"
              :max="70"
              placeholder="58 °C"
            />
            <template v-if="draft.conditions">
              <label for="coffee">Coffee</label><InputText id="coffee" v-model="draft.conditions.coffee" />
              <label for="roasted">Roasted on</label
              ><InputText id="roasted" v-model="draft.conditions.roastedOn" placeholder="2026-11-25" />
              <label for="grinder">Grinder</label
              ><InputText id="grinder" v-model="draft.conditions.grinder" /> <label for="water">Water</label
              ><InputText id="water" v-model="draft.conditions.water" /> <label for="room">Room</label
              ><InputText id="room" v-model="draft.conditions.room" /> <label for="poured-by">Poured by</label
              ><InputText id="poured-by" v-model="draft.conditions.poured" />
            </template>
          </div>
          <p v-if="problemAt('conditions.roastedOn')" class="error">
            {{ problemAt('conditions.roastedOn') }}
          </p>
        </details>
      </section>

      <section class="panel" aria-label="How many tasters it takes">
        <h2><label for="tasters">Tasters</label></h2>
        <InputNumber
          v-model="draft.tasters"
          input-id="tasters"
          :min="1"
          :max="500"
          show-buttons
          data-test="tasters"
        />
        <ul v-if="view.size" class="says" data-test="power">
          <li v-for="line in view.size.says" :key="line">{{ line }}</li>
        </ul>
        <p v-else class="soft">Choose what is tasted, and this says how many tasters it takes.</p>
        <TrayTable v-if="view.tray.length > 0" :view="view" />
        <div class="actions">
          <Button
            label="Open it for tasting"
            icon="pi pi-play"
            :disabled="!isWhole"
            data-test="open"
            @click="open"
          />
          <Button label="Throw it away" text severity="secondary" @click="throwAway" />
        </div>
        <p v-if="!isWhole && view.problems[0] && !isUnsaved" class="soft" data-test="missing">
          {{ view.problems[0].message }} Accepted: {{ view.problems[0].accepted }}.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  gap: 1rem 2.5rem;
  grid-template-columns: minmax(0, 3fr) minmax(18rem, 2fr);
}

@media (max-width: 60rem) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

.form > label {
  display: block;
  margin-top: 0.5rem;
  font-weight: 600;
}

#tasting-name {
  width: 100%;
}

h2 {
  margin-top: 1rem;
}

.set-up :deep(:is(.p-select, .p-inputnumber, .p-inputtext)) {
  max-width: 100%;
}

.scales {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.25rem;
  margin: 0.4rem 0;
}

.scales span {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 2.75rem;
}

.own {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

.day {
  display: grid;
  gap: 0.4rem 1rem;
  align-items: center;
  margin: 0.5rem 0;
  grid-template-columns: minmax(0, max-content) minmax(0, 20rem);
}

details {
  margin-top: 1rem;
}

summary {
  min-height: 2.75rem;
  line-height: 2.75rem;
  cursor: pointer;
}

.panel {
  padding: 0.25rem 1.25rem 1rem;
  border-radius: 0.5rem;
  background: var(--glass);
}

.says {
  padding-left: 1.1rem;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 1rem;
}
</style>
