<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { SectionsNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

const props = defineProps<{ node: SectionsNode }>()
const id = useId()
const chosen = ref(0)
const shown = computed(() => Math.min(chosen.value, props.node.sections.length - 1))

function press(event: KeyboardEvent) {
  const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
  if (!step) return
  chosen.value = (shown.value + step + props.node.sections.length) % props.node.sections.length
  ;((event.currentTarget as HTMLElement).children[chosen.value] as HTMLElement)?.focus()
}
</script>

<template>
  <div class="sections">
    <div class="sections-tabs" role="tablist" @keydown="press">
      <button v-for="(section, i) in node.sections" :id="`${id}-${i}`" :key="i" role="tab" :aria-selected="i === shown" :tabindex="i === shown ? 0 : -1" :aria-controls="`${id}-panel`" @click="chosen = i">{{ section.label }}</button>
    </div>
    <div v-if="node.sections[shown]" :id="`${id}-panel`" class="group" role="tabpanel" :aria-labelledby="`${id}-${shown}`"><NodeList :nodes="node.sections[shown].nodes" /></div>
  </div>
</template>
