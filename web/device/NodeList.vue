<script setup lang="ts">
import { inject } from 'vue'
import type { Node } from '../contracts/view'
import { lineComponents } from './lines'
import { narrow, placed, tappable } from './placing'
import type { Device } from './useDevice'

defineProps<{ nodes: Node[] }>()
const device = inject('device') as Device

/** What every node's element gets: its place, its line, and its tap where the whole of it can be tapped. */
function attributes(node: Node) {
  const own = narrow(node.placing) ? ['narrow'] : []
  const common = { 'data-at': node.at, style: placed(node.placing), class: own }
  if (!tappable(node)) return common
  const tap = () => device.tap(node.at, null)
  return {
    ...common,
    role: 'button',
    tabindex: 0,
    class: [...own, 'taps'],
    onClick: tap,
    onKeydown: (event: KeyboardEvent) =>
      (event.key === 'Enter' || event.key === ' ') && event.target === event.currentTarget && (event.preventDefault(), tap()),
  }
}
</script>

<template>
  <component :is="lineComponents[node.kind]" v-for="node in nodes" :key="node.at" :node="node" v-bind="attributes(node)" />
</template>
