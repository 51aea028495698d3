<script setup lang="ts">
import { inject, onUnmounted, ref, watch } from 'vue'
import type { Item, ListNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import type { Device } from '../useDevice'

const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
const end = ref<HTMLElement>()
let wait = 0

function open(item: Item) {
  if (props.node.taps) device.tap(props.node.at, item.id)
}

function find(text: string) {
  device.finds[props.node.at] = text
  delete device.pages[props.node.at]
  clearTimeout(wait)
  wait = window.setTimeout(device.load, 200)
}

/** The next items are asked for when the end of those there comes near. */
const eye = new IntersectionObserver((seen) => {
  if (seen.some((one) => one.isIntersecting) && props.node.more) {
    device.pages[props.node.at] = (device.pages[props.node.at] ?? 1) + 1
    device.load()
  }
}, { rootMargin: '300px' })
watch([end, () => props.node.items.length], () => {
  eye.disconnect()
  if (end.value) eye.observe(end.value)
}, { flush: 'post' })
onUnmounted(() => eye.disconnect())
</script>

<template>
  <div>
    <input v-if="node.search !== null" class="find" type="search" :value="device.finds[node.at] ?? node.search" placeholder="Search" aria-label="Search" @input="find(($event.target as HTMLInputElement).value)">
    <p v-if="!node.items.length" class="empty">{{ node.empty }}</p>
    <ul v-else class="list" :class="node.layout" :tabindex="node.layout === 'strip' ? 0 : undefined">
      <li v-for="item in node.items" :key="item.id">
        <component :is="node.taps ? 'button' : 'div'" class="item" :aria-busy="device.busy.value === `${node.at}:${item.id}`" @click="open(item)">
          <img v-if="item.picture" class="item-picture" :src="media(item.picture)" alt="" loading="lazy">
          <span class="item-words">
            <span class="item-title">{{ item.title }}</span>
            <span v-if="item.note" class="item-note">{{ item.note }}</span>
          </span>
          <span v-if="item.aside" class="item-aside">{{ item.aside }}</span>
          <DeviceIcon v-if="node.taps && node.layout === 'rows'" name="chevron" class="item-chevron" />
        </component>
      </li>
    </ul>
    <p v-if="node.more" ref="end" class="list-more" role="status">More…</p>
  </div>
</template>
