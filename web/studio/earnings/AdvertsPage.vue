<script setup lang="ts">
import { ref, watch } from 'vue'
import type { AdvertsState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useSentences } from '../open/useSentences'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import AdvertCard from './AdvertCard.vue'
import AdvertForecast from './AdvertForecast.vue'
import AdvertSums from './AdvertSums.vue'

const studio = useStudio()
const set = ref<'sandbox' | 'live'>(studio.state.value?.app.liveRevision ? 'live' : 'sandbox')
const state = ref<AdvertsState | null>(null)
const trouble = ref('')
const begin = latest()

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<AdvertsState>(`apps/${studio.app}/adverts/${set.value}`)
    if (isLatest()) [state.value, trouble.value] = [found, '']
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
watch([set, () => studio.state.value?.revision.number, () => studio.changes.value], load, { immediate: true })

const { sentence } = useSentences(() => (state.value?.places ?? []).map((place) => place.at))
</script>

<template>
  <h1>Adverts</h1>
  <div v-if="!studio.state.value?.adverts.length" class="quiet-note">
    <p>
      There are none. Lanai writes what they need: their rules (nobody who pays sees one, so many an hour, none in the first visits) and a screen that asks
      people whether adverts may be about them. You change what you like, and then say where they stand: “Advert” and a name, on any screen.
    </p>
    <v-btn class="mt-3" color="primary" @click="studio.edit({ do: 'letAdvertsIn' })">Let adverts in</v-btn>
  </div>
  <template v-else>
    <ProseLines :lines="studio.state.value.adverts" root="/adverts" />
    <div class="grid-bar">
      <span class="small grow"
        >Nothing of a network comes to a phone: it is asked from here, with a country and a language, and with nothing about the person unless they
        allow it.</span
      >
      <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
        <v-btn value="sandbox" size="small">Sandbox</v-btn>
        <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-else-if="!state" class="quiet-note" role="status">The adverts are counted …</p>
    <p v-else-if="!state.places.length" class="quiet-note">
      No advert stands anywhere yet. On a screen write “Advert Below, as a strip”, or let a list have one “with an advert after every 8”.
    </p>
    <template v-else>
      <h2 class="people-head">Where they stand <span class="small">with the figures of the last {{ state.days }} days</span></h2>
      <AdvertCard v-for="(p, i) in state.places" :key="i" :place="p" :sentence="sentence(p.at)" />
      <p class="small">
        <template v-if="state.system.yes + state.system.no"
          >Asked by the system of their phone, {{ state.system.yes }} of {{ state.system.yes + state.system.no }} have said yes.
        </template>
        Seen is what half of was in sight for a second, of a film for two; it is paid then. A tap counts once. In the deck choose as whom you look: who pays
        sees none, and each of its devices is asked anew whether adverts may be about them.
      </p>
    </template>
    <AdvertSums v-if="state" :by-day="state.byDay" :by-country="state.byCountry" />
    <AdvertForecast />
    <p v-if="state?.bunting" class="small">
      Bunting is an exchange for practice: its advertisers are made up, and no money moves.
      <a :href="state.bunting" target="_blank" rel="noopener">See what it does, and let it go wrong</a>. A real exchange takes its place by
      an address and a key.
    </p>
  </template>
</template>
