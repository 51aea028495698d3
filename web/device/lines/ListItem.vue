<script setup lang="ts">
import { inject, ref } from 'vue'
import type { Item, ListNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import EntryList from '../EntryList.vue'
import { media } from '../entry'
import type { Device } from '../useDevice'

const props = defineProps<{ node: ListNode; item: Item }>()
const device = inject('device') as Device
const offered = ref(false)
let from: { x: number; y: number } | null = null
let swiped = false

function open() {
  if (swiped) swiped = false
  else if (props.node.taps) device.tap(props.node.at, props.item.id, undefined, props.node.queues)
}

function choose(i: number) {
  offered.value = false
  device.tap(`${props.node.at}/swipes/${i}`, props.item.id, undefined, props.node.queues)
}

/** A swipe to either side opens what the menu of the item offers. */
function moved(event: PointerEvent) {
  if (!from || !props.node.swipes?.length) return
  if (Math.abs(event.clientX - from.x) > 48 && Math.abs(event.clientY - from.y) < 24) {
    from = null
    swiped = offered.value = true
    setTimeout(() => (swiped = false), 400)
  }
}
</script>

<template>
  <div class="item-place" :data-item="item.id" @pointerdown="from = { x: $event.clientX, y: $event.clientY }" @pointermove="moved" @pointerup="from = null" @pointercancel="from = null">
    <component :is="node.taps ? 'button' : 'div'" class="item" :class="{ own: item.own }" :aria-busy="device.isBusy(node.at, item.id)" @click="open()">
      <img v-if="item.picture" class="item-picture" :src="media(item.picture)" alt="" loading="lazy">
      <span class="item-line">
        <span class="item-words">
          <span v-if="item.title" class="item-title">{{ item.title }}</span>
          <span v-if="item.note" class="item-note">{{ item.note }}</span>
          <span v-if="item.badge" class="item-badge">{{ item.badge }}</span>
        </span>
        <span v-if="item.aside" class="item-aside">{{ item.aside }}</span>
        <DeviceIcon v-if="node.taps && node.layout === 'rows'" name="chevron" class="item-chevron" />
      </span>
    </component>
    <button v-if="node.swipes?.length" class="item-more" :aria-label="`More for ${item.title ?? 'this'}`" aria-haspopup="menu" @click="offered = true"><DeviceIcon name="more" /></button>
    <EntryList v-if="offered && node.swipes" :entries="node.swipes" :label="item.title ?? 'More'" @choose="choose" @close="offered = false" />
  </div>
</template>
