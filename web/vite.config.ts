import vue from '@vitejs/plugin-vue'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defaultClientConditions, defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

export default defineConfig({
  plugins: [
    vue(),
    Components({
      dirs: [],
      dts: 'src/components.d.ts',
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
    }),
    VitePWA({
      // The page asks before a new version takes over: never in the middle of a call.
      injectRegister: false,
      registerType: 'prompt',
      workbox: {
        globPatterns: ['**/*.{js,mjs,css,html,json,data,net,woff2,svg,png,webmanifest}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api/, /^\/media/, /^\/hall/],
        maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
      },
      manifest: {
        name: 'Dellop',
        short_name: 'Dellop',
        description: 'Cue sheets, timed ahead of the step',
        theme_color: '#2a1a35',
        background_color: '#fbf6ec',
        display: 'standalone',
        start_url: '/',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
    }),
  ],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  worker: { format: 'es' },
  // Two pages: the app, and the small one that second screens in the hall load.
  build: {
    rollupOptions: {
      input: { index: 'index.html', hall: 'hall.html' },
      output: {
        // Few files, so that a page is there after few questions: what every page needs in one each.
        // Zod stands with what tells it how to work, which must come before any schema.
        codeSplitting: {
          groups: [
            { name: 'zod', test: /node_modules\/zod\/|uncompiledZod/, priority: 4 },
            {
              name: 'vue',
              test: /node_modules\/(?:@vue|vue|vue-router|pinia|vue-demi)\//,
              priority: 3,
            },
            {
              name: 'controls',
              test: /node_modules\/(?:element-plus|@element-plus|@floating-ui|@vueuse|lodash-es|@ctrl|async-validator|dayjs|memoize-one|normalize-wheel-es|@popperjs|@sxzz)\//,
              priority: 2,
            },
            { name: 'core', test: /\/core\/src\/(?!band|listen|figure\/book)/, priority: 1 },
          ],
        },
      },
    },
    assetsInlineLimit: 0,
    target: 'es2022',
    chunkSizeWarningLimit: 700,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4477', '/media': 'http://127.0.0.1:4477' } },
})
