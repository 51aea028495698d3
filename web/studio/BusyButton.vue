<script setup lang="ts">
import { onBeforeUnmount, onMounted, useTemplateRef } from 'vue'
import type { VBtn } from 'vuetify/components'

/** A button that shows what it has begun; the ring that turns in it has a name. What it sends is not sent twice. */
const props = defineProps<{ busy: boolean }>()
const button = useTemplateRef<VBtn>('button')
let form: HTMLFormElement | null = null

// Nobody can tap it meanwhile, but Enter in a field sends its form again.
function once(event: Event) {
  if (!props.busy) return
  event.preventDefault()
  event.stopImmediatePropagation()
}
onMounted(() => {
  const drawn = button.value?.$el as HTMLElement | undefined
  form = drawn?.closest('form') ?? null
  form?.addEventListener('submit', once, true)
})
onBeforeUnmount(() => form?.removeEventListener('submit', once, true))
</script>

<template>
  <v-btn ref="button" :loading="busy">
    <slot />
    <template #loader><v-progress-circular indeterminate width="2" size="20" aria-label="Under way" /></template>
  </v-btn>
</template>
