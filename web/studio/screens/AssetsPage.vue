<script setup lang="ts">
import { mdiClose, mdiContentCopy, mdiLinkVariant, mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import type { AssetState } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import UsedIn from '../prose/UsedIn.vue'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
const file = ref<HTMLInputElement>()
const sending = ref(false)
const trouble = ref('')
const used = ref('')

const quoted = (text: string) => `"${text.replace(/[\\"]/g, '\\$&')}"`

async function add(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (!chosen) return
  sending.value = true
  trouble.value = ''
  try {
    const form = new FormData()
    form.append('picture', chosen)
    const { name } = await api.post<{ name: string }>(`apps/${studio.app}/assets`, form)
    trouble.value = await studio.tryEdit({ do: 'addAsset', file: name, called: chosen.name })
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    sending.value = false
    if (file.value) file.value.value = ''
  }
}

async function change(asset: AssetState, key: 'name' | 'alt', text: string) {
  if (text !== asset[key]) trouble.value = await studio.fill(`${asset.at}/${key}`, key === 'alt' ? quoted(text) : text)
}

const address = (asset: AssetState) => `/media/${studio.state.value?.app.id}/${asset.file}`
</script>

<template>
  <h1>Assets</h1>
  <p class="quiet-note">Pictures, sounds and files that the app brings along. A formula calls one by its name, as in <code>asset.logo</code>.</p>
  <ul class="assets">
    <li v-for="asset in studio.state.value?.assets" :key="asset.at" class="asset">
      <img v-if="asset.picture" :src="address(asset)" :alt="asset.alt" />
      <audio v-else-if="asset.file.endsWith('.mp3')" controls preload="none" :src="address(asset)" :aria-label="asset.name" />
      <span v-else class="asset-file">{{ asset.file.split('.').pop() }}</span>
      <label>Name <input :value="asset.name" maxlength="60" @change="change(asset, 'name', ($event.target as HTMLInputElement).value)" /></label>
      <label v-if="asset.picture"
        >Described as
        <input :value="asset.alt" maxlength="200" placeholder="What it shows" @change="change(asset, 'alt', ($event.target as HTMLInputElement).value)"
      /></label>
      <span class="asset-tools">
        <code>{{ asset.says }}</code>
        <v-btn
          :icon="mdiContentCopy"
          size="x-small"
          variant="text"
          aria-label="Copy what a formula says"
          title="Copy what a formula says"
          @click="copy(asset.says)"
        />
        <v-btn :icon="mdiLinkVariant" size="x-small" variant="text" aria-label="Used in" title="Where this is used" @click="used = asset.at" />
        <v-btn
          :icon="mdiClose"
          size="x-small"
          variant="text"
          aria-label="Remove this asset"
          title="Remove"
          @click="studio.edit({ do: 'remove', places: [asset.at] })"
        />
      </span>
    </li>
  </ul>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <input ref="file" type="file" hidden accept="image/png,image/jpeg,image/webp,.mp3,.pdf,.txt,.csv,.zip" @change="add" />
  <BusyButton variant="tonal" color="primary" :prepend-icon="mdiPlus" :busy="sending" @click="file?.click()">Upload one</BusyButton>
  <UsedIn v-model="used" />
</template>

<script lang="ts">
const copy = (text: string) => navigator.clipboard?.writeText(text)
</script>
