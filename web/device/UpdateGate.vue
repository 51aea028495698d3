<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { Update } from '../contracts/view'
import { hand } from './hand'
import { own } from './own'

/** This version is too old to go on: the only way is to the newer one. */
defineProps<{ update: Update }>()
const page = ref<HTMLElement>()
onMounted(() => page.value?.querySelector('button')?.focus())
</script>

<template>
  <div ref="page" class="gate" role="alertdialog" aria-modal="true" :aria-label="own('This version is too old')">
    <h1>{{ own('This version is too old') }}</h1>
    <p>Version {{ update.version }} takes its place. What you have done here is kept.</p>
    <p v-if="update.news">{{ update.news }}</p>
    <button v-if="update.address" type="button" class="button main" @click="hand.open(update.address)">{{ own('Get it') }}</button>
    <p v-else>{{ own('Get it from the store that this app came from.') }}</p>
  </div>
</template>

<style>
.gate {
  position: absolute;
  inset: 0;
  z-index: 30;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 16px;
  padding: 24px;
  background: var(--ground);
  color: var(--ink);
}
.gate h1 { font-size: 1.5rem; line-height: 2rem; overflow-wrap: anywhere; }
</style>
