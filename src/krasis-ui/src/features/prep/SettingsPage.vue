<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { decimal } from '@/shared/format'
import { newId } from '@/shared/newId'
import type { HoursDocument, MakingDocument } from '@/shared/api/types'
import MakingRow from './MakingRow.vue'
import NumberField from './NumberField.vue'
import PrepNav from './PrepNav.vue'
import { useSettings } from './useSettings'

/** When the house prepares, in what batches, on what, and how it buys. */
const { view, draft, problem, isSaving, isUnsaved, save, undo } = useSettings()
const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const nameOf = (id: string | null | undefined) =>
  view.value?.canMake.find((each) => each.id === id)?.name ?? id ?? ''
const unmade = computed(() =>
  (view.value?.canMake ?? []).filter(
    ({ id }) => !draft.value?.makings?.some(({ ingredient }) => ingredient === id),
  ),
)
const unbought = computed(() =>
  (view.value?.canBuy ?? []).filter(({ item }) => !draft.value?.buying?.some((each) => each.item === item)),
)
const next = ref<string | null>(null)
const nextBuy = ref<string | null>(null)
const learned = (id: string | null | undefined) => view.value?.learned.find(({ kind }) => kind === id) ?? null

/** Hours of a new house: seven days alike. */
function sayHours(): void {
  if (draft.value) {
    draft.value.hours = weekdays.map(() => ({
      opens: '08:00',
      closes: '18:00',
      workFrom: '07:00',
      workTo: '17:00',
      people: 1,
    }))
  }
}

function addMaking(): void {
  if (draft.value && next.value) {
    draft.value.makings = [...(draft.value.makings ?? []), { ingredient: next.value, workOn: [] }]
    next.value = null
  }
}

function addBuying(): void {
  if (draft.value && nextBuy.value) {
    draft.value.buying = [...(draft.value.buying ?? []), { item: nextBuy.value, leadDays: 1 }]
    nextBuy.value = null
  }
}

type Named = { name?: string | null }

function setName(of: Named, name: string | undefined): void {
  of.name = name ?? null
}

function setTime(
  of: HoursDocument,
  field: 'opens' | 'closes' | 'workFrom' | 'workTo',
  time: string | undefined,
): void {
  of[field] = time || null
}

function setMaking(at: number, making: MakingDocument): void {
  if (draft.value) {
    draft.value.makings = (draft.value.makings ?? []).map((each, i) => (i === at ? making : each))
  }
}

const keepsOf = (id: string | null | undefined) =>
  view.value?.canMake.find((each) => each.id === id)?.keepsDays ?? null
const buyingOf = (item: string | null | undefined) =>
  view.value?.canBuy.find((each) => each.item === item) ?? null

function without<T>(list: T[] | undefined, at: number): T[] {
  return (list ?? []).filter((_, i) => i !== at)
}
</script>

<template>
  <main class="page">
    <PrepNav />
    <div class="head">
      <h1>How we prepare</h1>
      <span class="row">
        <span v-if="isUnsaved" class="soft">Not saved yet</span>
        <Button label="Undo" severity="secondary" outlined :disabled="!isUnsaved" @click="undo" />
        <Button label="Save" :disabled="!isUnsaved || isSaving" data-test="save" @click="save" />
      </span>
    </div>
    <p v-if="problem" class="error" role="alert" data-test="problem">{{ problem.message }}</p>
    <template v-if="draft && view">
      <p class="row">
        <NumberField
          v-model="draft.lastsPercent"
          label="What is made and bought lasts with"
          unit="%"
          placeholder="90"
        />
        <NumberField v-model="draft.days" label="Plan ahead" unit="days" placeholder="7" />
        <NumberField v-model="draft.fridgeLitres" label="The fridge holds for what we make" unit="l" />
      </p>
      <h2>Hours</h2>
      <Button
        v-if="(draft.hours ?? []).length === 0"
        label="Say when we are open"
        outlined
        data-test="say-hours"
        @click="sayHours"
      />
      <div v-else class="scroll">
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">Opens</th>
              <th scope="col">Closes</th>
              <th scope="col">Prepares from</th>
              <th scope="col">until</th>
              <th scope="col">People</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(hours, i) in draft.hours" :key="i">
              <th scope="row">{{ weekdays[i] }}</th>
              <td v-for="field in ['opens', 'closes', 'workFrom', 'workTo'] as const" :key="field">
                <InputText
                  :model-value="hours[field] ?? ''"
                  class="time"
                  :placeholder="field === 'opens' || field === 'closes' ? 'closed' : 'nobody'"
                  :aria-label="`${weekdays[i]}, ${{ opens: 'opens', closes: 'closes', workFrom: 'prepares from', workTo: 'prepares until' }[field]}`"
                  :data-test="`${field}-${i}`"
                  @update:model-value="setTime(hours, field, $event)"
                />
              </td>
              <td>
                <NumberField
                  v-model="hours.people"
                  :label="`${weekdays[i]}, people`"
                  hide-label
                  placeholder="1"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <h2>Sorts of days</h2>
      <p class="soft">How much is sold then, in percent of an ordinary day of the same weekday.</p>
      <p v-for="(kind, i) in draft.kinds" :key="kind.id ?? i" class="row">
        <label
          >Name <InputText :model-value="kind.name ?? ''" @update:model-value="setName(kind, $event)"
        /></label>
        <NumberField v-model="kind.percent" label="Sells" unit="%" />
        <span v-if="learned(kind.id)" class="soft" data-test="learned">
          {{ decimal(learned(kind.id)?.days ?? 0, 0) }} such days sold
          {{ decimal(learned(kind.id)?.percent ?? 0, 0) }} %, ±
          {{ decimal(learned(kind.id)?.spread ?? 0, 0) }}
        </span>
        <Button label="Remove" text severity="secondary" @click="draft.kinds = without(draft.kinds, i)" />
      </p>
      <Button
        label="Another sort of day"
        text
        icon="pi pi-plus"
        @click="draft.kinds = [...(draft.kinds ?? []), { id: newId(), name: '', percent: 100 }]"
      />
      <h2>Equipment that can be busy</h2>
      <p v-for="(each, i) in draft.equipment" :key="each.id ?? i" class="row">
        <label
          >Name <InputText :model-value="each.name ?? ''" @update:model-value="setName(each, $event)"
        /></label>
        <NumberField v-model="each.count" label="There are" />
        <Button
          label="Remove"
          text
          severity="secondary"
          @click="draft.equipment = without(draft.equipment, i)"
        />
      </p>
      <Button
        label="More equipment"
        text
        icon="pi pi-plus"
        data-test="more-equipment"
        @click="draft.equipment = [...(draft.equipment ?? []), { id: newId(), name: '', count: 1 }]"
      />
      <h2>What we make</h2>
      <p class="soft">
        What stands in the fridge keeps {{ view.mostChilledDays }} days at the most, the day of making counted
        (US Food Code 3-501.17). Your local code rules come first.
      </p>
      <MakingRow
        v-for="(making, i) in draft.makings"
        :key="making.ingredient ?? i"
        :model-value="making"
        :name="nameOf(making.ingredient)"
        :equipment="draft.equipment ?? []"
        :keeps="keepsOf(making.ingredient)"
        @update:model-value="setMaking(i, $event)"
        @remove="draft.makings = without(draft.makings, i)"
      />
      <p class="row">
        <Select
          v-model="next"
          :options="unmade"
          option-label="name"
          option-value="id"
          filter
          placeholder="Something else we make"
          aria-label="Something else we make"
          data-test="make-choice"
        />
        <Button label="Add" outlined :disabled="!next" data-test="add-making" @click="addMaking" />
      </p>
      <h2>What we buy</h2>
      <p class="soft">Packs and prices stand with the ingredients; cups come in sleeves.</p>
      <p v-for="(rule, i) in draft.buying" :key="rule.item ?? i" class="row">
        <strong class="buy">{{ buyingOf(rule.item)?.name ?? rule.item }}</strong>
        <NumberField v-model="rule.parPacks" label="To stand there afterwards" unit="packs" placeholder="0" />
        <NumberField v-model="rule.leadDays" label="Comes after" unit="days" placeholder="1" />
        <NumberField
          v-if="buyingOf(rule.item)?.isCup"
          v-model="rule.packPieces"
          label="In a sleeve"
          unit="cups"
        />
        <Button label="Remove" text severity="secondary" @click="draft.buying = without(draft.buying, i)" />
      </p>
      <p class="row">
        <Select
          v-model="nextBuy"
          :options="unbought"
          option-label="name"
          option-value="item"
          filter
          placeholder="Something else we buy"
          aria-label="Something else we buy"
        />
        <Button label="Add" outlined :disabled="!nextBuy" @click="addBuying" />
      </p>
    </template>
  </main>
</template>

<style scoped>
.head,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.25rem;
  align-items: flex-end;
  margin: 0.4rem 0;
}

.head {
  align-items: center;
  justify-content: space-between;
}

h2 {
  margin-top: 1.25rem;
}

.time {
  width: 5.5rem;
}

.buy {
  flex: 0 0 14rem;
}
</style>
