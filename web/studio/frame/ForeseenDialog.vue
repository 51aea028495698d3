<script setup lang="ts">
import UsesList from '../prose/UsesList.vue'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
</script>

<template>
  <v-dialog :model-value="!!studio.asking.value" max-width="560" aria-label="Before this change" @update:model-value="studio.asking.value?.answer(false)">
    <v-card v-if="studio.asking.value" class="dialog">
      <h2>{{ studio.asking.value.foreseen.title }}</h2>
      <p v-for="each in studio.asking.value.foreseen.sentences" :key="each.sentence" :class="{ loses: each.loses }">{{ each.sentence }}</p>
      <template v-if="studio.asking.value.foreseen.uses.length">
        <p>
          {{
            studio.asking.value.foreseen.uses.length === 1
              ? 'One sentence uses it and would point at nothing:'
              : `${studio.asking.value.foreseen.uses.length} sentences use it and would point at nothing:`
          }}
        </p>
        <UsesList :uses="studio.asking.value.foreseen.uses" />
      </template>
      <div class="dialog-end">
        <v-btn variant="text" @click="studio.asking.value.answer(false)">Leave it as it is</v-btn>
        <v-btn color="primary" autofocus @click="studio.asking.value.answer(true)">Go on</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>
