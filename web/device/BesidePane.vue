<script setup lang="ts">
import { computed, nextTick, onMounted, provide, ref, watch } from 'vue'
import AskedBox from './AskedBox.vue'
import NodeList from './NodeList.vue'
import type { Step } from './usePlaces'
import { useBeside } from './useBeside'
import type { Device } from './useDevice'

/** The list that led here, beside what it led to. */
const props = defineProps<{ device: Device; step: Step }>()
const { device, stands, opened } = useBeside(props.device, props.step)
provide('device', device)
const { view, question } = device
const pane = ref<HTMLElement>()
const flowing = computed(() => (view.value?.nodes ?? []).filter((node) => node.kind !== 'floatingButton' || node.placing?.pin))

const toOpened = () => nextTick(() => pane.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' }))
onMounted(() => (view.value ? toOpened() : device.load().then(toOpened)))
watch(opened, toOpened)
</script>

<template>
  <aside v-if="stands && view" ref="pane" class="beside" tabindex="0" :aria-label="view.title">
    <h2 class="beside-title">{{ view.title }}</h2>
    <div class="beside-page"><NodeList :nodes="flowing" /></div>
    <AskedBox v-if="question" :key="question.at + question.wrong" :question="question" @close="device.leaveQuestion()" />
  </aside>
</template>

<style>
.tablet:has(> .beside) { --beside: 360px; }
.beside {
  position: absolute;
  inset-block: 0;
  inset-inline-start: calc(var(--edge-left) + var(--rail, 0px));
  width: 360px;
  overflow: hidden auto;
  overscroll-behavior-y: contain;
  border-inline-end: 1px solid color-mix(in srgb, var(--ink) 10%, transparent);
  background: var(--ground);
}
/* Nothing lies in the fold of a phone that opens like a book. */
@media (horizontal-viewport-segments: 2) {
  .tablet:has(> .beside) { --beside: calc(env(viewport-segment-left 1 0) - var(--rail, 0px) - var(--edge-left)); }
  .beside { width: calc(env(viewport-segment-right 0 0) - var(--rail, 0px) - var(--edge-left)); }
}
.beside-title {
  position: sticky;
  inset-block-start: 0;
  z-index: 2;
  min-height: calc(56px + var(--edge-top));
  padding: calc(14px + var(--edge-top)) 16px 14px;
  border-block-end: 1px solid color-mix(in srgb, var(--ink) 10%, transparent);
  font-size: 1.125rem;
  line-height: 1.6875rem;
  font-weight: 650;
  background: var(--surface);
}
.beside-page { display: flex; flex-direction: column; gap: var(--gap); padding: 16px 16px 32px; }
.beside-page > * { flex: none; width: 100%; }
.beside .item[aria-current] { background: color-mix(in srgb, var(--main) 14%, var(--surface)); }
.beside .list-heading { inset-block-start: calc(56px + var(--edge-top)); }
</style>
