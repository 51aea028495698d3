<script setup lang="ts">
import { computed, ref } from 'vue'
import type { TableState } from '../../contracts/studio'

/** What can be done with marked rows at once. */
const props = defineProps<{ table: TableState; set: 'sandbox' | 'live'; marked: number; all: boolean; count: number }>()
const emit = defineEmits<{ remove: []; copy: []; markAll: []; none: []; put: [field: string, value: string] }>()
const field = ref('')
const value = ref('')
const asked = computed(() => props.table.fields.filter((f) => f.asked))
</script>

<template>
  <div class="grid-bulk" role="toolbar" aria-label="Marked rows">
    <strong>{{ all ? `All ${count} rows` : `${marked} marked` }}</strong>
    <button v-if="!all && count > marked" class="link" @click="emit('markAll')">Mark all {{ count }}</button>
    <button class="link" @click="emit('remove')">Remove</button>
    <template v-if="!all">
      <button class="link" @click="emit('copy')">Copy to {{ set === 'live' ? 'sandbox' : 'live' }}</button>
      <select v-model="field" aria-label="Field to set">
        <option value="">Set a field…</option>
        <option v-for="f in asked" :key="f.key" :value="f.key">{{ f.name }}</option>
      </select>
      <template v-if="field"
        ><input v-model="value" aria-label="Value to set" @keydown.enter="emit('put', field, value)" /><button class="link" @click="emit('put', field, value)">
          Set
        </button></template
      >
    </template>
    <button class="link" @click="emit('none')">Nothing</button>
  </div>
</template>
