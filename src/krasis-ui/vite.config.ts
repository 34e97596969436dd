import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    // The server serves the front end from its own folder.
    outDir: fileURLToPath(new URL('../Krasis.Web/wwwroot', import.meta.url)),
    emptyOutDir: true,
    // What each page fetches, so that its weight can be checked.
    manifest: true,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:5180' } },
  // The tests speak with the program as it is published.
  test: {
    environment: 'jsdom',
    // On a busy machine a page may take a while.
    testTimeout: 60_000,
    globalSetup: 'src/testing/startServer.ts',
    setupFiles: 'src/testing/network.ts',
  },
})
