<script setup lang="ts">
const model = defineModel<boolean>({ required: true })
const keys = [
  ['1 2 3', 'go to a station'],
  ['Ctrl + K', 'say a change, ask, or find something'],
  ['N', 'a new line under the one that is marked'],
  ['Arrows', 'from line to line, when one is marked'],
  ['Enter', 'fill the first blank of the line; in a blank, take what is written'],
  ['Tab', 'in a blank, take it and go on to the next'],
  ['Alt + Up, Alt + Down', 'move the line'],
  ['Delete', 'remove the line'],
  ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
  ['In the grid: arrows, Tab, Enter', 'go from cell to cell, edit a cell; Shift and arrows mark several'],
  ['Ctrl + C, Ctrl + V, Ctrl + D', 'copy and paste cells, fill down'],
  ['Ctrl + Z in the grid', 'take back the last change of rows'],
  ['Alt + tap in the device', 'go to the line behind it'],
  ['?', 'this list'],
]
</script>

<template>
  <v-dialog v-model="model" max-width="560" aria-label="Shortcuts">
    <v-card class="dialog">
      <h2>Shortcuts</h2>
      <dl class="keys">
        <template v-for="[key, does] in keys" :key="key">
          <dt><kbd>{{ key }}</kbd></dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
      <div class="dialog-end"><v-btn variant="text" @click="model = false">Close</v-btn></div>
    </v-card>
  </v-dialog>
</template>
