<script setup lang="ts">
defineProps<{ set: 'sandbox' | 'live' }>()
defineEmits<{ choose: [set: 'sandbox' | 'live'] }>()
</script>

<template>
  <span class="service-sets" role="group" aria-label="Data set"
    ><button
      v-for="s in ['sandbox', 'live'] as const"
      :key="s"
      type="button"
      class="service-set"
      :aria-pressed="set === s"
      @click="$emit('choose', s)"
    >
      {{ s }}
    </button></span
  >
</template>
