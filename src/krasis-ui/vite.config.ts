import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    // A tablet that has once opened the board goes on when the server is away. A new version is taken when the last page of the old
    // one is closed: no page is loaded anew under somebody's hands.
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Krasis',
        short_name: 'Krasis',
        description: 'Standard builds, scaled and made',
        start_url: '/service',
        display: 'standalone',
        background_color: '#f5f8f8',
        theme_color: '#24508f',
        icons: [{ src: '/krasis.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{html,js,css,svg,woff2}'],
        // The page itself always comes from the server where there is one.
        navigateFallback: null,
        directoryIndex: null,
        runtimeCaching: [
          {
            urlPattern: ({ request }) => request.mode === 'navigate',
            handler: 'NetworkFirst',
            options: { cacheName: 'pages', precacheFallback: { fallbackURL: '/index.html' } },
          },
          {
            urlPattern: ({ url }) =>
              url.pathname === '/api/service' || /^\/api\/builds\/[^/]+\/cards$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'board', expiration: { maxEntries: 500 } },
          },
        ],
      },
    }),
  ],
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
