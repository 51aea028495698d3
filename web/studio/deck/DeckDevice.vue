<script setup lang="ts">
import { mdiCellphoneLock, mdiChevronLeft, mdiChevronRight, mdiClose, mdiReload, mdiTune, mdiUndoVariant } from '@mdi/js'
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { useStudio } from '../open/useStudio'
import { sizes } from './sizes'
import { useClock } from '../open/useClock'

const props = defineProps<{ size: string; first: boolean; person: number | null; asking: boolean; pointed: string }>()
const emit = defineEmits<{ told: [message: Record<string, unknown>]; close: [] }>()
const studio = useStudio()
const frame = ref<HTMLIFrameElement>()
const room = ref<HTMLElement>()
const { width, height } = useElementSize(room)
const clock = props.first ? studio.clock : useClock()
const on = reactive({
  size: props.size,
  person: props.person,
  set: 'sandbox' as 'sandbox' | 'live',
  platform: '' as '' | 'ios' | 'android',
  text: 100,
  network: 'good' as 'good' | 'slow' | 'none',
  till: 'card' as 'card' | 'quay' | 'pier',
  direction: '' as '' | 'ltr' | 'rtl',
  language: '',
  dark: false,
  /** The package is older than what the store has. */
  old: false,
  leave: 'ask' as 'ask' | 'yes' | 'no',
  place: '50.0418, -5.4402',
  keyboard: false,
})
/** Where the phone is, as the founder wrote it; null where that is no place. */
const location = computed(() => {
  const [latitude, longitude] = on.place.split(',').map((part) => (part.trim() === '' ? NaN : Number(part)))
  return Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180 ? { latitude, longitude } : null
})
const measures = computed(() => sizes.find((s) => s.key === on.size) ?? sizes[0])
const scale = computed(() => Math.min(1, (width.value - 24) / measures.value.width, (height.value - 18) / measures.value.height) || 0.5)
const people = computed(() => [{ id: null as number | null, label: 'nobody' }, ...(studio.state.value?.people ?? [])])
const choice = computed(() => ({
  person: on.set === 'live' ? null : on.person,
  set: on.set,
  now: clock.moment.value,
  platform: on.platform || measures.value.platform,
  network: on.network,
  till: on.till,
  store: 'deck',
  build: on.old ? 0 : null,
  direction: on.direction,
  language: on.language,
  textSize: on.text,
  dark: on.dark,
  phone: {
    leave: on.leave,
    location: location.value ?? { latitude: 0, longitude: 0 },
    reason: studio.state.value?.release.location ?? '',
    keyboard: on.keyboard,
    top: measures.value.top,
    bottom: measures.value.bottom,
  },
}))

const lockedNow = ref(false)
function lock(now: boolean) {
  lockedNow.value = now
  order({ lanai: 'lock', on: now })
}

/** A screen that was wanted before the device listened. */
let wanted: { lanai: string } | null = null
let listens = false

function order(message: { lanai: string; [more: string]: unknown }) {
  if (!listens && message.lanai === 'open') return void (wanted = message)
  frame.value?.contentWindow?.postMessage(JSON.parse(JSON.stringify(message)), window.location.origin)
}

function anew() {
  order({ lanai: 'open', screen: '' })
  if (props.first) studio.beginWay()
}

/** Somebody has signed in or out in the app itself. */
async function turned(person: number | null) {
  if (on.set === 'live') return
  if (person !== null && !people.value.some((p) => p.id === person)) await studio.load().catch(() => undefined)
  on.person = person
}

watch(
  () => studio.spoken.value,
  (tongue) => {
    if (props.first) on.language = tongue
  },
  { immediate: true },
)
watch(choice, (now) => order({ lanai: 'set', choice: now }))
watch(
  () => props.asking,
  (now) => order({ lanai: 'ask', on: now }),
)
watch(
  () => props.pointed,
  (at) => order({ lanai: 'point', at }),
)
watch(people, (now) => {
  if (on.person !== null && !now.some((p) => p.id === on.person)) on.person = now[1]?.id ?? null
})

useEventListener(window, 'message', (event: MessageEvent) => {
  if (event.origin !== window.location.origin || event.source !== frame.value?.contentWindow) return
  if (event.data?.lanai === 'ready') {
    listens = true
    order({ lanai: 'begin', choice: choice.value })
    if (wanted) order(wanted)
    if (props.first && wanted === null) studio.beginWay()
    wanted = null
  } else if (event.data?.lanai === 'person') turned(event.data.person)
  else if (event.data?.lanai === 'locked') lockedNow.value = event.data.on === true
  else emit('told', event.data)
})

const who = computed(() => people.value.find((p) => p.id === on.person)?.label ?? 'nobody')
defineExpose({ order, who, choice })
</script>

<template>
  <section class="deck-device" :style="{ flexGrow: measures.width }" :aria-label="`Device: ${measures.label}`">
    <div class="deck-controls">
      <label
        >as
        <select v-model="on.person" :disabled="on.set === 'live'" aria-label="Signed in as">
          <option v-for="p in people" :key="p.id ?? 0" :value="p.id">{{ p.label }}</option>
        </select></label
      >
      <label
        >on
        <select v-model="on.size" aria-label="Device">
          <option v-for="s in sizes" :key="s.key" :value="s.key">{{ s.label }}</option>
        </select></label
      >
      <v-menu :close-on-content-click="false">
        <template #activator="{ props: menu }"
          ><v-btn v-bind="menu" :icon="mdiTune" size="x-small" variant="text" aria-label="More of this device" title="Data, text size, network and more"
        /></template>
        <div class="deck-more">
          <label
            >data
            <select v-model="on.set" aria-label="Data set">
              <option value="sandbox">sandbox</option>
              <option value="live" :disabled="!studio.state.value?.app.liveRevision">live</option>
            </select></label
          >
          <label
            >habits of
            <select v-model="on.platform" aria-label="Platform">
              <option value="">the device</option>
              <option value="ios">iOS</option>
              <option value="android">Android</option>
            </select></label
          >
          <label
            >text at
            <select v-model="on.text" aria-label="Text size">
              <option :value="100">100 %</option>
              <option :value="130">130 %</option>
              <option :value="160">160 %</option>
              <option :value="200">200 %</option>
            </select></label
          >
          <label
            >network
            <select v-model="on.network" aria-label="Network">
              <option value="good">good</option>
              <option value="slow">slow</option>
              <option value="none">none</option>
            </select></label
          >
          <label v-if="studio.state.value?.products.length"
            >pays
            <select v-model="on.till" aria-label="Where is paid">
              <option value="card">by card</option>
              <option value="quay">at Quay</option>
              <option value="pier">at Pier</option>
            </select></label
          >
          <label
            >runs
            <select v-model="on.old" aria-label="Version of the package">
              <option :value="false">this version</option>
              <option :value="true">an older one</option>
            </select></label
          >
          <label
            >speaking
            <select v-model="on.language" aria-label="Language">
              <option value="">{{ studio.state.value?.languages.own.name }}</option>
              <option v-for="one in studio.state.value?.languages.further" :key="one.tongue" :value="one.tongue">{{ one.name }}</option>
              <option value="en-XA">longer words, to try it out</option>
              <option value="ar-XB">longer words from right to left</option>
            </select></label
          >
          <label
            >reading
            <select v-model="on.direction" aria-label="Direction">
              <option value="">as its words</option>
              <option value="ltr">left to right</option>
              <option value="rtl">right to left</option>
            </select></label
          >
          <label
            >light
            <select v-model="on.dark" aria-label="Light or dark">
              <option :value="false">day</option>
              <option :value="true">dark</option>
            </select></label
          >
          <label
            >asked for leave
            <select v-model="on.leave" aria-label="Permissions">
              <option value="ask">ask the person</option>
              <option value="yes">always given</option>
              <option value="no">always refused</option>
            </select></label
          >
          <label
            >keyboard
            <select v-model="on.keyboard" aria-label="Keyboard">
              <option :value="false">yours</option>
              <option :value="true">on the screen</option>
            </select></label
          >
          <label
            >the phone is at
            <input v-model.lazy="on.place" type="text" aria-label="Place of the phone" :aria-invalid="location === null" size="16"
          /></label>
          <p v-if="location === null" class="small" role="alert">Please write latitude and longitude, such as 50.04, -5.44.</p>
          <label
            >moment
            <input type="datetime-local" aria-label="Chosen moment" :value="clock.local.value" @change="clock.set(($event.target as HTMLInputElement).value)"
          /></label>
        </div>
      </v-menu>
      <span class="deck-clock" role="group" aria-label="Clock">
        <v-btn
          :icon="mdiChevronLeft"
          size="x-small"
          variant="text"
          aria-label="A day back"
          title="A day back (Shift: an hour)"
          @click="clock.move($event.shiftKey ? -1 : -24)"
        />
        <button
          class="deck-now"
          :class="{ other: clock.ahead.value !== 0 }"
          :aria-label="clock.ahead.value === 0 ? 'The clock shows now' : 'Back to now'"
          :title="clock.ahead.value === 0 ? 'Now' : 'Back to now'"
          @click="clock.reset()"
        >
          {{ clock.ahead.value === 0 ? 'now' : clock.shown.value }}
        </button>
        <v-btn
          :icon="mdiChevronRight"
          size="x-small"
          variant="text"
          aria-label="A day on"
          title="A day on (Shift: an hour)"
          @click="clock.move($event.shiftKey ? 1 : 24)"
        />
      </span>
      <span class="deck-again">
        <v-btn
          :icon="mdiUndoVariant"
          size="x-small"
          variant="text"
          aria-label="Go back, by the phone’s own button"
          title="The phone’s own way back"
          @click="order({ lanai: 'back' })"
        />
        <v-btn
          v-if="studio.state.value?.messages"
          :icon="mdiCellphoneLock"
          :active="lockedNow"
          :aria-pressed="lockedNow"
          size="x-small"
          variant="text"
          aria-label="The locked phone"
          title="What lies on the locked phone"
          @click="lock(!lockedNow)"
        />
        <v-btn :icon="mdiReload" size="x-small" variant="text" aria-label="Begin again" title="Begin again" @click="anew" />
        <v-btn v-if="!first" :icon="mdiClose" size="x-small" variant="text" aria-label="Put this device away" title="Put away" @click="emit('close')" />
      </span>
    </div>
    <p v-if="first && studio.trial.value" class="trial-note" role="status">
      The proposal, in a copy of the practice data. <button class="link" @click="studio.tryOut('')">Back to the app</button>
    </p>
    <div ref="room" class="deck-room">
      <div
        class="handset"
        :style="{ width: `${measures.width * scale + 12}px`, height: `${measures.height * scale + 12}px`, borderRadius: `${30 * Math.min(1, scale * 1.6)}px` }"
      >
        <iframe
          ref="frame"
          :src="first && studio.trial.value ? `/trial/${studio.trial.value}` : `/deck/${studio.app}`"
          title="The app, running"
          :style="{ width: `${measures.width}px`, height: `${measures.height}px`, transform: `scale(${scale})`, borderRadius: '30px' }"
        />
        <span v-if="measures.notch" class="handset-notch" :style="{ width: `${96 * scale}px`, height: `${18 * scale}px`, top: `${6 + 7 * scale}px` }" />
        <span v-if="measures.bottom" class="handset-bar" :style="{ width: `${Math.min(140, measures.width / 3) * scale}px`, bottom: `${6 + 6 * scale}px` }" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.trial-note {
  background: #f4c95d;
  border-radius: 10px;
  color: #10201d;
  font-size: 0.8125rem;
  margin: 0 12px 4px;
  padding: 4px 10px;
}

.trial-note .link {
  color: inherit;
}
</style>
