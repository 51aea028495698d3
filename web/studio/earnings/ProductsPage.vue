<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import TideView from './TideView.vue'

const emit = defineEmits<{ open: [key: string] }>()
const studio = useStudio()
const products = computed(() => studio.state.value?.products ?? [])
const people = computed(() => studio.state.value?.tables.find((table) => table.people))
const entitlements = computed(() => people.value?.lines.filter((line) => line.parts.some((part) => part.text === 'is an entitlement')) ?? [])
</script>

<template>
  <h1>What is sold</h1>
  <template v-if="people">
    <p v-if="!products.length" class="quiet-note">
      Nothing yet. A product gives people something to have, such as being a member: an entitlement. Say it in two sentences: in the table {{ people.name }}
      “Member is an entitlement”, and here “product Membership is a subscription, giving Member”, with a plan for each way to pay.
    </p>
    <ProseLines v-else :lines="products" root="/products" />
    <div class="page-end">
      <v-btn :variant="products.length ? 'text' : 'tonal'" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/products')"
        >Add a product</v-btn
      >
      <v-btn v-if="products.length" variant="text" size="small" @click="emit('open', 'rehearsal')">See what it would bring</v-btn>
    </div>
    <template v-if="products.length">
      <h2 class="people-head">The tide</h2>
      <p class="small">Purchases of the sandbox, month by month. Draw the line: the phone, the figures and the clock of the deck go with it.</p>
      <TideView :offers="studio.state.value?.offers ?? []" />
      <h2 class="people-head">What people can have</h2>
      <p class="small">
        Entitlements are fields of {{ people.name }}. Every formula knows them, as <code>me.member</code>, and so does every permission: “may be seen by those
        with Member”.
      </p>
      <ProseLines v-if="entitlements.length" :lines="entitlements" :root="people.at" />
      <p v-else class="small">There are none yet: write one in the table {{ people.name }}.</p>
    </template>
  </template>
  <p v-else class="quiet-note">Things are sold to people who sign in. Let people sign in first, at the station People: then it is known who has bought what.</p>
</template>
