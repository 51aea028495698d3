import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Composables and pure functions of the studio and the device, without a browser. */
export default defineConfig({ plugins: [vue()], test: { include: ['tests/{Studio,Device}/**/*.test.ts'], environment: 'happy-dom' } })
