import { createApp } from 'vue'
import DevicePage from './DevicePage.vue'
import './device.css'

createApp(DevicePage).mount('#device')
