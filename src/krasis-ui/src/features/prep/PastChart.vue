<script setup lang="ts">
import { BarChart, CustomChart, LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import type { PastDay } from '@/shared/api/types'
import { shortDay } from './words'

/** What was sold, over what the other days would have led to expect, with the range that eight days in ten stay in. */
const props = defineProps<{ days: PastDay[] }>()

use([BarChart, LineChart, CustomChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer])

const isDark = window.matchMedia('(prefers-color-scheme: dark)').matches
const [ink, cobalt, grey] = isDark ? ['#e7eff0', '#9dbdf0', '#7d959b'] : ['#18262b', '#24508f', '#8aa0a6']
const option = computed(() => ({
  animation: false,
  grid: { left: 40, right: 10, top: 30, bottom: 45 },
  legend: { top: 0, textStyle: { color: ink }, data: ['sold', 'expected', 'eight days in ten'] },
  tooltip: {
    trigger: 'axis',
    valueFormatter: (value: unknown) => (typeof value === 'number' ? value.toFixed(0) : '–'),
  },
  xAxis: {
    type: 'category',
    data: props.days.map(({ day }) => shortDay(day)),
    axisLabel: { color: ink, rotate: 35, hideOverlap: true },
  },
  yAxis: { type: 'value', axisLabel: { color: ink } },
  series: [
    {
      name: 'low',
      type: 'line',
      stack: 'range',
      symbol: 'none',
      lineStyle: { opacity: 0 },
      tooltip: { show: false },
      data: props.days.map(({ low }) => low),
    },
    {
      name: 'eight days in ten',
      type: 'line',
      stack: 'range',
      symbol: 'none',
      lineStyle: { opacity: 0 },
      itemStyle: { color: grey },
      areaStyle: { color: grey, opacity: 0.35 },
      tooltip: { show: false },
      data: props.days.map(({ low, high }) => (low === null || high === null ? null : high - low)),
    },
    {
      name: 'expected',
      type: 'line',
      symbol: 'none',
      lineStyle: { color: ink, type: 'dashed', width: 2 },
      itemStyle: { color: ink },
      data: props.days.map(({ expected }) => expected),
    },
    {
      name: 'sold',
      type: 'line',
      symbolSize: 9,
      itemStyle: { color: cobalt },
      lineStyle: { color: cobalt, width: 2 },
      data: props.days.map(({ sold }) => sold),
    },
  ],
}))
const said = computed(() =>
  props.days
    .map(
      ({ name, sold, expected }) =>
        `${name}: sold ${sold}${expected === null ? '' : `, expected ${expected.toFixed(0)}`}`,
    )
    .join('; '),
)
</script>

<template>
  <div class="frame" role="img" :aria-label="said" data-test="past">
    <VChart :option="option" class="chart" autoresize />
  </div>
</template>

<style scoped>
/* A window that is made narrower is not held open by the chart until it has been drawn anew. */
.frame {
  overflow: hidden;
}

.chart {
  height: 15rem;
}
</style>
