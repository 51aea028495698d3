<script setup lang="ts">
import QRCode from 'qrcode'
import { computed, ref, watch } from 'vue'
import { useStudio } from '../open/useStudio'
import { readSession, session } from '../session'

const model = defineModel<boolean>({ required: true })
const studio = useStudio()
const image = ref('')
const origin = computed(() => session.value?.network ?? window.location.origin)
const address = computed(() => `${origin.value}/s/${studio.state.value?.app.shareCode}`)
const isLocal = computed(() => ['localhost', '127.0.0.1'].includes(new URL(origin.value).hostname))

const closed = computed(() => session.value?.open === false && isLocal.value)

watch(model, async (open) => {
  if (!open) return
  // Where this Lanai is reached is asked each time: the network may be another by now.
  image.value = ''
  await readSession()
  image.value = await QRCode.toDataURL(address.value, { width: 260, margin: 2, color: { dark: '#13292B', light: '#FFFFFF' } })
})
</script>

<template>
  <v-dialog v-model="model" max-width="420" aria-label="On my phone">
    <v-card class="dialog phone">
      <h2>On my phone</h2>
      <template v-if="closed">
        <p>Now Lanai answers this computer only, and so no phone can reach it. To open it for phones in the same network, end it and start it again with</p>
        <p class="code phone-address">./lanai start --host 0.0.0.0</p>
        <p class="small">Then others in the network reach it, too: new founders sign up by invitation, and the demo’s account is closed.</p>
      </template>
      <template v-else>
        <p>Point the camera of a phone in the same network at this. It opens the sandbox; every edit shows there too.</p>
        <template v-if="image">
          <img :src="image" width="260" height="260" :alt="`QR code for ${address}`">
          <p class="code phone-address">{{ address }}</p>
        </template>
        <v-progress-linear v-else indeterminate color="primary" aria-label="Looking for the address of this computer" />
        <p v-if="isLocal" class="small">This computer is in no network now, so no phone can reach it. Connect it, then open this again.</p>
      </template>
      <div class="dialog-end"><v-btn variant="text" @click="model = false">Close</v-btn></div>
    </v-card>
  </v-dialog>
</template>
