/** The real server behind the page's requests, over an empty database. */
import type { AddressInfo } from 'node:net';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import { testServer } from '../../server/testing/site.ts';
import { useSite } from '../data/site.ts';

export async function realServer() {
  const server = await testServer();
  const listener = server.app.listen(0, '127.0.0.1');
  await new Promise((resolve) => listener.once('listening', resolve));
  const base = `http://127.0.0.1:${(listener.address() as AddressInfo).port}`;
  const real = globalThis.fetch;
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => real(new URL(path, base), init));
  const close = async () => {
    vi.unstubAllGlobals();
    await new Promise((resolve) => listener.close(resolve));
    await server.close();
  };
  /** Another page that has the site open. */
  const page = async (site: string) => {
    setActivePinia(createPinia());
    const store = useSite();
    await store.open(site);
    return store;
  };
  return { ...server, close, page };
}

export type RealServer = Awaited<ReturnType<typeof realServer>>;
