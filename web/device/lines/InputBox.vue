<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Box } from '../../contracts/view'
import { media } from '../entry'
import { server } from '../server'

const props = defineProps<{ box: Box; modelValue: string; error?: string }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const id = useId()
const sending = ref(false)
const trouble = ref('')

const wrong = computed(() => props.error || trouble.value)

/** The box shows the clock of this device; the server hears UTC. */
const localMoment = computed(() => {
  if (!props.modelValue) return ''
  const at = new Date(props.modelValue.includes('T') ? props.modelValue : `${props.modelValue.replace(' ', 'T')}Z`)
  if (Number.isNaN(at.getTime())) return ''
  return new Date(at.getTime() - at.getTimezoneOffset() * 60000).toISOString().slice(0, 16)
})

function setMoment(value: string) {
  emit('update:modelValue', value ? new Date(value).toISOString() : '')
}

async function setPicture(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  sending.value = true
  trouble.value = ''
  try {
    emit('update:modelValue', await server.picture(file))
  } catch (error) {
    trouble.value = (error instanceof Error && error.message) || 'The picture could not be sent. Please try again.'
  } finally {
    sending.value = false
  }
}
</script>

<template>
  <div class="box" :class="{ wrong }">
    <label :for="id">{{ box.label }}<span v-if="box.required" aria-hidden="true"> *</span></label>
    <input v-if="box.control === 'switch'" :id="id" type="checkbox" role="switch" :checked="modelValue === 'yes'" @change="emit('update:modelValue', ($event.target as HTMLInputElement).checked ? 'yes' : 'no')">
    <select v-else-if="box.control === 'row'" :id="id" :value="modelValue" :required="box.required" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @change="emit('update:modelValue', ($event.target as HTMLSelectElement).value)">
      <option value="">Choose…</option>
      <option v-for="choice in box.choices" :key="choice.id" :value="choice.id">{{ choice.label }}</option>
    </select>
    <template v-else-if="box.control === 'picture'">
      <img v-if="modelValue" class="box-picture" :src="media(modelValue)" alt="">
      <input :id="id" type="file" accept="image/png,image/jpeg,image/webp" :aria-busy="sending" @change="setPicture">
    </template>
    <input v-else-if="box.control === 'moment'" :id="id" type="datetime-local" :value="localMoment" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @change="setMoment(($event.target as HTMLInputElement).value)">
    <input v-else :id="id" type="text" :inputmode="box.control === 'number' ? 'decimal' : 'text'" :value="modelValue" :placeholder="box.hint" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)">
    <p v-if="wrong" :id="`${id}-wrong`" class="box-wrong">{{ wrong }}</p>
  </div>
</template>
