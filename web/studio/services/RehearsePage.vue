<script setup lang="ts">
import RehearseStandins from '../deck/RehearseStandins.vue'

const about = {
  almanac: 'Sea and weather. Its key is practice-key-of-the-sea, in the header X-Almanac-Key; its OpenAPI document is at stand-in:almanac/v1/openapi.json.',
  wordsmith: 'Words, pictures and speech. Its token is practice-key-of-words; its models are small-talker, painter and reader.',
  chartroom: 'Tiles of the map of a made-up coast. Its key is practice-key-of-the-coast, in the query as “key”; its tiles are at /tiles/{z}/{x}/{y}.png.',
}
</script>

<template>
  <h1>Rehearse failure</h1>
  <p class="small">
    The services that ship with Lanai can be told to go wrong. An answer that is still fresh is shown all the same; ask for something new to see it fail.
  </p>
  <div class="service-cards"><RehearseStandins :about="about" /></div>
</template>
