<script setup lang="ts">
import QRCode from 'qrcode'
import { computed, ref, watch } from 'vue'
import type { WaysIn } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'
import ReleaseText from '../open/ReleaseText.vue'
import PasteBox from './PasteBox.vue'

const studio = useStudio()
const state = ref<WaysIn | null>(null)
const trouble = ref('')
const code = ref('')
const release = computed(() => studio.state.value?.release)
const stores = computed(() => [
  { phone: 'Android phones and tablets', page: state.value?.stores?.android },
  { phone: 'iPhones and iPads', page: state.value?.stores?.ios },
])
/** Its end would be that of this one. */
const SCRIPT = 'script'
/** One's own page as a phone would show it: the strip is the real one. */
const site = computed(
  () => `<!doctype html><html lang="en"><meta name="viewport" content="width=device-width"><title>Your own page</title>
<body style="margin:0;font:15px/1.6 Georgia,serif;color:#2b2f33"><main style="padding:18px"><h1 style="font-size:22px;margin:0 0 8px">Your own page</h1>
<p style="margin:0;color:#555">What you tell there stays as it is, below the strip.</p></main>
<${SCRIPT} src="/a/${studio.state.value?.app.slug}/strip.js?show=1"></${SCRIPT}></body></html>`,
)

async function load() {
  try {
    state.value = await api.get<WaysIn>(`apps/${studio.app}/ways-in`)
    trouble.value = ''
    code.value = state.value.link ? await QRCode.toDataURL(state.value.link, { width: 360, margin: 2, color: { dark: '#13292B', light: '#FFFFFF' } }) : ''
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
watch([() => studio.state.value?.revision.number, () => studio.state.value?.app.liveRevision], load, { immediate: true })
</script>

<template>
  <h1>Ways in</h1>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
  <p v-else-if="!state" class="quiet-note" role="status">One moment …</p>
  <p v-else-if="!state.live" class="quiet-note">
    Nothing is live yet, so there is nowhere to lead people. Make the app live in Release; a link into the sandbox is below each screen (“A link to it”).
  </p>
  <template v-else>
    <h2 class="people-head">One link for everybody</h2>
    <div class="ways-two">
      <div>
        <p>
          Whoever has the app on their phone comes into it. Others are led to the store for their phone as soon as the app is released there, and to the web
          until then. At a computer they see a code, and go on with their phone.
        </p>
        <PasteBox :text="state.link ?? ''" label="The link" />
        <ul class="ways-stores">
          <li v-for="one in stores" :key="one.phone">
            <strong>{{ one.phone }}</strong>
            <span v-if="one.page">{{ ' to ' }}<a :href="one.page" target="_blank" rel="noopener">the page in their store</a></span
            ><span v-else class="small">{{ ' to the web: in no store yet' }}</span>
          </li>
        </ul>
        <p class="small">
          Add “?from=a-word” to see how many came by it. For one screen, or one row, take “A link to it” in Screens: it is shown with a card of its
          own.
        </p>
      </div>
      <img v-if="code" :src="code" width="180" height="180" :alt="`QR code for ${state.link}`" />
    </div>

    <h2 class="people-head">A strip on your own website</h2>
    <div class="ways-two">
      <div>
        <p>It stands at the top of your pages on phones and tablets, in the language of whoever reads it. Closed, it stays away for 30 days.</p>
        <PasteBox :text="state.strip ?? ''" label="Paste this before the end of each page" />
        <PasteBox :text="state.manifest ?? ''" label="And this into the manifest of your website, if it has one" />
        <PasteBox v-if="state.meta" :text="state.meta" label="iPhones draw a strip of their own for this, in the head of each page" />
      </div>
      <iframe class="ways-phone" :srcdoc="site" title="Your page with the strip, as a phone shows it" sandbox="allow-scripts allow-same-origin" />
    </div>

    <h2 class="people-head">A badge for letters</h2>
    <div class="ways-two">
      <div>
        <p>A picture with the link behind it, for letters and for other people’s pages. Who comes by it is counted as coming from “letter”.</p>
        <PasteBox :text="state.badge ?? ''" label="Paste this into your letter" />
      </div>
      <div class="ways-phone ways-letter">
        <p>Dear swimmer,</p>
        <p>see you on Sunday!</p>
        <img :src="`${state.badgePicture}?${studio.state.value?.app.liveRevision}`" width="240" height="66" alt="The badge" />
      </div>
    </div>

    <h2 class="people-head">A card where links are posted</h2>
    <p>
      Drawn from the screen and the row that the link leads to: title, words and picture as somebody sees them who is not signed in. This is the one for the
      start.
    </p>
    <img class="ways-card" :src="`${state.card}?${studio.state.value?.app.liveRevision}`" width="480" height="252" alt="The card for the start of the app" />

    <h2 class="people-head">Links that open in the app on iPhones</h2>
    <p>
      Android packages have it by their key. For iPhones Lanai needs two things that only the maker’s pages for developers can tell you; leave them
      blank until
      you have them.
    </p>
    <div v-if="release" class="ways-ids">
      <ReleaseText at="/release/team" label="Your team: ten letters and digits" :value="release.team" short />
      <ReleaseText at="/release/listed" label="The app’s number in their store" :value="release.listed" short />
    </div>
    <p v-if="release?.team && !/^[A-Z0-9]{10}$/.test(release.team)" class="fault" role="alert">A team is ten capital letters and digits.</p>
    <p v-if="release?.listed && !/^\d{6,12}$/.test(release.listed)" class="fault" role="alert">A number in the store has six to twelve digits.</p>
  </template>
</template>

<style scoped>
.ways-two {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 28px;
  align-items: flex-start;
}

.ways-two > :first-child {
  flex: 1 1 300px;
  min-width: 0;
}

.ways-stores {
  padding: 0;
  margin-block: 8px;
  list-style: none;
}

.ways-phone {
  width: 320px;
  height: 170px;
  border: 1px solid rgb(var(--v-theme-on-surface), 0.2);
  border-radius: 16px;
  background: #fff;
}

.ways-letter {
  padding: 18px;
  color: #2b2f33;
}

.ways-letter p {
  margin: 0 0 8px;
}

.ways-card {
  max-width: 100%;
  height: auto;
  border-radius: 10px;
}

.ways-ids {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 0 20px;
}
</style>
