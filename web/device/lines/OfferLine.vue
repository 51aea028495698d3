<script setup lang="ts">
import { computed, inject } from 'vue'
import type { OfferNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import { own } from '../own'

const props = defineProps<{ node: OfferNode }>()
const device = inject('device') as Device
const tap = (part: string) => device.tap(`${props.node.at}/${part}`, null)
const asks = computed(() => props.node.manage === 'agree')
const busy = (part: string) => device.isBusy(`${props.node.at}/${part}`)
</script>

<template>
  <section class="offer" :aria-label="node.label">
    <p class="offer-name">{{ node.label }}</p>
    <p v-if="node.state">{{ node.state }}</p>
    <div v-for="(plan, i) in node.plans" :key="i" class="offer-plan">
      <button class="button" :class="{ quiet: i > 0 }" :disabled="node.enabled === false" :aria-busy="busy(`plans/${i}`)" @click="tap(`plans/${i}`)">
        {{ plan.label }}, {{ plan.price }}
      </button>
      <p v-if="plan.note" class="offer-note">{{ plan.note }}</p>
    </div>
    <p v-if="node.conditions" class="offer-note">{{ node.conditions }}</p>
    <button v-if="node.turn" class="button quiet" :disabled="node.enabled === false" :aria-busy="busy(node.turn)" @click="tap(node.turn)">
      {{ node.turn === 'end' ? own('End it') : own('Go on with it') }}
    </button>
    <div v-for="change in node.changes" :key="change.plan" class="offer-plan">
      <button
        class="button quiet"
        :disabled="node.enabled === false"
        :aria-busy="busy(`changes/${change.plan}`)"
        @click="tap(`changes/${change.plan}`)"
      >
        {{ change.label }}
      </button>
      <p class="offer-note">{{ change.note }}</p>
    </div>
    <button v-if="asks" class="button" :disabled="node.enabled === false" :aria-busy="busy('manage')" @click="tap('manage')">
      {{ own('See it and agree') }}
    </button>
    <div class="offer-links">
      <button v-if="node.manage && !asks" :disabled="node.enabled === false" :aria-busy="busy('manage')" @click="tap('manage')">
        {{ own('What I pay for') }}
      </button>
      <button v-if="node.restores" :disabled="node.enabled === false" :aria-busy="busy('restore')" @click="tap('restore')">
        {{ own('What I bought before') }}
      </button>
      <a v-for="page in node.pages" :key="page.address" :href="page.address" target="_blank" rel="noopener">{{ page.label }}</a>
    </div>
  </section>
</template>

<style>
.offer { display: flex; flex-direction: column; gap: 10px; padding: 16px; border-radius: var(--corner); background: var(--surface); }
.offer > * { flex: none; }
.offer-name { font-weight: 650; overflow-wrap: anywhere; }
.offer p { overflow-wrap: anywhere; }
.offer-plan { display: flex; flex-direction: column; gap: 4px; }
.offer-note { font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 78%, transparent); }
.offer-links { display: flex; flex-wrap: wrap; gap: 16px; }
.offer-links > * {
  min-height: 48px;
  padding: 14px 0;
  border: 0;
  background: none;
  font-size: .875rem;
  line-height: 1.25rem;
  font-weight: 600;
  color: color-mix(in srgb, var(--main) 82%, var(--ink));
  text-decoration: none;
  cursor: pointer;
}
</style>
