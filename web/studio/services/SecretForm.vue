<script setup lang="ts">
import { ref } from 'vue'
import type { ServiceBook, ServiceKept } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import { useWork } from '../useWork'
import type { ServicesKept } from './useServices'
import WhichSet from './WhichSet.vue'

const props = defineProps<{ service: ServiceKept; kept: ServicesKept }>()
const studio = useStudio()
const values = ref<Record<string, string>>({ name: props.service.secretName })
const { busy, trouble, work } = useWork()

const book = (call: () => Promise<ServiceBook>) =>
  work('keep', async () => {
    const of = props.kept.set.value
    props.kept.take(await call(), of)
    values.value = { name: values.value.name ?? '' }
  })

const keep = () => book(() => api.post<ServiceBook>(props.kept.path('/secret'), { service: props.service.name, ...values.value }))
const revoke = () => book(() => api.remove<ServiceBook>(`${props.kept.path('/secret')}?service=${encodeURIComponent(props.service.name)}`))
</script>

<template>
  <form class="service-card" :aria-label="`The key of ${service.name}`" @submit.prevent="keep">
    <h3>
      Key
      <WhichSet :set="kept.set.value" @choose="kept.choose" />
    </h3>
    <template v-if="service.asks.length">
      <p class="small">It goes into {{ service.place }}, on the server and nowhere else.</p>
      <p v-if="service.secret" class="provider-state good" role="status">
        <span class="finding-mark" aria-hidden="true" />Kept; it ends in {{ service.secret
        }}<template v-if="service.secretName">, for {{ service.secretName }}</template
        >.
      </p>
      <p v-else class="provider-state" role="status"><span class="finding-mark" aria-hidden="true" />None is kept for {{ kept.set.value }}.</p>
      <label v-for="ask in service.asks" :key="ask.part" class="service-ask"
        ><span class="small">{{ service.secret && ask.part === 'secret' ? `New ${ask.label.toLowerCase()}` : ask.label }}</span
        ><input
          v-model="values[ask.part]"
          class="grid-search"
          :type="ask.part === 'secret' ? 'password' : 'text'"
          autocomplete="off"
          :required="ask.part === 'secret'"
      /></label>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <div class="service-acts">
        <BusyButton type="submit" size="small" color="primary" variant="tonal" :busy="busy === 'keep'">{{
          service.secret ? 'Replace it' : 'Keep it'
        }}</BusyButton
        ><v-btn v-if="service.secret" size="small" variant="text" @click="revoke">Revoke</v-btn>
      </div>
    </template>
    <p v-else class="small">It asks for no key. If the service wants one, say how Lanai signs in.</p>
    <p v-if="studio.state.value?.app.liveRevision === null && kept.set.value === 'live'" class="small">The app is not live yet; the key waits.</p>
  </form>
</template>
