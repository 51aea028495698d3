<script setup lang="ts">
import { inject, onMounted, onUnmounted, ref } from 'vue'
import type { AdvertNode, ShownAdvert } from '../../contracts/view'
import { ask, out, picture, seen, standing, stands, wereAsked } from '../adverts'
import type { Device } from '../useDevice'
import { own } from '../own'

/** What stands in the place of an advert, once it is nearly in sight; the place itself is kept before any of this is here. */
const props = defineProps<{ node: AdvertNode; place: HTMLElement }>()
const device = inject('device') as Device
const shown = ref<ShownAdvert | null>(null)
/** So much of it for so long in view counts as seen. */
const HALF = 0.5
const SECOND = 1000
let timer: ReturnType<typeof setTimeout> | undefined
let asked = false

const near = new IntersectionObserver(
  ([one]) => {
    if (!one.isIntersecting || asked) return
    asked = true
    near.disconnect()
    void get()
  },
  { rootMargin: '200px' },
)
const eye = new IntersectionObserver(
  ([one]) => {
    clearTimeout(timer)
    if (one.intersectionRatio < HALF || !shown.value) return
    const { key } = shown.value
    timer = setTimeout(() => {
      eye.disconnect()
      seen(key)
    }, SECOND)
  },
  { threshold: [0, HALF] },
)

/** Whatever goes wrong, the place stays as it is and the app goes on. */
async function get() {
  const here = `${device.shown.value}:${props.node.at}`
  shown.value = standing(here)
  if (shown.value) return
  try {
    const answer = await ask(props.node.place, device.where())
    if (answer.ask) {
      wereAsked()
      return void device.go({ screen: answer.ask, args: [] })
    }
    shown.value = answer.advert
    if (answer.advert) stands(here, answer.advert)
  } catch {
    shown.value = null
  }
}
const begin = () => shown.value && eye.observe(props.place)

onMounted(() => near.observe(props.place))
onUnmounted(() => {
  clearTimeout(timer)
  near.disconnect()
  eye.disconnect()
})
</script>

<template>
  <template v-if="shown">
    <p class="advert-mark">{{ own('Advert') }} · {{ shown.by }}</p>
    <a class="advert-body" :class="{ tall: node.height > 100 }" :href="out(shown.key)" target="_blank" rel="noopener noreferrer nofollow">
      <img
        :src="picture(shown.key)"
        alt=""
        :style="{ height: `${node.height > 100 ? node.height - 92 : node.height}px` }"
        @load="begin"
        @error="shown = null"
      />
      <span class="advert-words"
        ><strong>{{ shown.title }}</strong
        ><span>{{ shown.words }}</span></span
      >
      <span class="advert-button">{{ shown.button }}</span>
    </a>
  </template>
</template>

<style>
.advert-mark {
  height: 20px;
  font-size: .75rem;
  line-height: 20px;
  color: color-mix(in srgb, var(--ink) 76%, transparent);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.advert-body {
  display: flex;
  align-items: center;
  gap: 10px;
  height: calc(100% - 20px);
  background: var(--surface);
  border-radius: 8px;
  overflow: hidden;
  color: inherit;
  text-decoration: none;
}
.advert-body img { width: 96px; flex: none; object-fit: cover; }
.advert-words { flex: 1; min-width: 0; display: flex; flex-direction: column; font-size: .8125rem; line-height: 1.125rem; }
.advert-words > * { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.advert-button { flex: none; margin-inline-end: 10px; padding: 6px 12px; border: 1px solid currentcolor; border-radius: 16px; font-size: .75rem; }
.advert-body.tall { flex-direction: column; align-items: stretch; gap: 4px; }
.advert-body.tall img { width: 100%; }
.advert-body.tall .advert-words { flex: none; padding-inline: 10px; }
.advert-body.tall .advert-button { align-self: flex-start; margin-inline-start: 10px; }
</style>
