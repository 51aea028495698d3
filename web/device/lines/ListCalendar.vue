<script setup lang="ts">
import { computed, inject } from 'vue'
import type { ListNode } from '../../contracts/view'
import { dayAloud, dayOf } from '../calendar'
import CalendarGrid from '../controls/CalendarGrid.vue'
import type { Device } from '../useDevice'
import ListItem from './ListItem.vue'
import { own } from '../own'

/** The items of a list on their days, and those of one day below: what is offered then is taken with one tap. */
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device

const key = computed(() => `${props.node.at}/day`)
const days = computed(() => new Set(props.node.items.flatMap(({ day }) => (day ? [day] : []))))
/** Days are kept as numbers, such as 20261224. */
const written = (number: unknown) => String(number).replace(/^(\d{4})(\d\d)(\d\d)$/, '$1-$2-$3')
const day = computed(() => (typeof device.opens[key.value] === 'number' ? written(device.opens[key.value]) : (props.node.opened ?? dayOf(new Date()))))
const choose = (to: string) => (device.opens[key.value] = Number(to.replaceAll('-', '')))
const items = computed(() => props.node.items.filter((item) => item.day === day.value))
/** Times alone stand side by side; what has more to show stands one below the other. */
const short = computed(() => !props.node.swipes?.length && !props.node.chosen?.length && items.value.every((item) => item.time && !item.picture && !item.note))
</script>

<template>
  <div class="list-calendar">
    <CalendarGrid :model-value="day" :label="own('Calendar')" :marked="days" @update:model-value="choose" />
    <p v-if="!items.length" class="list-more" role="status">{{ own('Nothing on {0}.', dayAloud(day)) }}</p>
    <ul v-else class="list" :class="short ? 'slots' : 'rows'" :aria-label="dayAloud(day)">
      <li v-for="item in items" :key="item.id"><ListItem :node="node" :item="item" /></li>
    </ul>
  </div>
</template>

<style>
.list-calendar { display: flex; flex-direction: column; gap: 12px; }
.list-calendar > .calendar { padding: 0 8px 8px; border-radius: var(--corner); background: var(--surface); }
.slots { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 7rem), 1fr)); gap: 8px; }
.slots .item-place, .slots .item { height: 100%; }
.slots .item {
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 0;
  min-height: 52px;
  padding: 6px 8px;
  text-align: center;
  border: 1px solid color-mix(in srgb, var(--ink) 40%, transparent);
  border-radius: calc(var(--corner) * .75);
}
.slots .item.own { border-color: var(--main); background: var(--main); color: var(--on-main); }
.slots .item-time { min-width: 0; font-size: 1.0625rem; }
.slots .item-line { flex: none; flex-direction: column; gap: 0; }
.slots .item-words { align-items: center; }
.slots .item-title { font-size: .8125rem; line-height: 1.125rem; font-weight: 500; }
.slots .item.own :is(.item-aside, .item-badge) { color: inherit; background: none; }
</style>
