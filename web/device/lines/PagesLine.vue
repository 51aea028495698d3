<script setup lang="ts">
import { inject, ref } from 'vue'
import type { PagesNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'
import { counted, lineAt } from '../counting'
import PageDots from '../PageDots.vue'
import { keepPage, pageKept } from '../pageKept'
import type { Device } from '../useDevice'
import { useSwiped } from '../useSwiped'
import { own } from '../own'

const props = defineProps<{ node: PagesNode }>()
const device = inject('device') as Device
const way = ref<HTMLElement>()
const count = () => props.node.pages.length
const kept = props.node.ending ? pageKept(props.node.at, count()) : 0
const { at, last, scrolled, go, press } = useSwiped(way, count, Number(device.opens[props.node.at] ?? kept), (page) => {
  device.opens[props.node.at] = page
  if (props.node.ending) keepPage(props.node.at, count(), page)
  if (page) counted('page', `${lineAt(props.node.at)}#${page + 1}`)
})
async function end() {
  if (await device.tap(props.node.at, null, undefined, props.node.queues)) keepPage(props.node.at, count(), 0)
}
const onward = () => (last.value ? end() : go(at.value + 1))
</script>

<template>
  <div class="pages" :class="{ ends: node.ending }">
    <div ref="way" class="pages-way" tabindex="0" role="group" :aria-label="own('Pages')" @scroll.passive="scrolled" @keydown="press">
      <div
        v-for="(page, i) in node.pages"
        :key="i"
        class="pages-page group"
        role="group"
        :aria-label="own('Page {0} of {1}', i + 1, node.pages.length)"
        :inert="i !== at"
      >
        <NodeList :nodes="page.nodes" />
      </div>
    </div>
    <PageDots v-if="node.pages.length > 1" :count="node.pages.length" :at="at" />
    <button v-if="node.ending" class="button" :disabled="last && node.enabled === false" :aria-busy="device.isBusy(node.at)" @click="onward()">
      {{ last ? node.ending : own('Go on') }}
    </button>
    <button v-if="node.skips" class="button bare" :class="{ away: last }" :disabled="last" @click="end()">
      {{ own('Skip') }}
    </button>
  </div>
</template>

<style>
.pages { display: flex; flex-direction: column; gap: 12px; min-width: 0; }
.pages > * { flex: none; }
main > .pages.ends { flex: 1 0 auto; }
.pages-way { display: flex; overflow: auto hidden; scroll-snap-type: x mandatory; scrollbar-width: none; overscroll-behavior-x: contain; }
.pages.ends > .pages-way { flex: 1 0 auto; }
main > .pages > .pages-way { margin-inline: -16px; }
main > .pages > .pages-way > .pages-page { padding-inline: 16px; }
.pages-page { flex: 0 0 100%; min-width: 0; scroll-snap-align: center; scroll-snap-stop: always; }
.pages.ends .pages-page { justify-content: center; text-align: center; }

.pages > .bare { background: none; color: color-mix(in srgb, var(--main) 82%, var(--ink)); }
.button.away { visibility: hidden; }
</style>
