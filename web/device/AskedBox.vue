<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import type { Question } from '../contracts/view'
import InputBox from './lines/InputBox.vue'
import { entryOf } from './wrong'
import { own } from './own'

const props = defineProps<{ question: Question & { reply: (typed?: string) => void } }>()
const emit = defineEmits<{ close: [] }>()
/** The buttons name what they do: what was tapped, and that it is left. */
const never = computed(() => {
  if (props.question.box) return own('Never mind')
  const left = props.question.dangerous ? own('Keep it') : own('Not now')
  return props.question.no ?? (props.question.yes ? left : own('No'))
})
const typed = ref('')
const page = ref<HTMLElement>()

onMounted(() => nextTick(() => (props.question.box ? entryOf(page.value) : page.value?.querySelector<HTMLElement>('button'))?.focus()))
</script>

<template>
  <div ref="page" class="question" role="alertdialog" aria-modal="true" :aria-label="question.text" @keydown.esc="emit('close')">
    <form class="question-box" @submit.prevent="question.reply(question.box ? typed : undefined)">
      <p>{{ question.text }}</p>
      <InputBox v-if="question.box" v-model="typed" class="question-answer" :box="question.box" :error="question.wrong" />
      <button type="button" class="button quiet" @click="emit('close')">{{ never }}</button>
      <button class="button" :class="question.dangerous ? 'dangerous' : 'main'">{{ question.box ? own('Go on') : (question.yes ?? own('Yes')) }}</button>
    </form>
  </div>
</template>

<style>
.question-box {
  width: 100%;
  max-width: 420px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 9rem), 1fr));
  gap: 12px;
  padding: 20px;
  border-radius: 22px;
  background: var(--surface);
  color: var(--ink);
}
.question-box > p, .question-answer { grid-column: 1 / -1; }
</style>
