import type { ClientRequest } from 'node:http'
import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { AntDesignVueResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

const address = process.env.DEFTCHILL_ADDRESS ?? 'http://127.0.0.1:8080'
/** The server answers its own pages alone: what this one asks is asked as from there. */
const asked = {
  target: address,
  changeOrigin: true,
  configure: (proxy: { on(event: 'proxyReq', heard: (asking: ClientRequest) => void): unknown }) =>
    proxy.on('proxyReq', (asking) => asking.getHeader('origin') && asking.setHeader('origin', address)),
}

export default defineConfig({
  plugins: [
    vue(),
    // Only the Ant Design Vue components that the templates use are shipped.
    Components({
      dirs: [],
      dts: 'components.d.ts',
      resolvers: [AntDesignVueResolver({ importStyle: false })],
    }),
    // A reload while the server is away goes on: the shell is kept, and what a batch in the making was last. A page is asked
    // of the network first, so that nobody works with yesterday's.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      manifest: false,
      workbox: {
        // A device's first visit is served by it too, not only the next one.
        skipWaiting: true,
        clientsClaim: true,
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: undefined,
        directoryIndex: null,
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) =>
              request.mode === 'navigate' && !/^\/(api|actuator)\//.test(url.pathname),
            handler: 'NetworkFirst',
            options: {
              cacheName: 'pages',
              networkTimeoutSeconds: 4,
              precacheFallback: { fallbackURL: '/index.html' },
            },
          },
          {
            urlPattern: ({ url, request }) =>
              request.method === 'GET' &&
              /^\/api\/(makings|larder)(\/|$)/.test(url.pathname) &&
              // An old answer to how a batch stands would set its clock back: the page keeps that itself.
              !/^\/api\/makings\/[\da-f-]{36}$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'making', networkTimeoutSeconds: 4, expiration: { maxEntries: 120 } },
          },
        ],
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  server: { proxy: { '/api': asked, '/webauthn': asked, '/login': asked } },
  build: { chunkSizeWarningLimit: 1200 },
  // One window for all files: each puts back what it replaced, and four fifths of the time are saved.
  test: {
    environment: 'happy-dom',
    pool: 'threads',
    isolate: false,
    restoreMocks: true,
    unstubGlobals: true,
  },
})
