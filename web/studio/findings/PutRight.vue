<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Amiss } from '../../contracts/studio'
import { api, Declined } from '../api'
import { errandText, stepSaid, type ErrandStep } from '../open/errand'
import { useSentences } from '../open/useSentences'
import { useStudio } from '../open/useStudio'
import FindingNote from './FindingNote.vue'

/** Something did not go: why, in plain words, the line, what would mend it, and the way there kept so that it stays right. */
const props = defineProps<{ said: string; at: string; person: string; way: ErrandStep[] | null; /** It was told by somebody’s phone. */ phone?: boolean }>()
const studio = useStudio()
const amiss = ref<Amiss | null>(null)
const trouble = ref('')
const kept = ref(false)
/** The line, without the rows that it is repeated for. */
const line = computed(() => (props.at.includes('=') ? props.at.slice(props.at.lastIndexOf('=') + 1) : props.at).replace(/@\d+/g, ''))
const { sentence } = useSentences(() => [line.value])
const lineAt = computed(() => {
  let at = line.value
  while (at && !sentence(at)) at = at.slice(0, at.lastIndexOf('/'))
  return at || line.value
})
const findings = computed(() =>
  line.value ? studio.findings.value.filter((f) => f.at === line.value || f.at.startsWith(`${line.value}/`) || f.at.startsWith(`${lineAt.value}/`)) : [],
)

onMounted(async () => {
  try {
    const person = props.person === 'nobody' ? '' : props.person
    amiss.value = await api.post<Amiss>(`apps/${studio.app}/amiss`, { said: props.said, person, phone: !!props.phone })
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
})

/** Once it is right, what was said now is not seen any more. */
async function keep() {
  const steps = [...(props.way ?? []), { does: 'see no', what: props.said, into: '' }]
  trouble.value = await studio.tryEdit({
    do: 'write',
    list: '/errands',
    text: errandText(props.way?.at(-1)?.what ?? 'The way there', props.person === 'nobody' ? '' : props.person, steps),
  })
  kept.value = !trouble.value
}
</script>

<template>
  <div class="put-right-panel">
    <p v-if="!amiss && !trouble" class="small" role="status">Looking …</p>
    <template v-if="amiss">
      <p>{{ amiss.cause }}</p>
      <p v-if="sentence(lineAt)">
        <button class="link" @click="studio.goTo(lineAt)">{{ sentence(lineAt) }}</button>
      </p>
      <FindingNote v-for="finding in findings" :key="finding.id" :finding="finding" @point="studio.point($event)" />
      <p v-for="saying in amiss.sayings" :key="saying">
        <button class="link" @click="studio.wish(saying)">{{ saying.charAt(0).toUpperCase() + saying.slice(1) }}</button>
      </p>
    </template>
    <template v-if="way?.length">
      <p v-if="kept" role="status">Kept as an errand: it is done again after every edit, and found while it does not go.</p>
      <details v-else>
        <summary>Keep the way there as an errand</summary>
        <ol>
          <li v-for="(step, i) in way" :key="i">{{ stepSaid(step) }}</li>
          <li>see no “{{ said }}”</li>
        </ol>
        <v-btn size="small" variant="tonal" color="primary" @click="keep">Keep it</v-btn>
      </details>
    </template>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.put-right-panel {
  background: rgb(var(--v-theme-surface));
  border-radius: 10px;
  margin-block: 4px 8px;
  padding: 8px 12px;
}

.put-right-panel p {
  margin: 0 0 6px;
}

.put-right-panel .link {
  text-align: start;
}

summary {
  cursor: pointer;
}
</style>
