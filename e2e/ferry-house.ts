/** The made-up house, brought in once for a file's tests. */
import type { Stube } from './stube.ts';

export async function house(stube: Stube) {
  const standing = async () => (await stube.sites()).find(({ name }) => name.startsWith('The Ferry House'));
  if (!(await standing())) await stube.loadDemo();
  const site = (await standing())!.id;
  return { site, data: await stube.data(site) };
}
export const roomOf = (data: Awaited<ReturnType<typeof house>>['data'], name: string) =>
  data.room.find((room) => room.name === name)!.id;
