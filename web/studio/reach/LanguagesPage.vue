<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, onUnmounted, ref, watch } from 'vue'
import { useStudio } from '../open/useStudio'
import LanguageWords from './LanguageWords.vue'

const studio = useStudio()
const languages = computed(() => studio.state.value?.languages)
const further = computed(() => languages.value?.further ?? [])
const tongue = ref('')
const chosen = computed(() => further.value.find((one) => one.tongue === tongue.value))
const adding = ref('')

// The first language is open at once, and another where the one that was open is gone.
watch(
  further,
  (now) => {
    if (!now.some((one) => one.tongue === tongue.value)) tongue.value = now[0]?.tongue ?? ''
  },
  { immediate: true },
)

// The deck speaks the language that is worked on.
watch(tongue, (now) => studio.speak(now), { immediate: true })
onUnmounted(() => studio.speak(''))

async function add(tag: string) {
  adding.value = ''
  if (tag && (await studio.edit({ do: 'addLanguage', tongue: tag }))) tongue.value = tag
}
</script>

<template>
  <h1>Languages</h1>
  <p class="quiet-note">
    The words of the app are in {{ languages?.own.name }}. People get the language of their phone where the app speaks it, and else {{ languages?.own.name }}.
  </p>
  <div class="grid-bar tongues" role="group" aria-label="Languages of the app">
    <button
      v-for="one in further"
      :key="one.tongue"
      class="tongue"
      :aria-pressed="one.tongue === tongue"
      @click="tongue = one.tongue"
    >
      {{ one.name }}<span v-if="one.hidden" class="small"> not shown yet</span>
    </button>
    <label class="tongue-new"
      ><v-icon :icon="mdiPlus" size="16" />
      <select v-model="adding" aria-label="Add a language" @change="add(adding)">
        <option value="">Add a language …</option>
        <option v-for="one in languages?.others" :key="one.tongue" :value="one.tongue">{{ one.name }}</option>
      </select></label
    >
  </div>
  <LanguageWords v-if="chosen" :key="chosen.tongue" :language="chosen" />
</template>

<style>
.tongues { margin-block: 12px; justify-content: flex-start; flex-wrap: wrap; gap: 8px; }
.tongue { padding: 6px 14px; border-radius: 999px; border: 1px solid rgba(var(--v-border-color), 0.2); background: rgb(var(--v-theme-surface)); }
.tongue[aria-pressed='true'] { background: rgba(var(--v-theme-primary), 0.12); border-color: rgb(var(--v-theme-primary)); font-weight: 600; }
.tongue-new { display: inline-flex; align-items: center; gap: 4px; }
.tongue-new select { padding: 6px 10px; border: 1px solid rgba(var(--v-border-color), 0.2); border-radius: 999px; background: rgb(var(--v-theme-surface)); }
</style>
