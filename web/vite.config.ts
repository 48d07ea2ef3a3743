import vue from '@vitejs/plugin-vue';
import elementPlus from 'unplugin-element-plus/vite';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [
    vue(),
    components({
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
      dirs: [],
      dts: 'components.d.ts',
    }),
    elementPlus({}),
  ],
  worker: { format: 'es' },
  // The styles of all pages are 32 kB zipped: one file is there sooner than the twenty of one page.
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 900, cssCodeSplit: false },
  server: { proxy: { '/api': process.env['LENTUM_API'] ?? 'http://127.0.0.1:4174' } },
  optimizeDeps: {
    include: ['element-plus/es', 'zod', 'luxon', 'papaparse', '@vueuse/core', 'clipper2-ts', 'polylabel'],
  },
});
