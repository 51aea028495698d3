<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { ProviderState, ProviderStates } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../frame/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import ProviderCard from './ProviderCard.vue'

const studio = useStudio()
const signIn = computed(() => studio.state.value?.signIn ?? [])
const roles = computed(() => studio.state.value?.roles ?? [])
const providers = ref<ProviderState[]>([])
const letterbox = ref('')
const ways = [
  { text: 'with e-mail and password', title: 'With e-mail and password' },
  { text: 'with a code by e-mail', title: 'With a code by e-mail' },
  { text: 'as a guest', title: 'As a guest' },
  { text: 'through New provider', title: 'Through an outside provider…' },
]
const taken = (text: string) => !text.startsWith('through') && signIn.value.some((line) => line.parts.map((p) => p.text).join(' ').startsWith(text))

watch(() => studio.state.value?.revision.number, async () => {
  if (!signIn.value.length) return
  try {
    const found = await api.get<ProviderStates>(`apps/${studio.app}/providers`)
    providers.value = found.providers
    letterbox.value = found.letterbox
  } catch (error) {
    studio.told(error)
  }
}, { immediate: true })

async function add(text: string) {
  const count = signIn.value.filter((l) => /^\/signIn\/ways\/\d+$/.test(l.at)).length
  if ((await studio.edit({ what: 'add', at: '/signIn/ways', text })) && text.startsWith('through')) studio.startFilling(`/signIn/ways/${count}/provider`)
}

async function addLeaving(text: string) {
  await studio.edit({ what: 'add', at: '/signIn/leaving', text })
}

async function addRole() {
  const n = roles.value.length
  if (await studio.edit({ what: 'add', at: '/roles', text: `role Role ${n + 1}` })) studio.startFilling(`/roles/${n}/name`)
}
</script>

<template>
  <h1>Ways in</h1>
  <div v-if="!signIn.length" class="quiet-note">
    <p>Nobody can sign in yet. Lanai writes it for you as ordinary sentences: a table of people, screens to sign up and sign in, an account screen with all that stores ask for. You change what you like.</p>
    <v-btn class="mt-3" color="primary" @click="studio.edit({ what: 'sign-in' })">Let people sign in</v-btn>
  </div>
  <template v-else>
    <ProseLines :lines="signIn" root="/signIn" />
    <div class="page-end">
      <v-menu>
        <template #activator="{ props: menu }"><v-btn v-bind="menu" variant="tonal" color="primary" size="small" :prepend-icon="mdiPlus">One more way</v-btn></template>
        <v-list density="compact"><v-list-item v-for="way in ways.filter((w) => !taken(w.text))" :key="way.text" :title="way.title" @click="add(way.text)" /></v-list>
      </v-menu>
      <v-menu>
        <template #activator="{ props: menu }"><v-btn v-bind="menu" variant="text" size="small" :prepend-icon="mdiPlus">When somebody leaves</v-btn></template>
        <v-list density="compact">
          <v-list-item title="Rows that go with them" @click="addLeaving('leaving takes along ___')" />
          <v-list-item title="Rows that stay, without their name" @click="addLeaving('leaving keeps ___')" />
        </v-list>
      </v-menu>
    </div>
    <h2 class="people-head">Roles</h2>
    <p v-if="!roles.length" class="small">This app has no roles: everybody who signs in may do the same.</p>
    <ProseLines v-else :lines="roles" root="/roles" />
    <div class="page-end"><v-btn variant="text" size="small" :prepend-icon="mdiPlus" @click="addRole">Add a role</v-btn></div>
    <template v-if="providers.length">
      <h2 class="people-head">Outside providers</h2>
      <div class="provider-cards"><ProviderCard v-for="p in providers" :key="`${p.name}/${p.set}`" :provider="p" @now="(now) => (providers = now)" /></div>
    </template>
    <p class="small people-post">Codes, invitations and letters go out by e-mail. For practice they arrive in the <a :href="letterbox" target="_blank" rel="noopener">Letterbox</a> and go no further.</p>
  </template>
</template>
