<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import type { AdvertNode } from '../../contracts/view'
import { own } from '../own'

const AdvertShown = defineAsyncComponent(() => import('./AdvertShown.vue'))
defineProps<{ node: AdvertNode }>()
const place = ref<HTMLElement>()
</script>

<template>
  <aside ref="place" class="advert" :style="{ height: `${node.height + 20}px` }" :aria-label="own('Advert')">
    <AdvertShown v-if="place" :node="node" :place="place" />
  </aside>
</template>

<style>
.advert { overflow: hidden; margin-block: 4px 16px; flex: none; border-radius: 8px; }
</style>
