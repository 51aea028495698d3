<script setup lang="ts">
import { mdiContentCopy } from '@mdi/js'
import { ref } from 'vue'
import type { ProviderState, ProviderStates } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ provider: ProviderState }>()
const emit = defineEmits<{ now: [providers: ProviderState[]] }>()
const studio = useStudio()
const busy = ref(false)
const trouble = ref('')
const copied = ref(false)
const issuer = ref(props.provider.issuer)
const client = ref(props.provider.client)
const secret = ref('')

async function send(body: object) {
  busy.value = true
  trouble.value = ''
  try {
    const { providers } = await api.post<ProviderStates>(`apps/${studio.app}/providers/${props.provider.set}`, { name: props.provider.name, ...body })
    secret.value = ''
    emit('now', providers)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}

async function copy() {
  await navigator.clipboard?.writeText(props.provider.address).then(
    () => (copied.value = true),
    () => undefined,
  )
}
</script>

<template>
  <form class="provider" :aria-label="`${provider.name}, ${provider.set}`" @submit.prevent="send({ issuer, client, secret })">
    <h3>{{ provider.name }}, {{ provider.set }}</h3>
    <p class="provider-state" :class="{ good: provider.good }" role="status"><span class="finding-mark" aria-hidden="true" />{{ provider.state }}</p>
    <label class="small">Address to register with {{ provider.name }}</label>
    <p class="provider-address">
      <code>{{ provider.address }}</code
      ><v-btn
        :icon="mdiContentCopy"
        size="x-small"
        variant="text"
        :aria-label="copied ? 'Copied' : 'Copy the address'"
        :title="copied ? 'Copied' : 'Copy'"
        @click="copy"
      />
    </p>
    <v-text-field
      v-model="issuer"
      label="Address of the provider"
      placeholder="https://accounts.example"
      :hint="provider.practice ? 'Gatehouse, which ships with Lanai for practice' : ''"
      persistent-hint
      density="compact"
      variant="outlined"
      autocomplete="off"
    />
    <v-text-field v-model="client" label="Client id" density="compact" variant="outlined" hide-details autocomplete="off" />
    <v-text-field
      v-model="secret"
      label="Client secret"
      type="password"
      :placeholder="provider.secret ? `kept, ends in ${provider.secret}` : ''"
      persistent-placeholder
      density="compact"
      variant="outlined"
      hide-details
      autocomplete="new-password"
    />
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <div class="dialog-end">
      <BusyButton v-if="provider.client" variant="text" size="small" :busy="busy" @click="send({})">Check again</BusyButton>
      <BusyButton type="submit" variant="tonal" color="primary" size="small" :busy="busy">Keep and check</BusyButton>
    </div>
  </form>
</template>
