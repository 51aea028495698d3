<script setup lang="ts">
import { computed, inject, nextTick, ref, watch } from 'vue'
import type { SheetNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'
import type { Device } from '../useDevice'

const props = defineProps<{ node: SheetNode }>()
const device = inject('device') as Device
const open = computed(() => device.sheet.value.toLowerCase() === props.node.name.toLowerCase())
const page = ref<HTMLElement>()
watch(open, (now) => now && nextTick(() => page.value?.focus()))
</script>

<template>
  <div class="sheet-place">
    <Teleport to=".device">
      <div v-if="open" class="veil low" @click.self="device.sheet.value = ''" @keydown.esc="device.sheet.value = ''">
        <div ref="page" class="sheet" role="dialog" aria-modal="true" :aria-label="node.name" tabindex="-1">
          <button class="sheet-grip" aria-label="Close" @click="device.sheet.value = ''" />
          <div class="group"><NodeList :nodes="node.nodes" /></div>
        </div>
      </div>
    </Teleport>
  </div>
</template>
