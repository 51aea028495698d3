<script setup lang="ts">
import { computed } from 'vue'
import { useStudio } from './useStudio'
import type { ScreenPicture } from '../../contracts/studio'

/** Outside of an open app it is told of which one it is. */
const props = defineProps<{ picture?: ScreenPicture | null; app?: number }>()
const studio = props.app === undefined ? useStudio() : null
const theme = computed(() => props.picture ?? { main: '#888', background: '#fff', surface: '#fff', text: '#444' })
const fills = computed<Record<string, string>>(() => ({
  surface: theme.value.surface,
  button: theme.value.main,
  heading: theme.value.text,
  text: `color-mix(in srgb, ${theme.value.text} 55%, ${theme.value.surface})`,
  advert: 'url(#advert)',
}))
function media(name?: string) {
  if (!name || /^https?:/.test(name)) return name ?? ''
  return `/media/${props.app ?? studio?.state.value?.app.id}/${name}`
}
</script>

<template>
  <svg class="thumb" :viewBox="`0 0 ${picture?.width ?? 390} ${picture?.height ?? 760}`" aria-hidden="true" :style="{ background: theme.background }">
    <defs>
      <pattern id="advert" width="18" height="18" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="18" height="18" :fill="theme.surface" />
        <rect width="7" height="18" :fill="theme.text" opacity=".55" />
      </pattern>
    </defs>
    <template v-if="picture">
      <template v-for="(part, i) in picture.parts" :key="i">
        <image
          v-if="part.kind === 'picture' && part.media"
          :href="media(part.media)"
          :x="part.x"
          :y="part.y"
          :width="part.width"
          :height="part.height"
          preserveAspectRatio="xMidYMid slice"
        />
        <rect
          v-else-if="part.kind === 'picture'"
          :x="part.x"
          :y="part.y"
          :width="part.width"
          :height="part.height"
          :fill="`color-mix(in srgb, ${theme.main} 16%, ${theme.background})`"
          rx="12"
        />
        <rect
          v-else-if="fills[part.kind]"
          :x="part.x"
          :y="part.y"
          :width="part.width"
          :height="part.height"
          :fill="fills[part.kind]"
          :rx="part.kind === 'button' ? 20 : part.kind === 'surface' ? 12 : 4"
        />
      </template>
    </template>
  </svg>
</template>
