<script setup lang="ts">
import { computed, nextTick, provide, ref, watch } from 'vue'
import DeviceIcon from './DeviceIcon.vue'
import { lineComponents } from './lines'
import { useDevice } from './useDevice'

const device = useDevice()
provide('device', device)
const { view, loading, failed, message, messageIsRefusal, offlineSince, canGoBack, question, back, startAt, load, dismiss } = device

const asked = ref<HTMLElement>()
watch(question, (now) => now && nextTick(() => asked.value?.querySelector<HTMLElement>('button')?.focus()))

const colours = computed(() => {
  const theme = view.value?.theme
  return theme ? { '--main': theme.main, '--on-main': theme.onMain, '--ground': theme.background, '--surface': theme.surface, '--ink': theme.text } : {}
})
const isTab = computed(() => view.value?.tabs.some((tab) => tab.screen === view.value?.screen))
const offlineText = computed(() => (offlineSince.value === null ? '' : `No connection. This is what was here at ${new Date(offlineSince.value).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}.`))
</script>

<template>
  <div class="device" :style="colours">
    <header class="bar">
      <button v-if="canGoBack || (view && !isTab && view.screen !== view.first)" class="bar-back" aria-label="Back" @click="back()"><DeviceIcon name="back" /></button>
      <h1>{{ view?.title ?? '' }}</h1>
    </header>
    <p v-if="offlineText" class="offline" role="status">{{ offlineText }}</p>
    <main :aria-busy="loading">
      <div v-if="failed" class="problem" role="alert">
        <p>{{ failed }}</p>
        <button class="button quiet" @click="load()">Try again</button>
      </div>
      <div v-else-if="!view" class="skeleton" aria-label="Loading"><i /><i /><i /></div>
      <div v-else-if="view.problem" class="problem">
        <p>{{ view.problem }}</p>
        <button v-if="view.screen !== view.first" class="button quiet" @click="startAt('')">To the start</button>
      </div>
      <template v-else>
        <component :is="lineComponents[node.kind]" v-for="node in view.nodes" :key="node.at" :node="node" :data-at="node.at" />
      </template>
    </main>
    <div v-if="message" class="message" :class="{ refusal: messageIsRefusal }" :role="messageIsRefusal ? 'alert' : 'status'" @click="dismiss()">{{ message }}</div>
    <div v-if="question" ref="asked" class="question" role="alertdialog" aria-modal="true" :aria-label="question.text" @keydown.esc="question = null">
      <div class="question-box">
        <p>{{ question.text }}</p>
        <button class="button quiet" @click="question = null">No</button>
        <button class="button main" @click="question.yes()">Yes</button>
      </div>
    </div>
    <nav v-if="view && view.tabs.length" class="tabs" aria-label="Tabs">
      <button v-for="tab in view.tabs" :key="tab.screen" :aria-current="tab.screen === view.screen ? 'page' : undefined" @click="startAt(tab.screen)">
        <DeviceIcon :name="tab.icon" />
        <span>{{ tab.label }}</span>
      </button>
    </nav>
  </div>
</template>
