<script setup lang="ts">
import Cropper from 'cropperjs'
import 'cropperjs/dist/cropper.css'
import { onMounted, onUnmounted, ref } from 'vue'
import PickSheet from './PickSheet.vue'
import { own } from '../own'

/** What is wanted of a picture: its frame is drawn with a finger, two of them look closer, and it can be turned. */
const props = defineProps<{ picture: File; label: string }>()
const emit = defineEmits<{ done: [picture: File]; close: [] }>()
const SHAPES = [
  { name: own('Free'), ratio: NaN },
  { name: own('Square'), ratio: 1 },
  { name: own('Wide'), ratio: 16 / 9 },
]
const LONGEST = 1600
const image = ref<HTMLImageElement>()
const shape = ref(0)
const ready = ref(false)
const source = URL.createObjectURL(props.picture)
let cropper: Cropper | undefined

onMounted(() => {
  cropper = new Cropper(image.value!, {
    viewMode: 1,
    dragMode: 'move',
    autoCropArea: 1,
    background: false,
    toggleDragModeOnDblclick: false,
    ready: () => (ready.value = true),
  })
})
onUnmounted(() => {
  cropper?.destroy()
  URL.revokeObjectURL(source)
})

function take(index: number) {
  shape.value = index
  cropper?.setAspectRatio(SHAPES[index].ratio)
}

function done() {
  const type = props.picture.type === 'image/png' ? 'image/png' : 'image/jpeg'
  const cut = cropper?.getCroppedCanvas({ maxWidth: LONGEST, maxHeight: LONGEST, imageSmoothingQuality: 'high' })
  cut?.toBlob((blob) => blob && emit('done', new File([blob], props.picture.name, { type })), type, 0.9)
}
</script>

<template>
  <PickSheet :label="label" :ready="ready" @done="done()" @close="emit('close')">
    <div class="crop-room" dir="ltr" data-moves><img ref="image" :src="source" alt=""></div>
    <div class="crop-shapes" role="group" :aria-label="own('Shape')">
      <button v-for="(one, i) in SHAPES" :key="one.name" type="button" :aria-pressed="shape === i" @click="take(i)">{{ one.name }}</button>
      <button type="button" @click="cropper?.rotate(90)">{{ own('Turn') }}</button>
    </div>
  </PickSheet>
</template>

<style>
.crop-room { height: min(48vh, 420px); border-radius: var(--corner); overflow: hidden; background: #111; }
.crop-room img { display: block; max-width: 100%; }
.crop-room .cropper-view-box { outline-color: var(--main); }
.crop-room :is(.cropper-line, .cropper-point) { background-color: var(--main); }
.crop-room .cropper-point { width: 14px; height: 14px; border-radius: 50%; opacity: 1; }
.crop-room .point-se { width: 22px; height: 22px; }
.crop-shapes { display: flex; flex-wrap: wrap; gap: 8px; }
.crop-shapes button {
  flex: 1;
  min-height: 48px;
  padding: 0 12px;
  border: 1px solid color-mix(in srgb, var(--ink) 40%, transparent);
  border-radius: 24px;
  background: var(--surface);
  cursor: pointer;
}
.crop-shapes [aria-pressed='true'] { border-color: var(--main); background: var(--main); color: var(--on-main); }
</style>
