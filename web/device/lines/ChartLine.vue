<script setup lang="ts">
import {
  ArcElement,
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  DoughnutController,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type Plugin,
} from 'chart.js'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { ChartNode } from '../../contracts/view'
import { dayShort, monthShort } from '../calendar'
import { own } from '../own'
import { dark } from '../theme'

Chart.register(
  ArcElement,
  BarController,
  BarElement,
  CategoryScale,
  DoughnutController,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
)
const props = defineProps<{ node: ChartNode }>()
const canvas = ref<HTMLCanvasElement>()
let chart: Chart | undefined

/** What a point is called under it: a day, week, month or year as the person's language names it. */
function named(point: ChartNode['points'][number], index: number): string {
  if (!point.when) return point.label
  if (/^\d{4}$/.test(point.label)) return point.label
  if (!/^\d{4}-\d\d$/.test(point.label)) return dayShort(point.when)
  return monthShort(point.when.slice(0, 7), index === 0 || point.when.slice(5, 7) === '01')
}

/** A line across, with what it stands for above it. */
const goalLine = (goal: NonNullable<ChartNode['goal']>, colour: string, font: string): Plugin => ({
  id: 'goal',
  afterDatasetsDraw({ ctx, chartArea, scales }) {
    const y = scales.y.getPixelForValue(goal.value)
    ctx.save()
    ctx.strokeStyle = ctx.fillStyle = colour
    ctx.lineWidth = 1.5
    ctx.setLineDash([6, 4])
    ctx.beginPath()
    ctx.moveTo(chartArea.left, y)
    ctx.lineTo(chartArea.right, y)
    ctx.stroke()
    ctx.font = font
    ctx.textAlign = 'right'
    ctx.fillText(goal.text, chartArea.right, y - 5)
    ctx.restore()
  },
})

function draw() {
  chart?.destroy()
  if (!canvas.value || !props.node.points.length) return
  const { form, points, parts, goal } = props.node
  const style = getComputedStyle(canvas.value)
  const [main, ink, surface] = ['--main', '--ink', '--surface'].map((name) => style.getPropertyValue(name).trim())
  const shades = (count: number) =>
    resolved(Array.from({ length: count }, (_, i) => `color-mix(in srgb, ${main} ${Math.round(100 - (75 * i) / Math.max(1, count))}%, ${surface})`))
  const ring = form === 'ring'
  const size = parseFloat(getComputedStyle(document.documentElement).fontSize) * 0.75
  const font = { family: 'Hanken Grotesk', size }
  const one = { data: points.map((p) => p.value), backgroundColor: ring ? shades(points.length) : main, borderColor: ring ? surface : main }
  const colours = shades(parts?.length ?? 0)
  const sets = parts?.map((label, i) => ({
    label,
    data: points.map((p) => p.parts?.[i]?.value ?? 0),
    backgroundColor: colours[i],
    borderColor: form === 'line' ? colours[i] : surface,
    fill: form === 'line' && (i === 0 ? 'origin' : '-1'),
  })) ?? [one]
  const stacked = !!parts
  chart = new Chart(canvas.value, {
    type: { bars: 'bar', line: 'line', ring: 'doughnut' }[form] as 'bar',
    data: {
      labels: points.map(named),
      datasets: sets.map((set) => ({ borderWidth: stacked && form === 'bars' ? 1 : 2, borderRadius: ring || stacked ? 0 : 6, ...set })),
    },
    plugins: goal ? [goalLine(goal, ink, `600 ${size}px "Hanken Grotesk"`)] : [],
    options: {
      animation: false,
      maintainAspectRatio: false,
      color: ink,
      font,
      // A finger need not meet a thin bar.
      interaction: { mode: ring ? 'nearest' : 'index', intersect: ring },
      plugins: {
        legend: { display: ring || stacked, position: ring ? 'right' : 'bottom', labels: { font, boxWidth: 12 } },
        tooltip: {
          titleFont: font,
          bodyFont: font,
          footerFont: font,
          callbacks: {
            label: ({ dataIndex, datasetIndex }) => {
              const point = points[dataIndex]
              return parts ? `${parts[datasetIndex]}: ${point?.parts?.[datasetIndex]?.text ?? ''}` : (point?.text ?? '')
            },
            footer: ([at]) => (parts && at ? points[at.dataIndex].text : ''),
          },
        },
      },
      scales: ring
        ? {}
        : {
            x: { stacked, ticks: { color: ink, font, maxRotation: 0, autoSkipPadding: 12 }, grid: { display: false } },
            y: { stacked, beginAtZero: true, suggestedMax: goal ? goal.value * 1.08 : undefined, ticks: { color: ink, font, precision: 0 } },
          },
    },
  })
}

/** The canvas does not know mixed colours; the page resolves them. */
function resolved(colours: string[]): string[] {
  const probe = document.createElement('i')
  canvas.value?.parentElement?.append(probe)
  const found = colours.map((colour) => {
    probe.style.color = colour
    return getComputedStyle(probe).color
  })
  probe.remove()
  return found
}

onMounted(draw)
watch([() => JSON.stringify(props.node), dark], draw, { flush: 'post' })
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure class="chart">
    <figcaption v-if="node.title">{{ node.title }}</figcaption>
    <p v-if="!node.points.length" class="empty">{{ own('There is nothing to draw yet.') }}</p>
    <div v-else class="chart-room"><canvas ref="canvas" aria-hidden="true" /></div>
    <p v-if="node.rest" class="list-more">{{ node.rest }}</p>
    <p v-if="node.goal" class="heard">The goal is {{ node.goal.text }}.</p>
    <table class="heard">
      <caption>
        {{
          node.title || own('Chart')
        }}
      </caption>
      <tbody>
        <tr v-for="point in node.points" :key="point.label">
          <th scope="row">{{ point.label }}</th>
          <td>{{ point.text }}<template v-for="(part, i) in point.parts" :key="i">, {{ node.parts?.[i] }}: {{ part.text }}</template></td>
        </tr>
      </tbody>
    </table>
  </figure>
</template>

<style>
.chart { display: flex; flex-direction: column; gap: 6px; }
.chart figcaption { font-weight: 600; }
.chart-room { position: relative; height: 220px; }
.chart-room canvas { position: absolute; inset: 0; }
</style>
