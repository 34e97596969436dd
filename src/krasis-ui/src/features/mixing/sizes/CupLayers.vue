<script setup lang="ts">
import { computed } from 'vue'
import type { CupDrawing, SizeSheet } from '@/shared/api/types'
import { decimal, reading } from '@/shared/format'

/** What stands in a cup, from the top down, as far as each of it reaches, and what keeps it apart. */
const props = defineProps<{ size: SizeSheet; drawing: CupDrawing }>()

const nameOf = (line: string) =>
  props.size.lines.find((candidate) => candidate.line === line)?.ingredientName ?? ''

interface Row {
  key: string
  colour: string
  name: string
  says: string
  /** What it was poured on, and whether it stays there. */
  below?: SizeSheet['drawing']['boundaries'][number] | undefined
}

const rows = computed(() => {
  const { layers, foam, ice, top, trims } = props.drawing
  const found: Row[] = trims.map(({ line, colour, place }) => ({
    key: `trim ${line}`,
    colour,
    name: nameOf(line),
    says: words[place],
  }))
  if (top) {
    const { colour, line, to } = top
    found.push({ key: 'top', colour, name: nameOf(line), says: `on top, to ${decimal(to, 0)} mm` })
  }

  if (foam) {
    const cap = decimal(foam.to - foam.from, 0)
    found.push({ key: 'foam', colour: foam.colour, name: 'Foam', says: `a cap of ${cap} mm` })
  }

  if (ice) {
    found.push({ key: 'ice', colour: ice.colour, name: 'Ice', says: `down to ${decimal(ice.from, 0)} mm` })
  }

  const isMixed = layers.length === 1 && props.size.lines.length > 1
  for (const { line, colour, from, to } of layers.toReversed()) {
    found.push({
      key: line,
      colour,
      name: isMixed ? 'All of it, mixed' : nameOf(line),
      says: `${decimal(from, 0)}–${decimal(to, 0)} mm`,
      below: props.size.drawing.boundaries.find((boundary) => boundary.upper === line),
    })
  }

  return found
})

const words: Record<CupDrawing['trims'][number]['place'], string> = {
  wall: 'on the wall',
  rim: 'on the rim',
  drizzle: 'drizzled on top',
  dusting: 'dusted on top',
}
</script>

<template>
  <ul class="layers" data-test="layers" :aria-label="`In ${size.name}, from the top down`">
    <li v-for="row in rows" :key="row.key">
      <span class="swatch" :style="{ background: row.colour }" aria-hidden="true" />
      <span>
        <strong>{{ row.name }}</strong> <span class="soft">{{ row.says }}</span>
        <span v-if="row.below" class="soft why">
          <i :class="row.below.holds ? 'pi pi-equals' : 'pi pi-arrows-v'" aria-hidden="true" />
          {{ row.below.why }}
        </span>
      </span>
    </li>
    <li class="soft">
      {{ reading(size.fill.liquidVolume, 'ml') }} liquid, {{ reading(size.fill.occupiedVolume, 'ml') }} in all
    </li>
  </ul>
</template>

<style scoped>
.layers {
  display: grid;
  gap: 0.2rem;
  width: 100%;
  margin: 0.3rem 0 0;
  padding: 0;
  list-style: none;
  font-size: 0.9rem;
  text-align: left;
}

li {
  display: flex;
  gap: 0.4rem;
}

.swatch {
  flex: none;
  width: 0.8rem;
  height: 0.8rem;
  margin-top: 0.25rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.2rem;
}

.why {
  display: block;
  font-size: 0.85rem;
}

.why i {
  font-size: 0.7rem;
}
</style>
