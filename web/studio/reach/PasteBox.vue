<script setup lang="ts">
import { mdiCheck, mdiContentCopy } from '@mdi/js'
import { ref } from 'vue'

/** Something to be copied and pasted elsewhere. */
const props = defineProps<{ text: string; label: string }>()
const done = ref(false)
const trouble = ref('')

async function copy() {
  try {
    await navigator.clipboard.writeText(props.text)
    done.value = true
    trouble.value = ''
  } catch {
    trouble.value = 'The browser does not let Lanai copy it. Mark the text and copy it yourself.'
  }
}
</script>

<template>
  <div class="paste">
    <p class="small">{{ label }}</p>
    <div class="paste-box">
      <pre class="code" tabindex="0" :aria-label="label">{{ text }}</pre>
      <v-btn
        :icon="done ? mdiCheck : mdiContentCopy"
        size="small"
        variant="text"
        :aria-label="done ? `Copied: ${label}` : `Copy: ${label}`"
        title="Copy"
        @click="copy"
        @blur="done = false"
      />
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.paste {
  margin-block: 8px;
}

.paste p {
  margin: 0;
}

.paste-box {
  display: flex;
  align-items: flex-start;
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
}

.paste-box pre {
  flex: 1;
  min-width: 0;
  padding: 10px 12px;
  margin: 0;
  overflow-x: auto;
  font-size: 0.8125rem;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
