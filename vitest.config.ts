import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';
import { pictograms } from './web/vite.config.ts';

const part = (name: string, include: string[], isolate: boolean) => ({
  extends: true as const,
  test: { name, include, isolate },
});

export default defineConfig({
  plugins: [vue(), pictograms()],
  test: {
    // Limits end what hangs: several times what a slow machine needs while others are busy on it.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    maxWorkers: 2,
    globalSetup: ['server/testing/template.ts'],
    projects: [
      // What is pure, and what shares one database, needs no modules of its own for each file.
      part('core', ['{core,contract,docs}/**/*.test.ts'], false),
      part('server', ['{server,cli,demo}/**/*.test.ts'], false),
      part('web', ['web/**/*.test.ts'], true),
    ],
  },
});
