<script setup lang="ts">
import { AsYouType, getCountries, getCountryCallingCode, parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js/min'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import type { Control } from '.'
import { language } from '../calendar'
import DeviceIcon from '../DeviceIcon.vue'
import { own } from '../own'

/** A phone number: the country, and the number as it is written there. The server hears it as the whole world dials it. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const ChoiceSheet = defineAsyncComponent(() => import('./ChoiceSheet.vue'))

const names = new Intl.DisplayNames([language()], { type: 'region' })
const here = (): CountryCode => {
  const region = new Intl.Locale(navigator.language).maximize().region as CountryCode
  return getCountries().includes(region) ? region : 'GB'
}
const known = computed(() => parsePhoneNumberFromString(props.modelValue))
const country = ref<CountryCode>(known.value?.country ?? here())
const typed = ref(known.value?.formatNational() ?? props.modelValue)
const open = ref(false)
/** What was told last: another value comes from outside. */
let told = props.modelValue

watch(
  () => props.modelValue,
  (now) => {
    if (now === told) return
    told = now
    country.value = known.value?.country ?? country.value
    typed.value = known.value?.formatNational() ?? now
  },
)

const countries = computed(() => ({
  ...props.box,
  label: own('Country'),
  required: true,
  choices: getCountries()
    .map((id) => ({ id, label: `${names.of(id) ?? id} +${getCountryCallingCode(id)}` }))
    .sort((a, b) => a.label.localeCompare(b.label)),
}))

function tell() {
  const number = parsePhoneNumberFromString(typed.value, country.value)
  // What is no number yet is told as it is: the server says what is wrong with it.
  told = number?.number ?? typed.value.trim()
  if (number?.country) country.value = number.country
  emit('update:modelValue', told)
}

function type(text: string) {
  // Whoever takes a letter away is not held up by what is put in again.
  typed.value = text.length > typed.value.length ? new AsYouType(country.value).input(text) : text
  tell()
}

function choose(id: string) {
  open.value = false
  country.value = id as CountryCode
  if (typed.value) tell()
}
</script>

<template>
  <span class="phone-line">
    <button
      type="button"
      class="line-control phone-country"
      aria-haspopup="listbox"
      :aria-expanded="open"
      :aria-label="own('Country: {0}', `${names.of(country) ?? country}, +${getCountryCallingCode(country)}`)"
      @click="open = true"
    >
      <span dir="ltr">{{ country }} +{{ getCountryCallingCode(country) }}</span><DeviceIcon name="down" />
    </button>
    <input
      :id="id"
      class="line-control"
      type="tel"
      inputmode="tel"
      autocomplete="tel"
      :value="typed"
      :placeholder="box.hint"
      :required="box.required"
      :aria-invalid="wrong"
      :aria-describedby="`${id}-wrong`"
      @input="type(($event.target as HTMLInputElement).value)"
    />
    <ChoiceSheet v-if="open" :box="countries" :chosen="[country]" searched="" @choose="choose" @close="open = false" />
  </span>
</template>

<style>
.phone-line { display: flex; gap: 8px; }
.phone-country { flex: none; width: auto; display: flex; align-items: center; gap: 4px; padding-inline-end: 8px; cursor: pointer; white-space: nowrap; }
.phone-line .line-control { min-width: 0; }
</style>
