<script setup lang="ts">
import { computed, inject } from 'vue'
import type { FoldNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import NodeList from '../NodeList.vue'
import type { Device } from '../useDevice'

const props = defineProps<{ node: FoldNode }>()
const device = inject('device') as Device
const open = computed(() => (device.opens[props.node.at] ?? props.node.open) === true)
</script>

<template>
  <div class="fold">
    <button class="fold-head" :aria-expanded="open" @click="device.opens[node.at] = !open">
      <span>{{ node.label }}</span
      ><DeviceIcon name="down" :class="{ up: open }" />
    </button>
    <div v-if="open" class="group"><NodeList :nodes="node.nodes" /></div>
  </div>
</template>

<style>
.fold {
  display: flex;
  flex-direction: column;
  gap: 10px;
  border-block-end: 1px solid color-mix(in srgb, var(--ink) 14%, transparent);
  padding-block-end: 8px;
}
.fold-head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  width: 100%;
  min-height: 48px;
  padding: 0;
  border: 0;
  background: none;
  text-align: start;
  font-weight: 650;
  cursor: pointer;
}
.fold-head span { flex: 1; min-width: 0; }
.fold-head svg { flex: none; transition: transform .14s; }
.fold-head .up { transform: scaleY(-1); }
</style>
