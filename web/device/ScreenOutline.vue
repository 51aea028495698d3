<script setup lang="ts">
import { computed } from 'vue'
import { outlineOf } from './outlines'
import { own } from './own'

/** A screen that is long in coming: where its words and pictures will stand. */
const props = defineProps<{ screen: string }>()
const blocks = computed(() => outlineOf(props.screen))
</script>

<template>
  <div class="skeleton" :class="{ drawn: blocks.length }" role="status" :aria-label="own('Loading')">
    <i v-for="(block, i) in blocks" :key="i" :style="block" />
    <template v-if="!blocks.length"><i /><i /><i /></template>
  </div>
</template>

<style>
.skeleton { display: flex; flex-direction: column; gap: 12px; }
.skeleton i {
  height: 84px;
  border-radius: var(--corner);
  background: color-mix(in srgb, var(--ink) 8%, transparent);
  animation: wait 1.2s infinite alternate ease-in-out;
}
main > .skeleton.drawn { position: absolute; inset: 0; max-width: none; }
.skeleton.drawn i { position: absolute; border-radius: min(var(--corner), 6px); }
@keyframes wait { to { opacity: .4; } }
</style>
