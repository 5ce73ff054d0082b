import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';
import { pictograms } from './web/vite.config.ts';

export default defineConfig({
  plugins: [vue(), pictograms()],
  test: {
    include: ['{core,contract,server,web,cli,demo}/**/*.test.ts'],
    testTimeout: 60_000,
    hookTimeout: 120_000,
    maxWorkers: 2,
    globalSetup: ['server/testing/template.ts'],
  },
});
