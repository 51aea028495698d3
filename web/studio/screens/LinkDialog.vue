<script setup lang="ts">
import { mdiContentCopy, mdiDownload } from '@mdi/js'
import QRCode from 'qrcode'
import { computed, ref, watch } from 'vue'
import type { LinkState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ slug: string; name: string }>()
const model = defineModel<boolean>({ required: true })
const studio = useStudio()
const state = ref<LinkState | null>(null)
const trouble = ref('')
const search = ref('')
const row = ref<number | null>(null)
const source = ref('')
const image = ref('')
const begin = latest()

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<LinkState>(`apps/${studio.app}/links/${encodeURIComponent(props.slug)}?search=${encodeURIComponent(search.value)}`)
    if (!isLatest()) return
    state.value = found
    trouble.value = ''
    if (!found.rows.some((one) => one.id === row.value)) row.value = found.rows[0]?.id ?? null
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
watch(model, (open) => open && load(), { immediate: true })
watch(search, load)

/** The server reads what stands before the #; programs that open links of an app read what follows it. */
const link = computed(() => {
  if (!state.value?.leads || (state.value.about && row.value === null)) return ''
  const place = encodeURIComponent(props.slug) + (state.value.about ? `/${row.value}` : '')
  // As the app counts it: one word.
  const word = source.value.trim().replace(/[^\w.-]+/g, '-')
  const from = word ? `&from=${word}` : ''
  return `${state.value.home}?at=${place}${from}#/${place}`
})
watch(link, async (now) => {
  image.value = now ? await QRCode.toDataURL(now, { width: 480, margin: 2, color: { dark: '#13292B', light: '#FFFFFF' } }) : ''
})
const copy = () => void navigator.clipboard?.writeText(link.value)
</script>

<template>
  <v-dialog v-model="model" max-width="520" :aria-label="`A link to ${name}`">
    <v-card class="dialog">
      <h2>A link to {{ name }}</h2>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
      <v-progress-linear v-else-if="!state" indeterminate color="primary" aria-label="Making the link" />
      <p v-else-if="!state.leads">This screen is told more than a link can say. Let a link lead to a screen from which people go on to it.</p>
      <template v-else>
        <p>
          It opens {{ name }} in the app where that is on the phone, and on the web elsewhere. Where it is posted, it shows title, words and picture as somebody
          sees them who is not signed in.
          <template v-if="!state.live">Nothing is live yet: it leads to the sandbox.</template>
        </p>
        <label v-if="state.about" class="link-field"
          >About
          <input v-model="search" type="search" :placeholder="`Search ${state.about}`" :aria-label="`Search ${state.about}`" />
          <select v-model="row" :aria-label="state.about">
            <option v-for="one in state.rows" :key="one.id" :value="one.id">{{ one.label }}</option>
          </select></label
        >
        <p v-if="state.about && !state.rows.length">There is none.</p>
        <label class="link-field"
          >Counted as coming from
          <input v-model="source" type="text" maxlength="40" placeholder="poster, newsletter …" aria-label="Source" /></label
        >
        <template v-if="link">
          <p class="code link-address">{{ link }}</p>
          <img v-if="image" :src="image" width="220" height="220" :alt="`QR code for ${link}`" />
        </template>
      </template>
      <div class="dialog-end">
        <v-btn v-if="image" variant="text" :prepend-icon="mdiDownload" :href="image" :download="`${slug}.png`">Save the code</v-btn>
        <v-btn v-if="link" variant="text" color="primary" :prepend-icon="mdiContentCopy" @click="copy">Copy the link</v-btn>
        <v-btn variant="text" @click="model = false">Close</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style>
.link-field { display: flex; flex-wrap: wrap; align-items: center; gap: 8px; margin-block: 8px; }
.link-field input, .link-field select {
  flex: 1;
  min-width: 140px;
  padding: 6px 10px;
  border: 1px solid rgba(var(--v-border-color), 0.2);
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
}
.link-address { overflow-wrap: anywhere; user-select: all; }
</style>
