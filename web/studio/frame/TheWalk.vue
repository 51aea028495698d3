<script setup lang="ts">
import { mdiCellphoneLink, mdiCommentEditOutline, mdiDockRight, mdiHistory, mdiHelp, mdiRedo, mdiThemeLightDark, mdiUndo } from '@mdi/js'
import { computed, ref } from 'vue'
import { useTheme } from 'vuetify'
import OnMyPhone from '../deck/OnMyPhone.vue'
import BlankButton from '../prose/BlankButton.vue'
import ScriptDialog from './ScriptDialog.vue'
import TheMark from './TheMark.vue'
import { stations } from '../stations'
import { useStudio } from '../open/useStudio'

defineProps<{ station: string; deckOpen: boolean }>()
defineEmits<{ go: [station: string]; help: []; history: []; deck: []; say: [] }>()

const studio = useStudio()
const theme = useTheme()
const phone = ref(false)
const script = ref(false)
/** The stations with what the server counts of each. */
const walk = computed(() =>
  stations.map((s) => ({ name: s.name, ...(studio.state.value?.stations.find((c) => c.key === s.key) ?? { key: s.key, findings: 0, holds: 0, checks: 0 }) })),
)
const saved = computed(() => (studio.saving.value ? 'Saving…' : `Saved, revision ${studio.state.value?.revision.number}`))
const ring = (share: number) => `${(share * 56.55).toFixed(2)} 56.55`

function turn() {
  const next = theme.global.current.value.dark ? 'day' : 'night'
  theme.change(next)
  localStorage.setItem('lanai:theme', next)
}

/** What laying the screens out has shown counts with what was read. */
const counted = (s: { key: string; findings: number }) => s.findings + studio.beside.value.filter((f) => f.station === s.key).length
</script>

<template>
  <header class="walk">
    <router-link to="/" class="walk-mark" aria-label="Your apps"><TheMark /></router-link>
    <v-menu>
      <template #activator="{ props }"
        ><button class="walk-app" v-bind="props">{{ studio.state.value?.app.name }}</button></template
      >
      <v-list density="compact">
        <v-list-item title="Your apps" to="/" />
        <v-list-item title="Read the script" @click="script = true" />
        <v-list-item title="Save the script" :href="`/api/apps/${studio.app}/script`" />
        <v-list-item><BlankButton at="/name" kind="name" text="Rename this app" plain /></v-list-item>
      </v-list>
    </v-menu>
    <nav class="stations" aria-label="Stations">
      <button
        v-for="(s, i) in walk"
        :key="s.key"
        class="station"
        :aria-current="s.key === station ? 'step' : undefined"
        :aria-label="`${s.name}: ${counted(s)} findings, ${s.holds} of ${s.checks} checks hold`"
        :title="`${s.holds} of ${s.checks} checks hold (${i + 1})`"
        @click="$emit('go', s.key)"
      >
        <svg viewBox="0 0 24 24" width="24" height="24" aria-hidden="true">
          <circle cx="12" cy="12" r="9" class="ring-ground" />
          <circle cx="12" cy="12" r="9" class="ring" :stroke-dasharray="ring(s.checks ? s.holds / s.checks : 1)" transform="rotate(-90 12 12)" />
          <circle v-if="s.key === station" cx="12" cy="12" r="4" class="ring-here" />
        </svg>
        <span>{{ s.name }}</span>
        <span v-if="counted(s)" class="station-count">{{ counted(s) }}</span>
      </button>
    </nav>
    <span class="walk-saved" role="status">{{ saved }}</span>
    <v-btn
      :icon="mdiUndo"
      variant="text"
      size="small"
      aria-label="Undo"
      title="Undo (Ctrl+Z)"
      :disabled="!studio.state.value?.canUndo"
      @click="studio.undo()"
    />
    <v-btn
      :icon="mdiRedo"
      variant="text"
      size="small"
      aria-label="Redo"
      title="Redo (Ctrl+Shift+Z)"
      :disabled="!studio.state.value?.canRedo"
      @click="studio.redo()"
    />
    <v-btn :icon="mdiCommentEditOutline" variant="text" size="small" aria-label="Say a change" title="Say a change (Ctrl+K)" @click="$emit('say')" />
    <v-btn :icon="mdiHistory" variant="text" size="small" aria-label="History" title="History" @click="$emit('history')" />
    <v-btn :icon="mdiThemeLightDark" variant="text" size="small" aria-label="Light or dark" title="Light or dark" @click="turn" />
    <v-btn :icon="mdiHelp" variant="text" size="small" aria-label="Shortcuts" title="Shortcuts (?)" @click="$emit('help')" />
    <v-btn
      :icon="mdiDockRight"
      variant="text"
      size="small"
      :aria-label="deckOpen ? 'Fold the deck away' : 'Show the deck'"
      :title="deckOpen ? 'Fold the deck away' : 'Show the deck'"
      @click="$emit('deck')"
    />
    <v-btn variant="tonal" color="primary" size="small" :prepend-icon="mdiCellphoneLink" @click="phone = true">On my phone</v-btn>
    <OnMyPhone v-model="phone" />
    <ScriptDialog v-model="script" />
  </header>
</template>
