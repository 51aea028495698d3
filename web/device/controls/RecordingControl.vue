<script setup lang="ts">
import { computed } from 'vue'
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import { told } from '../recording'
import FileRow from './FileRow.vue'
import { useSending } from './useSending'
import { own } from '../own'

/** A film or a sound: looked at or listened to where it stands, made or chosen by a tap, and taken away again. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const film = computed(() => props.box.control === 'video')
const most = computed(() => props.box.most ?? null)
const called = computed(() => {
  if (film.value) return props.modelValue ? own('{0}: another film', props.box.label) : own('{0}: a film', props.box.label)
  return props.modelValue ? own('{0}: another sound', props.box.label) : own('{0}: a sound', props.box.label)
})
const words = computed(() => {
  const [one, another] = film.value ? [own('Choose a film…'), own('Choose another film…')] : [own('Choose a sound…'), own('Choose another sound…')]
  return (props.modelValue ? another : one) + (most.value === null ? '' : ` ${own('up to {0} s', most.value)}`)
})

const { sending, went, send, cancel } = useSending(
  (name) => emit('update:modelValue', name),
  (text) => emit('trouble', text),
  async (file) => {
    const { seconds, poster } = await told(file, film.value)
    if (most.value !== null && seconds !== null && seconds > most.value + 0.5)
      throw new Error(own('This lasts for {0} seconds at the most; yours for {1}. Please cut it, or choose another one.', most.value, Math.ceil(seconds)))
    return [file, poster]
  },
)
const TAKEN = { video: '.mp4,.mov,.webm,video/mp4,video/quicktime,video/webm', sound: '.mp3,.m4a,.ogg,.wav,audio/mpeg,audio/mp4,audio/ogg,audio/wav' }
</script>

<template>
  <span class="box-recording">
    <video
      v-if="modelValue && film"
      controls
      playsinline
      preload="metadata"
      :src="media(modelValue)"
      :poster="`${media(modelValue)}?poster=1`"
      :aria-label="box.label"
    />
    <audio v-else-if="modelValue" controls preload="metadata" :src="media(modelValue)" :aria-label="box.label" />
    <FileRow
      :id="id"
      :words="words"
      :none="!modelValue"
      :accept="film ? TAKEN.video : TAKEN.sound"
      :label="called"
      :sending="sending"
      :went="went"
      @chosen="send"
      @cancel="cancel()"
    >
      <button v-if="modelValue && !box.required && !sending" type="button" :aria-label="own('Take {0} away', box.label)" @click="emit('update:modelValue', '')">
        <DeviceIcon name="close" />
      </button>
    </FileRow>
  </span>
</template>

<style>
.box-recording { display: flex; flex-direction: column; gap: 8px; }
.box-recording video { display: block; width: 100%; max-width: 420px; aspect-ratio: 16 / 9; border-radius: calc(var(--corner) * .75); background: #000; }
.box-recording audio { width: 100%; height: 54px; }
.box-recording button {
  flex: none;
  display: grid;
  place-items: center;
  width: 48px;
  height: 48px;
  border: 0;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
</style>
