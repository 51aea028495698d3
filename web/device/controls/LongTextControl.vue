<script setup lang="ts">
import { nextTick, onMounted, ref, watch } from 'vue'
import type { Control } from '.'

/** Several lines; the box grows with what is written. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const area = ref<HTMLTextAreaElement>()

async function grow() {
  await nextTick()
  if (!area.value) return
  area.value.style.height = ''
  const more = area.value.scrollHeight - area.value.clientHeight
  if (more > 0) area.value.style.height = `${area.value.offsetHeight + more}px`
}
onMounted(grow)
watch(() => props.modelValue, grow)
</script>

<template>
  <textarea
    :id="id"
    ref="area"
    class="line-control long-text"
    rows="4"
    :value="modelValue"
    :placeholder="box.hint"
    :required="box.required"
    :aria-invalid="wrong"
    :aria-describedby="`${id}-wrong`"
    @input="emit('update:modelValue', ($event.target as HTMLTextAreaElement).value)"
  />
</template>

<style>
.line-control.long-text { height: 6.5rem; max-height: 60vh; resize: none; }
</style>
