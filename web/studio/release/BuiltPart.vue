<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BuildState, ReleaseState } from '../../contracts/studio'
import { api } from '../api'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'
import AddressLine from './AddressLine.vue'
import BuildLine from './BuildLine.vue'

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

async function goLive() {
  going.value = true
  await studio.goLive()
  await props.act(() => api.get(`apps/${studio.app}/release`))
  going.value = false
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
    <v-btn
      size="small"
      :color="release.live.revision ? 'primary' : 'secondary'"
      :variant="liveBehind ? 'flat' : 'tonal'"
      :disabled="!liveBehind"
      :loading="going"
      @click="goLive"
      >Put revision {{ studio.state.value?.revision.number }} live</v-btn
    >
  </div>
  <FindingNote v-for="finding in blocking" :key="finding.id" :finding="finding" />
  <p v-if="!blocking.length" class="small">Nothing stands in the way of a package. {{ holds?.holds }} of {{ holds?.checks }} checks of this station hold.</p>
  <AddressLine v-model:here="here" :server="release.server" :app="studio.state.value?.app.name ?? ''" :busy="asking" @keep="keepAddress" />
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
