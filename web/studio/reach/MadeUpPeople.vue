<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ReachState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

/** People made up, who go along a way in the sandbox, so that one sees beforehand what the figures will look like. */
const props = defineProps<{ funnels: string[]; trials: ReachState['trials'] }>()
const emit = defineEmits<{ counted: [ReachState] }>()
const studio = useStudio()
/** So many come with one request. */
const AT_ONCE = 250
const funnel = ref(props.funnels[0])
const many = ref(2000)
const goesOn = ref(70)
const tried = ref(75)
const come = ref(-1)
const trouble = ref('')
const stopped = ref(false)
let seed = Math.floor(Math.random() * 1e9)

const trial = computed(() => props.trials.find((one) => one.funnel.toLowerCase() === funnel.value?.toLowerCase()))
watch(
  () => props.funnels,
  (names) => {
    if (!names.includes(funnel.value)) funnel.value = names[0]
  },
)

async function begin() {
  const all = Math.round(Number(many.value))
  if (!(all >= 1 && all <= 20000)) return void (trouble.value = 'Please let between 1 and 20,000 people come.')
  trouble.value = ''
  stopped.value = false
  seed++
  try {
    for (come.value = 0; come.value < all && !stopped.value; ) {
      const count = Math.min(AT_ONCE, all - come.value)
      const body = { funnel: funnel.value, seed, from: come.value, count, goesOn: [Number(goesOn.value), Number(tried.value)] }
      emit('counted', await api.post<ReachState>(`apps/${studio.app}/reach/people`, body))
      come.value += count
    }
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
  come.value = -1
}

async function forget() {
  trouble.value = ''
  try {
    emit('counted', await api.remove<ReachState>(`apps/${studio.app}/reach/sandbox`))
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
</script>

<template>
  <section class="made-up" aria-label="Made-up people">
    <h2 class="people-head">Try it with made-up people</h2>
    <p class="small">They are counted in the sandbox as everybody is, over the last four weeks, and come from made-up places. What is live stays as it is.</p>
    <p class="asked">
      Let <input v-model="many" class="blank-number wide" inputmode="numeric" aria-label="How many people" :disabled="come >= 0" /> people go along
      <select v-model="funnel" class="blank-select" aria-label="Along which funnel" :disabled="come >= 0">
        <option v-for="name in funnels" :key="name">{{ name }}</option></select
      >. Of a hundred at a step
      <input v-model="goesOn" class="blank-number" inputmode="numeric" aria-label="Go on, of a hundred" :disabled="come >= 0" />
      take the next one<template v-if="trial"
        >, and of those who are shown {{ trial.ways[1].screen }}
        <input v-model="tried" class="blank-number" inputmode="numeric" aria-label="Go on there, of a hundred" :disabled="come >= 0"
      /></template>.
    </p>
    <div class="made-up-acts">
      <template v-if="come >= 0">
        <v-progress-linear :model-value="(100 * come) / Math.max(1, many)" color="primary" class="grow" :aria-label="`${come} have come`" />
        <span class="small" role="status">{{ `${come.toLocaleString('en')} of ${Number(many).toLocaleString('en')} have come` }}</span>
        <v-btn size="small" variant="text" @click="stopped = true">Stop</v-btn>
      </template>
      <template v-else>
        <v-btn size="small" variant="tonal" color="primary" @click="begin">Let them come</v-btn>
        <v-btn size="small" variant="text" @click="forget">Forget all that was counted in the sandbox</v-btn>
      </template>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.made-up {
  padding-top: 8px;
  margin-top: 28px;
  border-top: 1px solid rgb(var(--v-theme-on-surface), 0.14);
}

.asked {
  max-width: 62ch;
  font: 400 1.125rem/2 var(--reading);
}

.blank-number,
.blank-select {
  padding: 0 4px;
  border: 0;
  border-bottom: 1.5px solid rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-primary));
  background: rgb(var(--v-theme-primary), 0.06);
  font: inherit;
  line-height: 1.5;
}

.blank-number {
  width: 3.2em;
  text-align: center;
}

.blank-number.wide {
  width: 4.6em;
}

.made-up-acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
</style>
