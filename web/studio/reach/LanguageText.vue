<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { WordsOfText } from '../../contracts/studio'
import type { Proposed } from './useLanguage'

const props = defineProps<{
  text: WordsOfText
  tongue: string
  direction: 'ltr' | 'rtl'
  plurals: string[]
  proposed?: Proposed
  write: (text: WordsOfText, says: string) => Promise<string>
}>()
const emit = defineEmits<{ open: []; taken: [] }>()
const typed = ref(props.text.says)
const trouble = ref('')
const saving = ref(false)
watch(
  () => props.text.says,
  (now) => (typed.value = now),
)

/** Words that go by a number stand in the braces of their cases. */
const byNumber = computed(() => /\{\d+, plural,/.test(props.text.source))
const pieces = computed(() => props.text.source.split(/(\{\d+\})/))
const named = (piece: string) => props.text.values[Number(piece.slice(1, -1))] ?? piece
const about = computed(() => [props.text.where.join(', '), props.text.values.map((value, n) => `{${n}} ${value}`).join(', ')].filter(Boolean).join(' · '))
const rows = computed(() => Math.min(8, Math.max(1, Math.ceil(Math.max(props.text.source.length, typed.value.length) / 44))))

async function save(says: string) {
  if (says.trim() === props.text.says && !props.text.was) return
  saving.value = true
  trouble.value = await props.write(props.text, says)
  saving.value = false
  if (!trouble.value) emit('taken')
}

/** What is typed is kept as one leaves it; a text that is older than its source is written anew only when one says so. */
const left = () => (typed.value.trim() === props.text.says ? undefined : save(typed.value))

function take() {
  typed.value = props.proposed?.says ?? ''
  void save(typed.value)
}
</script>

<template>
  <li class="words-row">
    <div class="words-source">
      <p :class="{ 'words-place': text.at }" @click="emit('open')">
        <template v-for="(piece, i) in pieces" :key="i"
          ><span v-if="/^\{\d+\}$/.test(piece)" class="words-value" :title="piece">{{ named(piece) }}</span
          ><template v-else>{{ piece }}</template></template
        >
      </p>
      <p class="small">
        {{ about }}
      </p>
      <p v-if="text.was" class="words-was small">It said before: “{{ text.was }}”</p>
    </div>
    <div class="words-says">
      <textarea
        v-model="typed"
        :rows="rows"
        :lang="tongue"
        :dir="direction"
        :aria-label="`${text.source}, in ${tongue}`"
        :aria-invalid="!!trouble"
        :aria-busy="saving"
        @focus="emit('open')"
        @blur="left"
        @keydown.ctrl.enter.prevent="save(typed)"
      />
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <p v-for="doubt in text.doubts" :key="doubt" class="words-was small">{{ doubt }}</p>
      <p v-if="byNumber && !text.says" class="small">By the number: {{ plurals.join(', ') }}, each with its words in braces.</p>
      <p v-if="proposed?.says" class="words-proposed" :lang="tongue" :dir="direction">
        <i>{{ proposed.says }}</i> <button class="link" @click="take">Take it</button>
      </p>
      <p v-else-if="proposed" class="words-was small">{{ proposed.why }}</p>
      <button v-if="text.was" class="link" @click="save(typed)">It is still right</button>
    </div>
  </li>
</template>

<style>
.words-row { display: grid; grid-template-columns: 1fr 1fr; gap: 16px; padding-block: 10px; border-block-start: 1px solid rgba(var(--v-border-color), 0.12); }
.words-source p, .words-says p { margin: 0 0 4px; overflow-wrap: anywhere; color: rgb(var(--v-theme-on-surface)); }
.words-place { cursor: pointer; }
.words-value { padding-inline: 6px; border-radius: 6px; background: rgba(var(--v-theme-primary), 0.1); }
.words-was { color: rgb(var(--v-theme-warning-text, var(--v-theme-on-surface))); }
.words-says textarea {
  width: 100%;
  padding: 8px 10px;
  border: 1px solid rgba(var(--v-border-color), 0.2);
  border-radius: 10px;
  resize: vertical;
  background: rgb(var(--v-theme-surface));
}
.words-says textarea[aria-busy='true'] { opacity: 0.6; }
</style>
