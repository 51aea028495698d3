<script setup lang="ts">
import { ref } from 'vue'
import type { Finding, SentenceChange } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import SentenceChanges from './SentenceChanges.vue'

/** @prop means what a blocking one means, for those who hear the page */
const props = withDefaults(defineProps<{ finding: Finding; means?: string }>(), { means: 'Blocks packages' })
const emit = defineEmits<{ point: [at: string] }>()
const studio = useStudio()
const changes = ref<SentenceChange[] | null>(null)
const busy = ref(false)

async function read() {
  if (changes.value) return (changes.value = null)
  const mend = await api.get<{ sentences: SentenceChange[] }>(`apps/${studio.app}/mend?finding=${props.finding.id}`).catch((error) => studio.told(error))
  changes.value = mend?.sentences ?? null
}

async function apply() {
  busy.value = true
  await studio.mend(props.finding.id)
  busy.value = false
}
</script>

<template>
  <article class="finding" :class="{ blocks: finding.blocks }" @pointerenter="emit('point', finding.at)">
    <p>
      <span class="finding-mark" aria-hidden="true" /><span class="sr">{{ `${finding.blocks ? means : 'Warning'}: ` }}</span
      >{{ finding.sentence }}
    </p>
    <div v-if="finding.mend" class="finding-mend">
      <button class="link" :aria-expanded="!!changes" @click="read">{{ finding.mend }}</button>
      <template v-if="changes">
        <SentenceChanges :changes="changes" />
        <BusyButton size="small" color="secondary" :busy="busy" @click="apply">Apply this mend</BusyButton>
      </template>
    </div>
  </article>
</template>
