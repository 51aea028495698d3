<script setup lang="ts">
import { nextTick, ref } from 'vue'
import type { ServerState } from '../../contracts/studio'

const props = defineProps<{ server: ServerState; app: string; busy: boolean }>()
const here = defineModel<boolean>('here', { required: true })
const emit = defineEmits<{ keep: [address: string] }>()
const editing = ref(false)
const typed = ref('')
const field = ref<HTMLInputElement>()

function edit() {
  typed.value = props.server.address
  editing.value = true
  void nextTick(() => field.value?.select())
}

function keep() {
  if (!editing.value) return
  editing.value = false
  if (typed.value.trim() !== props.server.address) emit('keep', typed.value.trim())
}
</script>

<template>
  <div class="server-line">
    <div>
      Packages find {{ app }} at
      <form v-if="editing" class="server-form" @submit.prevent="keep">
        <input
          ref="field"
          v-model="typed"
          class="server-field"
          aria-label="The address of the server"
          inputmode="url"
          autocomplete="off"
          spellcheck="false"
          @blur="keep"
          @keydown.esc="editing = false"
        >
      </form>
      <button v-else class="server-blank" :disabled="busy" @click="edit">{{ server.address }}</button>.
      <span v-if="!server.refusal" class="small">It was reached from the outside.</span>
    </div>
    <template v-if="server.refusal">
      <p class="small" role="status">{{ server.refusal }}</p>
      <p class="server-choice">
        <label><input v-model="here" type="checkbox"> Build for this computer only, to try it out</label>
        <button class="link" :disabled="busy" @click="emit('keep', server.own ? server.address : '')">Look again</button>
        <button v-if="server.own" class="link" :disabled="busy" @click="emit('keep', '')">Use the address of this Lanai</button>
      </p>
    </template>
  </div>
</template>
