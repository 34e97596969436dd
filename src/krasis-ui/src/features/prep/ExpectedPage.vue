<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { ExpectedCell, ExpectedRow } from '@/shared/api/types'
import { decimal } from '@/shared/format'
import { tell } from '@/shared/notice/notice'
import { typedNumber } from '@/shared/typedNumber'
import PastChart from './PastChart.vue'
import PrepNav from './PrepNav.vue'
import SalesBox from './SalesBox.vue'
import { shortDay } from './words'

/** What is expected to sell: learned from what was sold, and typed over where one knows better. */
const client = useQueryClient()
const grid = useQuery({
  queryKey: [...keys.prep, 'expected'],
  queryFn: () => ask(api.GET('/api/prep/expected', { params: { query: {} } })),
})
const past = useQuery({ queryKey: [...keys.prep, 'past'], queryFn: () => ask(api.GET('/api/prep/past')) })
const view = computed(() => grid.data.value ?? null)
/** A choice needs a word of its own for nothing in particular. */
const [everywhere, ordinary] = ['*', '*']
const station = ref(everywhere)
const rows = computed(() =>
  (view.value?.rows ?? []).filter((row) => station.value === everywhere || row.station === station.value),
)
/** Which drinks show their sizes; the others show what all of their sizes come to. */
const unfolded = ref(new Set<string>())
const drinks = computed(() =>
  (view.value?.drinks ?? [])
    .filter((drink) => station.value === everywhere || drink.station === station.value)
    .map((drink) => ({
      ...drink,
      key: `${drink.station}|${drink.build}`,
      sizes: rows.value.flatMap((row, down) =>
        row.station === drink.station && row.build === drink.build ? [{ row, down }] : [],
      ),
    })),
)

function fold(key: string): void {
  const next = new Set(unfolded.value)
  if (!next.delete(key)) {
    next.add(key)
  }

  unfolded.value = next
}

const places = computed(() => [
  { value: everywhere, label: 'Every station' },
  ...(view.value?.stations ?? []).map(({ station: value, name }) => ({ value, label: name })),
])
const kinds = computed(() => [
  { value: ordinary, label: 'ordinary' },
  ...(view.value?.kinds ?? []).map(({ id, name, percent }) => ({
    value: id,
    label: `${name}, ${decimal(percent, 0)} %`,
  })),
])
const totals = computed(
  () =>
    view.value?.totals.find((each) => each.station === (station.value === everywhere ? null : station.value))
      ?.cups ?? [],
)

async function say(cells: { row: ExpectedRow; at: number; cups: number | null }[]): Promise<void> {
  const days = view.value?.days ?? []
  try {
    const answer = await ask(
      api.PUT('/api/prep/expected', {
        body: {
          from: null,
          days: days.length,
          cells: cells.map(({ row, at, cups }) => ({
            day: days[at]?.day ?? null,
            station: row.station,
            build: row.build,
            size: row.size,
            cups,
          })),
        },
      }),
    )
    client.setQueryData([...keys.prep, 'expected'], answer)
    await client.invalidateQueries({ queryKey: [...keys.prep, 'plan'] })
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }
}

function typed(row: ExpectedRow, at: number, event: Event): void {
  const box = event.target as HTMLInputElement
  const text = box.value.trim()
  const cell = row.cells[at]
  if (text === shown(cell)) {
    return
  }

  const cups = text === '' ? null : typedNumber(text)
  if (cups !== null && !Number.isFinite(cups)) {
    tell({
      text: `“${text}” is no number of cups. Type a number, or nothing to go by what was sold.`,
      isFault: true,
    })
    box.value = shown(cell)
    return
  }

  void say([{ row, at, cups }])
}

/** A block from a spreadsheet goes into the cells to the right and below. */
function paste(row: number, at: number, event: ClipboardEvent): void {
  const block = (event.clipboardData?.getData('text') ?? '')
    .trimEnd()
    .split(/\r?\n/)
    .map((line) => line.split('\t'))
  if (block.length === 1 && block[0]?.length === 1) {
    return
  }

  event.preventDefault()
  const cells = block.flatMap((line, down) =>
    line.flatMap((text, right) => {
      const to = rows.value[row + down]
      const cups = typedNumber(text)
      return to && at + right < to.cells.length && Number.isFinite(cups)
        ? [{ row: to, at: at + right, cups }]
        : []
    }),
  )
  void say(cells)
}

const shown = (cell: ExpectedCell | undefined) => (cell?.cups == null ? '' : decimal(cell.cups, 1))

function range(cell: ExpectedCell): string {
  return cell.low === null || cell.high === null ? '' : `${decimal(cell.low, 0)}–${decimal(cell.high, 0)}`
}

async function setKind(day: string, kind: string | null): Promise<void> {
  try {
    await ask(api.PUT('/api/prep/days/{day}', { params: { path: { day } }, body: { kind } }))
    await client.invalidateQueries({ queryKey: keys.prep })
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  }
}
</script>

<template>
  <main class="page">
    <PrepNav />
    <div class="head">
      <h1>Expected cups</h1>
      <Select
        v-if="places.length > 2"
        v-model="station"
        :options="places"
        option-label="label"
        option-value="value"
        aria-label="Station"
      />
    </div>
    <p class="soft">
      What was sold on such days, with the range that eight days in ten stay in under it. Type over what you
      know better; an emptied cell goes by what was sold again. Press a drink for its sizes. A block from a
      spreadsheet can be pasted.
    </p>
    <p v-if="grid.error.value" class="error" role="alert">{{ ApiProblem.of(grid.error.value).message }}</p>
    <div v-if="view" class="scroll grid-frame">
      <table class="plain" data-test="grid">
        <thead>
          <tr>
            <th scope="col">Drink</th>
            <th v-for="day in view.days" :key="day.day" scope="col">
              {{ shortDay(day.day) }}
              <span v-if="!day.isOpen" class="soft">closed</span>
              <Select
                :model-value="day.kind ?? ordinary"
                :options="kinds"
                option-label="label"
                option-value="value"
                size="small"
                class="kind"
                :aria-label="`Sort of day, ${day.name}`"
                data-test="kind"
                @update:model-value="(kind: string) => setKind(day.day, kind === ordinary ? null : kind)"
              />
            </th>
          </tr>
        </thead>
        <tbody>
          <tr class="total">
            <th scope="row">All cups</th>
            <td v-for="(total, i) in totals" :key="i" data-test="total">{{ decimal(total, 0) }}</td>
          </tr>
          <template v-for="drink in drinks" :key="drink.key">
            <tr>
              <th scope="row">
                <button
                  type="button"
                  class="fold"
                  :aria-expanded="unfolded.has(drink.key)"
                  data-test="unfold"
                  @click="fold(drink.key)"
                >
                  <i
                    :class="unfolded.has(drink.key) ? 'pi pi-chevron-down' : 'pi pi-chevron-right'"
                    aria-hidden="true"
                  />
                  {{ drink.name }}
                  <span v-if="drink.stationName" class="soft">{{ drink.stationName }}</span>
                </button>
              </th>
              <td v-for="(total, i) in drink.cups" :key="i" class="sum" data-test="drink-total">
                {{ decimal(total, 0) }}
              </td>
            </tr>
            <tr
              v-for="{ row, down } in unfolded.has(drink.key) ? drink.sizes : []"
              :key="`${drink.key}|${row.size}`"
            >
              <th scope="row" class="size">{{ row.sizeName }}</th>
              <td v-for="(cell, i) in row.cells" :key="i" :class="{ typed: cell.isTyped, off: !cell.isOn }">
                <span v-if="!cell.isOn" class="soft">off the board</span>
                <input
                  v-if="cell.isOn || cell.cups !== null"
                  :value="shown(cell)"
                  inputmode="decimal"
                  :aria-label="`${row.name}, ${row.sizeName}, ${row.stationName}, ${view.days[i]?.name}`"
                  data-test="cups"
                  @change="typed(row, i, $event)"
                  @paste="paste(down, i, $event)"
                />
                <span class="soft range">{{ cell.isTyped ? '✎ ' : '' }}{{ range(cell) }}</span>
              </td>
            </tr>
          </template>
        </tbody>
      </table>
    </div>
    <p v-if="view && rows.length === 0">
      No drink is published yet. What is a standard can be expected here.
    </p>
    <h2>Sold, and expected</h2>
    <p class="soft">Each day beside what the other days would have led to expect of it.</p>
    <PastChart v-if="past.data.value && past.data.value.length > 0" :days="past.data.value" />
    <p v-else>Nothing has been taken in yet.</p>
    <SalesBox v-if="view" :rows="view.rows" />
  </main>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
}

.grid-frame {
  max-height: 34rem;
  overflow: auto;
}

thead th {
  position: sticky;
  z-index: 2;
  top: 0;
  min-width: 6.4rem;
  background: var(--paper);
}

th[scope='row'] {
  position: sticky;
  z-index: 1;
  left: 0;
  min-width: 13rem;
  background: var(--paper);
  font-weight: 600;
}

.fold {
  min-height: 2rem;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.size {
  padding-left: 1.6rem;
}

.sum {
  font-weight: 600;
}

.off {
  background: var(--glass);
}

.kind {
  display: flex;
  max-width: 8.5rem;
}

td input {
  width: 3.6rem;
  min-height: 2rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.25rem;
  background: var(--porcelain);
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  text-align: right;
}

td.typed input {
  border-style: dashed;
  border-width: 2px;
  border-color: var(--cobalt);
}

.range {
  display: inline-block;
  margin-left: 0.3rem;
  font-size: 0.8rem;
}

.total td {
  font-weight: 700;
}

h2 {
  margin-top: 1.25rem;
}

@media (pointer: coarse) {
  td input {
    min-height: 2.75rem;
  }
}
</style>
