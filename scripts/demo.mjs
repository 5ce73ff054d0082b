// npm run demo [-- --fresh]: the same as npm start, with the Ferry House in a data directory of its own.
import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { ROOT } from './install.mjs';
import { loadFerryHouse } from './load.mjs';
import { address, prepare, serve } from './serve.mjs';

await prepare();
const data = resolve(ROOT, process.env.STUBE_DEMO_DATA ?? 'demo-data');
// Written last: a directory without it holds half a house and is made anew.
const whole = join(data, 'ferry-house-is-whole');
if (process.argv.includes('--fresh') || (existsSync(data) && !existsSync(whole)))
  rmSync(data, { recursive: true, force: true });
mkdirSync(data, { recursive: true });
const { port, instance, stop } = await serve({ STUBE_DATA: data });
if (!existsSync(whole)) {
  try {
    await loadFerryHouse(address(port), instance);
    writeFileSync(whole, 'The demo data was loaded in full.\n');
  } catch (error) {
    console.error(error.message);
    process.exitCode = 1;
    stop();
  }
}
if (process.exitCode !== 1) console.log(`The Ferry House is open at ${address(port)}`);
