<script setup lang="ts">
import { mdiCellphoneLink, mdiCloudAlertOutline, mdiHelpCircleOutline } from '@mdi/js'
import { computed, onUnmounted, ref, watch } from 'vue'
import type { Account, Accounts } from '../../contracts/studio'
import type { Footprints, Outcome, Place } from '../../contracts/view'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import RehearseStandins from './RehearseStandins.vue'
import DeckDevice from './DeckDevice.vue'
import type { ErrandStep } from '../open/errand'
import FootprintsList from './FootprintsList.vue'

export interface Happening {
  id: number
  who: string
  tapped: string
  /** What it is about, where it is neither a tap nor a screen. */
  about: string
  ms: number
  outcome?: Outcome
  /** Why the screen cannot be shown; '' where it is. */
  problem: string
  /** What was tapped and typed until then; null where nobody knows. */
  way: ErrandStep[] | null
  footprints: Footprints
}

const MOST = 3
const studio = useStudio()
const people = studio.state.value?.people ?? []
const devices = ref([{ id: 0, size: 'phone', person: people[0]?.id ?? null }])
const parts = ref<InstanceType<typeof DeckDevice>[]>([])
const places = new Map<number, Place>()
const happenings = ref<Happening[]>([])
const why = ref('')
const over = ref('')
const asking = ref(false)
const accounts = ref<Account[] | null>(null)
/** The device that was used last. */
const used = ref(0)
let counted = 0
/** Services that ship with Lanai can be told to go wrong. */
const practises = computed(() => (studio.state.value?.services ?? []).some((s) => s.lines[0]?.parts.some((p) => p.text.includes('stand-in:'))))

const part = (id: number) => parts.value[devices.value.findIndex((d) => d.id === id)]
const pointed = ref('')
watch(
  () => studio.changes.value,
  () => parts.value.forEach((p) => p.order({ lanai: 'refresh' })),
)
watch(
  () => studio.pointed.value,
  (at) => (at === '' || at !== over.value) && (pointed.value = /^\/(screens|pieces)\/\d+(\/(lines|actions|sections)\/\d+)+/.exec(at)?.[0] ?? ''),
)
watch(
  () => studio.opened.value,
  (slug) => slug && parts.value[0]?.order({ lanai: 'open', ...slug }),
)

watch(
  () => studio.shownAdvert.value,
  (advert) => advert && parts.value[0]?.order({ lanai: 'advert', ...advert }),
)

watch(
  () => parts.value[0]?.who ?? '',
  (who) => studio.playedBy(who),
)
onUnmounted(() => studio.playedBy(''))

function add() {
  const id = Math.max(...devices.value.map((d) => d.id)) + 1
  const taken = devices.value.map((d) => d.person)
  devices.value.push({ id, size: id === 1 ? 'phone' : 'tablet', person: people.find((p) => !taken.includes(p.id))?.id ?? people[0]?.id ?? null })
}

function told(id: number, message: Record<string, unknown>) {
  if (message?.lanai === 'footprints' && message.footprints) {
    const outcome = message.outcome as Outcome | undefined
    places.set(id, message.place as Place)
    happenings.value = [
      {
        id: ++counted,
        who: part(id)?.who ?? '',
        problem: String(message.problem ?? ''),
        // Of the first device it is known how one came there.
        way: devices.value[0]?.id === id ? studio.way.value : null,
        tapped: String(message.tapped ?? ''),
        about: String(message.about ?? ''),
        ms: Number(message.ms),
        outcome,
        footprints: message.footprints as Footprints,
      },
      ...happenings.value,
    ].slice(0, 30)
    why.value = ''
    used.value = id
    studio.walk(String(message.tapped ?? ''), (message.place as Place).screen ?? '')
    // What a tap changed shows on the others at once.
    if (outcome?.done) parts.value.forEach((p, i) => devices.value[i]?.id !== id && p.order({ lanai: 'refresh' }))
  }
  if (message?.lanai === 'did' && devices.value[0]?.id === id) studio.did(message.step as ErrandStep)
  if (message?.lanai === 'over') studio.point((over.value = String(message.at ?? '')))
  if (message?.lanai === 'why') why.value = (message.account as { sentence: string }).sentence
  if (message?.lanai === 'pick') pick(id, String(message.at), message.item as number | null)
  if (message?.lanai === 'goto') studio.goTo(String(message.at))
}

async function pick(id: number, at: string, item: number | null) {
  asking.value = false
  try {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    accounts.value = (await api.device<Accounts>(`deck/${studio.app}/whence`, { zone, ...places.get(id), ...part(id)?.choice, at, item })).accounts
  } catch (error) {
    studio.told(error)
  }
}
</script>

<template>
  <aside class="deck" :class="`deck-${devices.length}`" aria-label="Deck">
    <div class="deck-head">
      <v-btn
        size="small"
        variant="text"
        :prepend-icon="mdiHelpCircleOutline"
        :active="asking"
        :aria-pressed="asking"
        title="Then tap a value in the app (or Shift and a tap)"
        @click="asking = !asking"
        >Where from?</v-btn
      >
      <v-menu v-if="practises" :close-on-content-click="false" location="bottom end">
        <template #activator="{ props: menu }"
          ><v-btn v-bind="menu" size="small" variant="text" :icon="mdiCloudAlertOutline" aria-label="Rehearse failure" title="Rehearse failure of services"
        /></template>
        <div class="deck-rehearse"><RehearseStandins /></div>
      </v-menu>
      <v-btn v-if="devices.length < MOST" size="small" variant="text" :prepend-icon="mdiCellphoneLink" @click="add()">One more device</v-btn>
    </div>
    <p v-if="asking" class="deck-asking" role="status">Tap what you want to know about.</p>
    <div class="deck-devices">
      <DeckDevice
        v-for="(d, i) in devices"
        :key="d.id"
        ref="parts"
        :size="d.size"
        :person="d.person"
        :first="i === 0"
        :asking="asking"
        :pointed="pointed"
        @told="told(d.id, $event)"
        @close="devices = devices.filter((o) => o.id !== d.id)"
      />
    </div>
    <FootprintsList
      :several="devices.length > 1"
      :happenings="happenings"
      :why="why"
      :accounts="accounts"
      @why="(at) => part(used)?.order({ lanai: 'why', at })"
      @forget="accounts = null"
    />
  </aside>
</template>
