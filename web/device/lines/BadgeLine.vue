<script setup lang="ts">
import type { BadgeNode } from '../../contracts/view'

defineProps<{ node: BadgeNode }>()
</script>

<template>
  <p class="badge-line"><span class="badge" :class="node.tone">{{ node.text }}</span></p>
</template>

<style>
.badge-line { height: auto; }
.badge {
  display: inline-block;
  padding: 2px 12px;
  border-radius: 14px;
  font-size: .875rem;
  line-height: 1.25rem;
  font-weight: 600;
  vertical-align: top;
  background: color-mix(in srgb, var(--main) 14%, var(--ground));
}
.badge.warning { background: #f4c95d; color: #13292b; }
.badge.fault { background: #b8322a; color: #fff; }
</style>
