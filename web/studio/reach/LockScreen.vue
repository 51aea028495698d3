<script setup lang="ts">
import { useStudio } from '../open/useStudio'

/** A message as it lies on a locked phone, in the feel of one of the two systems. */
defineProps<{ feel: 'ios' | 'android'; app: string; words?: { title: string; text: string; picture: string } }>()
const studio = useStudio()
const picture = (name: string) => (/^https?:/.test(name) ? name : `/media/${studio.app}/${name}?w=160`)
</script>

<template>
  <figure class="locked" :class="feel" :aria-label="feel === 'ios' ? 'On a phone with iOS' : 'On a phone with Android'">
    <span class="lock-time" aria-hidden="true">18:00</span>
    <div v-if="words" class="lock-one">
      <span class="lock-from">{{ app }}</span>
      <b class="lock-title">{{ words.title || '…' }}</b>
      <span v-if="words.text" class="lock-text">{{ words.text }}</span>
      <img v-if="words.picture" :src="picture(words.picture)" alt="" />
    </div>
    <figcaption>{{ feel === 'ios' ? 'iOS' : 'Android' }}</figcaption>
  </figure>
</template>

<style scoped>
.locked {
  margin: 0;
  font-family: inherit;
  display: flex;
  flex-direction: column;
  min-height: 230px;
  padding: 18px 8px 8px;
  border-radius: 18px;
  background: linear-gradient(#16353c, #2c5a5f 60%, #b58a5e);
  color: #fff;
}

.lock-time {
  text-align: center;
  font-size: 1.6rem;
  font-weight: 300;
}

.android .lock-time {
  padding-inline-start: 6px;
  text-align: start;
}

.lock-one {
  display: flex;
  flex-direction: column;
  gap: 1px;
  margin-top: 16px;
  padding: 8px 10px;
  border-radius: 14px;
  background: #f7f5f0;
  color: #16302f;
  font-size: 0.75rem;
  line-height: 1.3;
}

.android .lock-one {
  border-radius: 8px;
}

.lock-from {
  color: #43605d;
}

.lock-title,
.lock-text {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  overflow-wrap: anywhere;
}

.lock-title {
  -webkit-line-clamp: 2;
}

.lock-text {
  -webkit-line-clamp: 4;
}

.locked img {
  max-height: 70px;
  margin-top: 4px;
  border-radius: 8px;
  object-fit: cover;
}

.locked figcaption {
  margin-top: auto;
  padding-top: 8px;
  font-size: 0.75rem;
  text-align: center;
}
</style>
