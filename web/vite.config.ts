import vue from '@vitejs/plugin-vue'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defaultClientConditions, defineConfig, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/**
 * Files that import each other in a circle run before what they need is there: such a build is
 * refused.
 */
const noCircles = (): Plugin => ({
  name: 'no-circles',
  generateBundle(_, bundle) {
    const importsOf = (file: string): readonly string[] => {
      const chunk = bundle[file]
      return chunk?.type === 'chunk' ? chunk.imports : []
    }
    const done = new Set<string>()
    const visit = (file: string, path: readonly string[]): void => {
      if (path.includes(file)) this.error(`A circle of files: ${[...path, file].join(' → ')}`)
      if (done.has(file)) return
      for (const next of importsOf(file)) visit(next, [...path, file])
      done.add(file)
    }
    for (const file of Object.keys(bundle)) visit(file, [])
  },
})

/**
 * The app itself is begun once its language is there; what it is made of is asked for at once, so
 * that the page does not wait for one answer after the other.
 */
const askForAppAtOnce = (): Plugin => ({
  name: 'ask-for-app-at-once',
  transformIndexHtml: {
    order: 'post',
    handler(_, { bundle, chunk: entry }) {
      const app = Object.values(bundle ?? {}).find(
        (one) => one.type === 'chunk' && one.facadeModuleId?.endsWith('/src/app/start.ts'),
      )
      if (app?.type !== 'chunk' || entry?.name !== 'index') return []
      const there = new Set<string>()
      const withImports = (file: string): string[] => {
        const chunk = bundle![file]
        if (there.has(file) || chunk?.type !== 'chunk') return []
        there.add(file)
        return [file, ...chunk.imports.flatMap(withImports)]
      }
      withImports(entry.fileName)
      return withImports(app.fileName).map((file) => ({
        tag: 'link',
        attrs: { rel: 'modulepreload', crossorigin: true, href: `/${file}` },
        injectTo: 'head',
      }))
    },
  },
})

export default defineConfig({
  plugins: [
    vue(),
    noCircles(),
    askForAppAtOnce(),
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
        // Few files, so that a page is there after few questions: what every page needs in one each,
        // what some need in others. Zod stands with what tells it how to work, which must come
        // before any schema.
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            { name: 'zod', test: /node_modules\/zod\/|uncompiledZod/, priority: 9 },
            {
              name: 'vue',
              test: /node_modules\/(?:@vue|vue|vue-router|pinia|vue-demi|vue-i18n|@intlify)\//,
              priority: 8,
            },
            {
              name: 'dates',
              test: /element-plus\/es\/components\/(?:date-picker|date-picker-panel|time-picker|calendar)\/|\/dayjs\/|\/web\/src\/ui\/weeks/,
              priority: 7,
            },
            {
              name: 'tables',
              test: /element-plus\/es\/components\/(?:table|table-v2|virtual-list)\/(?!src\/(?:hooks\/use-wheel|defaults))/,
              priority: 6,
            },
            {
              name: 'rare',
              test: /element-plus\/es\/components\/(?:tour|descriptions|timeline|input-tag|radio(?:-\w+)?|upload)\//,
              priority: 6,
            },
            {
              name: 'controls',
              test: /node_modules\/(?:element-plus|@element-plus|@floating-ui|@vueuse|lodash-es|@ctrl|async-validator|memoize-one|normalize-wheel-es|@popperjs|@sxzz)\//,
              priority: 5,
            },
            { name: 'csv', test: /node_modules\/papaparse\//, priority: 4 },
            {
              name: 'calendar',
              test: /node_modules\/(?:ical\.js|ical-generator)\//,
              priority: 5,
            },
            { name: 'book', test: /\/core\/src\/figure\/book\//, priority: 3 },
            {
              name: 'files',
              test: /\/core\/src\/file\/|node_modules\/(?:midi-file|node-webvtt)\//,
              priority: 3,
            },
            { name: 'rehearsal', test: /\/core\/src\/rehearse\//, priority: 3 },
            { name: 'season', test: /\/core\/src\/(?:evening|lesson)\//, priority: 3 },
            // What several views share; the hall's small page has its own.
            {
              name: 'desk',
              test: /\/web\/src\/(?!words|hall|workers|app\/(?:timers|base\.css|theme\.css)|tune|figure|ui\/(?:LongTable|PickFile|OwnHold|AskedFor|LineChart)|beats\/TimesThrough)|node_modules\/(?:@lucide|tinykeys)\//,
              minShareCount: 2,
              priority: 2,
            },
            { name: 'tunes', test: /\/web\/src\/tune\//, minShareCount: 2, priority: 2 },
            // All rooms' sentences stand together: one who tells a finding may meet any of them. So
            // does what is kept of a room whose work only some views do.
            {
              name: 'core',
              test: /\/core\/src\/(?:\w+\/words\/|(?!band|listen|file|rehearse|evening|lesson|figure\/book)|evening\/programme|lesson\/series|rehearse\/practice|file\/(?:sheetFile|problem)\.ts)|node_modules\/(?:fastest-levenshtein|n2words|simple-statistics)\//,
              priority: 4,
            },
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
