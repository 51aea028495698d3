<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { ServiceRequest, StepPlan } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import { useWork } from '../useWork'
import type { ServicesKept } from './useServices'

/** A table kept in step with a list that a service gives: what would change is seen first. */
const props = defineProps<{ request: ServiceRequest; kept: ServicesKept; values: Record<string, string> }>()
const studio = useStudio()
const router = useRouter()
const tables = computed(() => studio.state.value?.tables ?? [])
const table = ref(tables.value[0]?.name ?? '')
const fields = computed(() => tables.value.find((t) => t.name === table.value)?.fields.filter((f) => f.asked && !f.many) ?? [])
const key = ref('')
const removing = ref(false)
const plan = ref<StepPlan | null>(null)
const { busy, trouble, work, stop } = useWork()
watch(fields, (now) => (key.value = now.find((f) => /^(id|code|key|slug|number)$/i.test(f.name))?.name ?? now[0]?.name ?? ''), { immediate: true })
watch([table, key, removing], () => (plan.value = null))

const look = () =>
  work('look', async (signal) => {
    plan.value = await api.post<StepPlan>(
      props.kept.path('/step'),
      { request: props.request.name, values: props.values, table: table.value, key: key.value, removing: removing.value },
      signal,
    )
  })

async function write(every: 'day' | 'hour') {
  trouble.value = await studio.tryEdit({
    do: 'keepTableInStep',
    request: props.request.name,
    told: props.values,
    table: table.value,
    key: key.value,
    removing: removing.value,
    every,
  })
  if (!trouble.value) await router.push(`/apps/${studio.app}/services/runs`)
}
</script>

<template>
  <section class="service-card in-step" aria-label="Keep a table in step">
    <h3>Keep a table in step</h3>
    <p class="small">Rows are matched by a field; parts and fields of the same name belong together.</p>
    <label class="service-ask"
      ><span class="small">Table</span
      ><select v-model="table" class="roll-only">
        <option v-for="t in tables" :key="t.at">{{ t.name }}</option>
      </select></label
    >
    <label class="service-ask"
      ><span class="small">Matched by</span
      ><select v-model="key" class="roll-only">
        <option v-for="f in fields" :key="f.name">{{ f.name }}</option>
      </select></label
    >
    <label class="small"><input v-model="removing" type="checkbox" /> remove rows that the service does not give any more</label>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <div class="service-acts">
      <BusyButton size="small" variant="tonal" :busy="busy === 'look'" @click="look">See what would change</BusyButton
      ><v-btn v-if="busy === 'look'" size="small" variant="text" @click="stop">Stop</v-btn>
    </div>
    <div v-if="plan" role="status">
      <p>{{ plan.added }} new, {{ plan.changed }} changed, {{ plan.same }} as they are{{ removing ? `, ${plan.gone} removed` : '' }}.</p>
      <ul class="small step-lines">
        <li v-for="l in plan.lines" :key="l">{{ l }}</li>
      </ul>
      <p v-for="w in plan.wrong" :key="w" class="fault">{{ w }}</p>
      <div class="service-acts">
        <v-btn size="small" color="primary" @click="write('day')">Keep it so every day</v-btn
        ><v-btn size="small" variant="text" @click="write('hour')">Every hour</v-btn>
      </div>
    </div>
  </section>
</template>
