<script setup lang="ts">
import { computed, inject, useId } from 'vue'
import type { SectionsNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'
import type { Device } from '../useDevice'

const props = defineProps<{ node: SectionsNode }>()
const id = useId()
const device = inject('device') as Device
const shown = computed(() => Math.min(Number(device.opens[props.node.at] ?? 0), props.node.sections.length - 1))
const choose = (section: number) => (device.opens[props.node.at] = section)

function press(event: KeyboardEvent) {
  const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
  if (!step) return
  choose((shown.value + step + props.node.sections.length) % props.node.sections.length)
  ;((event.currentTarget as HTMLElement).children[shown.value] as HTMLElement)?.focus()
}
</script>

<template>
  <div class="sections">
    <div class="sections-tabs" role="tablist" @keydown="press">
      <button
        v-for="(section, i) in node.sections"
        :id="`${id}-${i}`"
        :key="i"
        role="tab"
        :aria-selected="i === shown"
        :tabindex="i === shown ? 0 : -1"
        :aria-controls="`${id}-panel`"
        @click="choose(i)"
      >
        {{ section.label }}
      </button>
    </div>
    <div v-if="node.sections[shown]" :id="`${id}-panel`" class="group" role="tabpanel" :aria-labelledby="`${id}-${shown}`">
      <NodeList :nodes="node.sections[shown].nodes" />
    </div>
  </div>
</template>

<style>
.sections { display: flex; flex-direction: column; gap: var(--gap); }
.sections-tabs {
  display: flex;
  gap: 4px;
  padding: 4px;
  border-radius: var(--corner);
  background: color-mix(in srgb, var(--ink) 8%, transparent);
}
.sections-tabs button {
  flex: 1 1 0;
  min-width: 0;
  min-height: 48px;
  padding: 6px 8px;
  border: 0;
  border-radius: calc(var(--corner) - 4px);
  background: none;
  font-weight: 600;
  overflow-wrap: anywhere;
  cursor: pointer;
}
.sections-tabs [aria-selected='true'] {
  background: var(--surface);
  color: color-mix(in srgb, var(--main) 82%, var(--ink));
  box-shadow: 0 1px 2px color-mix(in srgb, var(--ink) 20%, transparent);
}
.large .sections-tabs { flex-direction: column; }
.large .sections-tabs button { flex: none; }
</style>
