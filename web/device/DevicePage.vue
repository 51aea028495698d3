<script setup lang="ts">
import { computed, provide, ref } from 'vue'
import type { Node } from '../contracts/view'
import AskedBox from './AskedBox.vue'
import DeviceIcon from './DeviceIcon.vue'
import { form, large, platform } from './form'
import NodeList from './NodeList.vue'
import { themed } from './theme'
import { useDevice } from './useDevice'
import { usePull } from './usePull'

const device = useDevice()
provide('device', device)
const { view, loading, late, failed, message, messageIsRefusal, offlineSince, waiting, canGoBack, question, toSignIn, back, startAt, load, dismiss } = device
const { pulled, refreshing, handlers } = usePull(() => load())

const menuOpen = ref(false)
const colours = computed(() => themed(view.value?.theme))
const isTab = computed(() => [...(view.value?.tabs ?? []), ...(view.value?.menu ?? [])].some((tab) => tab.screen === view.value?.screen))
const offlineText = computed(() => {
  const waits = waiting.value ? ` ${waiting.value === 1 ? 'One thing waits' : `${waiting.value} things wait`} to be done.` : ''
  if (offlineSince.value === null) return waits.trim()
  return `No connection. This is what was here at ${new Date(offlineSince.value).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}.${waits}`
})

const pinned = (edge: 'top' | 'bottom') => (view.value?.nodes ?? []).filter((node) => node.placing?.pin === edge)
const floats = (node: Node) => node.kind === 'floatingButton'
const flowing = computed(() => (view.value?.nodes ?? []).filter((node) => !node.placing?.pin && !floats(node)))
const floating = computed(() => (view.value?.nodes ?? []).filter((node) => floats(node) && !node.placing?.pin))
const away = (edge: 'top' | 'bottom') => `${pinned(edge).map((node) => node.placing?.distance ?? 12).reduce((a, b) => Math.max(a, b), 0)}px`

function toMenu(screen: string) {
  menuOpen.value = false
  startAt(screen)
}
</script>

<template>
  <div class="device" :class="[platform, form, { full: view?.full, large }]" :style="colours">
    <header v-if="!view?.full" class="bar">
      <button v-if="canGoBack || (view && !isTab && view.screen !== view.first)" class="bar-button" aria-label="Back" @click="back()"><DeviceIcon :name="platform === 'ios' ? 'backSlim' : 'back'" class="turns" /></button>
      <button v-else-if="view?.menu.length" class="bar-button" aria-label="Menu" :aria-expanded="menuOpen" @click="menuOpen = true"><DeviceIcon name="menu" /></button>
      <h1>{{ view?.title ?? '' }}</h1>
      <div v-if="view?.actions.length" class="bar-actions"><NodeList :nodes="view.actions" /></div>
    </header>
    <button v-else-if="canGoBack" class="bar-button full-back" aria-label="Back" @click="back()"><DeviceIcon name="back" class="turns" /></button>
    <p v-if="offlineText" class="offline" role="status">{{ offlineText }}</p>
    <div v-if="!failed && !late && pinned('top').length" class="pinned" :style="{ paddingTop: away('top') }"><NodeList :nodes="pinned('top')" /></div>
    <main :key="view?.screen" tabindex="0" :class="view?.opens" :aria-busy="loading" :style="pulled ? { transform: `translateY(${pulled}px)` } : undefined" v-on="handlers">
      <p v-if="refreshing" class="refreshing" role="status">Reading anew…</p>
      <div v-if="failed" class="problem" role="alert">
        <p>{{ failed }}</p>
        <button class="button quiet" @click="load()">Try again</button>
      </div>
      <div v-else-if="!view || late" class="skeleton" role="status" aria-label="Loading"><i /><i /><i /></div>
      <div v-else-if="view.problem" class="problem">
        <p>{{ view.problem }}</p>
        <button v-if="view.signIn" class="button" @click="toSignIn(view.signIn)">Sign in</button>
        <button v-if="view.screen !== view.first" class="button quiet" @click="startAt('')">To the start</button>
      </div>
      <NodeList v-else :nodes="flowing" />
    </main>
    <div v-if="!failed && !late && pinned('bottom').length" class="pinned" :style="{ paddingBottom: away('bottom') }"><NodeList :nodes="pinned('bottom')" /></div>
    <div v-if="floating.length && !failed && !late" class="floats"><NodeList :nodes="floating" /></div>
    <div v-if="message" class="message" :class="{ refusal: messageIsRefusal }" :role="messageIsRefusal ? 'alert' : 'status'" @click="dismiss()">{{ message }}</div>
    <AskedBox v-if="question" :key="question.at + question.wrong" :question="question" @close="question = null" />
    <div v-if="menuOpen && view" class="veil side" @click.self="menuOpen = false" @keydown.esc="menuOpen = false">
      <nav class="side-menu" aria-label="Menu">
        <button v-for="one in view.menu" :key="one.screen" :aria-current="one.screen === view.screen ? 'page' : undefined" @click="toMenu(one.screen)"><DeviceIcon v-if="one.icon" :name="one.icon" /><span>{{ one.label }}</span></button>
      </nav>
    </div>
    <nav v-if="view && view.tabs.length && !view.full" class="tabs" aria-label="Tabs">
      <button v-for="tab in view.tabs" :key="tab.screen" :aria-current="tab.screen === view.screen ? 'page' : undefined" @click="startAt(tab.screen)">
        <DeviceIcon :name="tab.icon" />
        <span>{{ tab.label }}</span>
      </button>
    </nav>
  </div>
</template>
