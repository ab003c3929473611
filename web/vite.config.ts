import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { AntDesignVueResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    // Only the Ant Design Vue components that the templates use are shipped.
    Components({
      dirs: [],
      dts: 'components.d.ts',
      resolvers: [AntDesignVueResolver({ importStyle: false })],
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  server: { proxy: { '/api': process.env.DEFTCHILL_ADDRESS ?? 'http://127.0.0.1:8080' } },
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
