import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Composables and pure functions of the studio and the device, without a browser. */
export default defineConfig({ plugins: [vue()], test: {
    // On a machine that is busy with everything else a test may take long; what hangs is still ended.
    testTimeout: 30_000, include: ['tests/{Studio,Device}/**/*.test.ts'], environment: 'happy-dom' } })
