/** What the examples of docstrings say is true: each is run where it stands alone, and compiled where it speaks of `data`. */
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { pathToFileURL } from 'node:url';
import { describe, expect, test } from 'vitest';

const CORE = join(import.meta.dirname, '..', 'core');

interface Example {
  file: string;
  expression: string;
  /** What stands behind it, absent where nothing does. */
  says: string | undefined;
}

function filesOf(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? entry.name === 'testing' || entry.name === 'node_modules'
        ? []
        : filesOf(join(folder, entry.name))
      : entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts')
        ? [join(folder, entry.name)]
        : [],
  );
}

const EXAMPLES: Example[] = filesOf(CORE).flatMap((path) =>
  [...readFileSync(path, 'utf8').matchAll(/@example (.+?)(?: \*\/)?$/gm)].map((match) => {
    const [expression, ...says] = match[1]!.split(' // ');
    return { file: relative(CORE, path), expression: expression!, says: says.join(' // ') || undefined };
  }),
);

/** It speaks of something that only a caller has. */
class NotHere extends Error {}

/** @throws NotHere for names that neither the module nor the language has */
function run(expression: string, exports: Record<string, unknown>): unknown {
  const scope = new Proxy(exports, {
    has: () => true,
    get: (_, name) => {
      if (typeof name !== 'string') return undefined;
      if (name in exports) return exports[name];
      if (name in globalThis) return (globalThis as Record<string, unknown>)[name];
      throw new NotHere(name);
    },
  });
  const body = `with (scope) { return (${expression.replace(/(?<=[\w)\]])!(?=[.,)\]])/g, '')}); }`;
  return new Function('scope', /\bawait\b/.test(expression) ? `return (async () => { ${body} })()` : body)(scope);
}

/** As it says: `…` stands for what is left out. */
function expectSaid(value: unknown, says: string): void {
  const said = run(says.replace(/, …(?=[ \]}])/g, '').replace(/…, /g, ''), {});
  if (!says.includes('…')) expect(value).toEqual(said);
  else if (Array.isArray(said)) expect(value).toEqual(expect.arrayContaining(said));
  else expect(value).toMatchObject(said as object);
}

let ran = 0;
describe('examples', () => {
  test.each(EXAMPLES.map((example) => [`${example.file}: ${example.expression}`, example] as const))(
    '%s',
    async (_, { file, expression, says }) => {
      const exports = await import(pathToFileURL(join(CORE, file)).href);
      let value: unknown;
      try {
        value = await run(expression, exports);
      } catch (error) {
        // What it calls is there: only what it is called with is the caller's.
        if (!(error instanceof NotHere)) throw error;
        expect(exports, `${error.message} in ${expression}`).not.toHaveProperty(error.message);
        return;
      }
      ran++;
      if (says !== undefined) expectSaid(value, says);
    },
  );
  test('most of them stand alone', () => expect(ran).toBeGreaterThan(EXAMPLES.length / 2));
});
