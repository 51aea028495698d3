<script setup lang="ts">
import { computed, inject } from 'vue'
import type { LanguageChoiceNode } from '../../contracts/view'
import { belongs } from '../notify'
import { own } from '../own'
import { keepLanguage } from '../told'
import type { Device } from '../useDevice'

const props = defineProps<{ node: LanguageChoiceNode }>()
const device = inject('device') as Device
const chosen = computed(() => device.parts.chosen.chosen.language)
const all = computed(() => [{ tag: '', name: own('As on this phone') }, ...props.node.languages])

async function choose(tag: string) {
  keepLanguage(tag)
  device.parts.chosen.choose({ language: tag })
  // What was read in another language is not shown again.
  device.parts.places.forgetLeft()
  device.clear()
  await device.load()
  // Messages come in it, too.
  belongs(device.where())
}
</script>

<template>
  <div class="languages" role="radiogroup" :aria-label="own('Language')">
    <button
      v-for="one in all"
      :key="one.tag"
      type="button"
      role="radio"
      class="language"
      :aria-checked="chosen === one.tag"
      :disabled="node.enabled === false"
      @click="choose(one.tag)"
    >
      <span :lang="one.tag || undefined" dir="auto">{{ one.name }}</span>
    </button>
  </div>
</template>

<style>
.languages { display: flex; flex-direction: column; }
.language {
  position: relative;
  display: flex;
  align-items: center;
  min-height: 48px;
  padding: 0;
  padding-inline-end: 2rem;
  border: 0;
  background: none;
  cursor: pointer;
  line-height: 1.5rem;
  text-align: start;
  overflow-wrap: anywhere;
}
.language[aria-checked='true']::after { content: '✓'; position: absolute; inset-inline-end: 4px; font-weight: 600; color: var(--main); }
</style>
