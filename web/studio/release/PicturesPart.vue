<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'
import type { PicturesState, TakenPicture } from '../../contracts/studio'
import { api } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'

/**
 * Pictures of the running app for its pages in the stores.
 *
 * @prop tongue the language in which they are looked at
 */
const props = defineProps<{ tongue: string }>()
const studio = useStudio()
const state = ref<PicturesState | null>(null)
const trouble = ref('')
const size = ref('quay-phone')
/** One that is looked at by itself. */
const large = ref<TakenPicture | null>(null)
const before = ref(false)
const begin = latest()
let timer = 0

const lines = computed(() => studio.state.value?.pictures ?? [])
const taken = computed(() => state.value?.taken ?? null)
const underWay = computed(() => (state.value?.running && state.value.running.state !== 'failed' ? state.value.running : null))
const shown = computed(() => taken.value?.pictures.filter((one) => one.size === size.value && one.tongue === props.tongue) ?? [])
const stale = computed(() => taken.value?.pictures.filter((one) => one.stale).length ?? 0)
const changed = computed(() => taken.value?.pictures.filter((one) => one.before !== null).length ?? 0)
const source = (one: TakenPicture, width: number, id = taken.value?.id) => `/api/apps/${studio.app}/pictures/${id}/${one.tongue}/${one.name}.png?w=${width}`
const screens = computed(() => state.value?.proposed.join(', ') ?? '')

async function ask(call: () => Promise<PicturesState>) {
  const isLatest = begin()
  clearTimeout(timer)
  try {
    const found = await call()
    if (!isLatest()) return
    state.value = found
    trouble.value = ''
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Error ? error.message : String(error)
  }
  if (underWay.value) timer = window.setTimeout(load, 700)
}
const load = () => ask(() => api.get<PicturesState>(`apps/${studio.app}/pictures`))
const take = () => ask(() => api.post<PicturesState>(`apps/${studio.app}/pictures`))
async function cancel() {
  await api.remove(`apps/${studio.app}/builds/${underWay.value?.id}`)
  await load()
}

watch(() => studio.state.value?.revision.number, load)
onMounted(load)
onUnmounted(() => clearTimeout(timer))
</script>

<template>
  <section class="pictures" aria-label="Pictures">
    <h3>Pictures</h3>
    <p v-if="!lines.length">
      Nothing is said of pictures, so these screens are shown: {{ screens || 'none, as there are none yet' }}.
      <button v-if="screens" class="link" @click="studio.edit({ do: 'choosePictures' })">Choose them, and write words above them</button>
    </p>
    <template v-else>
      <ProseLines :lines="lines" root="/pictures" />
      <div class="page-end">
        <v-btn variant="text" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/pictures')">Add a picture</v-btn>
      </div>
    </template>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
    <p v-if="state?.refusal" class="small">{{ state.refusal }}</p>
    <p v-if="state?.running?.state === 'failed'" class="fault" role="alert">No pictures were taken. {{ state.running.log }}</p>
    <div v-if="underWay" class="under-way">
      <v-progress-linear
        :model-value="underWay.progress"
        :indeterminate="underWay.state === 'queued'"
        color="primary"
        height="6"
        rounded
        :aria-label="`${underWay.progress} percent of the pictures taken`"
      />
      <p class="small" role="status">{{ underWay.log || 'They are taken in a moment' }} … <button class="link" @click="cancel">Cancel</button></p>
    </div>
    <p v-else-if="state && !state.refusal" class="taking">
      <v-btn size="small" :color="stale || !taken ? 'secondary' : 'primary'" :variant="stale || !taken ? 'flat' : 'tonal'" @click="take">
        {{ taken ? 'Take them again' : 'Take the pictures' }}
      </v-btn>
      <span v-if="!taken" class="small">The app itself is photographed with its practice data: in each language, on phones and tablets of both stores.</span>
      <span v-else-if="stale" class="small">What {{ stale === 1 ? 'one of them shows' : `${stale} of them show` }} has changed since.</span>
      <span v-else class="small">They show the app as it is now.{{ changed ? ` ${changed} are not as they were the time before.` : '' }}</span>
      <a v-if="taken" :href="`/api/apps/${studio.app}/builds/${taken.id}/file`">Save all {{ taken.pictures.length }}</a>
    </p>
    <template v-if="taken">
      <div class="choices" role="group" aria-label="Kind of picture">
        <button v-for="one in taken.sizes" :key="one.key" class="choice" :aria-pressed="size === one.key" @click="size = one.key">{{ one.name }}</button>
      </div>
      <ul class="row" :aria-label="taken.sizes.find((one) => one.key === size)?.name">
        <li v-for="one in shown" :key="one.name">
          <button :aria-label="`Picture ${one.n + 1}, larger`" @click="((large = one), (before = false))">
            <img :src="source(one, 360)" :height="300" :width="Math.round((300 * one.width) / one.height)" :alt="`Picture ${one.n + 1}`" loading="lazy" />
          </button>
          <span v-if="one.stale" class="small mark">has changed since</span>
          <span v-else-if="one.before !== null" class="small">not as before</span>
        </li>
      </ul>
      <p v-if="!shown.length" class="small">There are none of this kind in this language yet.</p>
    </template>
    <v-dialog :model-value="!!large" max-width="760" @update:model-value="large = null">
      <div v-if="large" class="large">
        <img :src="source(large, 1000, (before && large.before) || taken?.id)" :alt="`Picture ${large.n + 1}`" />
        <p>
          {{ large.width }} by {{ large.height }} pixels.
          <button v-if="large.before !== null" class="link" :aria-pressed="before" @click="before = !before">
            {{ before ? 'As it is now' : 'As it was before' }}
          </button>
          <v-btn size="small" variant="text" @click="large = null">Close</v-btn>
        </p>
      </div>
    </v-dialog>
  </section>
</template>

<style scoped>
.pictures {
  display: grid;
  gap: 10px;
}

.pictures h3 {
  font-size: 1rem;
  font-weight: 600;
  margin: 6px 0 0;
}

.pictures p {
  margin: 0;
}

.taking {
  align-items: center;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
}

.row {
  display: flex;
  gap: 12px;
  list-style: none;
  margin: 0;
  overflow-x: auto;
  padding: 4px 2px 10px;
}

.row li {
  display: grid;
  flex: none;
  gap: 4px;
}

.row button {
  background: none;
  border: 0;
  border-radius: 10px;
  cursor: zoom-in;
  padding: 0;
}

.row img {
  border-radius: 10px;
  display: block;
}

.mark {
  color: rgb(var(--v-theme-secondary));
}

.large {
  background: rgb(var(--v-theme-surface));
  border-radius: 16px;
  display: grid;
  gap: 10px;
  justify-items: center;
  padding: 16px;
}

.large img {
  max-block-size: 74vh;
  max-inline-size: 100%;
}
</style>
