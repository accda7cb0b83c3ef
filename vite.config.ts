import vue from '@vitejs/plugin-vue'
import laravel from 'laravel-vite-plugin'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [laravel({ input: ['resources/js/main.ts'], refresh: true }), vue()],
  resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
  // The one chart is large; it is fetched with the view that draws it.
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 600 },
})
