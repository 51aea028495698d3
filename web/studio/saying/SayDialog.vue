<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import SayBox from './SayBox.vue'

/** The box in which a change is said, from wherever one is. */
const model = defineModel<boolean>({ required: true })
const props = defineProps<{ words: string }>()
const box = ref<InstanceType<typeof SayBox>>()
watch(model, async (open) => {
  await nextTick()
  if (!open) return
  if (props.words) box.value?.say(props.words)
  else box.value?.focus()
})
</script>

<template>
  <v-dialog v-model="model" max-width="760" aria-label="Say a change" location="top" scrollable>
    <v-card class="dialog">
      <SayBox id="say-anywhere" ref="box" @gone="model = false" />
    </v-card>
  </v-dialog>
</template>
