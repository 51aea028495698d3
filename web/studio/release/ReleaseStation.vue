<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ReleaseData } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'
import BuiltPart from './BuiltPart.vue'
import DeclaresPart from './DeclaresPart.vue'
import HowItLooks from './HowItLooks.vue'
import ReleaseStop from './ReleaseStop.vue'
import StandsPart from './StandsPart.vue'
import TroublesPart from './TroublesPart.vue'
import TestersPart from './TestersPart.vue'
import { useRelease } from './useRelease'
import WhatItIs from './WhatItIs.vue'

type Stop = 'is' | 'looks' | 'declares' | 'built' | 'tries' | 'stands' | 'does'

const studio = useStudio()
const { release, trouble, reasons, act } = useRelease(studio)
const here = ref(false)
const data = computed(() => studio.state.value?.release as ReleaseData)
const findings = computed(() => studio.state.value?.findings ?? [])
const ofListing = computed(() => findings.value.filter((f) => f.station === 'release').length)
const blocking = computed(() => findings.value.filter((f) => f.blocks).length)

/** Which stop is open: it is found again after a reload. */
const NAME = `lanai-stop:${studio.app}`
const open = ref<Stop | ''>((sessionStorage.getItem(NAME) as Stop | null) ?? 'is')
watch(open, (stop) => sessionStorage.setItem(NAME, stop))
const show = (stop: Stop, isOpen: boolean) => (open.value = isOpen ? stop : '')

const tries = ref('before it is in the stores')
const things = (count: number) => (count === 1 ? 'one thing to put right' : `${count} things to put right`)
const is = computed(() => {
  const called = `${data.value.title || 'without a title'}, version ${data.value.version} (${data.value.build})`
  return ofListing.value ? `${called}; ${things(ofListing.value)}` : called
})
const built = computed(() => {
  const ready = release.value?.targets.filter((t) => release.value?.builds.find((b) => b.target === t.key)?.state === 'done').map((t) => t.name) ?? []
  if (blocking.value) return `${things(blocking.value)} first`
  if (!release.value?.live.revision) return 'nothing is live yet'
  return ready.length ? ready.join(', ') : 'no package yet'
})
const stands = computed(() =>
  (release.value?.stores ?? [])
    .map((store) => `${store.name}: ${release.value?.submissions.find((s) => s.store === store.key)?.state ?? 'not handed in'}`)
    .join(', '),
)
const turnedDown = computed(
  () => release.value?.stores.some((store) => release.value?.submissions.find((s) => s.store === store.key)?.state === 'turned down') ?? false,
)
const faults = computed(() => release.value?.troubles.length ?? 0)
const worse = computed(() => release.value?.health.find((one) => one.worse)?.version)
const doesNot = computed(() => faults.value > 0 || !!release.value?.voices.versions[0]?.fell || !!worse.value || !!release.value?.reported.length)
const does = computed(() => {
  const fell = release.value?.voices.versions.find((one) => one.fell)
  if (worse.value) return `more goes wrong in ${worse.value} than in the one before`
  if (fell) return `fewer stars for ${fell.version} than for the one before`
  const reported = release.value?.reported.length ?? 0
  if (reported) return reported === 1 ? 'something was reported' : `${reported} things were reported`
  if (!faults.value) return 'nothing has gone wrong'
  return `${faults.value === 1 ? 'one fault' : `${faults.value} faults`} on people’s phones`
})
</script>

<template>
  <div class="release">
    <h1>Release</h1>
    <div v-if="trouble" class="fault" role="alert">
      {{ trouble }}
      <ul v-if="reasons.length">
        <li v-for="reason in reasons" :key="reason">{{ reason }}</li>
      </ul>
    </div>
    <div class="stops">
      <ReleaseStop name="What it is" :state="is" :wants="ofListing > 0" :open="open === 'is'" @update:open="show('is', $event)">
        <WhatItIs :data="data" />
      </ReleaseStop>
      <ReleaseStop name="How it looks there" state="its page in the stores" :open="open === 'looks'" @update:open="show('looks', $event)">
        <HowItLooks />
      </ReleaseStop>
      <ReleaseStop
        name="What it declares"
        state="what it keeps of people, and what is in it"
        :open="open === 'declares'"
        @update:open="show('declares', $event)"
      >
        <p v-if="data.declares" class="small">{{ data.declares }}</p>
        <DeclaresPart />
      </ReleaseStop>
      <ReleaseStop name="What was built" :state="built" :wants="blocking > 0" :open="open === 'built'" @update:open="show('built', $event)">
        <v-progress-linear v-if="!release && !trouble" indeterminate color="primary" aria-label="Loading packages" />
        <BuiltPart v-if="release" v-model:here="here" :release="release" :act="act" />
      </ReleaseStop>
      <ReleaseStop name="Who tries it" :state="tries" :open="open === 'tries'" @update:open="show('tries', $event)">
        <TestersPart @state="(words) => (tries = words)" />
      </ReleaseStop>
      <ReleaseStop name="Where it stands" :state="stands" :wants="turnedDown" :open="open === 'stands'" @update:open="show('stands', $event)">
        <StandsPart v-if="release" :release="release" :here="here || (release.builds[0]?.here ?? false)" :act="act" />
      </ReleaseStop>
      <ReleaseStop name="How it does" :state="does" :wants="doesNot" :open="open === 'does'" @update:open="show('does', $event)">
        <TroublesPart v-if="release" :release="release" :act="act" />
      </ReleaseStop>
    </div>
  </div>
</template>

<style scoped>
.stops {
  display: grid;
}
</style>
