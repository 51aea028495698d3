<script setup lang="ts">
import { computed, defineAsyncComponent, inject, onMounted, ref, shallowRef, watch } from 'vue'
import type { PictureNode } from '../../contracts/view'
import { media, picture } from '../entry'
import { came, softly } from '../soft'
import type { Device } from '../useDevice'
import { own } from '../own'

const LargePicture = defineAsyncComponent(() => import('../LargePicture.vue'))
const props = defineProps<{ node: PictureNode }>()
const device = inject('device') as Device
const missing = ref(false)
watch(() => props.node.picture, () => (missing.value = false))

/** No wider than the page. */
const wide = computed(() => (props.node.shape === 'round' ? 96 : Math.min(innerWidth, 880)))
const place = ref<HTMLElement>()
const large = shallowRef<DOMRect | null>(null)
/** In something that does something itself, the tap is for that. */
const free = ref(false)
const opens = computed(() => props.node.opens === true && free.value && !missing.value && !device.busy.value)
onMounted(() => (free.value = !place.value?.parentElement?.closest('button, .taps')))
const open = () => opens.value && (large.value = place.value?.getBoundingClientRect() ?? null)
</script>

<template>
  <div
    ref="place"
    class="picture"
    :class="[node.shape, { none: missing || !node.picture, whole: node.whole, opens }]"
    :role="opens ? 'button' : undefined"
    :tabindex="opens ? 0 : undefined"
    :aria-label="opens ? own('{0}, look closer', node.alt || own('Picture')) : undefined"
    @click="open()"
    @keydown.enter.self.prevent="open()"
    @keydown.space.self.prevent="open()"
  >
    <img v-if="node.picture && !missing" :src="picture(node.picture, wide)" :alt="node.alt" :style="softly(node.picture)" @load="came" @error="missing = true">
    <span v-else-if="node.alt" role="img" :aria-label="node.alt" />
    <LargePicture v-if="large" :source="media(node.picture)" :alt="node.alt" :from="large" @close="large = null" />
  </div>
</template>

<style>
.picture {
  aspect-ratio: 16 / 10;
  max-height: 62vh;
  border-radius: var(--corner);
  overflow: hidden;
  background: color-mix(in srgb, var(--main) 14%, var(--ground));
}
.picture.square { aspect-ratio: 1; }
.picture.tall { aspect-ratio: 3 / 4; max-height: 80vh; }
.picture.banner { aspect-ratio: 3; }
.picture.round { aspect-ratio: 1; width: 96px; border-radius: 50%; }
main > .picture.round { width: 96px; margin-inline: max(0px, (100% - 880px) / 2) auto; }
.picture img { display: block; width: 100%; height: 100%; object-fit: cover; }
.picture.opens { cursor: zoom-in; }
.picture.whole img { object-fit: contain; }
</style>
