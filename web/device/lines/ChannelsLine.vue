<script setup lang="ts">
import { inject, useId } from 'vue'
import type { ChannelsNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import { own } from '../own'

const props = defineProps<{ node: ChannelsNode }>()
const device = inject('device') as Device
const id = useId()
const turn = (i: number) => device.tap(`${props.node.at}/channels/${i}`, null)
</script>

<template>
  <section class="channels" :aria-label="own('Messages that may come')">
    <label v-for="(one, i) in node.channels" :key="i" class="channel" :for="`${id}-${i}`">
      <span class="channel-words"><span>{{ one.label }}</span><span v-if="one.for" class="channel-for">{{ one.for }}</span></span>
      <input
        :id="`${id}-${i}`"
        class="switch"
        type="checkbox"
        role="switch"
        :checked="one.on"
        :disabled="!node.signedIn || node.enabled === false"
        :aria-busy="device.isBusy(`${node.at}/channels/${i}`)"
        @change="turn(i)"
      />
    </label>
    <p v-if="!node.signedIn" class="channel-for">{{ own('Sign in to choose what comes.') }}</p>
  </section>
</template>

<style>
@import '../controls/switch.css';

.channels { display: flex; flex-direction: column; }
.channel { display: flex; align-items: center; gap: 12px; min-height: 56px; cursor: pointer; }
.channel-words { flex: 1; min-width: 0; display: flex; flex-direction: column; overflow-wrap: anywhere; }
.channel-for { font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 78%, transparent); }
</style>
