<script setup lang="ts">
import { useId } from 'vue'

/**
 * One stop on the way to people: its name and how it stands, and behind that what can be done there.
 *
 * @prop state how it stands, in a few words
 * @prop wants whether something there is to be put right
 */
defineProps<{ name: string; state: string; wants?: boolean }>()
const open = defineModel<boolean>('open', { required: true })
const id = useId()
</script>

<template>
  <section class="stop" :class="{ open, wants }" :aria-label="name">
    <h2 class="stop-head">
      <button :aria-expanded="open" :aria-controls="id" @click="open = !open">
        <span class="stop-mark" aria-hidden="true" />
        <span class="stop-name">{{ name }}</span>
        <span class="stop-state">{{ state }}</span>
      </button>
    </h2>
    <div v-if="open" :id="id" class="stop-body"><slot /></div>
  </section>
</template>

<style scoped>
.stop {
  border-inline-start: 2px solid var(--line);
  margin-inline-start: 8px;
  padding-block-end: 8px;
  position: relative;
}

.stop:last-child {
  border-inline-start-color: transparent;
  padding-block-end: 0;
}

.stop-head {
  font: inherit;
  margin: 0;
}

.stop-head button {
  align-items: baseline;
  background: none;
  border: 0;
  border-radius: 10px;
  color: inherit;
  cursor: pointer;
  display: flex;
  flex-wrap: wrap;
  font: inherit;
  gap: 2px 14px;
  inline-size: 100%;
  min-block-size: 40px;
  padding: 6px 10px 6px 24px;
  text-align: start;
}

.stop-head button:hover {
  background: color-mix(in srgb, rgb(var(--v-theme-primary)) 7%, transparent);
}

.stop-mark {
  background: rgb(var(--v-theme-background));
  block-size: 14px;
  border: 2px solid color-mix(in srgb, rgb(var(--v-theme-on-background)) 45%, transparent);
  border-radius: 50%;
  inline-size: 14px;
  inset-block-start: 14px;
  inset-inline-start: -8px;
  position: absolute;
}

.stop.open .stop-mark {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
}

.stop.wants .stop-mark {
  border-color: rgb(var(--v-theme-secondary));
}

.stop.wants.open .stop-mark {
  background: rgb(var(--v-theme-secondary));
}

.stop-name {
  font-size: 1.1rem;
  font-weight: 600;
}

.stop-state {
  color: var(--soft);
  font-size: 0.9rem;
}

.stop-body {
  display: grid;
  gap: 14px;
  padding: 8px 0 6px 24px;
}
</style>
