import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  base: './',
  publicDir: false,
  build: { outDir: 'public/build/device', emptyOutDir: true, manifest: true, target: 'es2020', assetsInlineLimit: 0, rolldownOptions: { input: 'web/device/main.ts' } },
})
