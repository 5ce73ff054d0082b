/** The made-up house, brought in once for a file's tests. */
import type { Stube } from './stube.ts';

export async function house(stube: Stube) {
  const sites = await stube.ask<{ id: string; name: string }[]>('/sites');
  if (!sites.length) await stube.loadDemo();
  const site = (await stube.ask<{ id: string }[]>('/sites'))[0]!.id;
  return { site, data: await stube.data(site) };
}
export const roomOf = (data: Awaited<ReturnType<typeof house>>['data'], name: string) =>
  data.room.find((room) => room.name === name)!.id;
