<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Comparison, TableState } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ table: TableState; set: 'sandbox' | 'live'; ids: number[] }>()
const model = defineModel<boolean>({ required: true })
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
const found = ref<Comparison | null>(null)
const chosen = ref<number[]>([])
const trouble = ref('')
const said = ref('')
const busy = ref(false)
const other = { sandbox: 'live', live: 'sandbox' }
const path = () => `apps/${studio.app}/rows/${props.set}/${props.table.stored}`

/** What was found before stays until the new is there: nothing moves under a finger. */
async function look() {
  found.value = await api
    .get<Comparison>(`${path()}/compare`)
    .catch((error) => ((trouble.value = error instanceof Declined ? error.message : String(error)), null))
  chosen.value = (found.value?.rows ?? []).filter((row) => props.ids.includes(row.id)).map((row) => row.id)
}
watch(model, (open) => {
  trouble.value = said.value = ''
  found.value = null
  if (open) look()
})

async function copy() {
  busy.value = true
  trouble.value = ''
  try {
    const done = await api.post<{ copied: number }>(`${path()}/copy`, { ids: chosen.value })
    await look()
    said.value = `${done.copied} ${done.copied === 1 ? 'row' : 'rows'} copied.`
    emit('done')
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <v-dialog v-model="model" max-width="620" aria-label="Sandbox and live">
    <v-card class="dialog">
      <h2>{{ table.name }}: {{ set }} beside {{ other[set] }}</h2>
      <v-progress-linear v-if="!found && !trouble" indeterminate color="primary" aria-label="Comparing" />
      <template v-if="found">
        <p>{{ found.same }} are the same in both, {{ found.only }} stand in {{ other[set] }} alone.</p>
        <p v-if="!found.rows.length">There is nothing to copy from {{ set }} to {{ other[set] }}.</p>
        <ul v-else class="compared">
          <li v-for="row in found.rows" :key="row.id">
            <label
              ><input v-model="chosen" type="checkbox" :value="row.id" /> {{ row.label }}
              <span class="small">{{ row.kind === 'new' ? `not in ${other[set]}` : `differs in ${row.fields.join(', ')}` }}</span></label
            >
          </li>
        </ul>
        <p v-if="set === 'sandbox' && chosen.length" class="live-note">Copying changes the live rows, for everybody at once.</p>
      </template>
      <p v-if="said" role="status">{{ said }}</p>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <div class="dialog-end">
        <v-btn variant="text" @click="model = false">Close</v-btn>
        <BusyButton color="primary" :busy="busy" :disabled="!chosen.length" @click="copy">Copy {{ chosen.length }} to {{ other[set] }}</BusyButton>
      </div>
    </v-card>
  </v-dialog>
</template>
