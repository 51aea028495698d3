import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import vuetify from 'vite-plugin-vuetify'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  base: '/build/studio/',
  publicDir: false,
  build: {
    outDir: 'public/build/studio',
    emptyOutDir: true,
    manifest: true,
    target: 'es2022',
    chunkSizeWarningLimit: 700,
    rolldownOptions: { input: 'web/studio/main.ts' },
  },
})
