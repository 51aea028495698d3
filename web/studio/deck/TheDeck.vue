<script setup lang="ts">
import { mdiReload } from '@mdi/js'
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Footprints, Outcome } from '../../contracts/view'
import { useStudio } from '../frame/useStudio'
import FootprintsList from './FootprintsList.vue'

export interface Happening {
  id: number
  tapped: string
  ms: number
  outcome?: Outcome
  footprints: Footprints
}

const emit = defineEmits<{ goto: [] }>()
const WIDTH = 390
const HEIGHT = 700

const studio = useStudio()
const frame = ref<HTMLIFrameElement>()
const room = ref<HTMLElement>()
const { width, height } = useElementSize(room)
const person = ref<number | null>(studio.state.value?.people[0]?.id ?? null)
const set = ref<'sandbox' | 'live'>('sandbox')
const when = ref('now')
const chosen = ref('')
const moment = computed(() => (when.value === 'other' ? chosen.value && new Date(chosen.value).toISOString() : when.value === 'now' ? '' : new Date(Date.now() + Number(when.value) * 3600000).toISOString()))
const happenings = ref<Happening[]>([])
const why = ref('')
const over = ref('')
let counted = 0

const scale = computed(() => Math.min(1, (width.value - 20) / (WIDTH + 16), (height.value - 6) / (HEIGHT + 16)) || 0.6)
const people = computed(() => [{ id: null as number | null, label: 'nobody' }, ...(studio.state.value?.people ?? [])])
const choice = () => ({ person: set.value === 'live' ? null : person.value, set: set.value, now: moment.value || null })

function order(message: object) {
  frame.value?.contentWindow?.postMessage(JSON.parse(JSON.stringify(message)), window.location.origin)
}

watch([person, set, moment], () => order({ lanai: 'set', choice: choice() }))
watch(() => studio.changes.value, () => order({ lanai: 'refresh' }))
watch(() => studio.pointed.value, (at) => at !== over.value && order({ lanai: 'point', at: /^\/screens\/\d+\/lines\/\d+/.exec(at)?.[0] ?? '' }))
watch(people, (now) => {
  if (!now.some((p) => p.id === person.value)) person.value = now[1]?.id ?? null
})

useEventListener(window, 'message', (event: MessageEvent) => {
  if (event.origin !== window.location.origin || event.source !== frame.value?.contentWindow) return
  const message = event.data
  if (message?.lanai === 'ready') order({ lanai: 'begin', choice: choice() })
  if (message?.lanai === 'footprints' && message.footprints) {
    happenings.value = [{ id: ++counted, tapped: message.tapped, ms: message.ms, outcome: message.outcome, footprints: message.footprints }, ...happenings.value].slice(0, 30)
    why.value = ''
  }
  if (message?.lanai === 'over') studio.pointed.value = over.value = message.at
  if (message?.lanai === 'why') why.value = message.account.sentence
  if (message?.lanai === 'goto') {
    studio.gone.value = ''
    emit('goto')
    requestAnimationFrame(() => (studio.gone.value = message.at))
  }
})

</script>

<template>
  <aside class="deck" aria-label="Deck">
    <div class="deck-controls">
      <label>as <select v-model="person" :disabled="set === 'live'" aria-label="Signed in as"><option v-for="p in people" :key="p.id ?? 0" :value="p.id">{{ p.label }}</option></select></label>
      <label>in <select v-model="set" aria-label="Data set"><option value="sandbox">sandbox</option><option value="live" :disabled="!studio.state.value?.app.liveRevision">live</option></select></label>
      <label>at <select v-model="when" aria-label="Moment"><option value="now">now</option><option value="6">in 6 hours</option><option value="24">tomorrow</option><option value="168">in a week</option><option value="-24">yesterday</option><option value="other">choose…</option></select></label>
      <input v-if="when === 'other'" v-model="chosen" type="datetime-local" class="deck-moment" aria-label="Chosen moment">
      <v-btn :icon="mdiReload" size="x-small" class="deck-again" variant="text" aria-label="Begin again" title="Begin again" @click="order({ lanai: 'open', screen: '' })" />
    </div>
    <div ref="room" class="deck-room">
      <div class="handset" :style="{ width: `${(WIDTH + 16) * scale}px`, height: `${(HEIGHT + 16) * scale}px` }">
        <iframe ref="frame" :src="`/deck/${studio.app}`" title="The app, running" :style="{ width: `${WIDTH}px`, height: `${HEIGHT}px`, transform: `scale(${scale})` }" />
      </div>
    </div>
    <FootprintsList :happenings="happenings" :why="why" :over="over" @why="(at) => order({ lanai: 'why', at })" />
  </aside>
</template>
