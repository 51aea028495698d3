<script setup lang="ts">
import { defineAsyncComponent, inject, ref } from 'vue'
import type { MenuNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import type { Device } from '../useDevice'

const EntryList = defineAsyncComponent(() => import('../EntryList.vue'))
const props = defineProps<{ node: MenuNode }>()
const device = inject('device') as Device
const open = ref(false)

function choose(i: number) {
  open.value = false
  device.tap(`${props.node.at}/entries/${i}`, null, undefined, props.node.queues)
}
</script>

<template>
  <div class="menu">
    <button class="button quiet menu-button" aria-haspopup="menu" :aria-expanded="open" :disabled="node.enabled === false" @click="open = true">
      {{ node.label }}<DeviceIcon name="down" />
    </button>
    <EntryList v-if="open" :entries="node.entries" :label="node.label" @choose="choose" @close="open = false" />
  </div>
</template>

<style>
.menu { min-width: 0; }
.menu { display: flex; }
.menu-button { display: flex; align-items: center; justify-content: center; gap: 4px; flex: 1; }
</style>
