<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiContentCopy, mdiContentDuplicate, mdiGroup, mdiPuzzleOutline, mdiTrashCanOutline } from '@mdi/js'
import { nextTick, ref } from 'vue'
import type { usePicked } from './usePicked'

const props = defineProps<{ picked: ReturnType<typeof usePicked> }>()
const { naming } = props.picked
const name = ref('')
const trouble = ref('')
const field = ref<HTMLInputElement>()

function ask() {
  naming.value = true
  nextTick(() => field.value?.focus())
}

async function extract() {
  trouble.value = await props.picked.extract(name.value)
  if (!trouble.value) naming.value = false
}
</script>

<template>
  <div class="picked-bar" role="toolbar" aria-label="Chosen lines">
    <span>{{ picked.picked.value.length }} lines</span>
    <v-btn :icon="mdiArrowUp" size="x-small" variant="text" aria-label="Move them up" title="Move up (Alt+Up)" @click="picked.move(-1)" />
    <v-btn :icon="mdiArrowDown" size="x-small" variant="text" aria-label="Move them down" title="Move down (Alt+Down)" @click="picked.move(1)" />
    <v-btn
      :icon="mdiContentCopy"
      size="x-small"
      variant="text"
      aria-label="Copy them"
      title="Copy as script (Ctrl+C)"
      @click="picked.copy(picked.picked.value[0])"
    />
    <v-btn
      :icon="mdiContentDuplicate"
      size="x-small"
      variant="text"
      aria-label="Put in a copy of them"
      title="A copy (Ctrl+D)"
      @click="picked.all('copy', picked.picked.value[0])"
    />
    <v-btn
      v-if="!picked.isEffects.value"
      :icon="mdiGroup"
      size="x-small"
      variant="text"
      aria-label="Put them into a group"
      title="Into a group (Ctrl+G)"
      @click="picked.all('group', picked.picked.value[0])"
    />
    <v-btn
      :icon="mdiPuzzleOutline"
      size="x-small"
      variant="text"
      :aria-label="picked.isEffects.value ? 'Make them a routine' : 'Make them a piece'"
      :title="picked.isEffects.value ? 'Make a routine of them' : 'Make a piece of them'"
      @click="ask"
    />
    <v-btn
      :icon="mdiTrashCanOutline"
      size="x-small"
      variant="text"
      aria-label="Remove them"
      title="Remove (Delete)"
      @click="picked.all('remove', picked.picked.value[0])"
    />
    <v-btn :icon="mdiClose" size="x-small" variant="text" aria-label="Choose none" title="Choose none (Esc)" @click="picked.clear()" />
    <form v-if="naming" class="picked-name" @submit.prevent="extract">
      <label
        >{{ picked.isEffects.value ? 'The routine is called' : 'The piece is called' }}
        <input ref="field" v-model="name" maxlength="60" @keydown.esc="naming = false"
      /></label>
      <v-btn type="submit" size="small" variant="tonal" color="primary">Make it</v-btn>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    </form>
  </div>
</template>
