<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import ChoiceRow from '@/shared/ChoiceRow.vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import FieldFaults from './FieldFaults.vue'

/** Four questions that make an empty bar one's own; the first build comes next. */
interface Cup {
  name: string
  labelMl: number | null
  waterGrams: number | null
}
interface Flavour {
  name: string
  like: string | null
  strokeMl: number | null
}

const router = useRouter()
const client = useQueryClient()
const choices = useQuery({
  queryKey: keys.setup,
  queryFn: () => ask(api.GET('/api/start/setup')),
})
const cups = ref<Cup[]>([{ name: '', labelMl: null, waterGrams: null }])
const dose = ref<number | null>(18)
const out = ref<number | null>(36)
const milks = ref<string[]>([])
const flavours = ref<Flavour[]>([{ name: '', like: null, strokeMl: null }])
const problem = ref<ApiProblem | null>(null)
const isBusy = ref(false)
const form = useTemplateRef('form')
const likes = computed(() =>
  (choices.data.value?.flavours ?? []).map(({ id, name }) => ({ value: id, label: name })),
)

function at(field: string): string | null {
  const found = problem.value?.errors.find((one) => one.field === field)
  return found ? `${found.message} Accepted: ${found.accepted}.` : null
}

function choose(id: string): void {
  milks.value = milks.value.includes(id) ? milks.value.filter((one) => one !== id) : [...milks.value, id]
}

/** A row more, and the cursor in it. */
async function more<T>(rows: T[], row: T, box: string): Promise<void> {
  rows.push(row)
  await nextTick()
  form.value?.querySelector<HTMLElement>(`#${box}-${rows.length - 1}`)?.focus()
}

async function finish(): Promise<void> {
  isBusy.value = true
  problem.value = null
  try {
    await ask(
      api.POST('/api/start/setup', {
        body: {
          cups: cups.value.filter(({ name, labelMl, waterGrams }) => name || labelMl || waterGrams),
          doseGrams: dose.value,
          yieldGrams: out.value,
          milks: milks.value,
          flavours: flavours.value.filter(({ name, like, strokeMl }) => name || like || strokeMl),
        },
      }),
    )
    await client.invalidateQueries()
    await router.push('/builds/new')
  } catch (error) {
    problem.value = ApiProblem.of(error)
    await nextTick()
    form.value?.querySelector<HTMLElement>('[aria-invalid=true], .error')?.scrollIntoView({ block: 'center' })
  } finally {
    isBusy.value = false
  }
}
</script>

<template>
  <main class="page setup">
    <h1>Your bar, in four questions</h1>
    <p class="lead">
      What you do not say comes from a starter pantry of common values. You can measure and correct all of it
      later.
    </p>
    <p v-if="choices.data.value && !choices.data.value.canSetUp" class="banner" data-test="too-late">
      There are builds already: the bar is changed fact by fact now.
      <RouterLink to="/bar">Go to the bar</RouterLink>
    </p>
    <form v-else ref="form" novalidate @submit.prevent="finish">
      <section aria-labelledby="setup-cups">
        <h2 id="setup-cups">1. Which cups?</h2>
        <p class="soft">
          What the label says is enough to begin. A cup weighed full of water is sure: do that when there is
          time.
        </p>
        <div v-for="(cup, i) in cups" :key="i" class="line">
          <label :for="`cup-${i}`">Name</label>
          <InputText :id="`cup-${i}`" v-model="cup.name" :invalid="at(`cups[${i}].name`) !== null" />
          <label :for="`label-${i}`">Label, ml</label>
          <InputNumber
            v-model="cup.labelMl"
            :input-id="`label-${i}`"
            :max-fraction-digits="1"
            :invalid="at(`cups[${i}].labelMl`) !== null"
          />
          <label :for="`water-${i}`">Water to the brim, g</label>
          <InputNumber
            v-model="cup.waterGrams"
            :input-id="`water-${i}`"
            placeholder="not measured yet"
            :max-fraction-digits="1"
            :invalid="at(`cups[${i}].waterGrams`) !== null"
          />
          <FieldFaults
            :fields="['name', 'labelMl', 'waterGrams']"
            :at="(field) => at(`cups[${i}].${field}`)"
          />
        </div>
        <p v-if="at('cups')" class="error" role="alert">{{ at('cups') }}</p>
        <Button
          label="Another cup"
          icon="pi pi-plus"
          text
          type="button"
          data-test="more-cups"
          @click="more(cups, { name: '', labelMl: null, waterGrams: null }, 'cup')"
        />
      </section>
      <section aria-labelledby="setup-shot">
        <h2 id="setup-shot">2. Your double shot?</h2>
        <div class="line">
          <label for="dose">Coffee in, g</label>
          <InputNumber v-model="dose" input-id="dose" :max-fraction-digits="1" />
          <label for="out">Espresso out, g</label>
          <InputNumber v-model="out" input-id="out" :max-fraction-digits="1" />
        </div>
        <FieldFaults :fields="['doseGrams', 'yieldGrams']" :at="at" />
      </section>
      <section>
        <ChoiceRow
          title="3. Which milks?"
          name="milk"
          :choices="
            (choices.data.value?.milks ?? []).map(({ id, name }) => ({
              value: id,
              label: name,
              missing: null,
            }))
          "
          :chosen="milks"
          @choose="choose"
        />
        <p v-if="at('milks')" class="error" role="alert">{{ at('milks') }}</p>
      </section>
      <section aria-labelledby="setup-flavours">
        <h2 id="setup-flavours">4. Which syrups and sauces?</h2>
        <div v-for="(flavour, i) in flavours" :key="i" class="line">
          <label :for="`flavour-${i}`">Name</label>
          <InputText
            :id="`flavour-${i}`"
            v-model="flavour.name"
            :invalid="at(`flavours[${i}].name`) !== null"
          />
          <label :id="`like-${i}`">Like</label>
          <Select
            v-model="flavour.like"
            :options="likes"
            option-label="label"
            option-value="value"
            placeholder="Plain syrup"
            :aria-labelledby="`like-${i}`"
          />
          <label :for="`stroke-${i}`">A stroke of its pump, ml</label>
          <InputNumber
            v-model="flavour.strokeMl"
            :input-id="`stroke-${i}`"
            placeholder="no pump"
            :max-fraction-digits="2"
            :invalid="at(`flavours[${i}].strokeMl`) !== null"
          />
          <FieldFaults
            :fields="['name', 'like', 'strokeMl']"
            :at="(field) => at(`flavours[${i}].${field}`)"
          />
        </div>
        <Button
          label="Another flavour"
          icon="pi pi-plus"
          text
          type="button"
          data-test="more-flavours"
          @click="more(flavours, { name: '', like: null, strokeMl: null }, 'flavour')"
        />
      </section>
      <p v-if="problem && problem.errors.length === 0" class="banner fault" role="alert">
        {{ problem.message }}
      </p>
      <Button
        label="Write the first build"
        icon="pi pi-arrow-right"
        icon-pos="right"
        type="submit"
        :loading="isBusy"
        data-test="set-up"
      />
    </form>
  </main>
</template>

<style scoped>
.setup {
  max-width: 62rem;
}

.lead {
  margin: 0.2rem 0 1rem;
  font-size: 1.1rem;
}

section {
  margin-bottom: 1.4rem;
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.6rem;
  align-items: center;
  margin: 0.4rem 0;
}

.line :deep(.p-inputnumber-input) {
  width: 9.5rem;
}

.line :deep(.error) {
  flex-basis: 100%;
}

/* On a phone a box to a row, each beside its own name. */
@media (width < 40rem) {
  .line {
    display: grid;
    grid-template-columns: auto 1fr;
    margin-bottom: 0.9rem;
  }

  .line :deep(:is(.p-inputtext, .p-inputnumber, .p-inputnumber-input, .p-select)) {
    width: 100%;
    min-width: 0;
  }

  .line :deep(.error) {
    grid-column: 1 / -1;
  }
}
</style>
