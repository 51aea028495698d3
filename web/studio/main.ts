import '@fontsource-variable/hanken-grotesk'
import '@fontsource-variable/jetbrains-mono'
import '@fontsource-variable/literata'
import 'vuetify/styles'
import { createApp } from 'vue'
import { router } from './router'
import './studio.css'
import StudioRoot from './StudioRoot.vue'
import { vuetify } from './theme'

createApp(StudioRoot).use(router).use(vuetify).mount('#app')
