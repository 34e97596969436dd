<script setup lang="ts">
import { ScatterChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import type { LogEntry } from '@/shared/api/types'
import { when } from '@/shared/format'

/** Several notes of one build as they came, by the points of liking: what each version did to it. */
const props = defineProps<{ notes: LogEntry[] }>()

use([ScatterChart, GridComponent, TooltipComponent, SVGRenderer])

const isDark = window.matchMedia('(prefers-color-scheme: dark)').matches
const ink = isDark ? '#e7eff0' : '#18262b'
const points = computed(() =>
  props.notes
    .filter(({ liking }) => liking !== null)
    .map((note) => ({ ...note, liking: note.liking ?? 0 }))
    .reverse(),
)
const option = computed(() => ({
  animation: false,
  grid: { left: 30, right: 20, top: 14, bottom: 26 },
  tooltip: {
    formatter: ({ dataIndex }: { dataIndex: number }) => {
      const note = points.value[dataIndex]
      return note ? `${when(note.at)}: ${note.liking} of 9, version ${note.version}` : ''
    },
  },
  xAxis: { type: 'time', axisLabel: { color: ink, hideOverlap: true } },
  yAxis: { type: 'value', min: 1, max: 9, interval: 2, axisLabel: { color: ink } },
  series: [
    {
      type: 'scatter',
      symbolSize: 14,
      itemStyle: { color: isDark ? '#9dbdf0' : '#24508f' },
      label: {
        show: true,
        position: 'top',
        color: ink,
        formatter: ({ dataIndex }: { dataIndex: number }) => `v${points.value[dataIndex]?.version ?? ''}`,
      },
      data: points.value.map(({ at, liking }) => [at, liking]),
    },
  ],
}))
</script>

<template>
  <div role="img" :aria-label="points.map(({ at, liking }) => `${when(at)}: ${liking} of 9`).join('; ')">
    <VChart :option="option" class="line" autoresize />
  </div>
</template>

<style scoped>
.line {
  height: 9rem;
}
</style>
