<script setup lang="ts">
import { computed } from 'vue'
import type { Reason, SubmissionState } from '../../contracts/studio'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ submission: SubmissionState; target: string }>()
defineEmits<{ release: [id: number] }>()
const studio = useStudio()
const steps = ['received', 'processing', 'in review', 'approved', 'released']
const at = computed(() => (props.submission.state === 'turned down' ? 3 : steps.indexOf(props.submission.state)))

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
      {{ target }} {{ submission.build.version }} ({{ submission.build.number }}): <strong>{{ submission.state }}</strong>
      <a v-if="submission.page" :href="submission.page" target="_blank" rel="noopener">its page in the store</a>
    </p>
    <ol class="submission-steps" :class="{ down: submission.state === 'turned down' }" :aria-label="submission.state">
      <li v-for="(step, i) in steps" :key="step" :class="{ past: i <= at, here: i === at }">
        {{ i === 3 && submission.state === 'turned down' ? 'turned down' : step }}
      </li>
    </ol>
    <div v-for="reason in submission.reasons" :key="reason.sentence" class="reason">
      <p class="fault">{{ reason.sentence }}</p>
      <template v-if="finding(reason)">
        <p class="small">Lanai’s checks say the same:</p>
        <FindingNote :finding="finding(reason)!" />
      </template>
      <p v-else-if="places[reason.code]" class="small">This has been put right since. Submit again.</p>
    </div>
    <v-btn v-if="submission.state === 'approved'" size="small" color="secondary" @click="$emit('release', submission.id)">Release it</v-btn>
  </div>
</template>
