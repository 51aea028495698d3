<script setup lang="ts">
import { mdiClose, mdiFileDownloadOutline, mdiFileUploadOutline } from '@mdi/js'
import { computed, ref, toRef, watch } from 'vue'
import type { StudioState, WordsOfText } from '../../contracts/studio'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import { useWork } from '../useWork'
import LanguageText from './LanguageText.vue'
import { useLanguage } from './useLanguage'

const props = defineProps<{ language: StudioState['languages']['further'][number] }>()
const studio = useStudio()
const tongue = toRef(() => props.language.tongue)
const { state, layout, trouble, proposed, good, base, load, look, write, take, read, propose, leave } = useLanguage(tongue)
const { busy, trouble: troubled, work, stop } = useWork()
const only = ref<'all' | 'todo' | 'old' | 'doubts'>('all')
const search = ref('')
const left = ref<string[]>([])
const done = ref('')
const went = ref(0)
const asked = ref<WordsOfText[]>([])
const translator = ref('')
const file = ref<HTMLInputElement>()
const FORMATS = [
  ['xliff', 'XLIFF 2.0'],
  ['po', 'PO'],
  ['csv', 'CSV, for a spreadsheet'],
]
/** So many are drawn at first; the rest as one asks for them. */
const MORE = 60
const shown = ref(MORE)

const texts = computed(() => state.value?.texts ?? [])
const missing = computed(() => texts.value.filter((one) => !one.says))
const old = computed(() => texts.value.filter((one) => one.was))
const doubtful = computed(() => texts.value.filter((one) => one.doubts.length))
/** What goes wrong on several screens, such as a tab, is told once. */
const unfit = computed(() => {
  const alike = new Map<string, { slug: string; args: (string | number)[] }[]>()
  for (const screen of layout.value?.screens ?? [])
    for (const { sentence } of screen.findings) alike.set(sentence, [...(alike.get(sentence) ?? []), screen])
  return [...alike].map(([sentence, screens]) => ({ sentence, screens }))
})
const named = (slug: string) => studio.state.value?.screens.find((one) => one.slug === slug)?.name
const list = computed(() => {
  const of = { all: texts.value, todo: missing.value, old: old.value, doubts: doubtful.value }[only.value]
  const wanted = search.value.trim().toLowerCase()
  return wanted ? of.filter((one) => [one.source, one.says, ...one.where].some((text) => text.toLowerCase().includes(wanted))) : of
})
watch([only, search], () => (shown.value = MORE))
watch(state, (now) => (translator.value ||= now?.translators[0] ?? ''))

const told = computed(() => {
  const said = texts.value.length - missing.value.length
  const parts = [`${said.toLocaleString('en')} of ${texts.value.length.toLocaleString('en')} texts are there`]
  if (old.value.length) parts.push(`${old.value.length} ${old.value.length === 1 ? 'is' : 'are'} older than the text`)
  return `${parts.join(', ')}.`
})

const bring = (event: Event) => {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  void work('file', async (signal) => {
    left.value = []
    done.value = ''
    const found = await read(chosen, signal)
    await take(found.says, () => !signal.aborted)
    left.value = found.left
    done.value = found.says.length === 1 ? 'One text was taken from the file.' : `${found.says.length.toLocaleString('en')} texts were taken from the file.`
  }).finally(() => (input.value = ''))
}

const ask = () =>
  work('propose', (signal) => {
    went.value = 0
    // Those that are listed, so that one can begin with some.
    asked.value = list.value.filter((one) => !one.says && !proposed.value.get(one.source)?.says)
    return propose(translator.value, asked.value, (so) => (went.value = so), signal)
  })

const takeAll = () =>
  work('take', async (signal) => {
    const says = texts.value.flatMap((text) => {
      const one = proposed.value.get(text.source)
      return one?.says && !text.says ? [{ source: text.source, says: one.says, on: text.on }] : []
    })
    await take(says, () => !signal.aborted)
    for (const { source } of says) leave(source)
  })

function open(text: WordsOfText) {
  const slug = /^\/screens\/(\d+)/.exec(text.at)?.[1]
  const screen = slug === undefined ? undefined : studio.state.value?.screens[Number(slug)]
  const surveyed = studio.survey.screens.value.find((one) => one.slug === screen?.slug)
  if (screen) studio.open(screen.slug, surveyed?.args)
  studio.point(text.at)
}
</script>

<template>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
  <p v-if="!state && !trouble" class="quiet-note" role="status">The texts are gathered …</p>
  <template v-if="state">
    <p role="status">
      {{ told }}
      <template v-if="language.hidden">Nobody but you sees {{ language.name }} yet.</template>
      <template v-else>People whose phone speaks {{ language.name }} get it.</template>
    </p>
    <div class="grid-bar words-bar">
      <v-btn
        size="small"
        :variant="language.hidden ? 'tonal' : 'text'"
        color="primary"
        @click="studio.edit({ do: 'offerLanguage', tongue: language.tongue, offered: language.hidden })"
        >{{ language.hidden ? `Offer ${language.name} to people` : 'Do not show it any more' }}</v-btn
      >
      <v-menu>
        <template #activator="{ props: menu }"
          ><v-btn v-bind="menu" size="small" variant="text" :prepend-icon="mdiFileDownloadOutline">For a translator</v-btn></template
        >
        <v-list>
          <v-list-item v-for="[format, name] in FORMATS" :key="format" :href="`/api/${base()}/file?format=${format}`">{{ name }}</v-list-item>
        </v-list>
      </v-menu>
      <BusyButton size="small" variant="text" :prepend-icon="mdiFileUploadOutline" :busy="busy === 'file'" @click="file?.click()">Bring a file back</BusyButton>
      <input ref="file" type="file" hidden accept=".xlf,.xliff,.xml,.po,.csv,.txt" aria-label="A translator’s file" @change="bring" />
      <template v-if="state.translators.length && list.some((one) => !one.says)">
        <BusyButton size="small" variant="text" :busy="busy === 'propose'" @click="ask">Let a service propose</BusyButton>
        <select v-if="state.translators.length > 1" v-model="translator" aria-label="By which request">
          <option v-for="one in state.translators" :key="one">{{ one }}</option>
        </select>
        <span v-else class="small">by {{ translator }}</span>
      </template>
      <v-btn size="small" variant="text" :prepend-icon="mdiClose" @click="studio.edit({ do: 'remove', places: [language.at] })"
        >Remove {{ language.name }}</v-btn
      >
    </div>
    <p v-if="busy === 'propose'" role="status">
      {{ went }} of {{ asked.length }} are proposed … <button class="link" @click="stop">Stop</button>
    </p>
    <p v-if="good.length && busy !== 'propose'" role="status">
      {{ good.length === 1 ? 'One proposal waits' : `${good.length} proposals wait` }} for you, in italics below. Take each that is good, or
      <button class="link" @click="takeAll">take all of them</button>.
    </p>
    <p v-if="troubled" class="fault" role="alert">{{ troubled }}</p>
    <p v-if="done" role="status">{{ done }}</p>
    <details v-if="left.length" open>
      <summary>{{ left.length === 1 ? 'One text was not taken' : `${left.length} texts were not taken` }}</summary>
      <ul class="words-left">
        <li v-for="one in left.slice(0, 200)" :key="one">{{ one }}</li>
      </ul>
    </details>
    <div class="words-fit">
      <button class="link" @click="look">{{ layout ? 'Lay all screens out again' : `Lay all screens out in ${language.name}` }}</button>
      <span v-if="layout && !unfit.length" role="status">
        On {{ layout.devices }} devices everything fits that fits in {{ studio.state.value?.languages.own.name }}.</span
      >
      <ul v-else-if="layout" class="words-left">
        <li v-for="one in unfit" :key="one.sentence">
          <template v-for="(screen, i) in one.screens.slice(0, 4)" :key="screen.slug"
            >{{ i ? ', ' : '' }}<button class="link" @click="studio.open(screen.slug, screen.args)">{{ named(screen.slug) }}</button></template
          ><template v-if="one.screens.length > 4"> and {{ one.screens.length - 4 }} more</template>: {{ one.sentence }}
        </li>
      </ul>
    </div>
    <div class="grid-bar words-bar">
      <v-btn-toggle v-model="only" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Which texts">
        <v-btn value="all" size="small">All</v-btn>
        <v-btn value="todo" size="small" :disabled="!missing.length">To do {{ missing.length || '' }}</v-btn>
        <v-btn value="old" size="small" :disabled="!old.length">Older {{ old.length || '' }}</v-btn>
        <v-btn value="doubts" size="small" :disabled="!doubtful.length">To look at {{ doubtful.length || '' }}</v-btn>
      </v-btn-toggle>
      <input v-model="search" type="search" class="words-search" placeholder="Search the texts" aria-label="Search the texts" />
    </div>
    <p v-if="!list.length" class="quiet-note">{{ search ? 'No text says this.' : 'There are none.' }}</p>
    <ul class="words" :aria-label="`Texts in ${language.name}`">
      <LanguageText
        v-for="one in list.slice(0, shown)"
        :key="`${one.on}:${one.source}`"
        :text="one"
        :tongue="language.tongue"
        :direction="state.direction"
        :plurals="state.plurals"
        :proposed="one.says ? undefined : proposed.get(one.source)"
        :write="write"
        @open="open(one)"
        @taken="leave(one.source)"
      />
    </ul>
    <button v-if="list.length > shown" class="link" @click="shown += 200">Show more of the {{ list.length.toLocaleString('en') }} texts</button>
  </template>
</template>

<style>
.words-bar { justify-content: flex-start; flex-wrap: wrap; gap: 4px 8px; }
.words-search {
  flex: 1;
  min-width: 160px;
  padding: 6px 12px;
  border: 1px solid rgba(var(--v-border-color), 0.2);
  border-radius: 999px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
}
.words-left { padding-inline-start: 20px; max-height: 220px; overflow: auto; }
.words-fit { margin-block: 8px; }
.words { list-style: none; padding: 0; }
</style>
