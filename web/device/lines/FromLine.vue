<script setup lang="ts">
import { inject } from 'vue'
import type { FromNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'
import type { Device } from '../useDevice'

defineProps<{ node: FromNode }>()
const device = inject('device') as Device
</script>

<template>
  <div class="group" :aria-busy="node.state === 'loading'">
    <p v-if="node.said" class="empty" :class="{ coming: node.state === 'loading' }" role="status">{{ node.said }}</p>
    <button
      v-if="node.said && (node.state === 'failed' || node.state === 'ready')"
      class="button quiet"
      :aria-busy="device.loading.value"
      @click="device.load()"
    >
      Try again
    </button>
    <NodeList :nodes="node.nodes" />
  </div>
</template>
