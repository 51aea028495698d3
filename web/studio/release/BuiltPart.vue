<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BuildState, ReleaseState } from '../../contracts/studio'
import { api } from '../api'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'
import AddressLine from './AddressLine.vue'
import BuildLine from './BuildLine.vue'
import OwnHostLine from './OwnHostLine.vue'

/** What is live, and the packages that open it. */
const props = defineProps<{ release: ReleaseState; act: (call: () => Promise<unknown>) => Promise<void> }>()
/** A package for this computer only need not be reachable for phones. */
const here = defineModel<boolean>('here', { required: true })
const studio = useStudio()
const asking = ref(false)
/** A package opens what is live: none is begun while that is being changed. */
const going = ref(false)
const newest = (target: string): BuildState | undefined => props.release.builds.find((b) => b.target === target)
const running = (target: string) => ['queued', 'running'].includes(newest(target)?.state ?? '')
const blocking = computed(() => studio.state.value?.findings.filter((f) => f.blocks) ?? [])
const holds = computed(() => studio.state.value?.stations.find((s) => s.key === 'release'))
const liveBehind = computed(() => props.release.live.revision !== studio.state.value?.revision.number)

async function keepAddress(address: string) {
  asking.value = true
  await props.act(() => api.post(`apps/${studio.app}/address`, { address }))
  asking.value = false
}

/** With how many of a hundred people it begins; everybody with a hundred. */
const first = ref(100)
const SHARES = [1, 5, 20, 50]
const coming = computed(() => props.release.live.coming)
const next = computed(() => SHARES.filter((share) => share > (coming.value?.share ?? 0)))
const ofHundred = (share: number) => (share === 1 ? '1 person of a hundred' : `${share} of a hundred people`)
const visits = ({ visits, faults }: { visits: number; faults: number }) =>
  `${visits === 1 ? '1 visit' : `${visits.toLocaleString('en')} visits`} and ${faults === 1 ? '1 fault' : `${faults.toLocaleString('en')} faults`}`

async function goLive() {
  going.value = true
  await studio.goLive(first.value)
  first.value = 100
  await props.act(() => api.get(`apps/${studio.app}/release`))
  going.value = false
}

/** What goes live in steps goes to more, to everybody, or to nobody any more. */
async function comeTo(share: number) {
  going.value = true
  try {
    await props.act(() => api.post(`apps/${studio.app}/live/coming`, { share }))
    await studio.load()
  } finally {
    going.value = false
  }
}

/** What was live before is live again, at once. */
async function goBack() {
  going.value = true
  try {
    await props.act(() => api.post(`apps/${studio.app}/live/back`))
    await studio.load()
  } finally {
    going.value = false
  }
}
</script>

<template>
  <div class="live-line">
    <p>
      <template v-if="release.live.revision"
        >Live is revision {{ release.live.revision }} at
        <a :href="release.live.address" target="_blank" rel="noopener">{{ release.live.address }}</a
        >.</template
      >
      <template v-else>Nothing is live yet. Packages open what is live.</template>
    </p>
    <v-btn v-if="release.live.before" size="small" variant="text" @click="goBack">Go back to revision {{ release.live.before }}</v-btn>
    <label v-if="release.live.revision && liveBehind && !release.live.alone && coming?.revision !== studio.state.value?.revision.number" class="small">
      for
      <select v-model="first" class="number-blank" aria-label="Who has it first">
        <option v-for="share in SHARES" :key="share" :value="share">{{ ofHundred(share) }} first</option>
        <option :value="100">everybody at once</option>
      </select>
    </label>
    <v-btn
      v-if="!coming || coming.revision !== studio.state.value?.revision.number"
      size="small"
      :color="release.live.revision ? 'primary' : 'secondary'"
      :variant="liveBehind ? 'flat' : 'tonal'"
      :disabled="!liveBehind"
      :loading="going"
      @click="goLive"
      >Put revision {{ studio.state.value?.revision.number }} live</v-btn
    >
  </div>
  <p v-if="release.live.revision && liveBehind && release.live.alone" class="small">{{ release.live.alone }}</p>
  <div v-if="coming" class="coming" :class="{ worse: coming.worse }">
    <p>
      Revision {{ coming.revision }} is live for {{ ofHundred(coming.share) }}: {{ visits(coming.coming) }} in seven days. All others have revision
      {{ release.live.revision }}: {{ visits(coming.live) }}.
      <strong v-if="coming.worse">More goes wrong in the newer one than chance explains.</strong>
    </p>
    <v-btn v-for="share in next" :key="share" size="small" variant="tonal" :disabled="going" @click="comeTo(share)">To {{ share }} of a hundred</v-btn>
    <v-btn size="small" color="primary" :variant="coming.worse ? 'tonal' : 'flat'" :disabled="going" @click="comeTo(100)">To everybody</v-btn>
    <v-btn size="small" color="secondary" :variant="coming.worse ? 'flat' : 'text'" :disabled="going" @click="comeTo(0)">Take it back</v-btn>
  </div>
  <FindingNote v-for="finding in blocking" :key="finding.id" :finding="finding" />
  <p v-if="!blocking.length" class="small">Nothing stands in the way of a package. {{ holds?.holds }} of {{ holds?.checks }} checks of this station hold.</p>
  <p v-if="release.package && !release.package.why.length" class="small">
    What has changed since version {{ release.package.version }} needs no new package: it reaches people as soon as it is live.
  </p>
  <p v-else-if="release.package" class="small">A new package is needed since version {{ release.package.version }}. {{ release.package.why.join(' ') }}</p>
  <AddressLine v-model:here="here" :server="release.server" :app="studio.state.value?.app.name ?? ''" :busy="asking" @keep="keepAddress" />
  <OwnHostLine :own="release.ownHost" :live="!!release.live.revision" :act="act" />
  <div v-for="t in release.targets" :key="t.key" class="target">
    <div class="target-head">
      <p>
        <strong>{{ t.name }}</strong
        ><br /><span class="small">{{ t.note }}</span>
      </p>
      <v-btn
        size="small"
        color="primary"
        variant="tonal"
        :disabled="going || running(t.key)"
        @click="act(() => api.post(`apps/${studio.app}/builds`, { target: t.key, here: here && !!release.server.refusal }))"
        >Build</v-btn
      >
    </div>
    <BuildLine v-if="newest(t.key)" :build="newest(t.key)!" @cancel="(id) => act(() => api.remove(`apps/${studio.app}/builds/${id}`))" />
  </div>
  <p v-if="release.key" class="small">
    Android packages are signed with this app’s own key, <span class="code">{{ release.key.slice(0, 16) }}…</span>.
    <a :href="`/api/apps/${studio.app}/key`">Save the key</a> in a safe place: an update must carry the same signature. What is for iPhones a Mac signs with
    your certificate; that cannot be done here.
  </p>
</template>

<style scoped>
.coming {
  align-items: baseline;
  background: rgb(var(--v-theme-surface));
  border-radius: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  margin-block: 4px 12px;
  padding: 10px 16px;
}

.coming p {
  flex-basis: 100%;
  margin: 0;
}

.worse strong {
  color: var(--fault);
}
</style>
