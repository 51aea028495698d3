<script setup lang="ts">
import { mdiCellphoneArrowDown, mdiPlus, mdiQrcode, mdiSitemapOutline } from '@mdi/js'
import { computed, defineAsyncComponent, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import AssetsPage from './AssetsPage.vue'
import ScreenMap from './ScreenMap.vue'
import ScreenThumb from '../open/ScreenThumb.vue'
import ThemePage from './ThemePage.vue'
import { useLineCounts } from './useLineCounts'

const LinkDialog = defineAsyncComponent(() => import('./LinkDialog.vue'))
const AROUND = ['map', 'tabs', 'values', 'pieces', 'routines', 'theme', 'assets']
const studio = useStudio()
const route = useRoute()
const router = useRouter()
const prose = ref<InstanceType<typeof ProseLines>>()
const screens = computed(() => studio.state.value?.screens ?? [])
const part = computed(() => String(route.params.part || screens.value.find((s) => s.first)?.slug || screens.value[0]?.slug || ''))
const screen = computed(() => screens.value.find((s) => s.slug === part.value))
const surveyed = computed(() => studio.survey.screens.value.find((s) => s.slug === part.value))
const hasFindings = (at: string) => studio.findings.value.some((f) => f.at === at || f.at.startsWith(`${at}/`))
const open = (slug: string) => router.push(`/apps/${studio.app}/screens/${slug}`)

/** How a person reaches them. It comes a moment after the screens, and waits while the pointer is on the list: nothing moves under it. */
const reach = shallowRef(new Map<string, { i: number; lost: boolean }>())
const pointedAt = ref(false)
const linking = ref(false)
watch(
  [() => studio.survey.ways.value, pointedAt],
  ([ways, busy]) => {
    if (!busy) reach.value = new Map((ways?.screens ?? []).map((s, i) => [s.at, { i, lost: s.step === null }]))
  },
  { immediate: true },
)
/** In the order a person reaches them; what nobody reaches stands apart. */
const ordered = computed(() => {
  const order = reach.value
  const all = [...screens.value].sort((a, b) => (order.get(a.at)?.i ?? Infinity) - (order.get(b.at)?.i ?? Infinity) || 0)
  return { reached: all.filter((s) => !order.get(s.at)?.lost), lost: all.filter((s) => order.get(s.at)?.lost) }
})
const picture = (at: string) => studio.survey.screens.value.find((s) => s.at === at)?.picture

watch(part, () => document.querySelector('.surface')?.scrollTo(0, 0))
// A renamed screen stays open; after a removal the first one opens.
watch(screens, (now, before) => {
  if (!part.value || AROUND.includes(part.value) || now.some((s) => s.slug === part.value)) return
  const renamed = now.length === before.length ? now[before.findIndex((s) => s.slug === part.value)] : undefined
  router.replace(`/apps/${studio.app}/screens${renamed ? `/${renamed.slug}` : ''}`)
})

async function addScreen() {
  const edited = await studio.edit({ do: 'begin', list: '/screens' })
  const made = screens.value.find((s) => s.at === edited?.made)
  if (!edited || !made) return
  await open(made.slug)
  studio.startFilling(edited.next)
}

async function copy() {
  if (!screen.value || !(await studio.edit({ do: 'copy', places: [screen.value.at] }))) return
  const made = screens.value[screens.value.findIndex((s) => s.slug === part.value) + 1]
  if (made) await open(made.slug)
}

const lines = computed(() => (screen.value ? studio.pages.pages.value[screen.value.at] : undefined))
watch(
  () => screen.value?.at ?? '',
  (at) => studio.pages.show(at),
  { immediate: true },
)
onUnmounted(() => studio.pages.show(''))

/** How often this screen was looked at, and its lines tapped. */
const counts = useLineCounts(() => screen.value?.at ?? '')
const looked = computed(() => {
  const { views, set } = counts.value
  const often = views === 1 ? 'once' : `${views.toLocaleString('en')} times`
  return `Looked at ${often} in the last 30 days${set === 'live' ? '' : ', in the sandbox'}; beside its lines, how often they were tapped.`
})
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Screens" @pointerenter="pointedAt = true" @pointerleave="pointedAt = false">
      <h2 class="side-head">Screens</h2>
      <button
        v-for="s in ordered.reached"
        :key="s.at"
        class="side-entry side-screen"
        :aria-current="s.slug === part ? 'page' : undefined"
        @click="open(s.slug)"
      >
        <span class="side-picture"><ScreenThumb :picture="picture(s.at)" /></span>
        <span class="side-words"
          ><span>{{ s.name }}</span>
          <span v-if="s.about.length" class="small">about one {{ s.about.join(' and one ') }}</span>
          <span v-else-if="s.first" class="small">the first one</span></span
        >
        <i v-if="hasFindings(s.at)" class="dot" role="img" aria-label="has findings" />
      </button>
      <template v-if="ordered.lost.length">
        <h2 class="side-head">Nobody gets here</h2>
        <button
          v-for="s in ordered.lost"
          :key="s.at"
          class="side-entry side-screen"
          :aria-current="s.slug === part ? 'page' : undefined"
          @click="open(s.slug)"
        >
          <span class="side-picture"><ScreenThumb :picture="picture(s.at)" /></span>
          <span class="side-words"
            ><span>{{ s.name }}</span></span
          >
          <i v-if="hasFindings(s.at)" class="dot" role="img" aria-label="has findings" />
        </button>
      </template>
      <v-btn variant="text" size="small" :prepend-icon="mdiPlus" @click="addScreen">New screen</v-btn>
      <h2 class="side-head">Around them</h2>
      <button class="side-entry" :aria-current="part === 'map' ? 'page' : undefined" @click="open('map')">Map of the ways</button>
      <button class="side-entry" :aria-current="part === 'tabs' ? 'page' : undefined" @click="open('tabs')">
        Tabs and menu<i v-if="hasFindings('/tabs') || hasFindings('/menu')" class="dot" role="img" aria-label="has findings" />
      </button>
      <button class="side-entry" :aria-current="part === 'pieces' ? 'page' : undefined" @click="open('pieces')">
        Pieces<i v-if="hasFindings('/pieces')" class="dot" role="img" aria-label="has findings" />
      </button>
      <button class="side-entry" :aria-current="part === 'routines' ? 'page' : undefined" @click="open('routines')">
        Routines<i v-if="hasFindings('/routines')" class="dot" role="img" aria-label="has findings" />
      </button>
      <button class="side-entry" :aria-current="part === 'values' ? 'page' : undefined" @click="open('values')">
        Values<i v-if="hasFindings('/values')" class="dot" role="img" aria-label="has findings" />
      </button>
      <button class="side-entry" :aria-current="part === 'theme' ? 'page' : undefined" @click="open('theme')">
        The look<i v-if="hasFindings('/theme')" class="dot" role="img" aria-label="has findings" />
      </button>
      <button class="side-entry" :aria-current="part === 'assets' ? 'page' : undefined" @click="open('assets')">Assets</button>
      <StationFindings station="screens" />
    </nav>
    <section class="page">
      <template v-if="part === 'map'">
        <h1>Map of the ways</h1>
        <ScreenMap @open="open" />
      </template>
      <template v-else-if="part === 'tabs'">
        <h1>Tabs</h1>
        <p v-if="!studio.state.value?.tabs.length" class="quiet-note">No tabs yet. Tabs stand at the bottom of the app and lead to its main screens.</p>
        <ProseLines :lines="studio.state.value?.tabs ?? []" root="" />
        <v-btn variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="studio.begin('/tabs')">Add a tab</v-btn>
        <h1>Menu at the side</h1>
        <p v-if="!studio.state.value?.menu.length" class="quiet-note">
          No menu yet. It opens from the corner of the title bar, for screens that need no tab of their own.
        </p>
        <ProseLines :lines="studio.state.value?.menu ?? []" root="" />
        <v-btn variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="studio.begin('/menu')">Add an entry</v-btn>
      </template>
      <template v-else-if="part === 'values'">
        <h1>Values</h1>
        <p class="quiet-note">What the app remembers outside of its tables. A formula reads one as <code>app.name</code>, an effect sets it.</p>
        <ProseLines :lines="studio.state.value?.values ?? []" root="" />
        <v-btn variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="studio.begin('/values')">Add a value</v-btn>
      </template>
      <template v-else-if="part === 'pieces' || part === 'routines'">
        <h1>{{ part === 'pieces' ? 'Pieces' : 'Routines' }}</h1>
        <p class="quiet-note">
          {{
            part === 'pieces'
              ? 'Lines that several screens share, with the rows that they are about.'
              : 'Effects under a name, for several taps or for later.'
          }}
          Choose lines with Shift and make them into one.
        </p>
        <div v-for="page in studio.state.value?.[part]" :key="page.at" class="page-part">
          <ProseLines :lines="page.lines" :root="page.at" />
          <v-btn variant="text" size="small" @click="studio.edit({ do: 'remove', places: [page.at] })">Remove “{{ page.name }}”</v-btn>
        </div>
        <v-btn v-if="part === 'pieces'" variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="studio.begin('/pieces')">Add a piece</v-btn>
        <v-btn v-else variant="tonal" color="primary" :prepend-icon="mdiPlus" @click="studio.begin('/routines')">Add a routine</v-btn>
      </template>
      <ThemePage v-else-if="part === 'theme'" />
      <AssetsPage v-else-if="part === 'assets'" />
      <template v-else-if="screen">
        <ProseLines v-if="lines" ref="prose" :key="screen.at" :lines="lines" :root="screen.at" :counts="counts.lines" />
        <p v-else class="quiet-note" role="status">One moment …</p>
        <p v-if="lines && counts.views" class="small looked">{{ looked }}</p>
        <p v-if="lines?.length === 1" class="quiet-note">This screen is still blank. Add a heading, a text or a list; each is one sentence.</p>
        <div class="page-end">
          <v-btn variant="tonal" color="primary" :prepend-icon="mdiPlus" :disabled="!lines" @click="prose?.addAtEnd(`${screen.at}/lines`)">Add a line</v-btn>
          <v-btn
            variant="text"
            size="small"
            :prepend-icon="mdiCellphoneArrowDown"
            @click="studio.open(screen.slug, surveyed?.args)"
            >Show it in the deck</v-btn
          >
          <v-btn variant="text" size="small" :prepend-icon="mdiSitemapOutline" @click="open('map')">On the map</v-btn>
          <v-btn variant="text" size="small" :prepend-icon="mdiQrcode" @click="linking = true">A link to it</v-btn>
          <v-btn variant="text" size="small" @click="copy">Make a copy of it</v-btn>
          <v-btn v-if="screens.length > 1" variant="text" size="small" @click="studio.edit({ do: 'remove', places: [screen.at] })">Remove this screen</v-btn>
        </div>
        <LinkDialog v-if="linking" :key="screen.slug" v-model="linking" :slug="screen.slug" :name="screen.name" />
        <p v-if="studio.survey.devices.value" class="survey" role="status">
          {{
            surveyed?.problem
              ? `It cannot be laid out yet: ${surveyed.problem}`
              : surveyed?.findings.length
                ? ''
                : `Laid out on ${studio.survey.devices.value} devices: nothing is cut off, runs off, overlaps or is too small to hit.`
          }}
        </p>
      </template>
      <p v-else class="quiet-note">No screens yet. <button class="link" @click="addScreen">Begin the first one.</button></p>
    </section>
  </div>
</template>
