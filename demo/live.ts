/** Lets a furnished house have been lived in: observations, strays, routines, holidays. */
import type { Snapshot } from '@stube/contract/answers';
import type { RotationAnswer } from '@stube/contract/rotation/requests';
import {
  BUDGET,
  CARRIED,
  DAYS_OF_USE,
  HOLIDAY,
  INCOMPLETE,
  CONSUMABLES,
  DAY_SLOTS,
  INSIDE,
  KIT,
  LIVED_DAYS,
  MOST_A_DAY,
  ROUTINES,
  SEASONS,
  SECOND_LIFE,
  SEEN,
  STRAYS,
  TIDIED,
  TURNS,
} from './daily-life.ts';

const DAY_MS = 86_400_000;
const addDays = (day: string, days: number): string =>
  new Date(Date.parse(day) + days * DAY_MS).toISOString().slice(0, 10);

type Ask = <T>(method: string, path: string, body?: unknown) => Promise<T>;

/**
 * @param own the address of the site's part of the interface
 * @param today ISO date
 */
export async function liveIn(
  ask: Ask,
  own: string,
  snapshot: () => Promise<Snapshot['data']>,
  today: string,
): Promise<void> {
  const ago = (days: number): string => addDays(today, -days);
  const at = (day: string, hour: number, minute = 0): string =>
    `${day}T${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}:00.000Z`;
  let data = await snapshot();
  for (const [name, pieces, missing] of INCOMPLETE) {
    const line = data.line.find((known) => known.name === name)!;
    await ask('PATCH', `${own}/rows/line/${line.id}`, {
      setPieces: pieces,
      setMissing: missing,
      version: line.version,
    });
  }
  for (const [name, host] of INSIDE) {
    const line = data.line.find((known) => known.name === name)!;
    const insideId = data.line.find((known) => known.name === host)!.id;
    await ask('PATCH', `${own}/rows/line/${line.id}`, { insideId, version: line.version });
  }
  for (const { name, unit, place } of CARRIED) {
    const bin = data.bin.find((known) => known.name === name)!;
    const unitId = data.unit.find((known) => known.name === unit)!.id;
    const parkId = data.compartment.find((space) => space.unitId === unitId && space.name === place)!.id;
    await ask('PATCH', `${own}/rows/bin/${bin.id}`, { parkId, version: bin.version });
  }
  for (const room of data.room)
    if (SECOND_LIFE[room.name])
      await ask('PATCH', `${own}/rows/room/${room.id}`, { secondLife: SECOND_LIFE[room.name], version: room.version });

  data = await snapshot();
  const lived = data.room.filter(({ name }) => ROUTINES.some(({ room }) => room === name));
  const binsOf = (category: string) => {
    const found = data.category.find(({ name }) => name === category);
    return data.bin.filter((bin) => bin.categoryId === found?.id && lived.some(({ id }) => id === bin.roomId));
  };
  const person = (name: string) => data.person.find((one) => one.name === name)!.id;
  const observations: { kind: string; binId: string; roomId: string; at: string; [more: string]: unknown }[] = [];
  for (const bin of data.bin) {
    if (!bin.compartmentId || !lived.some(({ id }) => id === bin.roomId)) continue;
    const category = data.category.find(({ id }) => id === bin.categoryId)!;
    const siblings = data.bin.filter((one) => one.categoryId === bin.categoryId).length;
    const times = Math.min(MOST_A_DAY * DAYS_OF_USE, Math.round(category.perWeek / siblings));
    for (let i = 0; i < times; i++) {
      const day = ago(DAYS_OF_USE - 1 - Math.floor((i * DAYS_OF_USE) / times));
      observations.push({ kind: 'put back', binId: bin.id, roomId: bin.roomId, at: at(day, 15, (7 * i) % 60) });
    }
  }
  for (const { category, kind, days, at: there, seconds } of SEEN) {
    const [bin] = binsOf(category);
    const foundId = there ? binsOf(there)[0]?.compartmentId : undefined;
    if (!bin || (there && !foundId))
      throw new Error(`Nothing of ${category}${there ? ` or ${there}` : ''} to be seen.`);
    for (const day of days)
      observations.push({
        kind,
        binId: bin.id,
        roomId: bin.roomId,
        at: at(ago(day), 16),
        ...(foundId ? { foundId } : {}),
        ...(seconds ? { seconds } : {}),
      });
  }
  for (const [category, who, day, seconds] of TIDIED) {
    const [bin] = binsOf(category);
    if (!bin) throw new Error(`Nothing of ${category} to be tidied.`);
    observations.push({
      kind: 'tidied',
      binId: bin.id,
      roomId: bin.roomId,
      at: at(ago(day), 17),
      personId: person(who),
      seconds,
    });
  }
  const create = observations.map((values, i) => ({ table: 'observation', id: `seen-${i}`, values }));
  await ask('POST', `${own}/batch`, { what: 'what was seen in the last weeks', create });

  const play = data.room.find(({ name }) => SECOND_LIFE[name])!;
  for (const { what, foundIn, daysAgo } of STRAYS)
    await ask('POST', `${own}/rows/stray`, {
      roomId: play.id,
      what,
      foundIn,
      foundOn: ago(daysAgo),
      due: addDays(ago(daysAgo), 14),
    });
  const { from, to } = HOLIDAY;
  await ask('POST', `${own}/rows/holiday`, { name: HOLIDAY.name, from: addDays(today, from), to: addDays(today, to) });
  for (const { room, person: who, doneOn, left = 0, ...values } of ROUTINES) {
    const { id } = await ask<{ id: string }>('POST', `${own}/rows/routine`, {
      ...values,
      roomId: data.room.find(({ name }) => name === room)?.id ?? null,
      personId: person(who),
      from: doneOn ? ago(LIVED_DAYS) : today,
    });
    for (let days = LIVED_DAYS; days > left; days--) {
      const day = ago(days);
      if (doneOn?.includes(new Date(day).getUTCDay()))
        await ask('POST', `${own}/rows/routineDay`, { routineId: id, day, doneAt: at(day, 17, 30) });
    }
  }
  await restockAndRotate(ask, own, await snapshot(), today);
}

interface Turn {
  slotId: string;
  lineId: string;
  from: string;
  to: string | null;
}

/** What has been out for two weeks and is planned from there on, with what was seen of it. */
async function letTurn(
  ask: Ask,
  own: string,
  roomId: string,
  today: string,
  lineOf: (name: string) => string,
): Promise<void> {
  const monday = addDays(today, -((new Date(today).getUTCDay() + 6) % 7) - 14);
  const { answer, mondays } = await ask<RotationAnswer>('POST', `${own}/rooms/${roomId}/rotation`, { first: monday });
  const spells = new Map<string, Turn>();
  const done: Turn[] = [];
  answer.plan.forEach((row, week) => {
    for (const [slotId, spell] of spells)
      if (row[slotId] !== spell.lineId) {
        done.push({ ...spell, to: mondays[week]! });
        spells.delete(slotId);
      }
    for (const [slotId, lineId] of Object.entries(row))
      if (!spells.has(slotId)) spells.set(slotId, { slotId, lineId, from: mondays[week]!, to: null });
  });
  const create = [...done, ...spells.values()].map((spell, i) => ({
    table: 'spell',
    id: `turn-${i}`,
    values: { ...spell, begun: spell.from <= today, ended: spell.to !== null && spell.to <= today },
  }));
  await ask('POST', `${own}/batch`, { what: 'what takes turns in the coming weeks', create });
  for (const [name, kind, daysAgo] of TURNS.seen)
    await ask('POST', `${own}/rows/interest`, { lineId: lineOf(name), kind, on: addDays(today, -daysAgo) });
}

async function restockAndRotate(ask: Ask, own: string, data: Snapshot['data'], today: string): Promise<void> {
  const make = (table: string, values: object) => ask<{ id: string }>('POST', `${own}/rows/${table}`, values);
  const room = data.room.find(({ name }) => name === TURNS.room)!;
  const lineOf = (name: string) => {
    const line = data.line.find((one) => one.name === name);
    if (!line) throw new Error(`No line ${name}.`);
    return line.id;
  };
  for (const [name, areas, fromMonths, toMonths, loved] of TURNS.things)
    await make('rotating', {
      lineId: lineOf(name),
      areas,
      fromMonths,
      toMonths,
      loved,
      afterIds: TURNS.after.flatMap(([later, before]) => (later === name ? [lineOf(before)] : [])),
    });
  const units = new Set(data.unit.filter(({ roomId }) => roomId === room.id).map(({ id }) => id));
  const free = data.compartment.filter(
    ({ id, unitId, door, drawer, access, floor, hangs }) =>
      units.has(unitId) &&
      !door &&
      !drawer &&
      !hangs &&
      access === 'front' &&
      floor < 1300 &&
      !data.bin.some(({ compartmentId }) => compartmentId === id),
  );
  for (const [i, space] of free.slice(0, TURNS.places).entries())
    await make('slot', { compartmentId: space.id, area: TURNS.areas[i] });
  await letTurn(ask, own, room.id, today, lineOf);
  for (const [category, name, comesOut, goesBack] of SEASONS) {
    const of = data.category.find((one) => one.name === category)!;
    const bin = data.bin.find(({ categoryId }) => categoryId === of.id)!;
    await make('season', { binId: bin.id, name, comesOut, goesBack });
  }
  const { id: site, version } = data.site[0]!;
  await ask('PATCH', `${own}/rows/site/${site}`, { restockBudget: BUDGET, version });
  for (const { line, counted, openedDaysAgo, ...values } of CONSUMABLES) {
    const opened = openedDaysAgo === undefined ? null : addDays(today, -openedDaysAgo);
    const { id } = await make('par', { ...values, opened, lineId: lineOf(line), leadDays: 4 });
    for (const [days, amount] of counted) await make('stockCount', { parId: id, amount, on: addDays(today, -days) });
  }
  const loft = data.room.find(({ name }) => name === 'Net loft')!.id;
  for (const [weekday, who, activity, lines] of DAY_SLOTS)
    await make('daySlot', {
      roomId: loft,
      weekday,
      personId: data.person.find(({ name }) => name === who)!.id,
      activity,
      lineIds: lines.map(lineOf),
    });
  const office = data.room.find(({ name }) => name === KIT.room)!.id;
  for (const [sort, [name, position, wanted, have, expires]] of KIT.items.entries())
    await make('kitItem', {
      roomId: office,
      name,
      position,
      wanted,
      have,
      expires: expires === null ? null : addDays(today, expires),
      sort,
    });
  await make('kitCheck', { roomId: office, on: addDays(today, -KIT.checkedDaysAgo), by: KIT.by });
}
