<script setup lang="ts">
import { nextTick, ref } from 'vue'
import type { OwnHostState, ReleaseState } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

/** The name on the web under which the app is found: said, shown to be one's own, and led here. */
const props = defineProps<{ own: OwnHostState | null; live: boolean; act: (call: () => Promise<unknown>) => Promise<void> }>()
const studio = useStudio()
const at = `apps/${studio.app}/own-host`
const editing = ref(false)
const busy = ref(false)
const typed = ref('')
const field = ref<HTMLInputElement>()

function edit() {
  typed.value = props.own?.host ?? ''
  editing.value = true
  void nextTick(() => field.value?.select())
}

async function doing(call: () => Promise<ReleaseState>) {
  busy.value = true
  await props.act(call)
  busy.value = false
}

async function keep() {
  if (!editing.value) return
  editing.value = false
  const host = typed.value.trim()
  if (host && host !== props.own?.host) await doing(() => api.post<ReleaseState>(at, { host }))
}
</script>

<template>
  <div class="server-line">
    <div>
      On the web it is found at
      <form v-if="editing" class="server-form" @submit.prevent="keep">
        <input
          ref="field"
          v-model="typed"
          class="server-field"
          aria-label="The name on the web"
          inputmode="url"
          autocomplete="off"
          spellcheck="false"
          placeholder="swim.example.com"
          @blur="keep"
          @keydown.esc="editing = false"
        >
      </form>
      <button v-else class="server-blank" :disabled="busy" @click="edit">{{ own ? own.host : 'the address of this Lanai' }}</button>.
      <span v-if="own?.proven" class="small">It was shown to be yours<template v-if="!live">; once the app is live it is found there</template>.</span>
    </div>
    <template v-if="own && !own.proven">
      <p class="small" role="status">Show that {{ own.host }} is yours, by one of these two. Where you got the name you can write into its DNS.</p>
      <dl class="proof">
        <dt>A text in the DNS (TXT)</dt>
        <dd>
          name <code>{{ own.record }}</code
          >, text <code>{{ own.text }}</code>
        </dd>
        <dt>Or a file, before the name leads here</dt>
        <dd>
          at <code>{{ own.file }}</code
          >, with <code>{{ own.text }}</code>
        </dd>
      </dl>
    </template>
    <p v-if="own" class="server-choice">
      <BusyButton v-if="!own.proven" size="small" color="primary" :busy="busy" @click="doing(() => api.post<ReleaseState>(`${at}/prove`))">Look now</BusyButton>
      <button class="link" :disabled="busy" @click="doing(() => api.remove<ReleaseState>(at))">Give the name up</button>
    </p>
    <details v-if="own">
      <summary>How the name leads here, with a certificate</summary>
      <ol>
        <li>
          In the DNS, let {{ own.host }} lead to this computer: an A record with its IPv4 address, and an AAAA record with its IPv6 address if it has one.
        </li>
        <li>On Debian, <code>apt install nginx python3-certbot-nginx</code>, and write this:</li>
      </ol>
      <pre class="code">{{ own.proxy }}</pre>
      <ol start="3">
        <li>
          <code>ln -s ../sites-available/{{ own.host }} /etc/nginx/sites-enabled/</code>, then <code>systemctl reload nginx</code>, then
          <code>certbot --nginx -d {{ own.host }}</code>: it gets the certificate and keeps it new.
        </li>
        <li>Start Lanai with <code>LANAI_TRUSTED_PROXIES=127.0.0.1</code>, so that it knows from where people come and that they come by https.</li>
      </ol>
    </details>
  </div>
</template>

<style scoped>
.proof {
  margin: 0;
}

.proof dt {
  font-weight: 600;
  margin-block-start: 6px;
}

.proof dd {
  margin: 0;
  overflow-wrap: anywhere;
}

details {
  margin-block-start: 8px;
}

summary {
  cursor: pointer;
}

pre {
  overflow-x: auto;
  padding: 8px 12px;
}
</style>
