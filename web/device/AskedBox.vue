<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue'
import type { Question } from '../contracts/view'
import InputBox from './lines/InputBox.vue'

const props = defineProps<{ question: Question & { answer: (typed?: string) => void } }>()
const emit = defineEmits<{ close: [] }>()
const typed = ref('')
const page = ref<HTMLElement>()

onMounted(() => nextTick(() => page.value?.querySelector<HTMLElement>(props.question.box ? 'input, select, textarea' : 'button')?.focus()))
</script>

<template>
  <div ref="page" class="question" role="alertdialog" aria-modal="true" :aria-label="question.text" @keydown.esc="emit('close')">
    <form class="question-box" @submit.prevent="question.answer(question.box ? typed : undefined)">
      <p>{{ question.text }}</p>
      <InputBox v-if="question.box" v-model="typed" class="question-answer" :box="question.box" :error="question.wrong" />
      <button type="button" class="button quiet" @click="emit('close')">{{ question.box ? 'Never mind' : 'No' }}</button>
      <button class="button main">{{ question.box ? 'Go on' : 'Yes' }}</button>
    </form>
  </div>
</template>
