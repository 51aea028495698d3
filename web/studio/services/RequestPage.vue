<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { PointOffer, PointOffers, ServiceRequest, ServiceState, Trial } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import { latest } from '../latest'
import ProseLines from '../prose/ProseLines.vue'
import { useWork } from '../useWork'
import JsonTree from './JsonTree.vue'
import KeepInStep from './KeepInStep.vue'
import SecretForm from './SecretForm.vue'
import type { ServicesKept } from './useServices'
import WhichSet from './WhichSet.vue'

const props = defineProps<{ service: ServiceState; request: ServiceRequest; kept: ServicesKept }>()
const studio = useStudio()
const router = useRouter()
const values = reactive<Record<string, string>>({})
const trial = ref<Trial | null>(null)
const preview = ref<Trial | null>(null)
const { busy, trouble, work, stop } = useWork()
const steps = ref<(string | number)[]>([])
const picked = ref('')
const offers = ref<PointOffer[]>([])
const known = computed(() => props.kept.of(props.service.at))
const sent = computed(() => trial.value?.sent ?? preview.value?.sent ?? null)
const body = computed(() => {
  try {
    return JSON.stringify(JSON.parse(sent.value?.body ?? ''), null, 2)
  } catch {
    return sent.value?.body ?? ''
  }
})
const media = (name: string) => `/media/${studio.state.value?.app.id}/${name}`

const asked = (more: object = {}) => ({ request: props.request.name, values, ...more })
let waiting = 0
const begin = latest()
function look() {
  clearTimeout(waiting)
  const isLatest = begin()
  waiting = window.setTimeout(async () => {
    const told = await api
      .post<Trial>(props.kept.path('/preview'), asked())
      .then((p) => ({ ...p, answer: null }))
      .catch(() => null)
    if (isLatest()) preview.value = told
  }, 150)
}
watch(
  [() => studio.state.value?.revision.number, props.kept.set, values],
  () => {
    trial.value = trial.value && { ...trial.value, sent: null }
    look()
  },
  { immediate: true },
)

const attempt = () =>
  work('try', async (signal) => {
    picked.value = ''
    trial.value = await api.post<Trial>(props.kept.path('/try'), asked(), signal)
    look()
    await props.kept.load()
  })

const make = (what: string, more: object) => studio.make(`services/${props.kept.set.value}/${what}`, asked(more))

const point = (at: (string | number)[]) =>
  work('', async () => {
    steps.value = at
    offers.value = (await api.post<PointOffers>(props.kept.path('/point'), asked({ steps: at }))).offers
    picked.value = JSON.stringify(at)
  })
const pick = (offer: number) =>
  work('', async () => {
    await make('pick', { steps: steps.value, offer })
    picked.value = ''
  })
const shape = (anew: boolean) => work('shape', () => make('shape', { anew }))
const further = (way: number) =>
  work('further', async () => {
    await make('further', { way })
    if (trial.value) trial.value.further = []
  })
const screens = () =>
  work('screens', async () => {
    const edited = await studio.make('edits', { edit: { do: 'makeScreens', request: props.request.name } })
    const made = studio.state.value?.screens.find((s) => s.at === edited?.made)
    if (made) {
      studio.open(made.slug)
      await router.push(`/apps/${studio.app}/screens/${made.slug}`)
    }
  })

const good = computed(() => (trial.value?.answer?.status ?? 0) >= 200 && (trial.value?.answer?.status ?? 0) < 300)
const control = (c: string) => (c === 'number' ? 'number' : 'text')
const size = (bytes: number) => (bytes < 1000 ? `${bytes} B` : `${(bytes / 1000).toFixed(1)} kB`)

async function remove() {
  if (await studio.edit({ do: 'remove', places: [props.request.at] })) await router.push(`/apps/${studio.app}/services`)
}
</script>

<template>
  <h1>
    {{ request.name }} <small class="small">of {{ service.name }}</small>
  </h1>
  <div class="request-parts">
    <div class="request-said"><ProseLines :lines="request.lines" :root="request.at" /></div>
    <section class="request-try" aria-label="Try it">
      <p class="request-set">
        <WhichSet :set="kept.set.value" @choose="kept.choose" />
      </p>
      <form @submit.prevent="attempt">
        <label v-for="t in request.takes" :key="t.key" class="service-ask"
          ><span class="small">{{ t.name }}</span>
          <select v-if="t.options.length" v-model="values[t.key]" class="roll-only">
            <option v-for="o in t.options" :key="o">{{ o }}</option>
          </select>
          <input
            v-else
            v-model="values[t.key]"
            class="grid-search"
            :type="control(t.control)"
            step="any"
            :placeholder="t.tried || t.begins"
            :aria-label="`${t.name}, to try it with`"
          />
        </label>
        <pre v-if="sent" class="message" aria-label="The message"><b>{{ sent.method }}</b> {{ sent.url }}
<template v-for="(value, name) in sent.headers" :key="name">{{ name }}: {{ value }}
</template><template v-if="sent.signs"><i>and the key, in {{ sent.signs }}</i>
</template><template v-for="piece in sent.pieces" :key="piece.name">{{ piece.name }} = {{ piece.value }}
</template><template v-if="body">
{{ body }}</template></pre>
        <p v-else-if="preview?.trouble" class="small">{{ preview.trouble }}</p>
        <pre v-else-if="!preview" class="message coming" role="status" aria-label="The message is being written"></pre>
        <BusyButton type="submit" color="primary" :busy="busy === 'try'">Try it</BusyButton>
        <v-btn v-if="busy === 'try'" variant="text" @click="stop">Stop</v-btn>
        <span v-if="trial?.cost ?? preview?.cost" class="small request-cost">about {{ trial?.cost ?? preview?.cost }}</span>
        <table v-if="preview?.forecast?.length" class="forecast small">
          <thead>
            <tr>
              <th scope="col">Size</th>
              <th v-for="n in preview.forecast[0].costs.length" :key="n" scope="col">{{ n }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in preview.forecast" :key="f.size">
              <th scope="row">{{ f.size }}</th>
              <td v-for="(c, i) in f.costs" :key="i">{{ c }}<br />{{ f.seconds[i] }}</td>
            </tr>
          </tbody>
        </table>
      </form>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <div v-if="trial" class="trial" role="status">
        <p v-if="trial.answer" class="trial-line">
          <b :class="{ good }">{{ trial.answer.status || 'No answer' }}</b> in {{ trial.answer.ms }} ms, {{ size(trial.answer.bytes)
          }}<template v-if="trial.rows !== undefined && good && request.kind === 'rest'"
            >, {{ trial.rows === 1 ? 'one row' : `${trial.rows} rows` }}</template
          >
        </p>
        <p v-if="trial.trouble" class="fault">{{ trial.trouble }}</p>
        <ul v-if="trial.signing?.length && !known?.asks.length" class="service-requests" aria-label="How Lanai signs in to it">
          <li v-for="way in trial.signing" :key="way">
            <button class="link" @click="studio.edit({ do: 'write', list: `${service.at}/signing`, text: way })">{{ service.name }} {{ way }}</button>
          </li>
        </ul>
        <SecretForm v-else-if="known && trial.answer?.status === 401" :service="known" :kept="kept" />
        <p v-for="r in trial.remarks ?? []" :key="r" class="small">{{ r }}</p>
        <div v-if="trial.files?.length" class="trial-files">
          <template v-for="f in trial.files" :key="f"
            ><audio v-if="/\.(wav|mp3)$/.test(f)" controls :src="media(f)" aria-label="What was read aloud" /><img
              v-else
              :src="media(f)"
              alt="What was drawn"
          /></template>
        </div>
        <details v-if="trial.answer">
          <summary class="small">{{ Object.keys(trial.answer.headers).length }} headers</summary>
          <pre class="message"><template v-for="(value, name) in trial.answer.headers" :key="name">{{ name }}: {{ value }}
</template></pre>
        </details>
        <template v-if="trial.answer?.isJson">
          <p v-if="request.kind === 'rest' && good" class="small">Point at what the app should use.</p>
          <div class="tree-frame">
            <JsonTree :value="trial.answer.json" :steps="[]" :picked="picked" @point="(s) => request.kind === 'rest' && point(s)">
              <ul class="tree-offers" aria-label="What can be made of it">
                <li v-for="(o, i) in offers" :key="i">
                  <button class="link" @click="pick(i)">{{ o.label }}</button> <code>{{ o.at }}</code>
                </li>
                <li v-if="!offers.length" class="small">Point at one of its values.</li>
              </ul>
            </JsonTree>
          </div>
        </template>
        <pre v-else-if="trial.answer?.text" class="message">{{ trial.answer.text }}</pre>
      </div>
      <div class="service-acts">
        <BusyButton
          v-if="request.kind === 'rest' && good && trial?.answer?.isJson"
          size="small"
          variant="tonal"
          :busy="busy === 'shape'"
          @click="shape(false)"
          >{{ request.shaped ? 'Widen the shape by this answer' : 'Keep this shape' }}</BusyButton
        >
        <BusyButton v-for="(way, i) in trial?.further ?? []" :key="way" size="small" variant="tonal" :busy="busy === 'further'" @click="further(i)">{{
          way
        }}</BusyButton>
        <BusyButton size="small" variant="tonal" :busy="busy === 'screens'" @click="screens">{{
          request.many && request.kind === 'rest' ? 'Make a list and its detail' : 'Make a screen of it'
        }}</BusyButton>
      </div>
    </section>
  </div>
  <KeepInStep v-if="request.kind === 'rest' && request.many" :request="request" :kept="kept" :values="values" />
  <p class="page-end"><v-btn variant="text" size="small" color="error" @click="remove">Remove this request</v-btn></p>
</template>
