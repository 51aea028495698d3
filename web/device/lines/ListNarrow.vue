<script setup lang="ts">
import { inject } from 'vue'
import type { ListNode } from '../../contracts/view'
import type { Device } from '../useDevice'

const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
let wait = 0

function find(text: string) {
  device.finds[props.node.at] = text
  delete device.pages[props.node.at]
  clearTimeout(wait)
  wait = window.setTimeout(device.load, 200)
}

function choose(field: string, id: string) {
  device.chips[props.node.at] = { ...device.chips[props.node.at], [field]: id }
  delete device.pages[props.node.at]
  device.load()
}

function sort(by: string) {
  device.orders[props.node.at] = by
  device.load()
}
</script>

<template>
  <input v-if="node.search !== null" class="find" type="search" :value="device.finds[node.at] ?? node.search" placeholder="Search" aria-label="Search" @input="find(($event.target as HTMLInputElement).value)">
  <div v-for="chips in node.chips" :key="chips.field" class="chips" role="group" :aria-label="chips.label">
    <button v-for="choice in chips.choices" :key="choice.id" :aria-pressed="chips.chosen === choice.id" @click="choose(chips.field, chips.chosen === choice.id ? '' : choice.id)">{{ choice.label }}</button>
    <p v-if="chips.rest" class="list-more">{{ chips.rest }}</p>
  </div>
  <label v-if="node.orders" class="order">Order
    <select :value="node.order" @change="sort(($event.target as HTMLSelectElement).value)"><option value="">as it is</option><option v-for="order in node.orders" :key="order.by" :value="order.by">{{ order.label }}</option></select>
  </label>
</template>
