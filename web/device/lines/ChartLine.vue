<script setup lang="ts">
import {
  ArcElement,
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  DoughnutController,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { ChartNode } from '../../contracts/view'

Chart.register(
  ArcElement,
  BarController,
  BarElement,
  CategoryScale,
  DoughnutController,
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

function draw() {
  chart?.destroy()
  if (!canvas.value || !props.node.points.length) return
  const style = getComputedStyle(canvas.value)
  const [main, ink] = [style.getPropertyValue('--main').trim(), style.getPropertyValue('--ink').trim()]
  const shades = props.node.points.map(
    (_, i, all) => `color-mix(in srgb, ${main} ${Math.round(100 - (75 * i) / Math.max(1, all.length))}%, ${style.getPropertyValue('--surface').trim()})`,
  )
  const ring = props.node.form === 'ring'
  chart = new Chart(canvas.value, {
    type: { bars: 'bar', line: 'line', ring: 'doughnut' }[props.node.form] as 'bar',
    data: {
      labels: props.node.points.map((p) => p.label),
      datasets: [
        {
          data: props.node.points.map((p) => p.value),
          backgroundColor: ring ? resolved(shades) : main,
          borderColor: ring ? style.getPropertyValue('--surface').trim() : main,
          borderWidth: 2,
          borderRadius: ring ? 0 : 6,
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      color: ink,
      font: { family: 'Hanken Grotesk' },
      plugins: { legend: { display: ring, position: 'right' }, tooltip: { callbacks: { label: (at) => props.node.points[at.dataIndex]?.text ?? '' } } },
      scales: ring ? {} : { x: { ticks: { color: ink }, grid: { display: false } }, y: { beginAtZero: true, ticks: { color: ink, precision: 0 } } },
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
watch(() => JSON.stringify(props.node), draw)
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure class="chart">
    <figcaption v-if="node.title">{{ node.title }}</figcaption>
    <p v-if="!node.points.length" class="empty">There is nothing to draw yet.</p>
    <div v-else class="chart-room"><canvas ref="canvas" aria-hidden="true" /></div>
    <p v-if="node.rest" class="list-more">{{ node.rest }}</p>
    <table class="heard">
      <caption>
        {{
          node.title || 'Chart'
        }}
      </caption>
      <tbody>
        <tr v-for="point in node.points" :key="point.label">
          <th scope="row">{{ point.label }}</th>
          <td>{{ point.text }}</td>
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
