import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import elementPlus from 'unplugin-element-plus/vite';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { noted, notices } from './notices.ts';

/**
 * What most pages need, in few files: a hundred small ones cost a phone more than their bytes. The frame and the list
 * of jobs take the first three of these and not the core.
 */
const SHARED = [
  // What has to run before the first schema is made, and what makes them.
  { name: 'schemas', test: /node_modules.zod|web.src.shared.nojit/, priority: 4 },
  {
    name: 'ui',
    test: /node_modules.(?!element-plus.es.components.table\b).*(element-plus|@vueuse|lodash|dayjs|async-validator|@floating-ui|@ctrl|@popperjs|vue)/,
    minShareCount: 3,
    priority: 3,
  },
  {
    name: 'basis',
    test: /node_modules.luxon|core.src.(problems|units|figures|job|access|weather.localtime)\b/,
    minShareCount: 3,
    priority: 2,
  },
  // Readers and writers of drawings come with the pages that use them.
  {
    name: 'roof',
    test: /core.src.(?!details.sheets)(keeping|wording|practice|geometry|film|weather|printout|cure|family|survey|falls|readiness|buildup|choosing|library|details)\b/,
    minShareCount: 4,
    priority: 1,
  },
  {
    name: 'work',
    test: /core.src.(?!courses.drawing)(courses|order|programme|site|bench|record|gates|call|state|proving|diagnosis|planning|jobfile|words|upkeep|handover)\b/,
    minShareCount: 4,
    priority: 1,
  },
];

export default defineConfig({
  plugins: [
    vue(),
    components({
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
      dirs: [],
      dts: 'components.d.ts',
    }),
    elementPlus({}),
    // The application itself, for the time without a signal. A new version waits until it is taken.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Lentum',
        short_name: 'Lentum',
        description: 'Waterproofing by coats and sheets: planned, laid, judged and recorded.',
        start_url: '/',
        display: 'standalone',
        background_color: '#f7f6f2',
        theme_color: '#1f2a30',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,wasm}'],
        maximumFileSizeToCacheInBytes: 8_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /\.txt$/],
        cleanupOutdatedCaches: true,
      },
    }),
    notices(fileURLToPath(new URL('dist/third-party.txt', import.meta.url))),
  ],
  worker: { format: 'es', plugins: () => [noted()] },
  build: {
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 900,
    // The styles of all pages are 32 kB zipped: one file is there sooner than the twenty of one page.
    cssCodeSplit: false,
    rolldownOptions: { output: { codeSplitting: { groups: SHARED } } },
  },
  server: { proxy: { '/api': process.env['LENTUM_API'] ?? 'http://127.0.0.1:4174' } },
  optimizeDeps: {
    include: ['element-plus/es', 'zod', 'luxon', 'papaparse', '@vueuse/core', 'clipper2-ts', 'polylabel'],
  },
});
