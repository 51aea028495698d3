<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ReleaseData } from '../../contracts/studio'
import { api, Declined } from '../api'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'
import ReleaseBlank from './ReleaseBlank.vue'

const props = defineProps<{ data: ReleaseData }>()
const studio = useStudio()
const uploading = ref(false)
const findings = computed(() => studio.state.value?.findings.filter((f) => f.station === 'release') ?? [])
const oldest = computed(() => (props.data.oldest === null ? '' : String(props.data.oldest)))

async function upload(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  uploading.value = true
  const form = new FormData()
  form.append('picture', file)
  try {
    const { name } = await api.post<{ name: string }>(`apps/${studio.app}/assets`, form)
    await studio.fill('/release/icon', name)
  } catch (error) {
    studio.told(error instanceof Declined ? error : String(error))
  } finally {
    uploading.value = false
  }
}
</script>

<template>
  <div class="is">
    <div class="is-icon">
      <img :src="`/api/apps/${studio.app}/icon.png?r=${studio.state.value?.revision.number}`" width="88" height="88" alt="The app’s icon" />
      <label class="link"
        >Upload a picture<input type="file" class="sr" accept="image/png,image/jpeg,image/webp" :disabled="uploading" @change="upload"
      /></label>
      <button v-if="data.icon" class="link" @click="studio.edit({ do: 'remove', places: ['/release/icon'] })">Use the letter instead</button>
    </div>
    <div class="is-said">
      <p>
        In the stores it is called <ReleaseBlank at="/release/title" label="the title" :value="data.title" :most="30" />, and in short:
        <ReleaseBlank at="/release/summary" label="the short description" :value="data.summary" :most="80" />
      </p>
      <p>
        Phones know it as <ReleaseBlank at="/release/package" label="the package id" :value="data.package" />. This is version
        <ReleaseBlank at="/release/version" label="the version" :value="data.version" />, build
        <ReleaseBlank at="/release/build" label="the build number" kind="number" :value="String(data.build)" />.
      </p>
      <p v-if="!data.icon">
        Its icon is the letter <ReleaseBlank at="/release/letter" label="the icon’s letter" :value="data.letter" /> on
        <ReleaseBlank at="/release/colour" label="the icon’s colour" empty="the main colour" kind="colour" optional :value="data.colour" />.
      </p>
    </div>
  </div>
  <p class="is-long">Its page says: <ReleaseBlank at="/release/description" label="the full description" :value="data.description" :most="4000" /></p>
  <p>What is new in this version: <ReleaseBlank at="/release/news" label="what is new" empty="nothing yet" optional :value="data.news" :most="500" /></p>
  <p>
    People find it in the stores by its title, and by these words:
    <ReleaseBlank at="/release/words" label="words to search by" empty="none yet" optional :value="data.words" :most="100" />
  </p>
  <p>
    It uses where the phone is to
    <ReleaseBlank at="/release/location" label="what for" empty="nothing that is said" optional :value="data.location" :most="120" />.
  </p>
  <p>
    Whoever has a package below build
    <ReleaseBlank at="/release/oldest" label="the oldest build that may go on" empty="none" kind="number" optional :value="oldest" /> has to update.
  </p>
  <p>
    <label
      ><input
        type="checkbox"
        :checked="data.locked"
        @change="
          studio.edit(($event.target as HTMLInputElement).checked ? { do: 'offer', at: '/release/locked' } : { do: 'remove', places: ['/release/locked'] })
        "
      />
      Locked by fingerprint: on a phone it opens once the phone knows who holds it</label
    >
  </p>
  <p>
    <label
      ><input
        type="checkbox"
        :checked="!data.unmarked"
        @change="
          studio.edit(($event.target as HTMLInputElement).checked ? { do: 'remove', places: ['/release/unmarked'] } : { do: 'offer', at: '/release/unmarked' })
        "
      />
      In browsers its first page says at its foot that it was made with Lanai</label
    >
  </p>
  <FindingNote v-for="finding in findings" :key="finding.id" :finding="finding" />
</template>

<style scoped>
p {
  line-height: 1.75;
  margin: 0;
}

.is {
  align-items: flex-start;
  display: flex;
  gap: 22px;
}

.is-icon {
  align-items: center;
  display: flex;
  flex: none;
  flex-direction: column;
  gap: 6px;
  inline-size: 130px;
}

.is-icon img {
  border-radius: 22px;
}

.is-said {
  display: grid;
  gap: 8px;
}
</style>
