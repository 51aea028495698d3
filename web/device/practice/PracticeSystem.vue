<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import DeviceIcon from '../DeviceIcon.vue'
import { asked, set } from './practice'
import PhoneShade from './PhoneShade.vue'
import PracticeKeyboard from './PracticeKeyboard.vue'
import { SCENES, sceneOf } from './scenes'

/** The system of the phone that the deck shows: it asks for leave, and has a camera and a library with sample pictures. */
const props = defineProps<{ app: string }>()
const pictures = ref<{ file: File; at: string }[]>([])
/** What stands before the camera. */
const before = ref(0)
const words = computed(() => {
  if (asked.value?.of !== 'leave') return ''
  const wants = {
    camera: 'use the camera',
    location: 'know where this phone is',
    tracking: 'let networks of adverts know you again in other apps',
    messages: 'send you messages, also while it is closed',
  }
  return `${props.app} wants to ${wants[asked.value.for]}.`
})

watch(asked, async (now) => {
  if ((now?.of !== 'camera' && now?.of !== 'library') || pictures.value.length) return
  const made = await Promise.all(SCENES.map((_, i) => sceneOf(i)))
  pictures.value = made.map((file) => ({ file, at: URL.createObjectURL(file) }))
})
onUnmounted(() => {
  for (const { at } of pictures.value) URL.revokeObjectURL(at)
})
</script>

<template>
  <PracticeKeyboard v-if="set.keyboard" />
  <PhoneShade :app="app" />
  <div v-if="asked" class="question system" role="dialog" aria-modal="true" :aria-label="words || 'Picture'">
    <div v-if="asked.of === 'leave'" class="system-box">
      <p>{{ words }}</p>
      <p v-if="asked.for === 'location' && set.reason" class="system-why">It says: to {{ set.reason }}.</p>
      <button type="button" class="button quiet" @click="asked.answer(false)">Don’t allow</button>
      <button type="button" class="button" @click="asked.answer(true)">Allow</button>
    </div>
    <div v-else-if="asked.of === 'whence'" class="system-box one">
      <p>{{ asked.what }}</p>
      <button type="button" class="button" @click="asked.answer('camera')">Take a picture</button>
      <button type="button" class="button" @click="asked.answer('library')">From the library</button>
      <button type="button" class="button quiet" @click="asked.answer(null)">Never mind</button>
    </div>
    <div v-else-if="asked.of === 'library'" class="system-box library">
      <p>The library of this phone</p>
      <button v-for="(one, i) in pictures" :key="one.at" type="button" class="system-picture" :aria-label="SCENES[i]" @click="asked.answer(one.file)">
        <img :src="one.at" alt="">
      </button>
      <button type="button" class="button quiet" @click="asked.answer(null)">Never mind</button>
    </div>
    <div v-else class="system-camera">
      <img v-if="pictures.length" :src="pictures[before].at" :alt="`Before the camera: ${SCENES[before]}`">
      <div class="system-shutter">
        <button type="button" class="button quiet" @click="asked.answer(null)">Never mind</button>
        <button type="button" class="shutter" aria-label="Take it" :disabled="!pictures.length" @click="asked.answer(pictures[before].file)" />
        <button type="button" class="bar-button" aria-label="Look at something else" @click="before = (before + 1) % SCENES.length">
          <DeviceIcon name="chevron" />
        </button>
      </div>
    </div>
  </div>
</template>

<style>
.question.system { z-index: 40; }
.system-box {
  width: 100%;
  max-width: 380px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  padding: 20px;
  border-radius: 20px;
  background: #f4f6f5;
  color: #13292b;
}
.system-box > p { grid-column: 1 / -1; }
.system-box.one { grid-template-columns: 1fr; }
.system-why { font-size: .875rem; line-height: 1.25rem; }
.system .button { background: #13292b; color: #fff; }
.system .button.quiet { background: #dfe5e3; color: #13292b; }
.system-box.library { grid-template-columns: repeat(3, 1fr); }
.system-box.library > .button { grid-column: 1 / -1; }
.system-picture { padding: 0; border: 0; border-radius: 10px; overflow: hidden; background: #dfe5e3; cursor: pointer; }
.system-picture img { display: block; width: 100%; aspect-ratio: 1; object-fit: cover; }
.system-camera { position: absolute; inset: 0; display: flex; flex-direction: column; background: #000; }
.system-camera > img { flex: 1; min-height: 0; width: 100%; object-fit: cover; }
.system-shutter {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-block-start: auto;
  padding: 16px 20px calc(16px + var(--edge-bottom));
  color: #fff;
}
.system .system-shutter .button.quiet { background: none; color: #fff; }
.shutter { width: 64px; height: 64px; border: 4px solid #000; border-radius: 50%; outline: 3px solid #fff; background: #fff; cursor: pointer; }
</style>
