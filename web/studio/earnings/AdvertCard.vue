<script setup lang="ts">
import { computed } from 'vue'
import type { AdvertPlace } from '../../contracts/studio'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'
import ScreenThumb from '../open/ScreenThumb.vue'

/** One place for adverts: its sentence, where it lies, what came of it, and what is wrong with it. */
const props = defineProps<{ place: AdvertPlace; sentence?: string }>()
const studio = useStudio()
const screenAt = computed(() => /^\/screens\/\d+/.exec(props.place.at)?.[0] ?? '')
const screen = computed(() => studio.survey.screens.value.find((s) => s.at === screenAt.value))
const findings = computed(() => (props.place.at ? studio.findings.value.filter((f) => f.at === props.place.at) : []))
const isWhole = computed(() => props.place.format === 'page' || props.place.format === 'reward')

const count = (value: number) => value.toLocaleString('en')
const share = (part: number, of: number) => (of ? `${((100 * part) / of).toFixed(part / of < 0.1 ? 1 : 0)} %` : '–')
const money = (value: number) => value.toLocaleString('en', { style: 'currency', currency: props.place.currency, maximumFractionDigits: 3 })
const figures = computed(() => {
  const p = props.place
  const all = [
    ['asked for', count(p.asked)],
    ['came', share(p.filled, p.asked)],
    ['seen', count(p.seen)],
    ['tapped', share(p.clicked, p.seen)],
  ]
  if (p.films) all.push(['films to their end', share(p.ended, p.films)])
  if (p.format === 'reward') all.push(['rewards', count(p.rewards)])
  return [...all, ['a thousand', p.seen ? money((1000 * p.earned) / p.seen) : '–'], ['earned', money(p.earned)]]
})

function show() {
  if (isWhole.value) studio.showAdvert(props.place.key, props.place.format === 'reward' ? props.place.reward : null)
  else if (screen.value) studio.open(screen.value.slug, screen.value.args)
}
</script>

<template>
  <article class="place" :aria-label="place.name">
    <span v-if="screen" class="place-picture" :class="{ over: isWhole }"><ScreenThumb :picture="screen.picture" /></span>
    <div class="place-words">
      <h3>{{ place.name }}</h3>
      <p v-if="place.at">
        {{ sentence ?? '…' }}
        <span v-if="place.screen" class="small">on {{ place.screen }}</span>
      </p>
      <p v-else class="small">It does not stand anywhere any more; what came of it still counts.</p>
      <dl>
        <div v-for="[name, value] in figures" :key="name">
          <dt>{{ name }}</dt>
          <dd>{{ value }}</dd>
        </div>
      </dl>
      <FindingNote v-for="f in findings" :key="f.id" :finding="f" @point="studio.point($event)" />
      <p v-if="place.at" class="place-ends">
        <button class="link" @click="show">Show it in the deck</button>
        <button v-if="screenAt" class="link" @click="studio.goTo(place.at, 'screens')">To its sentence</button>
      </p>
    </div>
  </article>
</template>

<style scoped>
.place {
  display: flex;
  gap: 20px;
  padding-block: 16px;
  border-top: 1px solid rgb(var(--v-theme-on-surface), 0.12);
}

.place-picture {
  flex: none;
  width: 92px;
  position: relative;
}

.place-picture :deep(.thumb) {
  width: 100%;
  border-radius: 10px;
  outline: 1px solid rgb(var(--v-theme-on-surface), 0.25);
}

.place-picture.over::after {
  content: '';
  position: absolute;
  inset: 0 0 auto;
  aspect-ratio: 390 / 760;
  border-radius: 10px;
  background: repeating-linear-gradient(45deg, rgb(var(--v-theme-on-surface), 0.5) 0 2px, rgb(var(--v-theme-surface)) 2px 6px);
}

.place-words {
  flex: 1;
  min-width: 0;
}

.place h3 {
  font-size: 1rem;
}

.place dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  margin-block: 10px;
  font-variant-numeric: tabular-nums;
}

.place dt {
  font-size: 0.8rem;
  opacity: 0.8;
}

.place-ends {
  display: flex;
  gap: 20px;
  margin-top: 8px;
}
</style>
