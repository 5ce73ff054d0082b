// npm start: installs and builds what is needed, serves the data directory, prints the address.
import { address, prepare, serve } from './serve.mjs';

await prepare();
const { port } = await serve();
console.log(`Stube is open at ${address(port)}`);
