<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Box } from '../../contracts/view'
import { media } from '../entry'
import { server } from '../server'
import { smaller } from '../smaller'

const props = defineProps<{ box: Box; modelValue: string; error?: string; disabled?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const id = useId()
const sending = ref(false)
const trouble = ref('')

const types: Record<string, string> = { date: 'date', time: 'time', colour: 'color', email: 'email', password: 'password', phone: 'tel', web: 'url' }
/** What the phone's own store of addresses and passwords can fill in. */
const fills: Record<string, string> = { email: 'username', password: 'current-password', phone: 'tel' }
const located = 'geolocation' in navigator
const parted = computed(() => (props.box.control === 'rows' ? ', ' : '; '))
/** The longest first: a choice may hold the sign that stands between. */
const chosen = computed(() => {
  const found: string[] = []
  const known = props.box.choices.map((c) => c.id).sort((a, b) => b.length - a.length)
  for (let left = props.modelValue; left; left = left.replace(/^[;,\s]+/, '')) {
    const next = known.find((id) => left === id || left.startsWith(`${id}${parted.value.trim()}`))
    if (!next) break
    found.push(next)
    left = left.slice(next.length)
  }
  return found
})

function toggle(one: string) {
  const now = chosen.value.includes(one) ? chosen.value.filter((c) => c !== one) : [...chosen.value, one]
  emit('update:modelValue', now.join(parted.value))
}

function here() {
  navigator.geolocation.getCurrentPosition(
    (at) => emit('update:modelValue', `${at.coords.latitude.toFixed(5)}, ${at.coords.longitude.toFixed(5)}`),
    () => (trouble.value = 'This device does not tell where it is. Please write latitude and longitude.'),
  )
}

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
    emit('update:modelValue', await server.picture(props.box.control === 'picture' ? await smaller(file) : file))
  } catch (error) {
    trouble.value = (error instanceof Error && error.message) || 'The picture could not be sent. Please try again.'
  } finally {
    sending.value = false
  }
}
</script>

<template>
  <div class="box" :class="{ wrong }" :inert="disabled || undefined">
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
    <select v-else-if="box.control === 'choice'" :id="id" :value="modelValue" :required="box.required" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @change="emit('update:modelValue', ($event.target as HTMLSelectElement).value)">
      <option value="">Choose…</option>
      <option v-for="choice in box.choices" :key="choice.id" :value="choice.id">{{ choice.label }}</option>
    </select>
    <span v-else-if="box.control === 'choices' || box.control === 'rows'" :id="id" class="box-many" role="group" :aria-label="box.label">
      <label v-for="choice in box.choices" :key="choice.id"><input type="checkbox" :checked="chosen.includes(choice.id)" @change="toggle(choice.id)"> {{ choice.label }}</label>
    </span>
    <span v-else-if="box.control === 'rating'" :id="id" class="box-stars" role="radiogroup" :aria-label="box.label">
      <button v-for="choice in box.choices" :key="choice.id" type="button" role="radio" :aria-checked="modelValue === choice.id" :aria-label="choice.label" :class="{ on: Number(choice.id) <= Number(modelValue) }" @click="emit('update:modelValue', modelValue === choice.id ? '' : choice.id)">★</button>
    </span>
    <textarea v-else-if="box.control === 'longText'" :id="id" rows="4" :value="modelValue" :placeholder="box.hint" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @input="emit('update:modelValue', ($event.target as HTMLTextAreaElement).value)" />
    <span v-else-if="box.control === 'place'" class="box-place">
      <input :id="id" type="text" inputmode="text" :value="modelValue" :placeholder="box.hint || '50.1234, -5.5678'" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)">
      <button v-if="located" type="button" @click="here">Here</button>
    </span>
    <template v-else-if="box.control === 'file'">
      <a v-if="modelValue" :href="media(modelValue)" download>The file</a>
      <input :id="id" type="file" accept=".pdf,.txt,.csv,.mp3,.zip,image/png,image/jpeg,image/webp" :aria-busy="sending" @change="setPicture">
    </template>
    <input v-else-if="box.control === 'moment'" :id="id" type="datetime-local" :value="localMoment" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @change="setMoment(($event.target as HTMLInputElement).value)">
    <input v-else :id="id" :type="types[box.control] ?? 'text'" :inputmode="box.control === 'number' ? 'decimal' : undefined" :autocomplete="fills[box.control]" :value="modelValue" :placeholder="box.hint" :aria-invalid="!!wrong" :aria-describedby="`${id}-wrong`" @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)">
    <p v-if="box.help" class="box-help">{{ box.help }}</p>
    <p v-if="box.rest" class="box-help">{{ box.rest }}</p>
    <p v-if="wrong" :id="`${id}-wrong`" class="box-wrong">{{ wrong }}</p>
  </div>
</template>
