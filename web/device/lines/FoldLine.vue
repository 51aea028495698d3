<script setup lang="ts">
import { ref } from 'vue'
import type { FoldNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import NodeList from '../NodeList.vue'

const props = defineProps<{ node: FoldNode }>()
const open = ref(props.node.open)
</script>

<template>
  <div class="fold">
    <button class="fold-head" :aria-expanded="open" @click="open = !open"><span>{{ node.label }}</span><DeviceIcon name="down" :class="{ up: open }" /></button>
    <div v-if="open" class="group"><NodeList :nodes="node.nodes" /></div>
  </div>
</template>
