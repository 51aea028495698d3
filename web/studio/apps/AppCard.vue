<script setup lang="ts">
import { mdiDotsHorizontal } from '@mdi/js'
import { onMounted, ref } from 'vue'
import type { AppEntry, AppSeen, AppsOfFounder } from '../../contracts/studio'
import { api, Declined } from '../api'
import ScreenThumb from '../open/ScreenThumb.vue'

/** One of one's apps: its icon, its first screen as it is now, how it stands, and what can be done with it as a whole. */
const props = defineProps<{ app: AppEntry }>()
const emit = defineEmits<{ changed: [AppsOfFounder]; twin: [id: number]; trouble: [sentence: string] }>()
const seen = ref<AppSeen>()
const naming = ref(false)
const removing = ref(false)
const busy = ref(false)
const name = ref(props.app.name)

onMounted(async () => {
  // Without its picture it is listed all the same.
  seen.value = await api.get<AppSeen>(`apps/${props.app.id}/seen`).catch(() => undefined)
})

async function doing(work: () => Promise<unknown>) {
  busy.value = true
  emit('trouble', '')
  try {
    await work()
    naming.value = removing.value = false
  } catch (error) {
    emit('trouble', error instanceof Declined ? error.message : String(error))
  } finally {
    busy.value = false
  }
}

const change = (to: { name: string } | { archived: boolean }) =>
  doing(async () => emit('changed', await api.patch<AppsOfFounder>(`apps/${props.app.id}`, to)))
const remove = () => doing(async () => emit('changed', await api.remove<AppsOfFounder>(`apps/${props.app.id}`)))
const double = () => doing(async () => emit('twin', (await api.post<{ id: number }>(`apps/${props.app.id}/twin`)).id))
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
const people = (count: number) => (count === 1 ? '1 person this week' : `${count.toLocaleString('en')} people this week`)
</script>

<template>
  <article class="app-card" :aria-label="app.name" :aria-busy="busy">
    <router-link :to="`/apps/${app.id}`" class="app-picture" tabindex="-1" aria-hidden="true">
      <ScreenThumb v-if="seen" :picture="seen.picture" :app="app.id" />
    </router-link>
    <div class="app-words">
      <img :src="`/api/apps/${app.id}/icon.png`" alt="" width="40" height="40" class="app-icon" loading="lazy" />
      <form v-if="naming" class="app-naming" @submit.prevent="change({ name })">
        <label :for="`name-${app.id}`" class="sr">A new name for {{ app.name }}</label>
        <input :id="`name-${app.id}`" v-model="name" class="filler-field" maxlength="60" @keydown.esc="naming = false" />
        <v-btn type="submit" size="small" color="primary" :disabled="!name.trim() || busy">Rename</v-btn>
      </form>
      <router-link v-else :to="`/apps/${app.id}`" class="app-name">{{ app.name }}</router-link>
      <p class="small">
        {{ app.state }}<template v-if="seen?.week !== undefined && seen.week !== null">, {{ people(seen.week) }}</template>
      </p>
      <p class="small">changed {{ day(app.changed) }}</p>
      <v-menu>
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu" :icon="mdiDotsHorizontal" variant="text" size="small" class="app-more" :aria-label="`More of ${app.name}`" />
        </template>
        <v-list density="compact">
          <v-list-item title="Rename" @click="naming = true" />
          <v-list-item title="Make a second one like it" @click="double" />
          <v-list-item :title="app.archived ? 'Take it out again' : 'Put it away'" @click="change({ archived: !app.archived })" />
          <v-list-item title="Remove" @click="removing = true" />
        </v-list>
      </v-menu>
    </div>
    <v-dialog v-model="removing" max-width="480" :aria-label="`Remove ${app.name}?`">
      <v-card class="dialog">
        <h2>Remove {{ app.name }}?</h2>
        <p>
          Nobody reaches it any more: not its people, not its packages on phones. You can bring it back within 30 days, with all its rows; after that it is
          gone for good.
        </p>
        <p v-if="seen?.week">{{ people(seen.week) }}: they will find it closed.</p>
        <div class="dialog-end">
          <v-btn variant="text" @click="removing = false">Keep it</v-btn>
          <v-btn color="error" :disabled="busy" @click="remove">Remove it</v-btn>
        </div>
      </v-card>
    </v-dialog>
  </article>
</template>

<style scoped>
.app-card {
  position: relative;
  display: flex;
  gap: 14px;
  min-width: 0;
  padding: 14px;
  border-radius: 18px;
  background: rgb(var(--v-theme-surface));
}

.app-picture {
  flex: none;
  width: 86px;
  height: 168px;
  border: 1px solid var(--line);
  border-radius: 12px;
  overflow: hidden;
  background: var(--tint);
}

.app-words {
  flex: 1;
  min-width: 0;
}

.app-icon {
  display: block;
  margin-block-end: 8px;
  border-radius: 10px;
}

.app-name {
  display: block;
  padding-inline-end: 8px;
  overflow-wrap: anywhere;
  font-size: 1.0625rem;
  font-weight: 650;
  line-height: 1.35;
  color: inherit;
  text-decoration: none;
}

.app-name:hover {
  text-decoration: underline;
}

.app-words .small {
  margin: 2px 0;
}

.app-naming {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.app-more {
  position: absolute;
  inset-block-start: 8px;
  inset-inline-end: 8px;
}
</style>
