<script setup lang="ts">
import { computed, defineAsyncComponent, inject, ref } from 'vue'
import type { Item, ListNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import { entry, picture } from '../entry'
import { pictured } from '../pictured'
import { sliding } from '../sliding'
import { came, softly } from '../soft'
import { useTicked } from '../useTicked'
import type { Device } from '../useDevice'
import { own } from '../own'

const EntryList = defineAsyncComponent(() => import('../EntryList.vue'))
/** @param soon among the first of its list: its picture is wanted at once */
const props = defineProps<{ node: ListNode; item: Item; soon?: boolean }>()
const device = inject('device') as Device
/** How wide their pictures are at most, in dp. */
const WIDE = { rows: 48, map: 48, calendar: 48, conversation: 40, tiles: 320, strip: 240, cards: Math.min(innerWidth, 880), pages: Math.min(innerWidth, 880) }
/** It is what is shown beside the list. */
const isOpened = computed(() => !!props.node.leads && device.opened?.value === props.item.id)
const ticked = useTicked()
const offered = ref(false)
const slides = props.node.swipes?.length ? sliding() : ref(null)
/** Removed by a swipe: it is gone at once, and comes back where that was not done after all. */
const gone = ref(false)

function open() {
  if (ticked?.on.value) return ticked.toggle(props.item.id)
  if (!props.node.taps) return
  // The deck tells what each tap does: there the server is asked.
  if (props.node.leads && !entry.deck) return device.lead(props.node.at, props.item.id, props.node.leads)
  return device.tap(props.node.at, props.item.id, undefined, props.node.queues)
}

/** Who presses long begins to choose. */
function pressed(event: Event) {
  event.preventDefault()
  ticked?.begin(props.item.id)
}

async function choose(i: number) {
  offered.value = false
  gone.value = props.node.swipes?.[i]?.removes === true
  if (!(await device.tap(`${props.node.at}/swipes/${i}`, props.item.id, undefined, props.node.queues))) gone.value = false
}
</script>

<template>
  <div v-show="!gone" class="item-place" :data-item="item.id">
    <component :is="slides ?? 'div'" :class="{ 'item-still': !slides }" :swipes="node.swipes" @choose="choose">
      <component
        :is="node.taps || ticked?.on.value ? 'button' : 'div'"
        class="item"
        :class="{ own: item.own }"
        :role="ticked?.on.value ? 'checkbox' : undefined"
        :aria-checked="ticked?.on.value ? ticked.has(item.id) : undefined"
        :aria-busy="device.isBusy(node.at, item.id)"
        :aria-current="isOpened || undefined"
        @click="open()"
        v-on="node.chosen ? { contextmenu: pressed } : {}"
      >
        <span v-if="ticked?.on.value" class="item-tick" :class="{ on: ticked.has(item.id) }" aria-hidden="true" />
        <span v-if="item.time" class="item-time">{{ item.time }}</span>
        <img
          v-if="item.picture"
          class="item-picture"
          :src="picture(item.picture, WIDE[node.layout])"
          alt=""
          :loading="soon ? 'eager' : 'lazy'"
          :style="softly(item.picture)"
          @load="came"
        />
        <span v-else-if="pictured(node)" class="item-picture none" aria-hidden="true">{{ [...(item.title ?? '')][0] }}</span>
        <span class="item-line">
          <span class="item-words">
            <span v-if="item.title && !(item.own && item.note && node.layout === 'conversation')" class="item-title">{{ item.title }}</span>
            <span v-if="item.note" class="item-note">{{ item.note }}</span>
            <span v-if="item.badge" class="item-badge">{{ item.badge }}</span>
          </span>
          <span v-if="item.aside" class="item-aside">{{ item.aside }}</span>
          <DeviceIcon v-if="node.taps && (node.layout === 'rows' || node.layout === 'map')" name="chevron" class="item-chevron" />
        </span>
      </component>
    </component>
    <button
      v-if="node.swipes?.length && !ticked?.on.value"
      class="item-more"
      :aria-label="own('More for {0}', item.title ?? own('this'))"
      aria-haspopup="menu"
      @click="offered = true"
    >
      <DeviceIcon name="more" />
    </button>
    <EntryList v-if="offered && node.swipes" :entries="node.swipes" :label="item.title ?? own('More')" @choose="choose" @close="offered = false" />
  </div>
</template>

<style>
.item-still { display: contents; }
.slide.open + .item-more { visibility: hidden; }
.item-place { position: relative; }
.item-more {
  position: absolute;
  inset-block-start: 4px;
  inset-inline-end: 4px;
  display: grid;
  place-items: center;
  width: 48px;
  height: 48px;
  border: 0;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
.rows .item-more { inset-block: 0; margin-block: auto; }
.item-place:has(.item-more) .item { padding-inline-end: 56px; }
.item {
  display: flex;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: 56px;
  padding: 10px 14px;
  text-align: start;
  border: 0;
  background: var(--surface);
}
/* Until a picture has come its room is there, in the app's own colour; so it is where there is none. */
.item-picture { background: color-mix(in srgb, var(--main) 14%, var(--ground)); }
.item-picture.none { display: grid; place-items: center; font-size: 1.25rem; font-weight: 650; color: color-mix(in srgb, var(--main) 82%, var(--ink)); }
button.item { cursor: pointer; }
.item-line { flex: 1; min-width: 0; display: flex; align-items: center; gap: 12px; }
.item-words { flex: 1; min-width: 0; display: flex; flex-direction: column; align-items: flex-start; }
.item-title { font-weight: 600; overflow-wrap: anywhere; }
.item-note { font-size: .9375rem; line-height: 1.375rem; overflow-wrap: anywhere; color: color-mix(in srgb, var(--ink) 78%, transparent); }
.item-badge {
  max-width: 100%;
  overflow-wrap: anywhere;
  margin-block-start: 4px;
  padding: 2px 10px;
  border-radius: 12px;
  font-size: .8125rem;
  line-height: 1.125rem;
  font-weight: 600;
  background: color-mix(in srgb, var(--main) 14%, var(--ground));
}
.item-aside {
  flex: none;
  max-width: 50%;
  font-size: .875rem;
  line-height: 1.25rem;
  font-variant-numeric: tabular-nums;
  color: color-mix(in srgb, var(--main) 88%, var(--ink));
  font-weight: 600;
}
.item-tick {
  flex: none;
  align-self: center;
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  border: 2px solid color-mix(in srgb, var(--ink) 52%, transparent);
  border-radius: 50%;
}
.item-tick.on { border-color: var(--main); background: var(--main); }
.item-tick.on::after { content: ''; width: 6px; height: 11px; margin-block-end: 3px; border: solid var(--on-main); border-width: 0 2px 2px 0; rotate: 45deg; }
.cards .item-tick, .tiles .item-tick, .strip .item-tick {
  position: absolute;
  inset-block-start: 10px;
  inset-inline-start: 10px;
  z-index: 1;
  background: var(--surface);
}
.cards .item-tick.on, .tiles .item-tick.on, .strip .item-tick.on { background: var(--main); }
.item-time { flex: none; min-width: 3rem; font-weight: 650; font-variant-numeric: tabular-nums; }
.item-chevron { flex: none; width: 20px; opacity: .5; }
[dir='rtl'] .item-chevron { transform: scaleX(-1); }
.conversation .item {
  width: fit-content;
  max-width: 82%;
  min-height: 48px;
  padding: 8px 14px;
  border-radius: var(--corner);
  border-end-start-radius: 4px;
}
.conversation .item.own {
  margin-inline-start: auto;
  border-radius: var(--corner);
  border-end-end-radius: 4px;
  background: color-mix(in srgb, var(--main) 16%, var(--surface));
}
/* Several by the same one belong together. */
.conversation > li:has(.item.own) + li .item.own { border-start-end-radius: 4px; }
.conversation > li:has(.item:not(.own)) + li .item:not(.own) { border-start-start-radius: 4px; }
.conversation .item-line { flex-direction: column; align-items: flex-start; gap: 0; }
.conversation .item-title { font-size: .875rem; line-height: 1.25rem; }
.conversation .item-note { font-size: 1rem; line-height: 1.5rem; color: inherit; }
.conversation .item-aside {
  max-width: none;
  font-size: .8125rem;
  line-height: 1.125rem;
  font-weight: 400;
  color: color-mix(in srgb, var(--ink) 78%, transparent);
}
.conversation .item-picture { flex: none; align-self: flex-start; width: 40px; height: 40px; border-radius: 50%; object-fit: cover; }
.large .item-line { flex-direction: column; align-items: stretch; gap: 4px; }
.large .item-words, .large .cards .item-words { flex: none; }
.large .item-aside { max-width: none; }
.large .item-chevron { display: none; }
.large .conversation .item-line { gap: 0; }
</style>
