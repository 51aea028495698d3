<script setup lang="ts">
import { inject } from 'vue'
import type { Item, ListNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import type { Device } from '../useDevice'

const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device

function open(item: Item) {
  if (props.node.taps) device.tap(props.node.at, item.id)
}
</script>

<template>
  <div>
    <p v-if="!node.items.length" class="empty">{{ node.empty }}</p>
    <ul v-else class="list" :class="node.layout">
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
  </div>
</template>
