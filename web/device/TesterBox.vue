<script setup lang="ts">
import { nextTick, onMounted, onUnmounted, ref } from 'vue'
import { entry } from './entry'
import { own } from './own'
import { Declined, server } from './server'
import { languageKept } from './told'

/**
 * Whoever tries an app before it is in the stores tells from inside it how it is; shaking the phone opens it, too.
 *
 * @prop screen what they look at
 */
const props = defineProps<{ screen: string; args: (number | string)[] }>()
const open = ref(false)
const words = ref('')
const said = ref('')
const wrong = ref('')
const busy = ref(false)
const field = ref<HTMLTextAreaElement>()

async function show() {
  said.value = ''
  wrong.value = ''
  open.value = true
  await nextTick()
  field.value?.focus()
}

async function tell() {
  busy.value = true
  wrong.value = ''
  try {
    const { innerWidth: width, innerHeight: height } = window
    await server.post('/tell', { tester: entry.tester, words: words.value, screen: props.screen, args: props.args, width, height, language: languageKept() })
    words.value = ''
    open.value = false
    said.value = own('Thank you. It is told.')
  } catch (error) {
    wrong.value = error instanceof Declined ? error.message : own('There is no connection. Please try again.')
  } finally {
    busy.value = false
  }
}

/** Three strong pushes within a second. */
const HARD = 22
let pushes: number[] = []
function shaken({ accelerationIncludingGravity: pull }: DeviceMotionEvent) {
  if (!pull || open.value || Math.hypot(pull.x ?? 0, pull.y ?? 0, pull.z ?? 0) < HARD) return
  const now = Date.now()
  pushes = [...pushes.filter((at) => now - at < 1000), now]
  if (pushes.length < 3) return
  pushes = []
  void show()
}
onMounted(() => addEventListener('devicemotion', shaken))
onUnmounted(() => removeEventListener('devicemotion', shaken))
</script>

<template>
  <button v-if="!open" class="tester-pill" @click="show"><span>{{ own('Say how it is') }}</span></button>
  <p v-if="said && !open" class="message" role="status" @click="said = ''">{{ said }}</p>
  <div v-if="open" class="question" role="dialog" aria-modal="true" :aria-label="own('Say how it is')" @keydown.esc="open = false">
    <form class="question-box" @submit.prevent="tell">
      <label class="tester-words"
        >{{ own('What do you like here, and what not? A picture of it goes along.') }}
        <textarea ref="field" v-model="words" rows="4" maxlength="2000" required />
      </label>
      <p v-if="wrong" role="alert">{{ wrong }}</p>
      <button type="button" class="button quiet" @click="open = false">{{ own('Not now') }}</button>
      <button class="button main" :disabled="busy">{{ own('Tell it') }}</button>
    </form>
  </div>
</template>

<style>
.tester-pill {
  position: absolute;
  z-index: 3;
  inset-block-start: 50%;
  inset-inline-end: 0;
  min-width: 48px;
  padding: 14px 8px;
  border: 0;
  border-start-start-radius: 14px;
  border-end-start-radius: 14px;
  background: var(--ink);
  color: var(--surface);
  font-size: .875rem;
  cursor: pointer;
  opacity: .82;
  transform: translateY(-50%);
}
.tester-pill span { writing-mode: vertical-rl; }
.tester-words { grid-column: 1 / -1; display: grid; gap: 8px; }
.tester-words textarea {
  padding: 10px 12px;
  border: 1px solid color-mix(in srgb, var(--ink) 45%, transparent);
  border-radius: 12px;
  background: var(--ground);
  color: var(--ink);
}
</style>
