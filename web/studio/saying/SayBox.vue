<script setup lang="ts">
import { mdiArrowRight, mdiImagePlusOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import SentenceChanges from '../findings/SentenceChanges.vue'
import ScreenThumb from '../open/ScreenThumb.vue'
import { useStudio } from '../open/useStudio'
import { useSaying } from './useSaying'

/** One box for whatever is to be otherwise, is asked, or is looked for. What comes of it stands above the box, and nothing is done before it is taken. */
defineProps<{ id: string }>()
const emit = defineEmits<{ gone: [] }>()
const studio = useStudio()
const router = useRouter()
const { text, heard, trouble, done, busy, asking, chosen, canTake, trying, here, hear, tryIt, take, instead, undo } = useSaying()
const box = ref<HTMLTextAreaElement>()
const LONGEST = 400

/** A tap on the pen is no saying: enter takes what is there, or hears what was written. */
function enter() {
  if (canTake.value) void take()
  else void hear()
}

function goes(at: string) {
  if (at.startsWith('station:')) void router.push(`/apps/${studio.app}/${at.slice(8)}`)
  else studio.goTo(at)
  emit('gone')
}

const lines = (all: string[]) => all.map((one) => one.trim()).filter(Boolean)
const colour = (label: string) => /#[0-9A-F]{6}/.exec(label)?.[0]
const shown = (sentences: { was: string[]; now: string[] }[]) =>
  sentences
    .map(({ was, now }) => ({ was: lines(was), now: lines(now) }))
    .filter(({ was, now }) => was.length + now.length > 0)
const MOST = 14
const isLong = (sentences: { was: string[]; now: string[] }[]) => sentences.reduce((sum, one) => sum + one.was.length + one.now.length, 0) > MOST
const whole = ref<string[]>([])
const several = computed(() => heard.value.filter((part) => part.proposals.length).length > 1)

/** A picture as an example: it is kept among the assets of the app, and what its look would do is said. */
const picture = ref<HTMLInputElement>()
async function like(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  busy.value = true
  try {
    const form = new FormData()
    form.append('picture', chosen)
    const { name } = await api.post<{ name: string }>(`apps/${studio.app}/assets`, form)
    const isThere = () => studio.state.value?.assets.find((asset) => asset.file === name)
    trouble.value = isThere() ? '' : await studio.tryEdit({ do: 'addAsset', file: name, called: chosen.name })
    const asset = isThere()
    if (!asset) return
    text.value = `make it look like "${asset.name}"`
    void hear()
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}

defineExpose({
  say: (words: string) => {
    text.value = words
    box.value?.focus()
    void hear()
  },
  focus: () => box.value?.focus(),
})
</script>

<template>
  <div class="say">
    <div class="said" aria-live="polite">
      <section v-for="(part, i) in heard" :key="`${i} ${part.said}`" class="said-part" :aria-label="part.said">
        <h3 v-if="heard.length > 1" class="said-words">“{{ part.said }}”</h3>
        <template v-if="part.proposals.length">
          <div v-for="(proposal, n) in part.proposals" :key="proposal.label" class="proposal" :class="{ taken: chosen[i] === n }">
            <label class="proposal-head">
              <input
                v-if="several || part.proposals.length > 1"
                type="radio"
                :name="`${id}-${i}`"
                :checked="chosen[i] === n"
                @change="chosen[i] = n"
              />
              <span>{{ proposal.label }}</span>
              <span v-if="colour(proposal.label)" class="swatch" aria-hidden="true" :style="{ background: colour(proposal.label) }" />
            </label>
            <div v-if="chosen[i] === n" class="proposal-in">
              <div class="proposal-said">
                <SentenceChanges :changes="whole.includes(proposal.label) ? shown(proposal.sentences) : shown(proposal.sentences).slice(0, MOST)" />
                <button
                  v-if="isLong(shown(proposal.sentences)) && !whole.includes(proposal.label) && shown(proposal.sentences).length > MOST"
                  class="link"
                  @click="whole = [...whole, proposal.label]"
                >
                  All {{ shown(proposal.sentences).length }} places
                </button>
              </div>
              <figure v-for="picture in proposal.pictures" :key="picture.screen" class="before-after">
                <span v-if="picture.was" class="pane"><ScreenThumb :picture="picture.was" /></span>
                <v-icon v-if="picture.was" :icon="mdiArrowRight" size="18" aria-hidden="true" />
                <span class="pane"><ScreenThumb :picture="picture.now" /></span>
                <figcaption class="small">{{ picture.screen }}{{ picture.was ? ', before and after' : ', new' }}</figcaption>
              </figure>
            </div>
          </div>
          <label v-if="several" class="proposal-head leave">
            <input type="radio" :name="`${id}-${i}`" :checked="chosen[i] === null" @change="chosen[i] = null" />
            <span>Leave this one</span>
          </label>
        </template>
        <template v-if="part.asks">
          <p class="answer-line">{{ part.asks }}</p>
          <p class="choices">
            <button v-for="one in part.answers" :key="one.label" class="choice" @click="instead(part, one.says)">{{ one.label }}</button>
          </p>
        </template>
        <p v-if="part.answer" class="answer-line" :class="{ cannot: part.cannot }">{{ part.answer }}</p>
        <ul v-if="part.finds.length" class="finds">
          <li v-for="found in part.finds" :key="found.at">
            <button class="link" @click="goes(found.at)">{{ found.label }}</button>
          </li>
        </ul>
      </section>
      <p v-if="done" class="done-line" role="status">{{ done }} <button class="link" @click="undo">Take it back</button></p>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <form class="say-form" @submit.prevent="enter">
      <label :for="id" class="sr">Say a change</label>
      <textarea
        :id="id"
        ref="box"
        v-model="text"
        rows="1"
        class="filler-field say-field"
        :maxlength="LONGEST"
        placeholder="Say a change, or ask: “add a price …”, “who can see …?”, “a darker green”"
        @keydown.enter.exact.prevent="enter"
        @keydown.esc="text = ''"
      />
      <input ref="picture" type="file" accept="image/png,image/jpeg,image/webp" class="sr" aria-label="A picture as an example" tabindex="-1" @change="like" />
      <v-btn
        :icon="mdiImagePlusOutline"
        size="small"
        variant="text"
        aria-label="Take the look of a picture"
        title="Take the look of a picture"
        :disabled="busy"
        @click="picture?.click()"
      />
      <BusyButton
        v-if="heard.some((part) => part.proposals.length) && studio.actor.value && !studio.trial.value"
        variant="tonal"
        color="primary"
        :busy="trying"
        :disabled="!canTake"
        @click="tryIt"
        >Try it in the deck</BusyButton
      >
      <BusyButton v-if="heard.some((part) => part.proposals.length)" type="submit" color="primary" :busy="busy" :disabled="!canTake">Do it</BusyButton>
      <BusyButton v-else type="submit" variant="tonal" color="primary" :busy="asking" :disabled="!text.trim()">Say it</BusyButton>
    </form>
    <p class="small say-note">
      {{ here ? `“Here” is ${here}. ` : '' }}Nothing is changed before you take it; Enter takes what is chosen.
    </p>
  </div>
</template>

<style scoped>
.say {
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.said {
  min-height: 0;
  overflow-y: auto;
}

.swatch {
  align-self: center;
  width: 18px;
  height: 18px;
  border-radius: 9px;
}

.said-part {
  padding: 10px 0;
}

.said-part + .said-part {
  border-block-start: 1px solid var(--line);
}

.said-words {
  margin: 0 0 6px;
  color: var(--soft);
  font: italic 400 1rem/1.4 var(--reading);
}

.proposal {
  padding: 8px 12px;
  border-inline-start: 3px solid var(--line);
}

.proposal.taken {
  border-inline-start-color: rgb(var(--v-theme-primary));
}

.proposal-head {
  display: flex;
  gap: 8px;
  align-items: baseline;
  min-height: 28px;
  font-weight: 600;
  cursor: pointer;
}

.proposal-head.leave {
  padding: 4px 15px;
  font-weight: 400;
}

.proposal-in {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
  margin-block-start: 6px;
}

.proposal-said {
  flex: 1 1 300px;
  min-width: 0;
  overflow-wrap: anywhere;
}

.before-after {
  display: grid;
  grid-template-columns: auto auto auto;
  gap: 4px 8px;
  align-items: center;
  margin: 0;
}

.before-after figcaption {
  grid-column: 1 / -1;
}

.pane {
  display: block;
  width: 84px;
  height: 164px;
  border: 1px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
}

.answer-line {
  max-width: 70ch;
  margin: 4px 0;
  font: 400 1.0625rem/1.6 var(--reading);
  white-space: pre-line;
  overflow-wrap: anywhere;
}

.finds {
  margin: 6px 0;
  padding: 0;
  list-style: none;
  line-height: 1.9;
}

.done-line {
  margin: 8px 0;
  color: rgb(var(--v-theme-primary));
}

.say-form {
  display: flex;
  gap: 10px;
  align-items: center;
}

.say-field {
  field-sizing: content;
  max-height: 8em;
  resize: none;
}

.say-note {
  margin: 6px 2px 0;
}
</style>
