<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ReviewState } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import FindingNote from '../findings/FindingNote.vue'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** What a store would say, before it is asked. */
const props = defineProps<{ store: { key: string; name: string }; here: boolean }>()
const studio = useStudio()
const review = ref<ReviewState>()
const trouble = ref('')
const busy = ref(false)
const begin = latest()
const against = computed(() => review.value?.reasons.filter((r) => r.findings.some((f) => f.blocks)) ?? [])
const perhaps = computed(() => review.value?.reasons.filter((r) => r.findings.length && !r.findings.some((f) => f.blocks)) ?? [])
const holds = computed(() => review.value?.reasons.filter((r) => !r.findings.length) ?? [])
const said = computed(() => {
  const [sure, maybe, all] = [against.value.length, perhaps.value.length, review.value?.reasons.length ?? 0]
  const first = sure ? `${props.store.name} would turn it down for ${sure} of ${all} reasons` : `None of ${all} reasons would surely turn it down`
  return maybe ? `${first}; ${maybe} ${maybe === 1 ? 'depends' : 'depend'} on who looks.` : `${first}.`
})

async function look() {
  const isLatest = begin()
  busy.value = true
  try {
    const found = await api.get<ReviewState>(`apps/${studio.app}/review?store=${props.store.key}&here=${props.here ? 1 : 0}`)
    if (!isLatest()) return
    review.value = found
    trouble.value = ''
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Error ? error.message : String(error)
  } finally {
    if (isLatest()) busy.value = false
  }
}
// Once somebody has looked, what is shown stays right after an edit.
watch([() => studio.state.value?.revision.number, () => props.here], () => review.value && look())
</script>

<template>
  <div class="review" role="region" :aria-label="`What ${store.name} would say`">
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <BusyButton v-if="!review" size="small" variant="tonal" :busy="busy" @click="look">Look at it as {{ store.name }} would</BusyButton>
    <template v-else>
      <p role="status">{{ said }}</p>
      <div v-for="reason in [...against, ...perhaps]" :key="reason.holds" class="review-reason">
        <p class="small">{{ reason.holds }} <strong>Not yet:</strong></p>
        <FindingNote v-for="finding in reason.findings" :key="finding.id" :finding="finding" means="Would be turned down" />
      </div>
      <details v-if="holds.length">
        <summary>{{ holds.length }} hold</summary>
        <ul>
          <li v-for="reason in holds" :key="reason.holds" class="small">{{ reason.holds }}</li>
        </ul>
      </details>
      <p class="small">Reasons are common practice, from no store’s own book. A person who looks may see more.</p>
    </template>
  </div>
</template>

<style scoped>
.review {
  display: grid;
  gap: 10px;
}

.review > :deep(.v-btn) {
  justify-self: start;
}

.review p {
  margin: 0;
}

.review-reason {
  border-inline-start: 3px solid var(--line);
  display: grid;
  gap: 4px;
  padding-inline-start: 12px;
}

summary {
  cursor: pointer;
}

ul {
  columns: 2;
  margin-block: 6px;
  padding-inline-start: 18px;
}
</style>
