// @vitest-environment jsdom
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, expect, test, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { useNotices } from '../data/notices.ts';
import { tellWhatDoesNotOpen } from './opening.ts';
import { eventually } from '../testing/eventually.ts';

afterEach(() => vi.unstubAllGlobals());

const missing = () => Promise.reject(new TypeError('Failed to fetch dynamically imported module'));

async function page(answers: boolean, first = '/') {
  setActivePinia(createPinia());
  vi.stubGlobal('fetch', () => (answers ? Promise.resolve({ ok: true }) : Promise.reject(new TypeError())));
  const loaded: string[] = [];
  const routes = [
    { path: '/', component: { template: '' } },
    { path: '/stock', component: missing },
  ];
  const router = createRouter({ history: createMemoryHistory(), routes });
  tellWhatDoesNotOpen(router, (path) => loaded.push(path));
  await router.push(first).catch(() => {});
  return { router, loaded, notices: useNotices() };
}

test('a screen of which the code is gone, as Stube was renewed, is opened by loading the page anew', async () => {
  const { router, loaded } = await page(true);
  await expect(router.push('/stock?unit=u1')).rejects.toThrow();
  await eventually(() => expect(loaded).toEqual(['/stock?unit=u1']));
});

test('where the server does not answer, that is said, and the screen stays; trying again asks it once more', async () => {
  const { router, loaded, notices } = await page(false);
  await expect(router.push('/stock')).rejects.toThrow();
  await eventually(() => expect(notices.notice?.text).toContain('The server does not answer'));
  expect(router.currentRoute.value.path).toBe('/');
  vi.stubGlobal('fetch', () => Promise.resolve({ ok: true }));
  notices.notice!.action!.run();
  await eventually(() => expect(loaded).toEqual(['/stock']));
});

test('a dialog that cannot be fetched takes nothing away from what is typed beside it', async () => {
  const { loaded, notices } = await page(true);
  window.dispatchEvent(new Event('vite:preloadError'));
  await eventually(() => expect(notices.notice?.action?.label).toBe('Load anew'));
  expect(loaded).toEqual([]);
});

test('a first screen that cannot be fetched is not loaded over and over: the page says so', async () => {
  const { loaded, notices } = await page(true, '/stock');
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect([loaded, notices.notice]).toEqual([[], null]);
});
