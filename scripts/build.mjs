// Builds the screens (Vite) and the server (esbuild: own workspaces inside, packages outside).
import { cpSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { earlier, furnish } from './furnish.mjs';
import { ROOT, install } from './install.mjs';

/** Own workspaces go by what their packages export. */
const workspaces = {
  name: 'workspaces',
  setup(build) {
    build.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
      kind === 'entry-point' || path.startsWith('@stube/') ? undefined : { path, external: true },
    );
  },
};

/** Each entry in one file: own workspaces inside, packages outside. @param entries their files by the names of the bundles */
export async function bundle(entries, out) {
  rmSync(out, { recursive: true, force: true });
  await createRequire(join(ROOT, 'package.json'))('esbuild').build({
    entryPoints: Object.fromEntries(Object.entries(entries).map(([name, file]) => [name, join(ROOT, file)])),
    outdir: out,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20.19',
    sourcemap: true,
    plugins: [workspaces],
    logLevel: 'warning',
  });
}

/** The server, its worker threads and the restore command, with the migrations beside them. */
export async function bundleServer(out) {
  await bundle({ main: 'server/main.ts', worker: 'server/threads/worker.ts', restore: 'server/restore.ts' }, out);
  cpSync(join(ROOT, 'server', 'db', 'migrations'), join(out, 'migrations'), { recursive: true });
}

export async function build() {
  install();
  const require = createRequire(join(ROOT, 'package.json'));
  const kept = earlier();
  await bundleServer(join(ROOT, 'server', 'dist'));
  const vite = await import(require.resolve('vite').replace(/index\.cjs$/, 'dist/node/index.js'));
  await vite.build({ root: join(ROOT, 'web'), configFile: join(ROOT, 'web', 'vite.config.ts'), logLevel: 'warn' });
  await furnish(kept);
}

if (process.argv[1] === import.meta.filename) await build();
