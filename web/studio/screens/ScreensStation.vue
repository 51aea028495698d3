<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../frame/useStudio'
import ProseLines from '../prose/ProseLines.vue'

const studio = useStudio()
const route = useRoute()
const router = useRouter()
const prose = ref<InstanceType<typeof ProseLines>>()
const screens = computed(() => studio.state.value?.screens ?? [])
const part = computed(() => String(route.params.part || screens.value.find((s) => s.first)?.slug || screens.value[0]?.slug || ''))
const screen = computed(() => screens.value.find((s) => s.slug === part.value))
const hasFindings = (at: string) => studio.state.value?.findings.some((f) => f.at === at || f.at.startsWith(`${at}/`))
const open = (slug: string) => router.push(`/apps/${studio.app}/screens/${slug}`)

watch(() => studio.gone.value, (at) => at && show(at))

/** Opens the page on which a line or a blank stands, and goes to the line. */
async function show(at: string) {
  const found = screens.value.find((s) => at === s.at || at.startsWith(`${s.at}/`))
  await open(found?.slug ?? (at.startsWith('/theme') ? 'theme' : 'tabs'))
  await nextTick()
  for (let place = at; place; place = place.slice(0, place.lastIndexOf('/'))) {
    const line = document.querySelector<HTMLElement>(`[data-line="${CSS.escape(place)}"]`)
    if (line) return line.focus()
  }
}

// A renamed screen stays open; after a removal the first one opens.
watch(screens, (now, before) => {
  if (!part.value || part.value === 'tabs' || part.value === 'theme' || now.some((s) => s.slug === part.value)) return
  const renamed = now.length === before.length ? now[before.findIndex((s) => s.slug === part.value)] : undefined
  router.replace(`/apps/${studio.app}/screens${renamed ? `/${renamed.slug}` : ''}`)
})

async function addScreen() {
  const taken = new Set(screens.value.map((s) => s.name.toLowerCase()))
  let n = screens.value.length + 1
  while (taken.has(`screen ${n}`)) n++
  if (await studio.edit({ what: 'add', at: '/screens', text: `screen Screen ${n}` })) {
    const made = screens.value[screens.value.length - 1]
    await open(made.slug)
    studio.startFilling(`${made.at}/name`)
  }
}

async function addTab() {
  const at = studio.state.value?.tabs.length ?? 0
  if (await studio.edit({ what: 'add', at: '/tabs', text: 'tab ___ as ""' })) studio.startFilling(`/tabs/${at}/screen`)
}
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Screens">
      <h2 class="side-head">Screens</h2>
      <button v-for="s in screens" :key="s.at" class="side-entry" :aria-current="s.slug === part ? 'page' : undefined" @click="open(s.slug)">
        <span>{{ s.name }}</span>
        <span v-if="s.about.length" class="small">about one {{ s.about.join(' and one ') }}</span>
        <span v-else-if="s.first" class="small">the first one</span>
        <i v-if="hasFindings(s.at)" class="dot" aria-label="has findings" />
      </button>
      <v-btn variant="text" size="small" :prepend-icon="mdiPlus" @click="addScreen">New screen</v-btn>
      <h2 class="side-head">Around them</h2>
      <button class="side-entry" :aria-current="part === 'tabs' ? 'page' : undefined" @click="open('tabs')">Tabs<i v-if="hasFindings('/tabs')" class="dot" /></button>
      <button class="side-entry" :aria-current="part === 'theme' ? 'page' : undefined" @click="open('theme')">Colours<i v-if="hasFindings('/theme')" class="dot" /></button>
      <StationFindings station="screens" @open="show" />
    </nav>
    <section class="page">
      <template v-if="part === 'tabs'">
        <h1>Tabs</h1>
        <p v-if="!studio.state.value?.tabs.length" class="quiet-note">No tabs yet. Tabs stand at the bottom of the app and lead to its main screens.</p>
        <ProseLines :lines="studio.state.value?.tabs ?? []" root="" />
        <v-btn variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="addTab">Add a tab</v-btn>
      </template>
      <template v-else-if="part === 'theme'">
        <h1>Colours</h1>
        <ProseLines :lines="(studio.state.value?.theme ?? []).filter((l) => l.role === 'part').map((l) => ({ ...l, indent: 0 }))" root="/theme" />
      </template>
      <template v-else-if="screen">
        <ProseLines ref="prose" :key="screen.at" :lines="screen.lines" :root="screen.at" />
        <p v-if="screen.lines.length === 1" class="quiet-note">This screen is still blank. Add a heading, a text or a list; each is one sentence.</p>
        <div class="page-end">
          <v-btn variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="prose?.addAtEnd(`${screen.at}/lines`, 'line')">Add a line</v-btn>
          <v-btn v-if="screens.length > 1" variant="text" size="small" @click="studio.edit({ what: 'remove', at: screen.at })">Remove this screen</v-btn>
        </div>
      </template>
      <p v-else class="quiet-note">No screens yet. <button class="link" @click="addScreen">Begin the first one.</button></p>
    </section>
  </div>
</template>
