import { createRequire } from 'node:module';
import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { STARTER_CATEGORIES, STARTER_FAMILIES } from '../core/ground/starter/index.ts';

/** Only the pictograms that the library uses, out of the packaged set: `virtual:pictograms`, name to SVG body. */
export function pictograms(): Plugin {
  const id = '\0virtual:pictograms';
  return {
    name: 'pictograms',
    resolveId: (source) => (source === 'virtual:pictograms' ? id : null),
    load(source) {
      if (source !== id) return null;
      const { icons } = createRequire(import.meta.url)('@iconify-json/lucide/icons.json') as {
        icons: Record<string, { body: string }>;
      };
      const names = [...new Set([...STARTER_FAMILIES, ...STARTER_CATEGORIES].map((one) => one.pictogram))].sort();
      return `export default ${JSON.stringify(Object.fromEntries(names.map((name) => [name, icons[name]!.body])))}`;
    },
  };
}

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), pictograms()],
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    chunkSizeWarningLimit: 400,
    rolldownOptions: {
      output: {
        // What several screens share comes in a few files: hundreds of small ones take longer to ask for than to read.
        codeSplitting: {
          groups: [
            {
              name: 'libraries',
              test: /\/node_modules\/(@?vue|vue-router|pinia|@?prime|comlink|@lucide)/,
              priority: 3,
            },
            { name: 'rules', test: /\/(core|contract)\//, minShareCount: 3, priority: 2 },
            { name: 'parts', test: /\/web\/(parts|data|frame|drawing)\//, minShareCount: 3, priority: 1 },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4180' } },
});
