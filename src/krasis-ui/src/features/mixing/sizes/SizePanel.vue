<script setup lang="ts">
import { computed } from 'vue'
import type { BuildSheet, SizeSheet } from '@/shared/api/types'
import { figuresOf, tasteOf, type FigureGroup } from '@/shared/band'
import { reading } from '@/shared/format'
import CupLayers from './CupLayers.vue'
import TasteCell from './TasteCell.vue'
import { drawingAt } from './words'

/** All that is worked out of the size that one is in. */
const props = defineProps<{
  sheet: BuildSheet
  size: SizeSheet
  /** The moment at which the cups are drawn. */
  at: number
}>()
defineEmits<{ reference: []; advise: [] }>()

const titles: Record<FigureGroup, string> = {
  taste: 'Taste',
  warmth: 'Warmth',
  inside: 'In it',
  making: 'Made and paid',
}
const ratio = computed(() => tasteOf(props.sheet, props.size).ratio)
const groups = computed(() => {
  const figures = figuresOf(props.sheet, props.size)
  return (Object.keys(titles) as FigureGroup[]).map((group) => ({
    group,
    title: titles[group],
    figures: figures.filter((figure) => figure.group === group),
  }))
})
</script>

<template>
  <section class="panel" :aria-label="`More of ${size.name}`" data-test="size-panel">
    <div class="head">
      <h2>{{ size.name }}</h2>
      <span class="soft" data-test="occupied"
        >{{ reading(size.fill.occupiedVolume, 'ml') }} in the cup, which holds
        {{ reading(size.cup.brimCapacity, 'ml') }} to the brim</span
      >
      <button
        v-if="!size.isReference"
        type="button"
        class="p-button p-component p-button-secondary p-button-outlined p-button-sm"
        :aria-label="`Make reference: ${size.name}`"
        @click="$emit('reference')"
      >
        Make reference
      </button>
      <button
        v-if="!size.isReference"
        type="button"
        class="p-button p-component p-button-secondary p-button-outlined p-button-sm"
        :aria-label="`Advise on ${size.name}`"
        @click="$emit('advise')"
      >
        Advise…
      </button>
    </div>
    <div class="groups">
      <div v-for="{ group, title, figures } in groups" :key="group">
        <h3>{{ title }}</h3>
        <dl>
          <div v-if="group === 'taste'" class="figure" :data-band="ratio.name">
            <dt>
              {{ ratio.name }} <span class="soft">{{ ratio.hint }}</span>
            </dt>
            <dd>
              <TasteCell :taste="ratio" :size-name="size.name" :is-reference="size.isReference" />
            </dd>
          </div>
          <div v-for="figure in figures" :key="figure.name" class="figure" :data-band="figure.name">
            <dt>
              {{ figure.name }} <span class="soft">{{ figure.hint }}</span>
            </dt>
            <dd>
              <span v-if="figure.value && figure.isRemark" class="remark">{{ figure.value }}</span>
              <strong v-else-if="figure.value">{{ figure.value }}</strong>
              <span v-else class="soft">not known</span>
              <span v-if="figure.more" class="soft more">{{ figure.more }}</span>
            </dd>
          </div>
        </dl>
      </div>
      <div class="layers">
        <h3>From the top down</h3>
        <CupLayers :size="size" :drawing="drawingAt(size, at)" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.panel {
  margin-top: 0.75rem;
  padding: 0.6rem 1rem 0.8rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.75rem;
  align-items: baseline;
}

.groups {
  columns: 17rem 3;
  column-gap: 2rem;
}

.groups > div {
  break-inside: avoid;
  padding-bottom: 0.4rem;
}

h3 {
  margin: 0.4rem 0 0.1rem;
  font-size: 1rem;
}

dl {
  margin: 0;
}

.figure {
  padding: 0.15rem 0;
  border-top: 1px solid var(--line);
}

dt .soft {
  font-size: 0.85rem;
}

dd {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  align-items: baseline;
  margin: 0;
}

dd > :deep(.room) {
  flex: 1;
}

.remark,
.more {
  font-size: 0.9rem;
}
</style>
