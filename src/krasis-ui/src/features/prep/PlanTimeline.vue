<script setup lang="ts">
import { computed } from 'vue'
import type { BatchView, PrepPlanView } from '@/shared/api/types'
import { mass, shortDay, span, waits } from './words'

/**
 * The days side by side, a row for each thing that is made: what is worked on is solid, what stands is hatched, and the line at its
 * right end is when it is needed.
 */
const props = defineProps<{ plan: PrepPlanView; chosen: string | null }>()
const emit = defineEmits<{ choose: [key: string] }>()

const rows = computed(() => {
  const byItem = new Map<string, BatchView[]>()
  for (const batch of props.plan.batches) {
    byItem.set(batch.item, [...(byItem.get(batch.item) ?? []), batch])
  }

  return [...byItem.values()]
    .map((batches) => ({
      item: batches[0]?.item ?? '',
      name: batches[0]?.name ?? '',
      ...inLanes(batches),
    }))
    .sort((one, other) => one.name.localeCompare(other.name))
})
/** A bar with its label takes at least this share of the line. */
const leastShare = 0.075
/** What would be drawn on top of another goes a lane lower, so that each can be seen and pressed. */
function inLanes(batches: BatchView[]): { batches: { batch: BatchView; lane: number }[]; lanes: number } {
  const ends: number[] = []
  const placed = [...batches]
    .map((batch) => ({ batch, from: batch.begin ?? Math.max(props.plan.now, batch.due) }))
    .sort((one, other) => one.from - other.from)
    .map(({ batch, from }) => {
      const to = from + Math.max(batch.work + batch.wait, props.plan.end * leastShare)
      const free = ends.findIndex((end) => end <= from)
      const lane = free < 0 ? ends.length : free
      ends[lane] = to
      return { batch, lane }
    })
  return { batches: placed, lanes: Math.max(1, ends.length) }
}

const at = (minute: number) => `${(Math.max(0, minute) / props.plan.end) * 100}%`
const long = (minutes: number) => `${(minutes / props.plan.end) * 100}%`
const late = computed(() => new Set(props.plan.conflicts.map(({ about }) => about)))

function says(batch: BatchView): string {
  const when = batch.beginSays ? `begin ${batch.beginSays}, ready ${batch.readySays}` : 'no time left for it'
  const waiting = batch.wait > 0 ? `, ${waits[batch.waitsFor ?? 'rest']} ${span(batch.wait)}` : ''
  return `${batch.name}, ${mass(batch.grams)}: ${when}${waiting}${batch.isBegun ? ', begun' : batch.isSet ? ', moved by hand' : ''}`
}
</script>

<template>
  <div class="scroll">
    <div class="line" data-test="timeline">
      <div class="row heads">
        <span class="name" />
        <div class="track">
          <span
            v-for="day in plan.days"
            :key="day.day"
            class="day"
            :style="{ left: at(day.from), width: long(day.to - day.from) }"
          >
            <strong>{{ shortDay(day.day) }}</strong>
            <span class="soft">{{ Math.round(day.cups) }} cups</span>
            <span v-if="day.kind" class="kind">{{ day.kind }}</span>
          </span>
        </div>
      </div>
      <div v-for="row in rows" :key="row.item" class="row">
        <span class="name">{{ row.name }}</span>
        <div class="track" :style="{ height: `${row.lanes * 3}rem` }">
          <span
            v-for="day in plan.days"
            :key="day.day"
            class="night"
            :style="{ left: at(day.from), width: long(day.to - day.from) }"
          />
          <template v-for="day in plan.days" :key="`w${day.day}`">
            <span
              v-if="day.workFrom !== null && day.workTo !== null"
              class="shift"
              :style="{ left: at(day.workFrom), width: long(day.workTo - day.workFrom) }"
            />
          </template>
          <span class="now" :style="{ left: at(plan.now) }" />
          <template v-for="{ batch, lane } in row.batches" :key="batch.key">
            <button
              v-if="batch.begin !== null"
              type="button"
              class="batch"
              :class="{
                chosen: batch.key === chosen,
                late: late.has(batch.key),
                set: batch.isSet,
                begun: batch.isBegun,
              }"
              :style="{
                top: `${lane * 3 + 0.15}rem`,
                left: at(batch.begin),
                width: long(batch.work + batch.wait),
              }"
              :aria-label="says(batch)"
              :aria-pressed="batch.key === chosen"
              :title="says(batch)"
              data-test="bar"
              :data-key="batch.key"
              @click="emit('choose', batch.key)"
            >
              <span class="work" :style="{ width: `${(batch.work / (batch.work + batch.wait)) * 100}%` }" />
              <span class="says" aria-hidden="true"
                ><i v-if="batch.isBegun" class="pi pi-play" /><i v-else-if="batch.isSet" class="pi pi-lock" />
                {{ mass(batch.grams) }}</span
              >
            </button>
            <button
              v-else
              type="button"
              class="batch none"
              :class="{ chosen: batch.key === chosen }"
              :style="{ top: `${lane * 3 + 1}rem`, left: at(Math.max(plan.now, batch.due)) }"
              :aria-label="says(batch)"
              :title="says(batch)"
              data-test="bar"
              :data-key="batch.key"
              @click="emit('choose', batch.key)"
            >
              ✕ {{ mass(batch.grams) }}
            </button>
          </template>
        </div>
      </div>
    </div>
    <p class="soft legend">
      <span class="swatch work" /> somebody works on it <span class="swatch wait" /> it stands
      <span class="swatch hours" /> hours to prepare in · <i class="pi pi-lock" aria-hidden="true" /> moved by
      hand · <i class="pi pi-play" aria-hidden="true" /> begun · <span aria-hidden="true">✕</span> no time
      left
    </p>
  </div>
</template>

<style scoped>
.line {
  min-width: 60rem;
}

.row {
  display: flex;
  border-bottom: 1px solid var(--line);
}

.name {
  flex: 0 0 9.5rem;
  padding: 0.7rem 0.5rem 0.5rem 0;
  font-weight: 600;
}

.track {
  position: relative;
  flex: 1;
  height: 3rem;
}

.heads .track {
  height: 3.9rem;
}

.day {
  position: absolute;
  display: flex;
  flex-direction: column;
  padding: 0.15rem 0.4rem;
  border-left: 1px solid var(--line-strong);
  box-sizing: border-box;
  line-height: 1.2;
}

.kind {
  color: var(--warning);
  font-weight: 600;
  font-size: 0.85rem;
}

.night,
.shift,
.now {
  position: absolute;
  top: 0;
  bottom: 0;
}

.night {
  border-left: 1px solid var(--line-strong);
  box-sizing: border-box;
}

.shift {
  background: var(--glass);
}

.now {
  z-index: 1;
  width: 2px;
  background: var(--fault);
}

.batch {
  position: absolute;
  z-index: 2;
  height: 2.7rem;
  min-width: 0.9rem;
  padding: 0;
  border: 1px solid var(--cobalt);
  border-radius: 0.25rem;
  background: repeating-linear-gradient(-45deg, var(--cobalt-wash) 0 5px, var(--porcelain) 5px 9px);
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.batch .work {
  position: absolute;
  top: 0;
  bottom: 0;
  left: 0;
  min-width: 5px;
  border-radius: 0.2rem 0 0 0.2rem;
  background: var(--cobalt);
}

.batch .says {
  position: absolute;
  top: 0.1rem;
  left: 0.7rem;
  padding: 0 0.2rem;
  border-radius: 0.2rem;
  background: color-mix(in srgb, var(--porcelain) 88%, transparent);
  font-weight: 600;
  font-size: 0.9rem;
  white-space: nowrap;
}

.batch.late {
  border-color: var(--fault);
  border-width: 2px;
}

.batch.set {
  border-style: dashed;
  border-width: 2px;
}

.batch.chosen {
  z-index: 3;
  outline: 3px solid var(--cobalt);
}

.batch.none {
  width: auto;
  height: 1.5rem;
  padding: 0 0.5rem;
  border: 2px solid var(--fault);
  background: var(--fault-wash);
  color: var(--fault);
  font-weight: 600;
  white-space: nowrap;
}

.legend {
  margin: 0.4rem 0;
  font-size: 0.9rem;
}

.swatch {
  display: inline-block;
  width: 1.4rem;
  height: 0.8rem;
  margin-left: 0.6rem;
  border: 1px solid var(--cobalt);
  vertical-align: baseline;
}

.swatch.work {
  background: var(--cobalt);
}

.swatch.wait {
  background: repeating-linear-gradient(-45deg, var(--cobalt-wash) 0 4px, var(--porcelain) 4px 7px);
}

.swatch.hours {
  border-color: var(--line-strong);
  background: var(--glass);
}
</style>
