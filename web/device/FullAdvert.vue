<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import { out, picture, seen, type Shown } from './adverts'

/** An advert over the whole screen. It can be closed at once; nobody is kept. */
const props = defineProps<{ shown: { advert: Shown; close: () => void } }>()
const shut = ref<HTMLButtonElement>()
const SECOND = 1000
let timer: ReturnType<typeof setTimeout> | undefined

const begin = () => {
  timer ??= setTimeout(() => seen(props.shown.advert.key).catch(() => undefined), SECOND)
}
onMounted(() => shut.value?.focus())
onUnmounted(() => clearTimeout(timer))
</script>

<template>
  <div class="full-advert" role="dialog" aria-modal="true" aria-label="Advert" @keydown.esc="shown.close()">
    <p class="full-advert-mark">Advert · {{ shown.advert.by }}</p>
    <button ref="shut" class="full-advert-close" aria-label="Close the advert" @click="shown.close()">✕</button>
    <img :src="picture(shown.advert.key)" alt="" @load="begin" @error="shown.close()" />
    <p class="full-advert-title">{{ shown.advert.title }}</p>
    <p>{{ shown.advert.words }}</p>
    <a class="button" :href="out(shown.advert.key)" target="_blank" rel="noopener noreferrer nofollow">{{ shown.advert.button }}</a>
  </div>
</template>

<style>
.full-advert {
  position: absolute;
  inset: 0;
  z-index: 40;
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 16px;
  background: var(--ground);
  color: var(--ink);
}
.full-advert-mark { min-height: 48px; padding-inline-end: 56px; font-size: .875rem; line-height: 48px; }
.full-advert-close {
  position: absolute;
  inset: 12px 12px auto auto;
  width: 48px;
  height: 48px;
  border: 0;
  border-radius: 24px;
  background: var(--surface);
  font-size: 1.125rem;
  color: inherit;
  cursor: pointer;
}
.full-advert > img { flex: 1; min-height: 0; width: 100%; object-fit: cover; border-radius: var(--corner); }
.full-advert-title { font-size: 1.25rem; font-weight: 650; }
</style>
