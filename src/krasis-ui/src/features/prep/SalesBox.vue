<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { computed, reactive, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { ExpectedRow, SalesColumns, SalesView } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { tell } from '@/shared/notice/notice'
import { shortDay } from './words'

/** Takes in what was sold: pasted, or from a file. Nothing is kept before it is read and shown. */
const props = defineProps<{ rows: ExpectedRow[] }>()
const client = useQueryClient()
const text = ref('')
const workbook = ref<string | null>(null)
const fileName = ref('')
/** Of what more was used than the book of stock had. */
const short = ref<string[]>([])
const view = ref<SalesView | null>(null)
const columns = ref<SalesColumns | null>(null)
const problem = ref('')
const isBusy = ref(false)
/** What each unknown drink is said to be: a drink and size, or none of ours. */
const said = reactive<Record<string, string>>({})
const none = 'none'

const choices = computed(() => [
  { value: none, label: 'None of ours' },
  ...[...new Map(props.rows.map((row) => [`${row.build}|${row.size}`, row])).entries()].map(
    ([value, row]) => ({
      value,
      label: `${row.name}, ${row.sizeName}`,
    }),
  ),
])
const names = computed(() =>
  Object.entries(said)
    .filter(([, value]) => value)
    .map(([words, value]) => {
      const [build, size] = value === none ? [null, null] : value.split('|')
      return { words, build: build ?? null, size: size ?? null }
    }),
)
const columnChoices = computed(() => [
  { value: -1, label: '–' },
  ...(view.value?.head ?? []).map((label, value) => ({ value, label: label || `column ${value + 1}` })),
])
const fields: { key: 'day' | 'time' | 'drink' | 'size' | 'station' | 'cups'; label: string }[] = [
  { key: 'day', label: 'Day' },
  { key: 'time', label: 'Time' },
  { key: 'drink', label: 'Drink' },
  { key: 'size', label: 'Size' },
  { key: 'station', label: 'Station' },
  { key: 'cups', label: 'Cups' },
]
const orders = [
  { value: 'file', label: 'as the file tells' },
  { value: 'ymd', label: 'year, month, day' },
  { value: 'dmy', label: 'day, month, year' },
  { value: 'mdy', label: 'month, day, year' },
]

const cupsSaid = (cups: number) => `${decimal(cups, 0)} ${cups === 1 ? 'cup' : 'cups'}`

const body = (leaveOutBad: boolean) => ({
  text: workbook.value === null ? text.value : null,
  workbook: workbook.value,
  columns: columns.value,
  names: names.value,
  leaveOutBad,
})

async function check(): Promise<void> {
  problem.value = ''
  isBusy.value = true
  try {
    view.value = await ask(api.POST('/api/prep/sales/check', { body: body(false) }))
    columns.value = view.value.columns
  } catch (error) {
    view.value = null
    problem.value = ApiProblem.of(error).message
  } finally {
    isBusy.value = false
  }
}

async function keep(leaveOutBad: boolean): Promise<void> {
  problem.value = ''
  isBusy.value = true
  try {
    const kept = await ask(api.POST('/api/prep/sales/import', { body: body(leaveOutBad) }))
    tell({
      text: `${cupsSaid(kept.cups)} of ${kept.days} ${kept.days === 1 ? 'day' : 'days'} ${kept.cups === 1 ? 'is' : 'are'} taken in${kept.leftOut > 0 ? `, ${kept.leftOut} ${kept.leftOut === 1 ? 'row' : 'rows'} left out` : ''}.${kept.kept.length > 0 ? ` More was known already of ${kept.kept.map((day) => shortDay(day)).join(', ')}: ${kept.kept.length === 1 ? 'that day stays' : 'those days stay'} as before.` : ''}`,
    })
    short.value = kept.says
    view.value = null
    text.value = ''
    workbook.value = null
    fileName.value = ''
    await client.invalidateQueries({ queryKey: keys.prep })
  } catch (error) {
    problem.value = ApiProblem.of(error).message
  } finally {
    isBusy.value = false
  }
}

async function take(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) {
    return
  }

  if (file.size > 700_000) {
    problem.value = `${file.name} is larger than 700 kB. Take it in month by month.`
    return
  }

  columns.value = null
  fileName.value = file.name
  const bytes = new Uint8Array(await file.arrayBuffer())
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
    workbook.value = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
  } else {
    workbook.value = null
    text.value = new TextDecoder().decode(bytes)
  }

  await check()
}

function pasted(): void {
  workbook.value = null
  columns.value = null
  view.value = null
}

function setColumn(key: (typeof fields)[number]['key'], at: number): void {
  if (columns.value) {
    columns.value = { ...columns.value, [key]: at < 0 ? null : at }
    void check()
  }
}

function setOrder(order: string): void {
  if (columns.value) {
    columns.value = { ...columns.value, order: order === 'file' ? null : order }
    void check()
  }
}

const isReady = computed(
  () =>
    view.value !== null &&
    view.value.unknown.length === 0 &&
    view.value.problems.length === 0 &&
    view.value.cups > 0,
)
</script>

<template>
  <section data-test="sales">
    <h2>Take in what was sold</h2>
    <p class="soft">
      Paste rows with their head from a till or a spreadsheet, or choose a CSV or XLSX file. A day takes the
      place of what was known of it.
    </p>
    <Textarea
      v-model="text"
      rows="5"
      class="paste"
      aria-label="Rows that were sold"
      placeholder="day;drink;size;station;cups"
      data-test="paste"
      @input="pasted"
    />
    <p class="buttons">
      <Button
        label="Read it"
        :disabled="isBusy || (!text.trim() && workbook === null)"
        data-test="read"
        @click="check"
      />
      <label class="file">
        or a file <input type="file" accept=".csv,.tsv,.txt,.xlsx" data-test="file" @change="take" />
      </label>
      <span v-if="fileName" class="soft">{{ fileName }}</span>
    </p>
    <p v-if="problem" class="error" role="alert" data-test="sales-problem">{{ problem }}</p>
    <ul v-if="short.length > 0" class="banner" role="status" data-test="more-used">
      <li v-for="says in short" :key="says">{{ says }}</li>
    </ul>
    <div v-if="view" data-test="read-sales">
      <p role="status">
        <strong>{{ cupsSaid(view.cups) }} of {{ view.days }} {{ view.days === 1 ? 'day' : 'days' }}</strong>
        in {{ view.rows }} {{ view.rows === 1 ? 'row' : 'rows'
        }}<template v-if="view.isRemembered">; columns as the last time</template>.
        <template v-if="view.timedCups > 0">{{
          view.timedCups === view.cups
            ? 'All have a time.'
            : `${cupsSaid(view.timedCups)} with a time; the rest are spread over your opening hours.`
        }}</template>
      </p>
      <p class="buttons">
        <label v-for="field in fields" :key="field.key">
          {{ field.label }}
          <Select
            :model-value="columns?.[field.key] ?? -1"
            :options="columnChoices"
            option-label="label"
            option-value="value"
            :data-test="`column-${field.key}`"
            @update:model-value="(at: number) => setColumn(field.key, at)"
          />
        </label>
        <label>
          Days are written
          <Select
            :model-value="columns?.order ?? 'file'"
            :options="orders"
            option-label="label"
            option-value="value"
            @update:model-value="setOrder"
          />
        </label>
      </p>
      <p v-if="view.twins.length > 0" class="soft">
        {{ view.twins.length === 1 ? 'Row' : 'Rows' }} {{ view.twins.slice(0, 12).join(', ') }} say the same
        as one before and are counted once.
      </p>
      <ul v-if="view.problems.length > 0" class="error">
        <li v-for="(each, i) in view.problems.slice(0, 12)" :key="i">
          Row {{ each.line }}<template v-if="each.column">, {{ each.column }}</template
          ><template v-if="each.value">: “{{ each.value }}”</template>. {{ each.message }} Accepted:
          {{ each.accepted }}.
        </li>
        <li v-if="view.problems.length > 12">and {{ view.problems.length - 12 }} more</li>
      </ul>
      <div v-if="view.unknown.length > 0" data-test="unknown">
        <p><strong>Which drinks are these?</strong> You are asked once; it is kept.</p>
        <p v-for="each in view.unknown" :key="each.words" class="buttons">
          <label>
            {{ each.words }} ({{ cupsSaid(each.cups) }})
            <Select
              v-model="said[each.words]"
              :options="choices"
              option-label="label"
              option-value="value"
              filter
              placeholder="Choose"
              data-test="is"
              @update:model-value="check"
            />
          </label>
        </p>
      </div>
      <p class="buttons">
        <Button label="Take it in" :disabled="isBusy || !isReady" data-test="take" @click="keep(false)" />
        <Button
          v-if="!isReady && view.cups > 0"
          label="Take in the good rows only"
          severity="secondary"
          outlined
          :disabled="isBusy"
          data-test="take-good"
          @click="keep(true)"
        />
      </p>
    </div>
  </section>
</template>

<style scoped>
.paste {
  width: min(46rem, 100%);
  font-family: inherit;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: flex-end;
  margin: 0.5rem 0;
}

.buttons label {
  display: flex;
  flex-direction: column;
  font-size: 0.9rem;
}

.file {
  align-self: center;
}
</style>
