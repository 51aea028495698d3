<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Step, StepDetail } from '../../contracts/view'
import { useStudio } from '../frame/useStudio'
import type { Happening } from './TheDeck.vue'

const props = defineProps<{ happenings: Happening[]; why: string; over: string }>()
defineEmits<{ why: [at: string] }>()
const studio = useStudio()

const words: Record<Step['what'], string> = { query: 'read', added: 'added', changed: 'changed', removed: 'removed', refused: 'refused' }
const lines = computed(() => new Map((studio.state.value?.screens ?? []).flatMap((s) => s.lines.filter((l) => l.role === 'node').map((l) => [l.at, l.parts.map((p) => p.text).join(' ').replaceAll(' ,', ',')] as const))))
const tapped = (at: string) => lines.value.get(at) ?? 'a line'
const detail = (step: Step) => step.detail as StepDetail & { rows?: number; before?: Record<string, string>; after?: Record<string, string> }

function changes(step: Step): string[] {
  const { before = {}, after = {} } = detail(step)
  const fields = Object.keys({ ...before, ...after })
  if (step.what === 'changed') return fields.filter((f) => before[f] !== after[f]).map((f) => `${f}: ${before[f] || 'nothing'} → ${after[f] || 'nothing'}`)
  return step.what === 'added' ? fields.filter((f) => after[f]).map((f) => `${f}: ${after[f]}`) : []
}

/** After a tap its footprints are what one wants to read, wherever the pointer rests. */
const justTapped = ref(false)
let quiet = 0
watch(() => props.happenings[0]?.id, () => {
  if (!props.happenings[0]?.tapped) return
  justTapped.value = true
  clearTimeout(quiet)
  quiet = window.setTimeout(() => (justTapped.value = false), 5000)
})

/** Where the values of the element under the pointer come from. */
const origins = computed(() => {
  const newest = props.happenings.find((h) => h.footprints.origins.length)
  if (!props.over || !newest || justTapped.value) return []
  return newest.footprints.origins.filter((o) => o.at === props.over && o.cells.length).slice(0, 12)
})
</script>

<template>
  <section class="footprints" aria-label="Footprints">
    <p v-if="why" class="why" role="status">{{ why }}</p>
    <div v-if="origins.length" class="origins">
      <h3>Where this comes from</h3>
      <p v-for="(origin, i) in origins" :key="i"><code>{{ origin.formula }}</code> reads <template v-for="(cell, c) in origin.cells" :key="c">{{ c ? ', ' : '' }}{{ cell.field }} of {{ cell.table }} {{ cell.id }}</template></p>
    </div>
    <h3>Footprints</h3>
    <p v-if="!happenings.length" class="small">What happens in the app is told here, step by step.</p>
    <ol>
      <li v-for="h in happenings" :key="h.id" :class="{ tap: h.tapped }">
        <p class="step-head"><span>{{ h.tapped ? `Tapped: ${tapped(h.tapped)}` : 'Showed the screen' }}</span><span class="ms">{{ h.ms }} ms</span></p>
        <p v-for="(step, i) in h.footprints.steps" :key="i" class="step" :class="step.what">
          <span>{{ words[step.what] }} {{ step.text }}<template v-if="step.what === 'query'">: {{ detail(step).rows }} {{ detail(step).rows === 1 ? 'row' : 'rows' }}</template></span>
          <button v-if="step.what === 'query' && detail(step).rows === 0 && h.id === happenings[0].id" class="link" @click="$emit('why', step.at)">Why is this empty?</button>
          <span v-else-if="step.what === 'query'" class="ms">{{ step.ms }} ms</span>
          <span v-for="text in changes(step)" :key="text" class="step-change">{{ text }}</span>
        </p>
        <p v-if="h.outcome?.say.length" class="step">said “{{ h.outcome.say.join(' ') }}”</p>
      </li>
    </ol>
  </section>
</template>
