<script setup lang="ts">
import { computed, defineAsyncComponent, inject, nextTick, onBeforeUpdate, onUnmounted, ref, watch } from 'vue'
import type { ListNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import { useTicking } from '../useTicked'
import { advertAfter } from '../between'
import AdvertLine from './AdvertLine.vue'
import ListItem from './ListItem.vue'
import { own } from '../own'

const ListNarrow = defineAsyncComponent(() => import('./ListNarrow.vue'))
const ListCalendar = defineAsyncComponent(() => import('./ListCalendar.vue'))
const ListEmpty = defineAsyncComponent(() => import('./ListEmpty.vue'))
const TickedBar = defineAsyncComponent(() => import('./TickedBar.vue'))
const AlphabetRail = defineAsyncComponent(() => import('./AlphabetRail.vue'))
const ListMap = defineAsyncComponent(() => import('./ListMap.vue'))
const ListPages = defineAsyncComponent(() => import('./ListPages.vue'))
const LongList = defineAsyncComponent(() => import('./LongList.vue'))
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
const ticked = useTicking(() => props.node)
const end = ref<HTMLElement>()
const place = ref<HTMLElement>()

const MANY = 80
/** So many are on the screen at first. */
const SOON = 3
const long = computed(() => props.node.items.length > MANY && ['rows', 'cards'].includes(props.node.layout))
const begins = (index: number) => props.node.items[index].group !== undefined && props.node.items[index].group !== props.node.items[index - 1]?.group

/** The next items are asked for when the end of those there comes near; each time twice as many. */
const eye = new IntersectionObserver(
  (seen) => {
    if (seen.some((one) => one.isIntersecting) && props.node.more) {
      device.pages[props.node.at] = (device.pages[props.node.at] ?? 1) * 2
      void device.load()
    }
  },
  { rootMargin: '300px' },
)
watch(
  [end, () => props.node.items.length],
  () => {
    eye.disconnect()
    if (end.value) eye.observe(end.value)
  },
  { flush: 'post' },
)
onUnmounted(() => eye.disconnect())

/** To the first item under a letter: where the list goes on, it is read to its end before. */
const WHOLE = 10_000
const longList = ref<{ to: (index: number) => void }>()
async function toLetter(letter: string) {
  if (props.node.more) {
    device.pages[props.node.at] = WHOLE
    await device.load()
    await nextTick()
  }
  const { firstOf } = await import('../letters')
  const index = firstOf(props.node.items.map((item) => item.title ?? ''), letter)
  if (longList.value) longList.value.to(index)
  else place.value?.querySelectorAll('.list > li')[index]?.scrollIntoView({ block: 'start' })
}

/** Where one reads on upward, what one reads stays where it is; at the end the newest stays in sight. */
const NEAR = 80
const page = () => (props.node.newestLast ? (place.value?.closest('main') ?? null) : null)
let stood = { end: false, below: 0 }
onBeforeUpdate(() => {
  const main = page()
  if (main) stood = { end: main.scrollHeight - main.scrollTop - main.clientHeight < NEAR, below: main.scrollHeight - main.scrollTop }
})
watch(
  () => [props.node.items[0]?.id, props.node.items.at(-1)?.id],
  ([first, last], [firstBefore, lastBefore]) => {
    const main = page()
    if (!main) return
    if (last !== lastBefore && stood.end) main.scrollTop = main.scrollHeight
    else if (first !== firstBefore && last === lastBefore) main.scrollTop = main.scrollHeight - stood.below
  },
  { flush: 'post' },
)
</script>

<template>
  <div ref="place" class="list-place" :data-newest="node.newestLast || undefined">
    <ListNarrow v-if="node.search !== null || node.orders || node.chips" :node="node" />
    <p v-if="node.more && node.newestLast" ref="end" class="list-more" role="status">{{ own('More…') }}</p>
    <div v-if="node.chosen && node.items.length && !ticked.on.value" class="list-choose">
      <button type="button" @click="ticked.begin()">{{ own('Choose') }}</button>
    </div>
    <div class="list-body" :class="{ railed: node.alphabet }">
      <AlphabetRail v-if="node.alphabet" :node="node" @to="toLetter" />
      <ListEmpty v-if="!node.items.length" :node="node" />
      <ListCalendar v-else-if="node.layout === 'calendar'" :node="node" />
      <ListMap v-else-if="node.layout === 'map'" :node="node" />
      <ListPages v-else-if="node.layout === 'pages'" :node="node" />
      <LongList v-else-if="long" ref="longList" :node="node" :begins="begins" />
      <ul v-else class="list" :class="[node.layout, { far: node.items.length > MANY }]" :tabindex="node.layout === 'strip' ? 0 : undefined">
        <li v-for="(item, i) in node.items" :key="item.id">
          <h3 v-if="begins(i)" class="list-heading">{{ item.group || '–' }}</h3>
          <ListItem :node="node" :item="item" :soon="i < SOON" />
          <AdvertLine v-if="advertAfter(node, i)" :node="{ kind: 'advert', at: `${node.at}/adverts/${i}`, ...node.adverts! }" class="list-advert" />
        </li>
      </ul>
    </div>
    <p v-if="node.more && !node.newestLast" ref="end" class="list-more" role="status">{{ own('More…') }}</p>
    <p v-if="node.rest" class="list-more">{{ node.rest }}</p>
    <TickedBar v-if="ticked.on.value" :node="node" />
  </div>
</template>

<style>
.list-place { position: relative; display: flex; flex-direction: column; gap: 12px; min-width: 0; }
.list { list-style: none; display: flex; flex-direction: column; gap: 12px; }
.list-heading {
  overflow-wrap: anywhere;
  padding: 10px 14px 4px;
  font-size: .9375rem;
  line-height: 1.375rem;
  font-weight: 680;
  color: color-mix(in srgb, var(--ink) 78%, transparent);
}
/* What is far away is not drawn, and keeps its room. */
img.item-picture { display: block; }
.conversation { gap: 8px; overflow-anchor: none; }
.conversation.far > li { content-visibility: auto; contain-intrinsic-block-size: auto 72px; }
/* Days stand apart. */
.conversation .list-heading { text-align: center; font-weight: 600; }
/* Clipped, and not hidden: so that headings stay in sight. */
.rows { gap: 0; border-radius: var(--corner); overflow: clip; background: var(--surface); }
.list:not(.long) > li > .list-heading { position: sticky; inset-block-start: 0; z-index: 1; background: var(--ground); }
.rows:not(.long) > li > .list-heading { background: var(--surface); }
.cards:not(.long) { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 300px), 1fr)); }
.cards > li { display: flex; flex-direction: column; }
.cards .item-place { flex: 1; }
.cards .item { height: 100%; }
.cards > li:has(> .list-heading) { grid-column: 1 / -1; }
.rows li + li { border-top: 1px solid color-mix(in srgb, var(--ink) 9%, transparent); }
.rows .item-picture { flex: none; width: 48px; height: 48px; border-radius: calc(var(--corner) * .625); object-fit: cover; }
.cards .item {
  flex-direction: column;
  align-items: stretch;
  gap: 0;
  padding: 0;
  border-radius: var(--corner);
  overflow: hidden;
  box-shadow: 0 1px 2px color-mix(in srgb, var(--ink) 14%, transparent);
}
.cards .item-picture { width: 100%; height: 116px; object-fit: cover; }
.cards .item-line { flex: none; align-items: flex-start; padding: 12px 14px; }
.tiles { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 9.25rem), 1fr)); }
.tiles .list-heading { display: none; }
.tiles .item-place, .strip .item-place { height: 100%; }
.tiles .item,
.strip .item {
  height: 100%;
  flex-direction: column;
  align-items: stretch;
  justify-content: flex-start;
  gap: 0;
  padding: 0;
  border-radius: var(--corner);
  overflow: hidden;
  box-shadow: 0 1px 2px color-mix(in srgb, var(--ink) 14%, transparent);
}
.tiles .item-picture, .strip .item-picture { flex: none; width: 100%; height: 92px; object-fit: cover; }
.tiles .item-line, .strip .item-line { flex: none; flex-direction: column; align-items: stretch; gap: 4px; padding: 10px 12px 12px; }
.tiles .item-aside, .strip .item-aside { max-width: none; }
.strip {
  flex-direction: row;
  overflow-x: auto;
  margin-inline: -16px;
  padding-inline: 16px;
  scroll-snap-type: x proximity;
  scroll-padding-inline: 16px;
}
.strip li { flex: 0 0 172px; scroll-snap-align: start; }
.strip .list-heading { display: none; }
.list-advert { margin-inline: 12px; }
.cards .list-advert { margin-inline: 0; }
.list-body { display: contents; }
.list-body.railed { display: block; position: relative; }
.list-more { text-align: center; }
.list-choose { display: flex; justify-content: flex-end; margin-block: -8px; }
.list-choose button {
  min-height: 48px;
  padding: 0 12px;
  border: 0;
  border-radius: 24px;
  background: none;
  color: color-mix(in srgb, var(--main) 88%, var(--ink));
  font-weight: 600;
  cursor: pointer;
}
.large .strip li { flex-basis: 240px; }
</style>
