import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'
import { VitePWA } from 'vite-plugin-pwa'
import vuetify from 'vite-plugin-vuetify'

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    // The pages open without a signal, with what was last seen of the farm.
    VitePWA({
      registerType: 'autoUpdate',
      manifest: {
        name: 'Nimble Furrow',
        short_name: 'Nimble Furrow',
        start_url: '/today',
        display: 'standalone',
        theme_color: '#33281f',
        background_color: '#f6f1e7',
        icons: [{ src: '/furrow.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        runtimeCaching: [
          {
            // What of core runs here: asked for anew where there is a signal, else as it was.
            urlPattern: ({ url }) => url.pathname.startsWith('/phone/'),
            handler: 'NetworkFirst',
            options: { cacheName: 'phone', networkTimeoutSeconds: 3 },
          },
          {
            // A picture never changes, and there are many: they have a place of their own.
            urlPattern: ({ url, request }) =>
              request.method === 'GET' && /\/pictures\/[^/]+(\/small)?$/.test(url.pathname),
            handler: 'CacheFirst',
            options: { cacheName: 'pictures', expiration: { maxEntries: 200 } },
          },
          {
            urlPattern: ({ url, request }) =>
              request.method === 'GET' &&
              url.pathname.startsWith('/api/') &&
              !/\/papers\/|\.(pdf|ics|csv|zip|geojson)$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'api', expiration: { maxEntries: 300 } },
          },
        ],
      },
    }),
  ],
  // One process for all: each file in one of its own would take four times as long.
  test: {
    include: ['src/**/*.test.ts'],
    environment: 'node',
    pool: 'threads',
    isolate: false,
    setupFiles: ['src/leaveNothing.ts'],
  },
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 700 },
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/phone': 'http://127.0.0.1:8080' } },
})
