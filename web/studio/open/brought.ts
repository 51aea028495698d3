import { ref } from 'vue'

/** A document that somebody began an app with: the station that reads it takes it up, once. */
export const brought = ref('')
