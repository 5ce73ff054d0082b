import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';
import { pictograms } from './web/vite.config.ts';

export default defineConfig({
  plugins: [vue(), pictograms()],
  test: {
    include: ['{core,contract,server,web,cli,demo}/**/*.test.ts'],
    // Limits end what hangs: several times what a slow machine needs while others are busy on it.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    maxWorkers: 2,
    globalSetup: ['server/testing/template.ts'],
  },
});
