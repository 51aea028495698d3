<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { Beginning, Beginnings, ProviderState, ProviderStates } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import ProviderCard from './ProviderCard.vue'

const studio = useStudio()
const signIn = computed(() => studio.state.value?.signIn ?? [])
const roles = computed(() => studio.state.value?.roles ?? [])
const providers = ref<ProviderState[]>([])
const letterbox = ref('')
/** What can be begun: further ways in, and what becomes of rows when somebody leaves. */
const ways = ref<Beginning[]>([])
const leaving = ref<Beginning[]>([])
async function ask(list: string): Promise<Beginning[]> {
  return api.get<Beginnings>(`apps/${studio.app}/beginnings?list=${encodeURIComponent(list)}`).then(
    (b) => b.beginnings,
    (error) => (studio.told(error), []),
  )
}
const capital = (text: string) => (text[0]?.toUpperCase() ?? '') + text.slice(1).replaceAll(' ___', ' …')
const taken = (one: Beginning) =>
  signIn.value.some((line) =>
    line.parts
      .map((p) => p.text)
      .join(' ')
      .startsWith(one.reads),
  )

async function add(one: Beginning) {
  const made = await studio.edit(one.edit)
  if (made?.next) studio.startFilling(made.next)
}

watch(
  () => studio.state.value?.revision.number,
  async () => {
    if (!signIn.value.length) return
    try {
      const found = await api.get<ProviderStates>(`apps/${studio.app}/providers`)
      providers.value = found.providers
      letterbox.value = found.letterbox
    } catch (error) {
      studio.told(error)
    }
  },
  { immediate: true },
)
</script>

<template>
  <h1>Ways in</h1>
  <div v-if="!signIn.length" class="quiet-note">
    <p>
      Nobody can sign in yet. Lanai writes it for you as ordinary sentences: a table of people, screens to sign up and sign in, an account screen with all
      that stores ask for. You change what you like.
    </p>
    <v-btn class="mt-3" color="primary" @click="studio.edit({ do: 'letPeopleIn' })">Let people sign in</v-btn>
  </div>
  <template v-else>
    <ProseLines :lines="signIn" root="/signIn" />
    <div class="page-end">
      <v-menu @update:model-value="async (open) => open && (ways = await ask('/signIn/ways'))">
        <template #activator="{ props: menu }"
          ><v-btn v-bind="menu" variant="tonal" color="primary" size="small" :prepend-icon="mdiPlus">One more way</v-btn></template
        >
        <v-list density="compact"
          ><v-list-item v-for="way in ways.filter((w) => !taken(w))" :key="way.reads" :title="capital(way.reads)" @click="add(way)"
        /></v-list>
      </v-menu>
      <v-menu @update:model-value="async (open) => open && (leaving = await ask('/signIn/leaving'))">
        <template #activator="{ props: menu }"
          ><v-btn v-bind="menu" variant="text" size="small" :prepend-icon="mdiPlus">When somebody leaves</v-btn></template
        >
        <v-list density="compact">
          <v-list-item v-for="one in leaving" :key="one.reads" :title="capital(one.reads)" @click="add(one)" />
        </v-list>
      </v-menu>
    </div>
    <h2 class="people-head">Roles</h2>
    <p v-if="!roles.length" class="small">This app has no roles: everybody who signs in may do the same.</p>
    <ProseLines v-else :lines="roles" root="/roles" />
    <div class="page-end"><v-btn variant="text" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/roles')">Add a role</v-btn></div>
    <template v-if="providers.length">
      <h2 class="people-head">Outside providers</h2>
      <div class="provider-cards"><ProviderCard v-for="p in providers" :key="`${p.name}/${p.set}`" :provider="p" @now="(now) => (providers = now)" /></div>
    </template>
    <p class="small people-post">
      Codes, invitations and letters go out by e-mail. For practice they arrive in the <a :href="letterbox" target="_blank" rel="noopener">Letterbox</a> and
      go no further.
    </p>
  </template>
</template>
