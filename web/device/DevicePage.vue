<script setup lang="ts">
import { computed, defineAsyncComponent, onUnmounted, provide, ref, watch, watchEffect } from 'vue'
import type { Node } from '../contracts/view'
import DeviceIcon from './DeviceIcon.vue'
import { full } from './full'
import { entry } from './entry'
import { form, large, platform, roomy } from './form'
import NodeList from './NodeList.vue'
import { spoken, themed } from './theme'
import { ripple } from './press'
import { useDevice } from './useDevice'
import { useEdge } from './useEdge'
import { useOver } from './useOver'
import { usePull } from './usePull'
import { own } from './own'

const ScreenOutline = defineAsyncComponent({ loader: () => import('./ScreenOutline.vue'), delay: 0, loadingComponent: { render: () => null } })
const EntryList = defineAsyncComponent(() => import('./EntryList.vue'))
const BesidePane = defineAsyncComponent(() => import('./BesidePane.vue'))
const PracticeSystem = defineAsyncComponent(() => import('./practice/PracticeSystem.vue'))
const FullAdvert = defineAsyncComponent(() => import('./FullAdvert.vue'))
const UpdateGate = defineAsyncComponent(() => import('./UpdateGate.vue'))
const AskedBox = defineAsyncComponent(() => import('./AskedBox.vue'))
const TesterBox = defineAsyncComponent(() => import('./TesterBox.vue'))
const device = useDevice()
provide('device', device)
const { view, shown, loading, late, failed, message, messageIsRefusal, offlineSince, waiting, canGoBack, place, under, first, rootScreen, question } = device
const { toSignIn, back, startAt, toRoot, load, dismiss } = device
/** The page is another element on every step. */
const page = ref<HTMLElement | null>(null)
const whole = ref<HTMLElement | null>(null)
const { pulled, refreshing, ready } = usePull(page, () => load())
const { drawn } = useEdge(whole, canGoBack, back)

/** Where there is room, the list that led here stands beside what it led to. */
const beside = computed(() => (roomy.value && !view.value?.full && place.value.args.length === 1 ? under.value : null))

const menuOpen = ref(false)
const colours = computed(() => themed(view.value?.theme))
watchEffect(() => spoken(view.value?.theme))
/** What was not read yet stands on the app’s own icon, too (Badging API of the W3C). */
const unread = computed(() => Math.max(0, ...[...(view.value?.tabs ?? []), ...(view.value?.menu ?? [])].map((tab) => tab.badge ?? 0)))
watch(unread, (now) => {
  if (!entry.deck && 'setAppBadge' in navigator) void (now ? navigator.setAppBadge(now) : navigator.clearAppBadge()).catch(() => undefined)
})

const isTab = computed(() => [...(view.value?.tabs ?? []), ...(view.value?.menu ?? [])].some((tab) => tab.screen === view.value?.screen))
const offlineText = computed(() => {
  const waits = waiting.value ? ` ${own('{0, plural, one {One thing waits to be done.} other {# things wait to be done.}}', waiting.value)}` : ''
  if (offlineSince.value === null) return waits.trim()
  const since = new Date(offlineSince.value).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })
  return own('No connection. This is what was here at {0}.', since) + waits
})

const pinned = (edge: 'top' | 'bottom') => (view.value?.nodes ?? []).filter((node) => node.placing?.pin === edge)
const floats = (node: Node) => node.kind === 'floatingButton'
const flowing = computed(() => (view.value?.nodes ?? []).filter((node) => !node.placing?.pin && !floats(node)))
const floating = computed(() => (view.value?.nodes ?? []).filter((node) => floats(node) && !node.placing?.pin))
const away = (edge: 'top' | 'bottom') =>
  `${pinned(edge)
    .map((node) => node.placing?.distance ?? 12)
    .reduce((a, b) => Math.max(a, b), 0)}px`

/** A title that is large, or stands over the picture with which the page begins; once that has gone up, it is like any other. */
const bar = computed(() => (view.value?.bar === 'over' && flowing.value[0]?.kind !== 'picture' ? undefined : view.value?.bar))
const head = ref<HTMLElement | null>(null)
const gone = ref(false)
const eye = new IntersectionObserver(([seen]) => (gone.value = !seen.isIntersecting))
watch(head, (now, before) => {
  if (before) eye.unobserve(before)
  if (now) eye.observe(now)
  else gone.value = false
}, { flush: 'post' })
onUnmounted(() => eye.disconnect())

/** Three of them stand in the bar; of more the first two, and a menu with the others. */
const more = ref(false)
const actions = computed(() => {
  const all = view.value?.actions ?? []
  const shown = all.length > 3 ? all.slice(0, 2) : all
  const named = (node: Node) => ('label' in node && node.label) || ('alt' in node && node.alt) || own('More')
  return { shown, rest: all.slice(shown.length).map((node) => ({ at: node.at, label: String(named(node)), dangerous: false })) }
})

function act(index: number) {
  more.value = false
  void device.tap(actions.value.rest[index].at, null)
}

function toMenu(screen: string) {
  menuOpen.value = false
  void toRoot(screen)
}

useOver(device, () => menuOpen.value, () => (menuOpen.value = false))
useOver(device, () => full.value !== null, () => full.value?.end('closed'))
useOver(device, () => question.value !== null, () => device.leaveQuestion())

/** Where the browser cannot turn from one screen to the next, the next one comes in by itself. */
const plain = !('startViewTransition' in document)
</script>

<template>
  <div ref="whole" class="device" :class="[platform, form, { full: view?.full, large }]" :style="colours" @pointerdown="ripple">
    <BesidePane v-if="beside" :key="beside.id" :device="device" :step="beside" />
    <header v-if="!view?.full" class="bar" :class="{ over: bar === 'over', solid: bar && gone }">
      <button v-if="canGoBack || (view && !isTab && view.screen !== view.first)" class="bar-button" :aria-label="own('Back')" @click="back()">
        <DeviceIcon :name="platform === 'ios' ? 'backSlim' : 'back'" class="turns" />
      </button>
      <button v-else-if="view?.menu.length" class="bar-button" :aria-label="own('Menu')" :aria-expanded="menuOpen" @click="menuOpen = true">
        <DeviceIcon name="menu" />
      </button>
      <span v-if="bar === 'large'" class="bar-title" :class="{ gone: !gone }" aria-hidden="true">{{ view?.title }}</span>
      <h1 v-else>{{ view?.title ?? '' }}</h1>
      <div v-if="view?.actions.length" class="bar-actions">
        <NodeList :nodes="actions.shown" />
        <button v-if="actions.rest.length" class="icon-button" :aria-label="own('More')" aria-haspopup="menu" @click="more = true">
          <DeviceIcon name="more" />
        </button>
        <EntryList v-if="more" :entries="actions.rest" :label="own('More')" @choose="act" @close="more = false" />
      </div>
    </header>
    <button v-else-if="canGoBack" class="bar-button full-back" :aria-label="own('Back')" @click="back()"><DeviceIcon name="back" class="turns" /></button>
    <p v-if="offlineText" class="offline" role="status">{{ offlineText }}</p>
    <div v-if="!failed && !late && pinned('top').length" class="pinned" :style="{ paddingTop: away('top') }"><NodeList :nodes="pinned('top')" /></div>
    <div v-if="pulled" class="pull" :class="{ ready: ready(), turning: refreshing }" :style="{ '--pulled': Math.min(1, pulled / 64) }">
      <span v-if="refreshing" class="heard" role="status">{{ own('Reading anew…') }}</span>
    </div>
    <main
      :key="shown"
      ref="page"
      tabindex="0"
      :class="plain && view?.opens"
      :aria-busy="loading"
      :style="pulled || drawn ? { transform: `translate(${drawn}px, ${pulled}px)` } : undefined"
    >
      <div v-if="failed" class="problem" role="alert">
        <p>{{ failed }}</p>
        <button class="button quiet" @click="load()">{{ own('Try again') }}</button>
      </div>
      <ScreenOutline v-else-if="!view || late" :screen="place.screen || first" />
      <div v-else-if="view.problem" class="problem">
        <p>{{ view.problem }}</p>
        <button v-if="view.signIn" class="button" @click="toSignIn(view.signIn)">{{ own('Sign in') }}</button>
        <button v-if="place.screen" class="button quiet" @click="startAt('')">{{ own('To the start') }}</button>
      </div>
      <template v-else>
        <h1 v-if="bar === 'large'" ref="head" class="large-title">{{ view.title }}</h1>
        <i v-else-if="bar === 'over'" ref="head" class="under-bar" />
        <NodeList :nodes="flowing" />
        <a v-if="entry.mark && view.screen === view.first" class="mark" :href="entry.mark" target="_blank" rel="noopener">{{ own('Made with Lanai') }}</a>
      </template>
    </main>
    <div v-if="!failed && !late && pinned('bottom').length" class="pinned" :style="{ paddingBottom: away('bottom') }">
      <NodeList :nodes="pinned('bottom')" />
    </div>
    <div v-if="floating.length && !failed && !late" class="floats"><NodeList :nodes="floating" /></div>
    <div v-if="message" class="message" :class="{ refusal: messageIsRefusal }" :role="messageIsRefusal ? 'alert' : 'status'" @click="dismiss()">
      {{ message }}
    </div>
    <PracticeSystem v-if="entry.deck" :app="view?.app ?? ''" />
    <TesterBox v-if="entry.tester && view" :screen="view.screen" :args="place.args" />
    <UpdateGate v-if="view?.update" :update="view.update" />
    <FullAdvert v-if="full" :shown="full" />
    <AskedBox v-if="question" :key="question.at + question.wrong" :question="question" @close="device.leaveQuestion()" />
    <div v-if="menuOpen && view" class="veil side" @click.self="menuOpen = false" @keydown.esc="menuOpen = false">
      <nav class="side-menu" :aria-label="own('Menu')">
        <button v-for="one in view.menu" :key="one.screen" :aria-current="one.screen === view.screen ? 'page' : undefined" @click="toMenu(one.screen)">
          <DeviceIcon v-if="one.icon" :name="one.icon" /><span>{{ one.label }}</span>
          <b v-if="one.badge" class="tab-badge"><span class="heard">{{ `${own('Not read yet:')} ` }}</span>{{ Math.min(99, one.badge) }}</b>
        </button>
      </nav>
    </div>
    <nav v-if="view && view.tabs.length && !view.full" class="tabs" :aria-label="own('Tabs')">
      <button v-for="tab in view.tabs" :key="tab.screen" :aria-current="tab.screen === view.screen ? 'page' : tab.screen === rootScreen ? 'true' : undefined"
        @click="toRoot(tab.screen)"
      >
        <DeviceIcon v-if="tab.icon" :name="tab.icon" />
        <span>{{ tab.label }}</span>
        <b v-if="tab.badge" class="tab-badge"><span class="heard">{{ `${own('Not read yet:')} ` }}</span>{{ Math.min(99, tab.badge) }}</b>
      </button>
    </nav>
  </div>
</template>
