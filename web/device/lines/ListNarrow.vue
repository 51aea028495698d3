<script setup lang="ts">
import { computed, defineAsyncComponent, inject, ref } from 'vue'
import type { ListNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import { dayShort } from '../calendar'
import type { Device } from '../useDevice'
import { own } from '../own'

const EntryList = defineAsyncComponent(() => import('../EntryList.vue'))
const DaysSheet = defineAsyncComponent(() => import('../controls/DaysSheet.vue'))
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
let wait = 0

function find(text: string) {
  device.finds[props.node.at] = text
  delete device.pages[props.node.at]
  clearTimeout(wait)
  wait = window.setTimeout(device.load, 200)
}

function choose(field: string, id: string) {
  device.chips[props.node.at] = { ...device.chips[props.node.at], [field]: id }
  delete device.pages[props.node.at]
  device.load()
}

/** The field of which days are being chosen. */
const days = ref<NonNullable<ListNode['chips']>[number] | null>(null)
const daysInWords = (chosen: string) => [...new Set(chosen.split('/'))].map(dayShort).join(' – ')
function chooseDays(chosen: string) {
  if (days.value) choose(days.value.field, chosen)
  days.value = null
}

const ordering = ref(false)
const orders = computed(() => [{ label: own('As it is'), dangerous: false }, ...(props.node.orders ?? []).map(({ label }) => ({ label, dangerous: false }))])
const chosen = computed(() => (props.node.orders ?? []).findIndex((order) => order.by === props.node.order) + 1)
const ordered = computed(() => (chosen.value ? orders.value[chosen.value].label : own('as it is')))

function sort(at: number) {
  ordering.value = false
  device.orders[props.node.at] = at ? props.node.orders![at - 1].by : ''
  device.load()
}
</script>

<template>
  <input
    v-if="node.search !== null"
    class="find"
    type="search"
    :value="device.finds[node.at] ?? node.search"
    :placeholder="own('Search')"
    :aria-label="own('Search')"
    @input="find(($event.target as HTMLInputElement).value)"
  />
  <div v-if="node.orders || node.chips" class="narrow-row">
    <button
      v-if="node.orders"
      class="narrow-order"
      :class="{ on: node.order }"
      aria-haspopup="menu"
      :aria-label="own('Order: {0}', ordered)"
      @click="ordering = true"
    >
      <DeviceIcon name="order" />
    </button>
    <div v-for="chips in node.chips" :key="chips.field" class="chips" role="group" :aria-label="chips.label">
      <button v-if="chips.days" :aria-pressed="chips.chosen !== ''" aria-haspopup="dialog" @click="days = chips">
        {{ chips.chosen ? daysInWords(chips.chosen) : chips.label }}
      </button>
      <button
        v-for="choice in chips.choices"
        :key="choice.id"
        :aria-pressed="chips.chosen === choice.id"
        @click="choose(chips.field, chips.chosen === choice.id ? '' : choice.id)"
      >
        {{ choice.label }}
      </button>
    </div>
  </div>
  <template v-for="chips in node.chips" :key="chips.field">
    <p v-if="chips.rest" class="list-more">{{ chips.rest }}</p>
  </template>
  <DaysSheet v-if="days" :label="days.label" :days="days.chosen" @done="chooseDays" @close="days = null" />
  <EntryList v-if="ordering" :entries="orders" :label="own('Order')" :chosen="chosen" @choose="sort" @close="ordering = false" />
</template>

<style>
.find {
  width: 100%;
  height: calc(1.5rem + 2px);
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid color-mix(in srgb, var(--ink) 52%, transparent);
  border-radius: 24px;
  background: var(--surface);
}
/* One row, however many there are: what does not fit is drawn along. */
.narrow-row {
  display: flex;
  gap: 8px;
  margin-inline: -16px;
  padding-inline: 16px;
  overflow: auto hidden;
  scrollbar-width: none;
  overscroll-behavior-x: contain;
}
.narrow-order {
  flex: none;
  display: grid;
  place-items: center;
  width: 48px;
  min-height: 48px;
  border: 0;
  border-radius: 24px;
  background: none;
  cursor: pointer;
}
.narrow-order.on { background: color-mix(in srgb, var(--main) 14%, transparent); color: color-mix(in srgb, var(--main) 82%, var(--ink)); }
.chips { flex: none; display: flex; gap: 8px; }
.chips + .chips { padding-inline-start: 8px; border-inline-start: 1px solid color-mix(in srgb, var(--ink) 18%, transparent); }
.chips button {
  flex: none;
  min-height: 48px;
  padding: 10px 16px;
  border: 1px solid color-mix(in srgb, var(--ink) 40%, transparent);
  border-radius: 24px;
  background: var(--surface);
  cursor: pointer;
}
.chips [aria-pressed='true'] { border-color: var(--main); background: var(--main); color: var(--on-main); }
</style>
