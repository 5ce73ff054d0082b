import js from '@eslint/js';
import ts from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import prettier from 'eslint-config-prettier';

/** The arrows of the house: what each part may import. dependency-cruiser holds the same rules across relative paths. */
const only = (allowed) => {
  const parts = ['core', 'contract', 'server', 'web', 'cli', 'demo'].filter((part) => !allowed.includes(part));
  return {
    patterns: parts.map((part) => ({
      group: [`@stube/${part}`, `@stube/${part}/*`],
      message: `not allowed here: ${part}`,
    })),
  };
};

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '.tmp/**',
      '**/node_modules/**',
      'server/db/migrations/**',
      'data/**',
      'demo-data/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    languageOptions: {
      globals: Object.fromEntries(
        [
          'process',
          'console',
          'URL',
          'setTimeout',
          'clearTimeout',
          'fetch',
          'document',
          'window',
          'localStorage',
          'navigator',
          'location',
          'self',
          'performance',
          'HTMLElement',
          'HTMLInputElement',
          'SVGSVGElement',
          'SVGElement',
          'Element',
          'KeyboardEvent',
          'PointerEvent',
          'DragEvent',
          'Event',
          'File',
          'Blob',
          'Worker',
          'requestAnimationFrame',
          'setInterval',
          'clearInterval',
          'HTMLSelectElement',
          'MouseEvent',
          'URLSearchParams',
          'structuredClone',
          'FormData',
          'AbortController',
          'DOMRect',
          'matchMedia',
        ].map((name) => [name, 'readonly']),
      ),
    },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-undef': 'off',
    },
  },
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
    rules: { 'vue/multi-word-component-names': 'off', 'vue/require-default-prop': 'off' },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          ...only([]),
          paths: [],
          patterns: [
            ...only([]).patterns,
            {
              group: ['node:*', 'vue', 'vue-*', 'pinia', 'express', 'drizzle-orm', 'primevue/*'],
              message: 'core is pure computation',
            },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: 'ImportExpression', message: 'core does not load code at run time' },
        { selector: "MemberExpression[object.name='Math'][property.name='random']", message: 'a seed is passed in' },
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'the clock is passed in',
        },
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'the date is passed in' },
      ],
      'no-restricted-globals': ['error', 'document', 'window', 'process', 'localStorage', 'fetch', 'performance'],
    },
  },
  {
    files: ['contract/**/*.ts'],
    ignores: ['contract/joi.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          ...only(['core']),
          paths: [{ name: 'joi', allowTypeImports: true, message: 'lists have to be bounded: contract/joi.ts' }],
        },
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    ignores: ['server/documents/calendar.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          ...only(['core', 'contract']),
          paths: [{ name: 'ical-generator', message: 'calendars are written by documents/calendar.ts' }],
        },
      ],
    },
  },
  {
    files: ['web/**/*.{ts,vue}'],
    rules: {
      'no-restricted-imports': ['error', only(['core', 'contract'])],
      'no-restricted-properties': [
        'error',
        {
          object: 'crypto',
          property: 'randomUUID',
          message: 'not there on a plain address: newId of web/data/new-id.ts',
        },
      ],
    },
  },
  { files: ['cli/**/*.ts'], rules: { 'no-restricted-imports': ['error', only(['core'])] } },
  { files: ['demo/**/*.ts'], rules: { 'no-restricted-imports': ['error', only(['contract'])] } },
);
