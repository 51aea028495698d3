<script setup lang="ts">
import { computed, inject, onMounted, onUnmounted, ref, watch } from 'vue'
import { media } from '../entry'
import { phone } from '../notify'
import { platform } from '../form'
import { server } from '../server'
import type { Device } from '../useDevice'
import type { Lying } from './lying'
import { locked } from './practice'
import { deck } from '../deck'

/**
 * What lies on the phone that the deck shows: over the app for a moment when it comes, and on the screen of a locked phone. A tap opens the app where it
 * should.
 */
defineProps<{ app: string }>()
const device = inject('device') as Device
const EVERY = 2000
const SHOWN = 6000
const lies = ref<Lying[]>([])
/** What has just come, over the app. */
const fresh = ref<Lying | null>(null)
const seen = new Set<string>()
let timer = 0
let hides = 0

const newest = computed(() => lies.value.map((_, i, all) => all[all.length - 1 - i]))
const clock = (at: number) => new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })
const now = computed(() => {
  const moment = device.parts.chosen.chosen.now
  const at = moment ? new Date(moment) : new Date()
  return { time: clock(at.getTime()), day: at.toLocaleDateString([], { weekday: 'long', day: 'numeric', month: 'long' }) }
})

async function look(take?: string) {
  clearTimeout(timer)
  const handle = phone.value
  if (handle) {
    try {
      const told = await server.lies({ ...device.where(), handle, ...(take ? { take } : {}) })
      const came = told.lies.filter((one) => !seen.has(one.id))
      for (const one of came) seen.add(one.id)
      lies.value = told.lies
      if (came.length && !locked.value && !take) shows(came[came.length - 1])
    } catch {
      // Then it is looked at again in a moment.
    }
  }
  timer = window.setTimeout(() => void look(), EVERY)
}

function shows(one: Lying) {
  fresh.value = one
  clearTimeout(hides)
  hides = window.setTimeout(() => (fresh.value = null), SHOWN)
}

async function open(one: Lying) {
  fresh.value = null
  setLocked(false)
  lies.value = lies.value.filter((other) => other.id !== one.id)
  void server.opened(one.id).catch(() => undefined)
  void look(one.id)
  await device.startAt(one.data.screen ?? '', one.data.args ?? [])
}

function setLocked(on: boolean) {
  locked.value = on
  deck.tell({ lanai: 'locked', on })
}

watch(phone, () => void look())
watch(locked, (on) => on && void look())
onMounted(() => void look())
onUnmounted(() => (clearTimeout(timer), clearTimeout(hides)))
</script>

<template>
  <div v-if="locked" class="shade" role="dialog" aria-modal="true" aria-label="The locked phone">
    <p class="shade-time">{{ now.time }}</p>
    <p class="shade-day">{{ now.day }}</p>
    <ul v-if="newest.length" class="shade-list">
      <li v-for="one in newest" :key="one.id" class="shade-one">
        <button type="button" class="shade-open" @click="open(one)">
          <span class="shade-from"><b>{{ app }}</b> {{ clock(one.at) }}</span>
          <span class="shade-title">{{ one.title }}</span>
          <span v-if="one.text" class="shade-text">{{ one.text }}</span>
        </button>
        <img v-if="one.picture" :src="media(one.picture)" alt="" class="shade-picture">
        <button type="button" class="shade-away" :aria-label="`Take away: ${one.title}`" @click="look(one.id)">×</button>
      </li>
    </ul>
    <p v-else class="shade-none">{{ phone ? 'Nothing lies here.' : 'This phone lets no messages in yet: say yes in the app.' }}</p>
    <button type="button" class="shade-unlock" @click="setLocked(false)">{{ platform === 'ios' ? 'Open the phone' : 'Unlock' }}</button>
  </div>
  <button v-else-if="fresh" type="button" class="shade-one shade-fresh" @click="open(fresh)">
    <span class="shade-open">
      <span class="shade-from"><b>{{ app }}</b> now</span>
      <span class="shade-title">{{ fresh.title }}</span>
      <span v-if="fresh.text" class="shade-text">{{ fresh.text }}</span>
    </span>
  </button>
</template>

<style>
.shade {
  position: absolute;
  inset: 0;
  z-index: 50;
  display: flex;
  flex-direction: column;
  padding: calc(40px + var(--edge-top)) 14px calc(22px + var(--edge-bottom));
  background: linear-gradient(#16353c, #2c5a5f 55%, #b58a5e);
  color: #fff;
}
.shade-time { text-align: center; font-size: 3.5rem; line-height: 1.1; font-weight: 300; }
.shade-day { text-align: center; }
.shade-list { flex: 1; min-height: 0; margin: 20px 0 0; padding: 0; overflow-y: auto; list-style: none; }
.shade-none { flex: 1; margin-block-start: 28px; text-align: center; }
.shade-one {
  display: flex;
  align-items: flex-start;
  gap: 8px;
  margin-block-end: 8px;
  padding: 10px 12px;
  border-radius: 18px;
  background: #f7f5f0;
  color: #16302f;
}
.shade-open {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}
.shade-from { font-size: .8125rem; color: #43605d; }
.shade-title { font-weight: 650; overflow-wrap: anywhere; }
.shade-text { font-size: .9375rem; line-height: 1.3; overflow-wrap: anywhere; }
.shade-picture { width: 44px; height: 44px; border-radius: 8px; object-fit: cover; }
.shade-away { width: 32px; height: 32px; border: 0; border-radius: 50%; background: none; color: inherit; font-size: 1.25rem; line-height: 1; cursor: pointer; }
.shade-unlock {
  align-self: center;
  min-height: 48px;
  padding: 0 22px;
  border: 0;
  border-radius: 24px;
  background: rgb(255 255 255 / 18%);
  color: #fff;
  font: inherit;
  cursor: pointer;
}
.shade-fresh {
  position: absolute;
  inset: calc(8px + var(--edge-top)) 8px auto;
  z-index: 45;
  border: 0;
  font: inherit;
  text-align: start;
  box-shadow: 0 8px 30px rgb(0 0 0 / 30%);
  cursor: pointer;
}
</style>
