<script setup lang="ts">
import { inject } from 'vue'
import type { InboxNode } from '../../contracts/view'
import { picture } from '../entry'
import type { Device } from '../useDevice'
import { own } from '../own'

const props = defineProps<{ node: InboxNode }>()
const device = inject('device') as Device
const tap = (part: string) => device.tap(`${props.node.at}/${part}`, null)
const busy = (part: string) => device.isBusy(`${props.node.at}/${part}`)
</script>

<template>
  <section class="inbox" :aria-label="own('Inbox')">
    <p v-if="!node.messages.length" class="inbox-empty">{{ node.empty }}</p>
    <button
      v-for="one in node.messages"
      :key="one.id"
      type="button"
      class="inbox-one"
      :class="{ unread: !one.read }"
      :aria-busy="busy(`messages/${one.id}`)"
      @click="tap(`messages/${one.id}`)"
    >
      <span class="inbox-words">
        <span class="inbox-title"><span v-if="!one.read" class="heard">{{ `${own('Not read yet:')} ` }}</span>{{ one.title }}</span>
        <span v-if="one.text" class="inbox-text">{{ one.text }}</span>
        <span class="inbox-at">{{ one.at }}</span>
      </span>
      <img v-if="one.picture" :src="picture(one.picture, 56)" alt="" class="inbox-picture">
    </button>
    <button v-if="node.readsAll" type="button" class="button quiet" :aria-busy="busy('all')" @click="tap('all')">{{ own('All of it is read') }}</button>
  </section>
</template>

<style>
.inbox { display: flex; flex-direction: column; gap: 8px; }
.inbox-empty { padding: 20px 0; text-align: center; color: color-mix(in srgb, var(--ink) 76%, transparent); }
.inbox-one {
  display: flex;
  gap: 12px;
  min-height: 48px;
  padding: 12px 14px;
  border: 0;
  border-inline-start: 4px solid transparent;
  border-radius: var(--corner);
  background: var(--surface);
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}
.inbox-one.unread { border-inline-start-color: var(--main); }
.inbox-words { flex: 1; min-width: 0; display: flex; flex-direction: column; gap: 2px; }
.inbox-title { overflow-wrap: anywhere; }
.unread .inbox-title { font-weight: 650; }
.inbox-text { font-size: .9375rem; line-height: 1.375rem; overflow-wrap: anywhere; }
.inbox-at { font-size: .8125rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 76%, transparent); }
.inbox-picture { flex: none; width: 56px; height: 56px; border-radius: 10px; object-fit: cover; }
</style>
