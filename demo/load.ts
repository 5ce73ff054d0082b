/** Furnishes the Ferry House in a running Stube, through the same interface as every screen. */
import type { ChangeAnswer, Snapshot } from '@stube/contract/answers';
import {
  HANGING,
  LAYOUTS,
  LIMITS,
  NUMBERED,
  OWNED,
  PARTED,
  PEOPLE,
  CUT_STOCK,
  ROOMS,
  SAVED,
  SITE,
  SITTING,
  USERS,
} from './ferry-house.ts';
import { liveIn } from './live.ts';

const origin = process.argv[2] ?? 'http://127.0.0.1:4180';

async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await fetch(`${origin}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  const answer = (await response.json()) as T;
  if (!response.ok) throw new Error(`${method} ${path} ${JSON.stringify(body)}: ${JSON.stringify(answer)}`);
  return answer;
}

/** The board of a shelf that is put on a shelf, mm. */
const BOARD = 18;

// What is told of the finished rooms was decided long ago.
const site = (await ask<ChangeAnswer>('POST', '/sites', { ...SITE, keepsNew: true })).id!;
const own = `/sites/${site}`;
const make = async (table: string, values: object): Promise<string> =>
  (await ask<ChangeAnswer>('POST', `${own}/rows/${table}`, values)).id!;
const snapshot = async () => (await ask<Snapshot>('GET', own)).data;

const people = new Map<string, string>();
const today = new Date();

/** How a room stood before its makeover: in the order in which things came, each where there was room beside the last. */
async function asThingsCame(roomId: string): Promise<void> {
  const { bin, containerType, unit, compartment } = await snapshot();
  const units = new Set(unit.filter((own) => own.roomId === roomId).map(({ id }) => id));
  const spaces = compartment.filter((space) => units.has(space.unitId) && !space.hangs);
  const left = new Map(spaces.map(({ id, width }) => [id, width]));
  const placed = bin
    .filter((own) => own.roomId === roomId)
    .flatMap(({ id, version, containerTypeId }) => {
      const type = containerType.find((known) => known.id === containerTypeId);
      const space =
        type &&
        spaces.find(
          ({ id: at, depth, height }) =>
            left.get(at)! >= type.outWidth && depth >= type.outDepth && height >= type.outHeight,
        );
      if (!space) return [];
      left.set(space.id, left.get(space.id)! - type.outWidth);
      return [{ binId: id, version, compartmentId: space.id }];
    });
  await ask('POST', `${own}/rooms/${roomId}/place`, { placed });
  await ask('POST', `${own}/rooms/${roomId}/as-it-is`);
}
/** Rooms in which all stands and is labelled. */
const finished = new Set<string>();
/** What stands in a finished room was bought for it; what others use of the same takes nothing from it. */
async function buyForFinished(): Promise<void> {
  const { bin, containerType } = await snapshot();
  for (const { id, owned, version } of containerType) {
    const used = bin.filter(({ containerTypeId }) => containerTypeId === id);
    if (used.length > owned && used.some(({ roomId }) => finished.has(roomId)))
      await ask('PATCH', `${own}/rows/containerType/${id}`, { owned: used.length, version });
  }
}
for (const person of PEOPLE) {
  const { months, ...values } = { months: null, ...person };
  const born =
    months === null
      ? null
      : new Date(Date.UTC(today.getUTCFullYear(), today.getUTCMonth() - months, 1)).toISOString().slice(0, 7);
  people.set(person.name, await make('person', { ...values, born }));
}
for (const first of (await snapshot()).person.filter((person) => !people.has(person.name)))
  await ask('DELETE', `${own}/rows/person/${first.id}`, { version: first.version });
for (const type of (await snapshot()).containerType)
  if (OWNED[type.name])
    await ask('PATCH', `${own}/rows/containerType/${type.id}`, { owned: OWNED[type.name], version: type.version });

for (const [part, length, price, count] of CUT_STOCK) await make('cutStock', { part, length, price, count });

for (const plan of ROOMS) {
  const [width, depth, height] = plan.size;
  const room = await make('room', {
    name: plan.name,
    width,
    depth,
    height,
    people: plan.people.map((name) => people.get(name)!),
    wallKind: plan.walls,
    mayDrill: plan.mayDrill,
  });
  for (const zone of (await snapshot()).zone.filter((zone) => zone.roomId === room))
    await ask('DELETE', `${own}/rows/zone/${zone.id}`, { version: zone.version });
  for (const [name, kind, x, y] of plan.zones) await make('zone', { roomId: room, name, kind, x, y });
  for (const { at, sill = 0, swing = null, ...fixture } of plan.fixtures)
    await make('fixture', { ...fixture, roomId: room, x: at[0], y: at[1], sill, swing });
  for (const unit of plan.units)
    await make('unit', {
      roomId: room,
      name: unit.name,
      template: unit.template,
      width: unit.size[0],
      height: unit.size[1],
      depth: unit.size[2],
      columns: unit.grid[0],
      rows: unit.grid[1],
      x: unit.at[0],
      y: unit.at[1],
      faces: unit.faces ?? 'front',
      board: unit.board ?? 18,
      raised: unit.raised ?? 0,
      slope: unit.slope ?? null,
      layout: unit.layout ?? null,
      wheels: !!unit.wheels,
      doubles: unit.doubles ?? null,
      step: unit.step ?? null,
      locked: !!unit.locked,
      sunlit: !!unit.sunlit,
      onView: true,
      anchored: !!unit.anchored,
    });
  const { unit: standing, compartment: spaces } = await snapshot();
  for (const [name, part] of plan.cut ?? [])
    for (const space of spaces.filter(({ unitId }) => unitId === standing.find((unit) => unit.name === name)!.id))
      await make('cutPiece', { compartmentId: space.id, part, count: 1 });
  for (const [name, side, by, what] of plan.blocked ?? [])
    for (const space of spaces.filter(({ unitId }) => unitId === standing.find((unit) => unit.name === name)!.id))
      await ask('PATCH', `${own}/rows/compartment/${space.id}`, {
        blocked: [{ side, by, what }],
        depth: space.depth - by,
        version: space.version,
      });
  for (const { unit, space: name, shelf, behind, raised = 0 } of PARTED) {
    const within = standing.find((known) => known.name === unit && known.roomId === room);
    const space = spaces.find((known) => known.unitId === within?.id && known.name === name);
    if (!space) continue;
    const { id, siteId: _site, version, ...inside } = space;
    const up = shelf ? shelf + BOARD : raised;
    const other = { ...inside, z: inside.z + up, floor: inside.floor + up, height: inside.height - up };
    await ask('POST', `${own}/batch`, {
      what: shelf ? `a shelf in ${name}` : `a raised row in ${name}`,
      update: [{ table: 'compartment', id, version, values: shelf ? { height: shelf } : { depth: behind } }],
      create: [
        {
          table: 'compartment',
          id: `${id}-2`,
          values: {
            ...other,
            name: `${name}, ${shelf ? 'above' : 'raised at the back'}`,
            depth: behind ? inside.depth - behind : inside.depth,
            maxLoad: Math.round(inside.maxLoad / 2),
          },
        },
      ],
    });
  }
  for (const text of plan.lines) await ask('POST', `${own}/lines`, { roomId: room, text });
  const { category: sorted, line: told } = await snapshot();
  for (const line of told.filter(({ roomId }) => roomId === room))
    if (SAVED[line.name])
      await ask('PATCH', `${own}/rows/line/${line.id}`, { ...SAVED[line.name], version: line.version });
  for (const line of told.filter(({ roomId, name }) => roomId === room && NUMBERED[name]))
    await ask('POST', `${own}/numbers`, { lineId: line.id, series: NUMBERED[line.name], count: line.amount });
  for (const [name, users] of USERS) {
    const used = sorted.find((category) => category.name === name && !category.users.length);
    if (!used) continue;
    const ids = users.map((user) => people.get(user)!);
    await ask('PATCH', `${own}/rows/category/${used.id}`, { users: ids, version: used.version });
  }
  for (const [name, onRods] of HANGING) {
    const hung = sorted.find((category) => category.name === name && category.standsAlone === null);
    if (!hung) continue;
    const lines = told.filter((line) => line.categoryId === hung.id && line.roomId === room);
    if (!lines.length) continue;
    await ask('PATCH', `${own}/rows/category/${hung.id}`, { standsAlone: true, version: hung.version });
    for (const line of onRods ? lines : [])
      await ask('PATCH', `${own}/rows/line/${line.id}`, { note: 'on rods', version: line.version });
  }
  await ask('POST', `${own}/rooms/${room}/contain`, {});
  if (plan.printed) await asThingsCame(room);
  await ask('POST', `${own}/rooms/${room}/place`, {});
  if (plan.open) await ask('POST', `${own}/rooms/${room}/session`, { act: 'start' });
  for (const text of plan.open ?? []) await ask('POST', `${own}/lines`, { roomId: room, text });
  for (const text of plan.undecided ?? []) await ask('POST', `${own}/lines`, { roomId: room, text, decision: null });
  if (plan.name === SITTING.room) {
    await ask('POST', `${own}/rooms/${room}/session`, { act: 'end' });
    const { session, room: rooms } = await snapshot();
    const sitting = session.find((session) => session.roomId === room)!;
    const { version } = rooms.find((one) => one.id === room)!;
    await ask('PATCH', `${own}/rows/session/${sitting.id}`, {
      seconds: SITTING.minutes * 60,
      version: sitting.version,
    });
    await ask('PATCH', `${own}/rows/room/${room}`, { minutesADay: SITTING.minutesADay, version });
    const until = new Date(today.getTime() + SITTING.days * 86_400_000).toISOString().slice(0, 10);
    await make('deferral', { roomId: room, what: SITTING.putOff, until });
  }
  if (plan.printed) {
    finished.add(room);
    await buyForFinished();
  }
  for (const { container, layout } of LAYOUTS) {
    const { bin: made, containerType: types, labelLayout } = await snapshot();
    const bins = made.filter(
      ({ roomId, containerTypeId }) =>
        roomId === room && types.find(({ id }) => id === containerTypeId)?.name === container,
    );
    if (!bins.length) continue;
    const known = labelLayout.find(({ name }) => name === layout.name)?.id;
    const labelLayoutId = known ?? (await make('labelLayout', layout));
    await ask('POST', `${own}/batch`, {
      what: `${layout.name} for ${container}`,
      update: bins.map(({ id, version }) => ({ table: 'bin', id, version, values: { labelLayoutId } })),
    });
  }
  if (plan.printed)
    await ask('POST', `${own}/printed`, {
      room,
      labels: (await snapshot()).bin.filter((bin) => bin.roomId === room).map(({ id }) => ({ role: 'bin', binId: id })),
    });
}

await buyForFinished();

const kept = await snapshot();
await ask('PATCH', `${own}/rows/site/${site}`, { keepsNew: false, version: kept.site[0]!.version });
for (const [name, container, count] of LIMITS) {
  const limited = kept.category.find((category) => category.name === name)!;
  const containerTypeId = kept.containerType.find((type) => type.name === container)!.id;
  await ask('PATCH', `${own}/rows/category/${limited.id}`, {
    limit: { containerTypeId, count },
    version: limited.version,
  });
}

await liveIn(ask, own, snapshot, today.toISOString().slice(0, 10));

const { room, unit, compartment, containerType, category, bin, line } = await snapshot();
const loose = bin.filter((bin) => !bin.compartmentId).length;
console.log(
  `${room.length} rooms, ${unit.length} units, ${compartment.length} compartments, ${containerType.length} container types, ${category.length} categories, ${line.length} lines, ${bin.length} bins (${loose} without a place)`,
);
