<script setup lang="ts">
import { computed } from 'vue'
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import { told } from '../recording'
import FileRow from './FileRow.vue'
import { useSending } from './useSending'

/** A film or a sound: looked at or listened to where it stands, made or chosen by a tap, and taken away again. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const film = computed(() => props.box.control === 'video')
const most = computed(() => props.box.most ?? null)
const what = computed(() => (film.value ? 'film' : 'sound'))

const { sending, went, send, cancel } = useSending(
  (name) => emit('update:modelValue', name),
  (text) => emit('trouble', text),
  async (file) => {
    const { seconds, poster } = await told(file, film.value)
    if (most.value !== null && seconds !== null && seconds > most.value + 0.5)
      throw new Error(`This lasts for ${most.value} seconds at the most; yours for ${Math.ceil(seconds)}. Please cut it, or choose another one.`)
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
      :words="`Choose ${modelValue ? 'another' : 'a'} ${what}…${most === null ? '' : ` up to ${most} s`}`"
      :none="!modelValue"
      :accept="film ? TAKEN.video : TAKEN.sound"
      :label="`${box.label}: ${modelValue ? 'another' : 'a'} ${what}`"
      :sending="sending"
      :went="went"
      @chosen="send"
      @cancel="cancel()"
    >
      <button v-if="modelValue && !box.required && !sending" type="button" :aria-label="`Take ${box.label} away`" @click="emit('update:modelValue', '')">
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
