<script setup lang="ts">
defineProps<{ size?: number }>()
</script>

<template>
  <svg :width="size ?? 30" :height="size ?? 30" viewBox="0 0 32 32" aria-hidden="true">
    <rect width="32" height="32" rx="8" fill="#0B6E5F" />
    <path d="M7 13 16 6l9 7" fill="none" stroke="#fff" stroke-width="2.6" stroke-linecap="round" stroke-linejoin="round" />
    <path
      d="M6 20c3.3 0 3.3-2.5 6.700-2.500S16 20 19.300 20s3.400-2.500 6.700-2.500"
      fill="none"
      stroke="#F4C95D"
      stroke-width="2.600"
      stroke-linecap="round"
    />
    <path
      d="M6 25.500c3.300 0 3.300-2.500 6.700-2.500s3.300 2.500 6.600 2.500 3.400-2.500 6.700-2.500"
      fill="none"
      stroke="#fff"
      stroke-width="2.600"
      stroke-linecap="round"
    />
  </svg>
</template>
