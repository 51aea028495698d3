<script setup lang="ts">
import { inject, nextTick, onMounted, ref, watch } from 'vue'
import type { ConversationNode, Footprints } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import { entry } from '../entry'
import { Declined, headers, server } from '../server'
import { beside } from '../session'
import { heard } from '../talk'
import type { Device } from '../useDevice'
import { own } from '../own'

const props = defineProps<{ node: ConversationNode }>()
const device = inject('device') as Device
const turns = ref<{ own: boolean; words: string }[]>([])
const words = ref('')
const busy = ref(false)
const trouble = ref('')
const list = ref<HTMLElement>()
/** The conversation is known by a name that this visit made; what was said is kept by the server. */
const talk = (sessionStorage.lanaiTalk ??= Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join(''))
const asked = (more: object) => ({ ...device.where(), screen: device.view.value?.screen ?? '', at: props.node.at, talk, ...more })
const box = ref<HTMLTextAreaElement>()
const NEAR = 60
/** The newest stays in sight, unless somebody is reading further up. */
async function down(anyway = false) {
  const here = list.value
  const near = anyway || !here || here.scrollHeight - here.scrollTop - here.clientHeight < NEAR
  await nextTick()
  if (near) list.value?.scrollTo(0, list.value.scrollHeight)
}

/** The field grows with what is written, up to some lines. */
watch(words, async () => {
  await nextTick()
  if (!box.value) return
  box.value.style.height = ''
  box.value.style.height = `${box.value.scrollHeight + 2}px`
})

function press(event: KeyboardEvent) {
  if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return
  event.preventDefault()
  void say()
}

onMounted(async () => {
  const { said } = await (server.post('/said', asked({})) as Promise<{ said: { role: string; content: string }[] }>).catch(() => ({ said: [] }))
  // Somebody may have said something before it was known what had been said.
  turns.value = [...said.map((s) => ({ own: s.role === 'user', words: s.content })), ...turns.value]
  await down(true)
})

async function say() {
  const said = words.value.trim()
  if (!said || busy.value) return
  busy.value = true
  trouble.value = ''
  words.value = ''
  turns.value.push({ own: true, words: said }, { own: false, words: '' })
  const answer = turns.value[turns.value.length - 1]
  const from = performance.now()
  await down(true)
  try {
    await heard<{ words?: string; trouble?: string; footprints?: Footprints }>(
      `${entry.base}/say`,
      { method: 'POST', headers: { 'Content-Type': 'application/json', ...headers() }, body: JSON.stringify({ beside, ...asked({ words: said }) }) },
      (event) => {
        if (event.words) answer.words += event.words
        if (event.trouble) trouble.value = event.trouble
        if (event.footprints) device.happened(props.node.at, from, event.footprints)
        void down()
      },
    )
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : own('There is no connection. Please try again.')
  }
  if (!answer.words) {
    turns.value.splice(-2)
    words.value = said
  }
  busy.value = false
}
</script>

<template>
  <section class="talk" :aria-label="own('Conversation')">
    <div ref="list" class="talk-said" role="log" tabindex="0" :aria-label="own('What was said')">
      <p v-if="node.begins" class="talk-turn">{{ node.begins }}</p>
      <p v-for="(turn, i) in turns" :key="i" class="talk-turn" :class="{ own: turn.own }">{{ turn.words || '…' }}</p>
    </div>
    <p v-if="trouble" class="talk-trouble" role="alert">{{ trouble }}</p>
    <form class="talk-say" @submit.prevent="say">
      <textarea
        ref="box"
        v-model="words"
        rows="1"
        dir="auto"
        enterkeyhint="send"
        :placeholder="node.hint"
        :maxlength="node.most"
        :aria-label="node.hint || own('What you say')"
        autocomplete="off"
        @keydown="press"
      />
      <button class="button talk-send" :disabled="busy || !words.trim()" :aria-label="own('Send')"><DeviceIcon name="send" /></button>
    </form>
  </section>
</template>

<style scoped>
.talk {
  display: flex;
  flex-direction: column;
  gap: 10px;
  height: 420px;
}
.talk-said {
  flex: 1;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.talk-turn {
  align-self: flex-start;
  max-width: 84%;
  padding: 10px 14px;
  border-radius: var(--corner);
  background: var(--surface);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.talk-turn.own {
  align-self: flex-end;
  background: color-mix(in srgb, var(--main) 14%, var(--surface));
}
.talk-trouble {
  color: #b8322a;
  font-size: 0.9375rem;
}
.talk-say {
  display: flex;
  gap: 8px;
}
.talk-say { align-items: flex-end; }
.talk-send { flex: none; display: grid; place-items: center; width: 50px; padding: 0; }
.talk-turn + .talk-turn { border-start-start-radius: 4px; }
.talk-turn.own + .talk-turn.own { border-start-end-radius: 4px; border-start-start-radius: var(--corner); }
.talk-say textarea {
  height: 50px;
  max-height: 9.5rem;
  resize: none;
  flex: 1;
  min-width: 0;
  min-height: 50px;
  padding: 10px 14px;
  border: 1px solid color-mix(in srgb, var(--ink) 40%, transparent);
  border-radius: var(--corner);
  background: var(--surface);
}
</style>
