/** A site with one room, and what a test puts into it. */
import type { SiteData } from '@stube/core/model';
import type { Stube } from './stube.ts';

export async function den(stube: Stube, name: string) {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name, keepsNew: true });
  const own = `/sites/${site}`;
  const { id: room } = await stube.ask<{ id: string }>(`${own}/rows/room`, {
    name: 'Den',
    width: 4000,
    depth: 3000,
    height: 2500,
  });
  const shelf = {
    roomId: room,
    template: 'bookcase',
    columns: 1,
    board: 18,
    raised: 60,
    faces: 'front',
    anchored: true,
    y: 2700,
  };
  const unit = async (more: object) => (await stube.ask<{ id: string }>(`${own}/rows/unit`, { ...shelf, ...more })).id;
  const lines = async (...texts: string[]) => {
    for (const text of texts) await stube.ask(`${own}/lines`, { roomId: room, text });
  };
  const data = () => stube.data(site);
  /** One container of that kind for each category that is there. */
  const contain = async (type: string) => {
    const { category, containerType, line } = await data();
    const used = new Set(line.map(({ categoryId }) => categoryId));
    const containerTypeId = containerType.find((known) => known.name === type)!.id;
    await stube.ask(`${own}/rooms/${room}/contain`, {
      choices: category
        .filter(({ id }) => used.has(id))
        .map(({ id }) => ({ categoryId: id, containerTypeId, count: 1 })),
    });
  };
  const place = async (where: (bin: SiteData['bin'][number], i: number) => object) => {
    const { bin } = await data();
    await stube.ask(`${own}/rooms/${room}/place`, {
      placed: bin.map((one, i) => ({ binId: one.id, version: one.version, ...where(one, i) })),
    });
  };
  const open = (step: string) => `${stube.address}/s/${site}/r/${room}/${step}`;
  return { site, room, own, unit, lines, data, contain, place, open };
}
