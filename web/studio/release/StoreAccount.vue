<script setup lang="ts">
import { computed, ref } from 'vue'
import type { StoreStand, StoreStands } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

/** With whose account is handed in at a store, and whether this is the first version there or an update. */
const props = defineProps<{ store: { key: string; name: string }; stand: StoreStand | undefined }>()
const emit = defineEmits<{ stands: [StoreStands] }>()
const studio = useStudio()
const opened = ref(false)
const token = ref('')
const trouble = ref('')
/** What is there under other names: one of them may be this app. */
const others = computed(() => (props.stand?.record === 'none' ? props.stand.records.filter((one) => one.package !== props.stand?.package) : []))

async function act(call: () => Promise<StoreStands>) {
  try {
    emit('stands', await call())
    opened.value = false
    token.value = ''
    trouble.value = ''
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}

async function choose(name: string) {
  await studio.fill('/release/package', name)
  await act(() => api.get<StoreStands>(`apps/${studio.app}/stores`))
}
</script>

<template>
  <template v-if="stand">
    <p v-if="stand.trouble" class="small" role="status">{{ stand.trouble }}</p>
    <p class="small">
      <template v-if="stand.name">You hand in as <strong>{{ stand.name }}</strong>. </template>
      <button v-if="stand.own" class="link" @click="act(() => api.remove(`apps/${studio.app}/stores/${store.key}`))">Leave this account</button>
      <button v-else class="link" :aria-expanded="opened" @click="opened = !opened">Use an account of your own</button>
    </p>
    <form v-if="opened" class="account" @submit.prevent="act(() => api.post(`apps/${studio.app}/stores/${store.key}`, { token }))">
      <label :for="`token-${store.key}`">The token that {{ store.name }} has given you as a publisher; it stays on the server</label>
      <input :id="`token-${store.key}`" v-model="token" class="filler-field" type="password" autocomplete="off" required maxlength="4000" />
      <v-btn size="small" color="primary" type="submit">Connect it</v-btn>
    </form>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-if="stand.package && !stand.trouble" class="small">
      <template v-if="stand.record === 'yours'">
        {{ store.name }} has version {{ stand.version || '1' }}<template v-if="stand.versionCode"> ({{ stand.versionCode }})</template> of
        <span class="code">{{ stand.package }}</span
        >: the next one is an update.
      </template>
      <template v-else-if="stand.record === 'other'">
        <span class="fault">Another publisher has <span class="code">{{ stand.package }}</span> there.</span> Choose another package id, at “What it is”.
      </template>
      <template v-else><span class="code">{{ stand.package }}</span> is new there: the first version makes its record.</template>
    </p>
    <p v-if="others.length" class="small">
      Or is it one that you have there already?
      <button v-for="one in others" :key="one.package" class="link" @click="choose(one.package)">{{ one.package }} {{ one.version }}</button>
    </p>
  </template>
</template>

<style scoped>
p {
  margin: 4px 0;
}

.account {
  display: grid;
  gap: 6px;
  justify-items: start;
}

.account input {
  inline-size: min(100%, 26rem);
}

.link + .link {
  margin-inline-start: 12px;
}
</style>
