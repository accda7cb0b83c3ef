<script setup lang="ts">
import { t } from '@/i18n'
import type { TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/stores/times'
import { LineChart, CustomChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import type { CustomSeriesRenderItemAPI, CustomSeriesRenderItemParams } from 'echarts'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { useMutationObserver } from '@vueuse/core'
import { computed, ref } from 'vue'

/** The counts with their intervals, the level for watching, and what was done. */
const props = defineProps<{ page: TroublePage }>()
use([LineChart, CustomChart, ScatterChart, GridComponent, MarkLineComponent, SVGRenderer])
const store = useGarden()
const times = useTimes()

const theme = ref(0)
useMutationObserver(document.documentElement, () => { theme.value++ }, { attributes: true, attributeFilter: ['data-theme'] })
const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()

const comparable = computed(() => props.page.counts.filter((count) => count.measure === props.page.plan.measure))
const spoken = computed(() => comparable.value.map((count) => `${times.instant(count.at)}: ${count.level}`).concat(props.page.done.map((one) => `${times.instant(one.at)}: ${one.what}`)).join('. '))

function whisker(_: CustomSeriesRenderItemParams, api: CustomSeriesRenderItemAPI) {
  const [x, low] = api.coord([api.value(0), api.value(1)])
  const high = api.coord([api.value(0), api.value(2)])[1]
  const style = { stroke: colour('--leaf'), lineWidth: 2, fill: undefined }
  const stroke = (y: number) => ({ type: 'line' as const, shape: { x1: x! - 6, x2: x! + 6, y1: y, y2: y }, style })
  return { type: 'group' as const, children: [{ type: 'line' as const, shape: { x1: x, x2: x, y1: low, y2: high }, style }, stroke(low!), stroke(high!)] }
}

const option = computed(() => {
  void theme.value
  const [ink, soft, line, leaf, brass, water] = ['--ink', '--soft', '--line', '--leaf', '--brass', '--water'].map(colour)
  const font = { color: soft, fontFamily: "'Atkinson Hyperlegible Next', sans-serif", fontSize: 14 }
  const counts = comparable.value
  const level = props.page.watch_level
  const top = Math.max(...counts.map((count) => count.mean.high), level ?? 0) * 1.08
  const stamps = [...counts, ...props.page.done].map((one) => Date.parse(one.at))
  const DAY = 86_400_000
  return {
    animation: false,
    grid: { left: 8, right: 18, top: 34, bottom: 4, containLabel: true },
    xAxis: { type: 'time', min: Math.min(...stamps) - DAY, max: (props.page.brief.status === 'open' ? Math.max(...stamps, store.now()) : Math.max(...stamps)) + DAY / 2, minInterval: DAY, splitNumber: 4, axisLabel: { ...font, formatter: (value: number) => times.dayOf(value), hideOverlap: true }, axisLine: { lineStyle: { color: soft } }, axisTick: { lineStyle: { color: soft } } },
    yAxis: { type: 'value', min: 0, max: Number(top.toPrecision(2)), splitNumber: 4, axisLabel: { ...font, showMaxLabel: false }, splitLine: { lineStyle: { color: line } } },
    series: [
      { type: 'custom', renderItem: whisker, data: counts.map((count) => [Date.parse(count.at), count.mean.low, count.mean.high]), silent: true, z: 2 },
      {
        type: 'line', data: counts.map((count) => [Date.parse(count.at), count.mean.likely]), symbol: 'circle', symbolSize: 9, lineStyle: { color: ink, width: 2.5 }, itemStyle: { color: leaf }, silent: true, z: 3,
        markLine: {
          symbol: 'none', silent: true,
          data: [
            ...(level === null ? [] : [{ yAxis: level, lineStyle: { color: brass, type: 'dashed', width: 1.6 }, label: { formatter: t('trouble.count-chart.watch-below'), position: 'insideEndTop', ...font, color: brass } }]),
            ...props.page.done.map((one, n) => ({ xAxis: Date.parse(one.at), lineStyle: { color: one.kind === 'spray' ? leaf : water, width: 2, type: one.kind === 'spray' ? 'solid' : 'dotted' }, label: { formatter: one.kind === 'spray' ? t('trouble.count-chart.spray', { n: n + 1 }) : `${n + 1}`, position: 'end', ...font, color: ink } })),
          ],
        },
      },
    ],
  }
})
</script>

<template>
  <figure>
    <div role="img" :aria-label="t('trouble.count-chart.counts-over-time', { spoken })"><v-chart :option="option" autoresize class="chart" /></div>
    <figcaption v-if="page.done.length" class="soft small">
      <span v-for="(one, n) in page.done" :key="one.id">{{ n + 1 }} {{ one.what }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figure { margin: 0; min-width: 0; }
.chart { height: 250px; width: 100%; }
figcaption { display: flex; flex-wrap: wrap; gap: 2px 16px; }
</style>
