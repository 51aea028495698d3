<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BuildState, ReleaseData, SubmissionState } from '../../contracts/studio'
import { api, Declined } from '../api'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'
import AddressLine from './AddressLine.vue'
import BuildLine from './BuildLine.vue'
import DeclaresPart from './DeclaresPart.vue'
import ReleaseText from '../open/ReleaseText.vue'
import SubmissionLine from './SubmissionLine.vue'
import { useRelease } from './useRelease'

const studio = useStudio()
const { release, trouble, reasons, act } = useRelease(studio)
const uploading = ref(false)
/** A package for this computer only need not be reachable for phones. */
const here = ref(false)
const asking = ref(false)
const targets = computed(() => release.value?.targets ?? [])
const target = (key: string) => targets.value.find((t) => t.key === key)
/** What a store takes, each once: several packages may be called the same together. */
const taken = (takes: string[]) => [...new Set(takes.map((key) => target(key)?.group))].join(', ')
const data = computed(() => studio.state.value?.release as ReleaseData)
const findings = computed(() => studio.state.value?.findings.filter((f) => f.station === 'release' || f.blocks) ?? [])
const holds = computed(() => studio.state.value?.stations.find((s) => s.key === 'release'))
const newest = (target: string): BuildState | undefined => release.value?.builds.find((b) => b.target === target)
const running = (target: string) => ['queued', 'running'].includes(newest(target)?.state ?? '')
const ready = (takes: string[]) =>
  release.value?.builds
    .filter((b) => b.state === 'done' && takes.includes(b.target))
    .filter((b, i, all) => all.findIndex((o) => o.target === b.target) === i) ?? []
const submissions = (store: string): SubmissionState[] => release.value?.submissions.filter((s) => s.store === store) ?? []
/** Handing in is the next step unless something is under way, approved, or waiting for its mend. */
const isNext = (store: string) => !submissions(store).length || (submissions(store)[0].state === 'turned down' && !findings.value.length)
const liveBehind = computed(() => release.value?.live.revision !== studio.state.value?.revision.number)

async function keepAddress(address: string) {
  asking.value = true
  await act(() => api.post(`apps/${studio.app}/address`, { address }))
  asking.value = false
}

async function goLive() {
  await studio.goLive()
  await act(() => api.get(`apps/${studio.app}/release`))
}

async function upload(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  uploading.value = true
  const form = new FormData()
  form.append('picture', file)
  try {
    const { name } = await api.post<{ name: string }>(`apps/${studio.app}/assets`, form)
    await studio.fill('/release/icon', name)
  } catch (error) {
    studio.told(error instanceof Declined ? error : String(error))
  } finally {
    uploading.value = false
  }
}
</script>

<template>
  <div class="release">
    <section class="release-part">
      <h1>Release</h1>
      <div class="identity">
        <div class="identity-icon">
          <img :src="`/api/apps/${studio.app}/icon.png?r=${studio.state.value?.revision.number}`" width="88" height="88" alt="The app’s icon" />
          <label class="link"
            >Upload a picture<input type="file" class="sr" accept="image/png,image/jpeg,image/webp" :disabled="uploading" @change="upload"
          /></label>
          <button v-if="data.icon" class="link" @click="studio.edit({ do: 'remove', places: ['/release/icon'] })">Use the letter instead</button>
        </div>
        <div class="identity-fields">
          <ReleaseText at="/release/package" label="Package id" :value="data.package" />
          <ReleaseText at="/release/version" label="Version" :value="data.version" short />
          <ReleaseText at="/release/build" label="Build number" :value="String(data.build)" short />
          <ReleaseText at="/release/letter" label="Icon letter" :value="data.letter" short />
        </div>
      </div>
      <ReleaseText at="/release/title" label="Title in the stores" :value="data.title" :most="30" />
      <ReleaseText at="/release/summary" label="Short description" :value="data.summary" :most="80" />
      <ReleaseText at="/release/news" label="What is new" :value="data.news" :most="500" :rows="2" />
      <ReleaseText at="/release/description" label="Full description" :value="data.description" :most="4000" :rows="4" />
      <v-checkbox
        :model-value="data.locked"
        density="compact"
        hide-details
        label="Locked by fingerprint: on a phone it opens once the phone knows who holds it"
        @update:model-value="studio.edit($event ? { do: 'offer', at: '/release/locked' } : { do: 'remove', places: ['/release/locked'] })"
      />
      <ReleaseText
        at="/release/oldest"
        label="The oldest package that may go on, by its number"
        :value="data.oldest === null ? '' : String(data.oldest)"
        short
      />
      <ReleaseText at="/release/location" label="The app uses where the phone is to …" :value="data.location" :most="120" />
      <p v-if="data.declares" class="small">Told to the stores, because the app’s sentences say so: {{ data.declares }}</p>
    </section>

    <section class="release-part" aria-label="Checks">
      <h2>
        Checks <span class="small">{{ holds?.holds }} of {{ holds?.checks }} hold</span>
      </h2>
      <FindingNote v-for="finding in findings" :key="finding.id" :finding="finding" />
      <p v-if="!findings.length" class="quiet-note">Nothing stands in the way of a release.</p>
      <div v-if="release" class="live-line">
        <p>
          <template v-if="release.live.revision"
            >Live is revision {{ release.live.revision }} at
            <a :href="release.live.address" target="_blank" rel="noopener">{{ release.live.address }}</a>.</template
          >
          <template v-else>Nothing is live yet. Packages open what is live.</template>
        </p>
        <v-btn
          size="small"
          :color="release.live.revision ? 'primary' : 'secondary'"
          :variant="liveBehind ? 'flat' : 'tonal'"
          :disabled="!liveBehind"
          @click="goLive"
          >Put revision {{ studio.state.value?.revision.number }} live</v-btn
        >
      </div>
    </section>

    <DeclaresPart />

    <section v-if="release?.troubles.length" class="release-part" aria-label="What went wrong on phones">
      <h2>What went wrong on phones</h2>
      <details v-for="trouble in release.troubles" :key="trouble.id" class="trouble">
        <summary>
          {{ trouble.said }}
          <span class="small">
            {{ trouble.times === 1 ? 'once' : `${trouble.times} times` }}, last on {{ trouble.on }}, version {{ trouble.version }},
            {{ new Date(trouble.last).toLocaleString() }}
          </span>
        </summary>
        <pre class="code">{{ trouble.where }}</pre>
        <v-btn size="small" variant="tonal" @click="act(() => api.remove(`apps/${studio.app}/troubles/${trouble.id}`))">I have seen to it</v-btn>
      </details>
    </section>

    <section class="release-part" aria-label="Packages">
      <h2>Packages</h2>
      <div v-if="trouble" class="fault" role="alert">
        {{ trouble }}
        <ul v-if="reasons.length">
          <li v-for="reason in reasons" :key="reason">{{ reason }}</li>
        </ul>
      </div>
      <v-progress-linear v-if="!release && !trouble" indeterminate color="primary" aria-label="Loading packages" />
      <AddressLine v-if="release" v-model:here="here" :server="release.server" :app="studio.state.value?.app.name ?? ''" :busy="asking" @keep="keepAddress" />
      <div v-for="t in targets" :key="t.key" class="target">
        <div class="target-head">
          <p>
            <strong>{{ t.name }}</strong
            ><br /><span class="small">{{ t.note }}</span>
          </p>
          <v-btn
            size="small"
            color="primary"
            variant="tonal"
            :disabled="running(t.key)"
            @click="act(() => api.post(`apps/${studio.app}/builds`, { target: t.key, here: here && !!release?.server.refusal }))"
            >Build</v-btn
          >
        </div>
        <BuildLine v-if="newest(t.key)" :build="newest(t.key)!" @cancel="(id) => act(() => api.remove(`apps/${studio.app}/builds/${id}`))" />
      </div>
      <p v-if="release?.key" class="small">
        Signed with this app’s own key, <span class="code">{{ release.key.slice(0, 16) }}…</span>.
        <a :href="`/api/apps/${studio.app}/key`">Save the key</a> in a safe place: an update must carry the same signature.
      </p>
    </section>

    <section class="release-part" aria-label="Stores">
      <h2>Stores</h2>
      <div v-for="store in release?.stores" :key="store.key" class="target">
        <div class="target-head">
          <p>
            <strong>{{ store.name }}</strong
            ><br /><span class="small">takes {{ taken(store.takes) }}</span>
          </p>
          <span class="target-buttons">
            <v-btn
              v-for="build in ready(store.takes)"
              :key="build.id"
              size="small"
              :color="isNext(store.key) ? 'secondary' : 'primary'"
              :variant="isNext(store.key) ? 'flat' : 'tonal'"
              @click="act(() => api.post(`apps/${studio.app}/submissions`, { build: build.id, store: store.key }))"
              >Submit {{ target(build.target)?.short }} {{ build.version }} ({{ build.number }})</v-btn
            >
          </span>
        </div>
        <p v-if="!ready(store.takes).length && !submissions(store.key).length" class="small">Build a package first, then it can be submitted here.</p>
        <SubmissionLine
          v-for="submission in submissions(store.key).slice(0, 3)"
          :key="submission.id"
          :submission="submission"
          :target="target(submission.build.target)?.name ?? ''"
          @release="(id) => act(() => api.post(`apps/${studio.app}/submissions/${id}/release`))"
        />
      </div>
    </section>
  </div>
</template>
