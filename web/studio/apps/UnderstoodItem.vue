<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import type { Correction, Item, Letters } from './understood'

/** A sentence of what was understood. Pointed at, it shows from which words it comes; tapped, it is put right. */
const props = defineProps<{ item: Item }>()
const emit = defineEmits<{ correct: [Correction[]]; point: [Letters | null] }>()

const TYPES: Record<string, string> = {
  text: 'a text',
  'long text': 'a long text',
  number: 'a number',
  money: 'money',
  'yes or no': 'yes or no',
  choice: 'a choice',
  date: 'a date',
  'date and time': 'a date and time',
  duration: 'a duration',
  place: 'a place',
  picture: 'a picture',
  video: 'a video',
  sound: 'a sound',
  file: 'a file',
  email: 'an e-mail address',
  phone: 'a phone number',
  'web address': 'a web address',
  colour: 'a colour',
}

/** What is open: the thing itself, one of its parts, or a part that is to be added. */
const open = ref('')
const name = ref('')
const type = ref('text')
const box = useTemplateRef<HTMLInputElement>('box')
const isThing = computed(() => props.item.at.startsWith('table '))
const thing = computed(() => props.item.at.slice('table '.length))
const kept = computed(() => props.item.says.replace(/^You keep ([^:.]+).*$/su, '$1'))
const part = computed(() => props.item.parts.find((one) => one.at === open.value))
const canCall = computed(() => open.value !== 'more' && (!part.value || part.value.type !== ''))

async function show(what: string) {
  open.value = open.value === what ? '' : what
  name.value = what === 'more' ? '' : (part.value?.name ?? thing.value)
  type.value = part.value?.type || 'text'
  if (!open.value) return
  emit('point', part.value?.from ?? props.item.from)
  await nextTick()
  box.value?.focus()
  box.value?.select()
}

function leaveOut(at: string) {
  open.value = ''
  emit('correct', [{ at, do: 'leave out' }])
}

function done() {
  const said = name.value.trim()
  const made: Correction[] = []
  if (open.value === 'more' && said) made.push({ at: props.item.at, do: 'add', to: said, as: type.value })
  else if (part.value) {
    if (type.value !== part.value.type) made.push({ at: part.value.at, do: 'type', as: type.value })
    if (said && said !== part.value.name) made.push({ at: part.value.at, do: 'call', to: said })
  } else if (said && said !== thing.value) made.push({ at: props.item.at, do: 'call', to: said })
  open.value = ''
  if (made.length) emit('correct', made)
}
</script>

<template>
  <li class="understood-item" @pointerleave="open || emit('point', null)" @keydown.esc.stop="open = ''">
    <template v-if="isThing">
      You keep
      <button
        type="button"
        class="part"
        :aria-expanded="open === item.at"
        :aria-label="`${kept}: put it right`"
        @pointerenter="emit('point', item.from)"
        @focus="emit('point', item.from)"
        @click="show(item.at)"
        v-text="kept"
      /><template v-if="item.parts.length">: </template>
      <template v-for="(one, i) in item.parts" :key="one.at"
        ><template v-if="i">, </template
        ><button
          type="button"
          class="part"
          :aria-expanded="open === one.at"
          :aria-label="`${one.says}: put it right`"
          @pointerenter="emit('point', one.from)"
          @focus="emit('point', one.from)"
          @click="show(one.at)"
          v-text="one.says" /></template
      >.
      <v-btn
        :icon="mdiPlus"
        size="x-small"
        variant="text"
        :aria-label="`Add something to ${kept}`"
        :aria-expanded="open === 'more'"
        @click="show('more')"
      />
    </template>
    <template v-else>
      <span @pointerenter="emit('point', item.from)">{{ item.says }}</span>
      <v-btn
        :icon="mdiClose"
        size="x-small"
        variant="text"
        :aria-label="`Leave out: ${item.says}`"
        @focus="emit('point', item.from)"
        @click="leaveOut(item.at)"
      />
    </template>
    <div v-if="open" class="put-right">
      <label v-if="open === 'more' || canCall">
        {{ open === 'more' ? 'What is it called?' : part ? 'It is called' : 'One of them is called' }}
        <input ref="box" v-model="name" class="filler-field" maxlength="40" @keydown.enter.prevent="done" />
      </label>
      <label v-if="open === 'more' || part?.type">
        It is
        <select v-model="type" class="filler-field" aria-label="It is">
          <option v-for="(says, key) in TYPES" :key="key" :value="key">{{ says }}</option>
        </select>
      </label>
      <span class="put-right-do">
        <v-btn v-if="open === 'more' || canCall" size="small" color="primary" @click="done">{{ open === 'more' ? 'Add it' : 'Done' }}</v-btn>
        <v-btn v-if="open !== 'more'" size="small" variant="text" @click="leaveOut(open)">Leave it out</v-btn>
        <v-btn size="small" variant="text" @click="open = ''">Close</v-btn>
      </span>
    </div>
  </li>
</template>

<style scoped>
.part {
  background: none;
  border: 0;
  border-block-end: 1px dotted currentcolor;
  color: inherit;
  cursor: pointer;
  font: inherit;
  padding: 0;
  text-align: start;
}

.part:hover,
.part[aria-expanded='true'] {
  color: rgb(var(--v-theme-primary));
}

.put-right {
  align-items: end;
  background: rgb(var(--v-theme-surface));
  border: 1px solid color-mix(in srgb, rgb(var(--v-theme-on-surface)) 20%, transparent);
  border-radius: 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-block: 6px 10px;
  padding: 10px 12px;
}

.put-right label {
  display: grid;
  flex: 1 1 10rem;
  font-size: 0.875rem;
}

/* Fingers are broader than pointers. */
@media (pointer: coarse) {
  .understood-item .v-btn {
    min-block-size: 36px;
    min-inline-size: 36px;
  }

  .part {
    padding-block: 4px;
  }
}

.put-right-do {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
