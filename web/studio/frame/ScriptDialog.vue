<script setup lang="ts">
import { ref, watch } from 'vue'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

const model = defineModel<boolean>({ required: true })
const studio = useStudio()
const text = ref('')
const trouble = ref('')
const busy = ref(false)

watch(model, async (open) => {
  if (!open) return
  trouble.value = ''
  text.value = await fetch(`/api/apps/${studio.app}/script`).then((r) => r.text())
})

async function apply() {
  busy.value = true
  trouble.value = await studio.tryEdit({ do: 'rewrite', text: text.value })
  if (!trouble.value) model.value = false
  busy.value = false
}
</script>

<template>
  <v-dialog v-model="model" max-width="860" aria-label="The script of this app">
    <v-card class="dialog">
      <h2>The whole app as text</h2>
      <p class="small">This is everything that Lanai knows of the app. What you change or paste here takes effect as one revision, which can be undone.</p>
      <v-textarea v-model="text" class="code" rows="20" spellcheck="false" aria-label="Script" />
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <div class="dialog-end">
        <v-btn variant="text" @click="model = false">Close</v-btn>
        <BusyButton color="primary" :busy="busy" @click="apply">Use this text</BusyButton>
      </div>
    </v-card>
  </v-dialog>
</template>
