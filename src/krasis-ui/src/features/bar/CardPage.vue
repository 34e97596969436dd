<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { decimal, fixed } from '@/shared/format'

const props = defineProps<{ id: string }>()

const card = useQuery({
  queryKey: computed(() => [...keys.bar, 'card', props.id]),
  queryFn: () => ask(api.GET('/api/bar/cups/{id}/card', { params: { path: { id: props.id } } })),
})
const ways = [
  { value: 'height', label: 'held upright' },
  { value: 'alongWall', label: 'laid against the wall' },
]
const way = ref<'height' | 'alongWall'>('alongWall')
const ounces = [
  { value: 'us', label: 'US fl oz' },
  { value: 'imperial', label: 'imperial fl oz' },
]
const ounce = ref<'us' | 'imperial'>('us')
const width = 62
const tall = computed(() =>
  card.data.value ? (way.value === 'height' ? card.data.value.height : card.data.value.wallLength) : 0,
)
const printCard = () => window.print()
</script>

<template>
  <main class="page card-page">
    <p v-if="card.error.value" class="error" role="alert">{{ card.error.value.message }}</p>
    <template v-if="card.data.value">
      <div class="no-print">
        <RouterLink :to="`/bar/cups/${id}`"
          ><i class="pi pi-arrow-left" aria-hidden="true" /> {{ card.data.value.name }}</RouterLink
        >
        <h1>A card of the lines of {{ card.data.value.name }}</h1>
        <p class="soft">
          Print it at 100 %, without fitting it to the page. Check the 50 mm rule with a real one, cut it out,
          and stand it in the cup on the inside of the bottom.
        </p>
        <div class="choices">
          <SelectButton
            v-model="way"
            :options="ways"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            aria-label="How the card is held"
          />
          <SelectButton
            v-model="ounce"
            :options="ounces"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            aria-label="Which fluid ounces"
          />
          <Button label="Print" icon="pi pi-print" data-test="print" @click="printCard" />
        </div>
      </div>
      <svg
        :width="`${width + 2}mm`"
        :height="`${tall + 26}mm`"
        :viewBox="`-1 ${-tall - 9} ${width + 2} ${tall + 26}`"
        role="img"
        :aria-label="`${card.data.value.name}: ${decimal(card.data.value.brimCapacity, 0)} ml in ${fixed(tall, 0)} mm`"
        class="paper"
        data-test="card"
      >
        <rect x="0" :y="-tall - 8" :width="width" :height="tall + 8" class="edge" />
        <line x1="0" :x2="width" :y1="-tall" :y2="-tall" class="brim" data-test="card-brim" />
        <text x="31" :y="-tall - 3" class="title">
          {{ card.data.value.name }} · {{ decimal(card.data.value.brimCapacity, 0) }} ml
        </text>
        <g v-for="mark in card.data.value.metric" :key="`m${mark.volume}`">
          <line x1="0" :x2="mark.isMajor ? 9 : 5" :y1="-mark[way]" :y2="-mark[way]" />
          <text v-if="mark.isMajor" x="10" :y="-mark[way] + 1">{{ mark.label }}</text>
        </g>
        <g v-for="mark in card.data.value[ounce]" :key="`o${mark.volume}`">
          <line :x1="width" :x2="width - (mark.isMajor ? 9 : 5)" :y1="-mark[way]" :y2="-mark[way]" />
          <text v-if="mark.isMajor" :x="width - 10" :y="-mark[way] + 1" text-anchor="end">
            {{ mark.label }}
          </text>
        </g>
        <g v-for="mm in Math.floor(tall / 10)" :key="`h${mm}`">
          <line x1="30" x2="32" :y1="-mm * 10" :y2="-mm * 10" class="mm" />
          <text x="31" :y="-mm * 10 - 0.6" text-anchor="middle" class="small">{{ mm * 10 }}</text>
        </g>
        <g v-for="line in card.data.value.printedLines" :key="line.label">
          <line x1="0" :x2="width" :y1="-line[way]" :y2="-line[way]" class="printed" />
          <text x="31" :y="-line[way] - 0.8" text-anchor="middle" class="own">
            {{ line.label }}, {{ decimal(line.volume, 0) }} ml
          </text>
        </g>
        <text x="1" y="-1" class="small">ml</text>
        <text x="31" y="-1" text-anchor="middle" class="small">mm</text>
        <text :x="width - 1" y="-1" text-anchor="end" class="small">
          {{ ounce === 'us' ? 'US fl oz' : 'imp fl oz' }}
        </text>
        <path d="M6,8 H56 M6,6 v4 M56,6 v4" class="rule" data-test="card-rule" />
        <text x="31" y="13" text-anchor="middle" class="small">this line is 50 mm long</text>
      </svg>
    </template>
  </main>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  margin: 0.8rem 0 1.2rem;
}

.paper {
  display: block;
  background: #fff;
}

line,
path {
  fill: none;
  stroke: #18262b;
  stroke-width: 0.25;
}

.edge {
  fill: none;
  stroke: #6f868c;
  stroke-width: 0.2;
  stroke-dasharray: 1.2 0.8;
}

.brim {
  stroke-width: 0.6;
}

.printed {
  stroke: #24508f;
  stroke-width: 0.4;
}

text {
  fill: #18262b;
  font-size: 3px;
}

.title {
  font-weight: 650;
  font-size: 3.4px;
  text-anchor: middle;
}

.small {
  font-size: 2.2px;
}

.own {
  fill: #24508f;
  stroke: #fff;
  stroke-width: 0.8px;
  paint-order: stroke;
  font-weight: 650;
}

@media print {
  .card-page {
    padding: 0;
  }
}
</style>
