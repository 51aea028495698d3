<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { ReleaseState, StoreStand, StoreStands, SubmissionState } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import ReviewPart from './ReviewPart.vue'
import StoreAccount from './StoreAccount.vue'
import SubmissionLine from './SubmissionLine.vue'

/** Each store: what it would say, what can be handed in there, and where that stands. */
const props = defineProps<{ release: ReleaseState; here: boolean; act: (call: () => Promise<unknown>) => Promise<void> }>()
const studio = useStudio()
const stands = ref<StoreStand[]>([])
/** Asked in the stores: what is there already. Where that cannot be asked the rest is shown all the same. */
const look = () =>
  api
    .get<StoreStands>(`apps/${studio.app}/stores`)
    .then(({ stores }) => (stands.value = stores))
    .catch(() => undefined)
onMounted(look)
watch(() => props.release.submissions.map((one) => one.state).join(), look)
/** To whom the next one goes: everyone, whoever follows a link, or those on a list. */
const to = ref('everyone')
const whom = () => (to.value.startsWith('closed') ? { track: 'closed', ...(to.value === 'closed' ? {} : { group: to.value.slice(7) }) } : { track: to.value })
const named = computed(() => props.release.testers.filter((one) => one.name))
const target = (key: string) => props.release.targets.find((t) => t.key === key)
/** What a store takes, each once: several packages may be called the same together. */
const taken = (takes: string[]) => [...new Set(takes.map((key) => target(key)?.group))].join(', ')
const ready = (takes: string[]) =>
  props.release.builds
    .filter((b) => b.state === 'done' && takes.includes(b.target))
    .filter((b, i, all) => all.findIndex((o) => o.target === b.target) === i)
const submissions = (store: string): SubmissionState[] => props.release.submissions.filter((s) => s.store === store)
/** Handing in is the next step unless something is under way, approved, or waiting for its mend. */
const isNext = (store: string) =>
  !submissions(store).length ||
  submissions(store)[0].state === 'in testing' ||
  (submissions(store)[0].state === 'turned down' && !studio.state.value?.findings.some((f) => f.station === 'release' || f.blocks))
</script>

<template>
  <p v-if="release.reviewer">
    Reviewers sign in as <span class="code">{{ release.reviewer.email }}</span> with <span class="code">{{ release.reviewer.password }}</span>: both stores are
    told. They see the practice data, pay nothing, and meet nobody real.
    <button class="link" @click="act(() => api.post(`apps/${studio.app}/reviewer`))">Another password</button>
    <button class="link" @click="act(() => api.remove(`apps/${studio.app}/reviewer`))">Take it away</button>
  </p>
  <p v-else-if="release.asksToSignIn">
    One has to sign in to this app, so the stores ask for an account. It is led to the practice data and meets nobody real.
    <v-btn size="small" variant="tonal" color="primary" @click="act(() => api.post(`apps/${studio.app}/reviewer`))">Make an account for reviewers</v-btn>
  </p>
  <p class="whom">
    <label
      >What is submitted next goes to
      <select v-model="to" class="number-blank">
        <option value="everyone">everyone</option>
        <option v-if="release.testers.length" value="closed">all who try it</option>
        <option v-for="one in named" :key="one.name" :value="`closed ${one.name}`">{{ one.name }}, who try it</option>
        <option value="open">whoever follows a link, to try it</option>
      </select></label
    >
  </p>
  <div class="stores">
    <div v-for="store in release.stores" :key="store.key" class="target">
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
            @click="act(() => api.post(`apps/${studio.app}/submissions`, { build: build.id, store: store.key, ...whom() }))"
            >Submit {{ target(build.target)?.short }} {{ build.version }} ({{ build.number }})</v-btn
          >
        </span>
      </div>
      <p v-if="!ready(store.takes).length && !submissions(store.key).length" class="small">Build a package first, then it can be submitted here.</p>
      <StoreAccount :store="store" :stand="stands.find((one) => one.store === store.key)" @stands="stands = $event.stores" />
      <ReviewPart :store="store" :here="here" />
      <SubmissionLine
        v-for="submission in submissions(store.key).slice(0, 3)"
        :key="submission.id"
        :submission="submission"
        :target="target(submission.build.target)?.name ?? ''"
        :store="store.name"
        :act="act"
      />
    </div>
  </div>
</template>

<style scoped>
.stores {
  display: grid;
  gap: 12px;
}
</style>
