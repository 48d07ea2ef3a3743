import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';

export default defineConfig({
  plugins: [vue()],
  test: {
    // What is waited for may come late on a busy machine.
    expect: { poll: { timeout: 60_000 } },
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          // Pure functions: test files may share the modules that they load.
          isolate: false,
          // A slow machine is no failure: speed is looked at in the benchmark.
          testTimeout: 90_000,
          hookTimeout: 60_000,
          include: ['core/test/**/*.test.ts', 'demo/test/**/*.test.ts', 'scripts/test/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'server',
          globalSetup: ['server/test/support/database.ts'],
          setupFiles: ['server/test/support/threads.ts'],
          include: ['server/test/**/*.test.ts'],
          testTimeout: 90_000,
          hookTimeout: 60_000,
          // One after the other, in one process that loads the server once.
          fileParallelism: false,
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          name: 'web',
          include: ['web/test/**/*.test.ts'],
          environment: 'happy-dom',
          setupFiles: ['web/test/device.ts'],
          isolate: false,
          testTimeout: 90_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
