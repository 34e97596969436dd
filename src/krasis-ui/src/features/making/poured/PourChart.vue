<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import type { SeriesView } from '@/shared/api/types'
import { day, decimal } from '@/shared/format'

/** Single values in the order in which they were poured, with the limits within which a steady hand stays. */
const props = defineProps<{ view: SeriesView; isRange?: boolean }>()

use([LineChart, GridComponent, TooltipComponent, MarkLineComponent, MarkAreaComponent, SVGRenderer])

const unit = computed(() => (['pull', 'time'].includes(props.view.series.of) ? 's' : '%'))
/** A value with its unit, and a minus and not a hyphen. */
const said = (value: number) => `${decimal(value, 1).replace('-', '−')} ${unit.value}`
const isDark = window.matchMedia('(prefers-color-scheme: dark)').matches
const ink = isDark ? '#e7eff0' : '#18262b'
const option = computed(() => {
  const { series } = props.view
  const chart = props.isRange
    ? { centre: props.view.chart.rangeCentre ?? 0, upper: props.view.chart.rangeUpper, lower: null }
    : props.view.chart
  const points = props.isRange
    ? props.view.ranges.map((value, i) => ({ on: series.points[i + 1]?.on ?? '', value }))
    : series.points
  const out = props.isRange
    ? points.flatMap(({ value }, i) => (chart.upper !== null && value > chart.upper ? [i] : []))
    : props.view.out
  const all = [...points.map(({ value }) => value), ...[chart.upper, chart.lower].filter((at) => at !== null)]
  const lines = [
    { yAxis: chart.centre, name: 'mean', lineStyle: { color: ink } },
    ...[chart.upper, chart.lower]
      .filter((at) => at !== null)
      .map((at) => ({
        yAxis: at as number,
        name: 'limit',
        lineStyle: { color: isDark ? '#ff9c92' : '#a3201a', type: 'dashed' },
      })),
  ]
  return {
    animation: false,
    grid: { left: 52, right: 60, top: 12, bottom: 26 },
    tooltip: {
      trigger: 'axis',
      formatter: (shown: { dataIndex: number }[]) => {
        const point = points[shown[0]?.dataIndex ?? -1]
        return point ? `${day(point.on)}: ${said(point.value)}` : ''
      },
    },
    xAxis: {
      type: 'category',
      data: points.map(({ on }) => day(on).replace(/ \d{4}$/, '')),
      axisLabel: { color: ink, hideOverlap: true },
    },
    yAxis: {
      type: 'value',
      min: props.isRange ? 0 : Math.floor(Math.min(...all)),
      max: Math.ceil(Math.max(...all)),
      axisLabel: { color: ink, formatter: said },
    },
    series: [
      {
        type: 'line',
        data: points.map(({ value }, i) => ({
          value,
          symbol: out.includes(i) ? 'diamond' : 'circle',
          symbolSize: out.includes(i) ? 12 : 5,
          itemStyle: {
            color: out.includes(i) ? (isDark ? '#ff9c92' : '#a3201a') : isDark ? '#9dbdf0' : '#24508f',
          },
        })),
        lineStyle: { width: 1, color: isDark ? '#9dbdf0' : '#24508f' },
        markLine: {
          symbol: 'none',
          label: {
            formatter: (mark: { value: number }) => said(mark.value),
            color: ink,
          },
          data: lines,
        },
        markArea:
          props.isRange || series.windowFrom == null || series.windowTo == null
            ? undefined
            : {
                itemStyle: { color: isDark ? '#2c6b4744' : '#8fc3a544' },
                data: [[{ yAxis: series.windowFrom }, { yAxis: series.windowTo }]],
              },
      },
    ],
  }
})
</script>

<template>
  <VChart class="chart" :class="{ low: isRange }" :option="option" autoresize aria-hidden="true" />
</template>

<style scoped>
.chart {
  width: 100%;
  height: 15rem;
  /* It follows its place a moment later. */
  overflow: hidden;
}

.low {
  height: 9rem;
}
</style>
