<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import DeviceIcon from '../DeviceIcon.vue'
import { addDays, addMonths, dayAloud, dayOf, firstWeekday, monthNames, monthOf, monthWords, sameDay, weekdayNames, weeks } from '../calendar'
import WheelColumn from './WheelColumn.vue'
import { own } from '../own'

/**
 * A month of days; the name of the month leads to any other one.
 *
 * @param until the last day of a stretch that begins with the one chosen
 * @param marked days with something on them
 */
const props = defineProps<{ modelValue: string; label: string; until?: string; marked?: Set<string> }>()
const emit = defineEmits<{ 'update:modelValue': [day: string] }>()

const FIRST_YEAR = 1900
const YEARS = 200
const today = dayOf(new Date())
const month = ref(monthOf(props.modelValue || today))
/** The day that the keyboard stands on. */
const at = ref(props.modelValue || today)
const far = ref(false)
const grid = ref<HTMLElement>()
const first = firstWeekday()
/** Where something stands below it, every month is as high as the others. */
const SIX = 6
const rows = computed(() => {
  const all = weeks(month.value, first)
  while (props.marked && all.length < SIX) all.push(all.at(-1)!.map((day) => addDays(day, 7)))
  return all
})
const isEnd = (day: string) => day === props.modelValue || day === props.until
/** What a day is of a stretch of days. */
const stretch = (day: string) => ({ within: within(day), from: props.until && day === props.modelValue, to: day === props.until })
const within = (day: string) => !!props.until && day > props.modelValue && day < props.until
const [narrow, long] = [weekdayNames(first, 'narrow'), weekdayNames(first, 'long')]
const names = monthNames()
const years = Array.from({ length: YEARS }, (_, i) => String(FIRST_YEAR + i))
const year = computed(() => Number(month.value.slice(0, 4)) - FIRST_YEAR)
const number = computed(() => Number(month.value.slice(5)) - 1)

function turn(by: number) {
  const to = addMonths(month.value, by)
  if (Number(to.slice(0, 4)) < FIRST_YEAR || Number(to.slice(0, 4)) >= FIRST_YEAR + YEARS) return
  month.value = to
  at.value = sameDay(at.value, 0)
  if (monthOf(at.value) !== to) at.value = monthOf(props.modelValue) === to ? props.modelValue : `${to}-01`
}

function setMonth(y: number, m: number) {
  turn(y * 12 + m - (year.value * 12 + number.value))
}

const STEPS: Record<string, (day: string, back: number) => string> = {
  ArrowRight: (day, side) => addDays(day, side),
  ArrowLeft: (day, side) => addDays(day, -side),
  ArrowDown: (day) => addDays(day, 7),
  ArrowUp: (day) => addDays(day, -7),
  PageDown: (day) => sameDay(day, 1),
  PageUp: (day) => sameDay(day, -1),
  Home: (day) => rows.value.find((week) => week.includes(day))?.[0] ?? day,
  End: (day) => rows.value.find((week) => week.includes(day))?.[6] ?? day,
}

async function press(event: KeyboardEvent) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  const to = step(at.value, getComputedStyle(grid.value!).direction === 'rtl' ? -1 : 1)
  if (Number(to.slice(0, 4)) < FIRST_YEAR || Number(to.slice(0, 4)) >= FIRST_YEAR + YEARS) return
  at.value = to
  month.value = monthOf(to)
  await nextTick()
  grid.value?.querySelector<HTMLElement>('[tabindex="0"]')?.focus()
}

function choose(day: string) {
  at.value = day
  month.value = monthOf(day)
  emit('update:modelValue', day)
}
</script>

<template>
  <div class="calendar">
    <div class="calendar-head">
      <button type="button" class="calendar-turn" :aria-label="own('The month before')" @click="turn(-1)"><DeviceIcon name="backSlim" class="turns" /></button>
      <button type="button" class="calendar-month" :aria-expanded="far" @click="far = !far">{{ monthWords(month) }}<DeviceIcon name="down" /></button>
      <button type="button" class="calendar-turn" :aria-label="own('The month after')" @click="turn(1)"><DeviceIcon name="chevron" class="turns" /></button>
    </div>
    <div v-if="far" class="wheels">
      <WheelColumn :model-value="number" :values="names" :label="own('Month')" @update:model-value="setMonth(year, $event)" />
      <WheelColumn :model-value="year" :values="years" :label="own('Year')" @update:model-value="setMonth($event, number)" />
    </div>
    <table v-else ref="grid" class="calendar-days" role="grid" :aria-label="`${label}, ${monthWords(month)}`" @keydown="press">
      <thead>
        <tr><th v-for="(name, i) in narrow" :key="i" scope="col" :abbr="long[i]">{{ name }}</th></tr>
      </thead>
      <tbody>
        <tr v-for="week in rows" :key="week[0]">
          <td v-for="day in week" :key="day" role="gridcell" :aria-selected="isEnd(day) || within(day)" :class="stretch(day)">
            <button
              type="button"
              :class="{ other: monthOf(day) !== month, today: day === today, marked: marked?.has(day) }"
              :aria-pressed="isEnd(day)"
              :aria-current="day === today ? 'date' : undefined"
              :aria-label="marked?.has(day) ? own('{0}, with something on it', dayAloud(day)) : dayAloud(day)"
              :tabindex="day === at ? 0 : -1"
              :data-first="day === at || undefined"
              @click="choose(day)"
            >
              {{ Number(day.slice(8)) }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.calendar { display: flex; flex-direction: column; gap: 4px; }
.calendar-head { display: flex; align-items: center; justify-content: space-between; }
.calendar-turn, .calendar-month { min-width: 48px; min-height: 48px; border: 0; border-radius: 24px; background: none; cursor: pointer; }
.calendar-turn { display: grid; place-items: center; }
.calendar-month { display: flex; align-items: center; gap: 4px; padding: 0 12px; font-weight: 650; }
.calendar-days { width: 100%; max-width: 420px; margin-inline: auto; border-collapse: collapse; table-layout: fixed; font-variant-numeric: tabular-nums; }
.calendar-days th { height: 32px; font-size: .8125rem; font-weight: 600; color: color-mix(in srgb, var(--ink) 72%, transparent); }
.calendar-days td { padding: 1px 0; text-align: center; }
.calendar-days button { width: 100%; max-width: 44px; min-height: 44px; padding: 0; border: 0; border-radius: 22px; background: none; cursor: pointer; }
.calendar-days .other { color: color-mix(in srgb, var(--ink) 70%, transparent); }
.calendar-days .today { font-weight: 750; color: color-mix(in srgb, var(--main) 88%, var(--ink)); box-shadow: inset 0 0 0 1.5px currentColor; }
.calendar-days .within, .calendar-days .from, .calendar-days .to { background: color-mix(in srgb, var(--main) 16%, transparent) no-repeat content-box; }
.calendar-days .from:not(.to) { background: linear-gradient(to right, transparent 50%, color-mix(in srgb, var(--main) 16%, transparent) 0) content-box; }
.calendar-days .to:not(.from) { background: linear-gradient(to left, transparent 50%, color-mix(in srgb, var(--main) 16%, transparent) 0) content-box; }
[dir='rtl'] .calendar-days .from:not(.to) {
  background: linear-gradient(to left, transparent 50%, color-mix(in srgb, var(--main) 16%, transparent) 0) content-box;
}
[dir='rtl'] .calendar-days .to:not(.from) {
  background: linear-gradient(to right, transparent 50%, color-mix(in srgb, var(--main) 16%, transparent) 0) content-box;
}
.calendar-days .from.to { background: none; }
.calendar-days .marked { position: relative; font-weight: 700; }
.calendar-days .marked::after {
  content: '';
  position: absolute;
  inset: auto 0 5px;
  width: 5px;
  height: 5px;
  margin-inline: auto;
  border-radius: 50%;
  background: currentColor;
}
.calendar-days [aria-pressed='true'] { background: var(--main); color: var(--on-main); font-weight: 700; box-shadow: none; }
</style>
