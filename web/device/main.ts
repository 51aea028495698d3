import './device.css'
import { createApp } from 'vue'
import DevicePage from './DevicePage.vue'
import { entry } from './entry'
import { fetchNext } from './lines'
import { listenToEdges } from './shell'
import { listenForTrouble } from './troubles'

listenToEdges()
listenForTrouble()
createApp(DevicePage).mount('#device')
window.addEventListener('load', fetchNext)

// A live app and a packaged web app bring a manifest and a service worker; elsewhere there is none to register.
if (document.querySelector('link[rel="manifest"]') && 'serviceWorker' in navigator) {
  const [script, scope] = entry.path ? [`${entry.path}/sw.js`, entry.path] : ['./sw.js', undefined]
  window.addEventListener('load', () => void navigator.serviceWorker.register(script, scope ? { scope } : undefined).catch(() => undefined))
}
