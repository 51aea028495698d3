import { createApp } from 'vue'
import DevicePage from './DevicePage.vue'
import './device.css'

createApp(DevicePage).mount('#device')

// A packaged web app brings a manifest and a service worker; elsewhere there is none to register.
if (document.querySelector('link[rel="manifest"]') && 'serviceWorker' in navigator) navigator.serviceWorker.register('./sw.js')
