import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  base: './',
  publicDir: false,
  // Every component is written with the composition API, so the other half of Vue stays out.
  define: { __VUE_OPTIONS_API__: 'false', __VUE_PROD_DEVTOOLS__: 'false', __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: 'false' },
  build: {
    outDir: 'public/build/device',
    emptyOutDir: true,
    manifest: true,
    target: 'es2020',
    // What the styles use, such as color-mix(), is of these; for older ones sides would be told by language, and not by direction.
    cssTarget: ['chrome111', 'safari16.4', 'firefox113'],
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: ['web/device/main.ts', 'web/device/early.ts', 'web/device/door.ts'],
      // What the first screen needs comes in two files, and not in ten.
      output: {
        codeSplitting: {
          groups: [
            { name: 'told', test: /web\/device\/(entry|session|told|self|invited)\.ts/ },
            { name: 'base', test: /node_modules\/(@vue|vue|@mdi)\/|plugin-vue|web\/device\/(hand|shell|form|DeviceIcon|useOver|useTicked|deck)\b|rolldown/ },
          ],
        },
      },
    },
  },
})
