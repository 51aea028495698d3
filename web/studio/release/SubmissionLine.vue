<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Reason, SubmissionState } from '../../contracts/studio'
import { api } from '../api'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ submission: SubmissionState; target: string; store: string; act: (call: () => Promise<unknown>) => Promise<void> }>()
const studio = useStudio()
/** Those on a list read no words, so nobody looks at them before. */
const steps =
  props.submission.track === 'everyone'
    ? ['received', 'processing', 'in review', 'approved', 'released']
    : ['received', 'processing', ...(props.submission.track === 'open' ? ['in review'] : []), 'in testing']
const FOR: Record<string, string> = { closed: ', for those who try it', open: ', for whoever follows the link' }
/** Of a hundred people, to how many it can go first. */
const SHARES = [1, 5, 20, 50]
const decided = props.submission.track === 'closed' ? 2 : 3
const AT: Record<string, number> = { 'turned down': decided, appealed: decided - 1, 'rolling out': 3, halted: decided, withdrawn: 0 }
const at = computed(() => AT[props.submission.state] ?? steps.indexOf(props.submission.state))
const goesOut = computed(() => props.submission.track === 'everyone' && ['approved', 'rolling out', 'halted'].includes(props.submission.state))
const shares = computed(() => SHARES.filter((share) => share > props.submission.share))
const canHalt = computed(() => ['rolling out', 'released', 'in testing'].includes(props.submission.state))
const canWithdraw = computed(() => ['received', 'processing', 'in review', 'approved', 'in testing', 'appealed', 'halted'].includes(props.submission.state))
/** It can be released by itself, as long as it is not yet. */
const canWait = computed(
  () => props.submission.track === 'everyone' && ['received', 'processing', 'in review', 'appealed', 'approved'].includes(props.submission.state),
)
const moment = ref('')
const said = (at: string) => new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', hour: '2-digit', minute: '2-digit' })
const appealing = ref(false)
const words = ref('')

const post = (what: string, body = {}) => props.act(() => api.post(`apps/${studio.app}/submissions/${props.submission.id}/${what}`, body))
async function appeal() {
  await post('appeal', { words: words.value })
  if (props.submission.state === 'appealed') appealing.value = false
}

/** Where in the app a store's reason is put right. */
const places: Record<string, string> = {
  'listing.title': '/release/title',
  'listing.summary': '/release/summary',
  'listing.description': '/release/description',
  'version.code': '/release/build',
  icon: '/release/letter',
  package: '/release/package',
}
const finding = (reason: Reason) => studio.state.value?.findings.find((f) => f.at === places[reason.code])
</script>

<template>
  <div class="submission" :data-state="submission.state">
    <p>
      {{ target }} {{ submission.build.version }} ({{ submission.build.number }}){{ FOR[submission.track] ?? '' }}:
      <strong>{{ submission.state }}</strong>{{ ' ' }}
      <a v-if="submission.page" :href="submission.page" target="_blank" rel="noopener">{{
        submission.track === 'everyone' ? 'its page in the store' : 'where they begin'
      }}</a>
    </p>
    <ol v-if="submission.state !== 'withdrawn'" class="submission-steps" :class="{ down: submission.state === 'turned down' }" :aria-label="submission.state">
      <li v-for="(step, i) in steps" :key="step" :class="{ past: i <= at, here: i === at }">
        {{ i === decided && submission.state === 'turned down' ? 'turned down' : step }}
      </li>
    </ol>
    <p v-if="submission.state === 'rolling out'" role="status">It goes to {{ submission.share }} of a hundred people; the others still get the one before.</p>
    <p v-else-if="submission.state === 'halted'" role="status">Nobody gets it any more; whoever has it keeps it.</p>
    <p v-else-if="submission.state === 'appealed'" role="status">{{ store }} looks at it again.</p>
    <p v-if="submission.answer">
      {{ store }} has answered: <q>{{ submission.answer }}</q>
    </p>
    <div v-for="reason in submission.reasons" :key="reason.sentence" class="reason">
      <p class="fault">{{ reason.sentence }}</p>
      <template v-if="finding(reason)">
        <p class="small">Lanai’s checks say the same:</p>
        <FindingNote :finding="finding(reason)!" />
      </template>
      <p v-else-if="places[reason.code]" class="small">This has been put right since. Submit again.</p>
    </div>
    <div class="submission-acts">
      <template v-if="goesOut">
        <v-btn size="small" color="secondary" @click="post('release', { share: 100 })">{{ submission.share ? 'To everyone' : 'Release it' }}</v-btn>
        <span v-if="shares.length" class="small">or to a part first:</span>
        <v-btn v-for="share in shares" :key="share" size="small" variant="tonal" @click="post('release', { share })">{{ share }} %</v-btn>
      </template>
      <v-btn v-if="canHalt" size="small" variant="tonal" @click="post('halt')">Halt it</v-btn>
      <v-btn v-if="canWithdraw" size="small" variant="text" @click="post('withdraw')">Withdraw it</v-btn>
      <button v-if="submission.state === 'turned down' && !submission.answer" class="link" :aria-expanded="appealing" @click="appealing = !appealing">
        {{ store }} is wrong
      </button>
    </div>
    <p v-if="canWait && submission.releaseAt" role="status">
      It is released by itself on {{ said(submission.releaseAt) }}, if {{ store }} has approved it by then.
      <button class="link" @click="post('date', { at: null })">Release it by hand</button>
    </p>
    <form v-else-if="canWait" class="by-date" @submit.prevent="post('date', { at: new Date(moment).toISOString() })">
      <label :for="`date-${submission.id}`">It is released by hand, or by itself on</label>
      <input :id="`date-${submission.id}`" v-model="moment" class="filler-field" type="datetime-local" required />
      <v-btn size="small" variant="text" type="submit">Wait until then</v-btn>
    </form>
    <form v-if="appealing && submission.state === 'turned down'" class="appeal" @submit.prevent="appeal">
      <label :for="`appeal-${submission.id}`">Why should {{ store }} look again? It can be asked once.</label>
      <textarea :id="`appeal-${submission.id}`" v-model="words" class="filler-field" rows="3" maxlength="2000" required minlength="20" />
      <v-btn size="small" color="primary" type="submit">Ask them to look again</v-btn>
    </form>
  </div>
</template>

<style scoped>
.by-date {
  align-items: center;
  display: flex;
  flex-wrap: wrap;
  font-size: 0.9rem;
  gap: 4px 10px;
}

.by-date input {
  font: inherit;
  inline-size: auto;
  padding-block: 4px;
}

.submission-acts {
  align-items: center;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.appeal {
  display: grid;
  gap: 8px;
  justify-items: start;
}

.appeal textarea {
  inline-size: 100%;
}
</style>
