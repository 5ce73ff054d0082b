/** The rotation problem of a room from the site's rows, and what a plan becomes there. */
import { ageInMonths } from '../../ground/hazards/ages.ts';
import { mayBeOut } from '../../ground/hazards/dangers-of-line.ts';
import { addDays, daysBetween } from '../../ground/calendar/day.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { Interest, RotationRules, SiteData, Spell } from '../../ground/model/entities.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import { clearHeight } from '../../ground/problems/place-problem.ts';
import { mondayOf } from '../today/done.ts';
import type { RotateProblem } from './problem.ts';
import { turnSize } from './turn-size.ts';

/** A start that most shelves can live with (our own judgement). */
export const USUAL_RULES: RotationRules = {
  weeks: 8,
  longestSpell: 4,
  shortestSpell: 1,
  leastRest: 2,
  mostRest: 10,
  swapsAWeek: 5,
};

/** What is told of how loved a thing is, is worth so many times that it was seen. */
const PRIOR_TIMES = 3;
const SCORE: Record<Interest['kind'], number> = { loved: 1, used: 0.6, 'not touched': 0 };

/** How loved a thing is, as told and as seen. */
export function interestIn(loved: number, seen: readonly Pick<Interest, 'kind'>[]): number {
  return (loved * PRIOR_TIMES + seen.reduce((sum, { kind }) => sum + SCORE[kind], 0)) / (PRIOR_TIMES + seen.length);
}

/** Week of the year of a Monday (ISO 8601). */
export function weekOfYear(monday: string): number {
  const thursday = addDays(monday, 3);
  return Math.floor(daysBetween(`${thursday.slice(0, 4)}-01-01`, thursday) / 7) + 1;
}

export const isOut = (spell: Spell): boolean => spell.begun && !spell.ended;

export interface RoomRotation {
  problem: RotateProblem;
  /** The Mondays of the plan. */
  mondays: string[];
  /** Rotating things whose size nobody knows: they are taken to fit. */
  unknownSizes: string[];
  /** Rotating things that are kept from the children who come: they are not planned. */
  kept: string[];
}

type Data = Pick<
  SiteData,
  'site' | 'room' | 'person' | 'line' | 'category' | 'unit' | 'compartment' | 'rotating' | 'slot' | 'spell' | 'interest'
>;
const WEEK = 7;

/**
 * @param first the Monday of its first week
 * @param timeMs for the engine
 */
export function rotationOfRoom(data: Data, roomId: string, first: string, timeMs: number): RoomRotation | null {
  const room = data.room.find(({ id }) => id === roomId);
  if (!room) return null;
  const { weeks, weights = {}, ...rules } = room.rotation ?? USUAL_RULES;
  const mondays = Array.from({ length: weeks }, (_, week) => addDays(first, WEEK * week));
  const units = new Set(data.unit.flatMap((unit) => (unit.roomId === roomId ? [unit.id] : [])));
  const spaces = byId(data.compartment.filter(({ unitId }) => units.has(unitId)));
  const slots = data.slot.flatMap((slot) => {
    const space = spaces.get(slot.compartmentId);
    if (!space) return [];
    const size = { width: Math.floor(space.width / slot.parts), depth: space.depth, height: clearHeight(space) };
    return [{ id: slot.id, area: slot.area, ...size }];
  });
  const here = new Set(slots.map(({ id }) => id));
  const spells = data.spell.filter(({ slotId }) => here.has(slotId));
  const weekAt = (day: string): number => Math.round(daysBetween(first, mondayOf(day)) / WEEK);
  const categories = byId(data.category);
  const lines = byId(data.line);
  const turning = data.rotating.filter(({ lineId }) => {
    const line = lines.get(lineId);
    return line?.decision === 'keep' && line.roomId === roomId;
  });
  const coming = comesInto(room, data.person);
  const kept = turning.filter(({ lineId }) => {
    const line = lines.get(lineId)!;
    return !mayBeOut(line, categories.get(line.categoryId ?? ''), coming, first);
  });
  const rotating = turning.filter((thing) => !kept.includes(thing));
  const known = new Set(rotating.map(({ lineId }) => lineId));
  const out: Record<string, string> = {};
  const outNow = new Map<string, Spell>();
  for (const spell of spells)
    if (isOut(spell) && known.has(spell.lineId) && !outNow.has(spell.lineId) && !out[spell.slotId]) {
      out[spell.slotId] = spell.lineId;
      outNow.set(spell.lineId, spell);
    }
  const unknownSizes: string[] = [];
  const things = rotating.map((thing) => {
    const line = lines.get(thing.lineId)!;
    const piece = turnSize(line, categories.get(line.categoryId ?? ''), data.site[0] ?? { measures: {} });
    if (!piece) unknownSizes.push(line.name);
    const [length, width, height] = piece ?? [1, 1, 1];
    const past = spells.filter(({ lineId, ended }) => lineId === thing.lineId && ended);
    const last = past.reduce<string | null>((latest, { to }) => (to && (!latest || to > latest) ? to : latest), null);
    const now = outNow.get(thing.lineId);
    const size = { width: Math.max(1, Math.round(length)), depth: Math.max(1, Math.round(width)) };
    return {
      id: thing.lineId,
      areas: thing.areas,
      ...size,
      height: Math.max(1, Math.round(height)),
      from: thing.fromMonths,
      to: Math.max(thing.fromMonths, thing.toMonths),
      after: thing.afterIds.filter((id) => known.has(id) && id !== thing.lineId),
      season: thing.weeksOfYear.length
        ? mondays.flatMap((monday, week) => (thing.weeksOfYear.includes(weekOfYear(monday)) ? [week] : []))
        : null,
      interest: interestIn(
        thing.loved,
        data.interest.filter(({ lineId }) => lineId === thing.lineId),
      ),
      rested: now ? null : last ? Math.max(0, -weekAt(last)) : rules.leastRest,
      outFor: now ? Math.max(1, -weekAt(now.from)) : 1,
      shown: past.length > 0 || !!now,
      minutes: thing.minutes,
      ready: thing.readyIds,
      notReady: [...thing.notYetIds, ...thing.doneIds],
    };
  });
  const pinned = spells
    .filter((spell) => spell.pinned && !spell.ended && known.has(spell.lineId))
    .map((spell) => ({
      slot: spell.slotId,
      thing: spell.lineId,
      from: Math.max(0, weekAt(spell.from)),
      to: spell.to ? weekAt(spell.to) : weeks,
    }))
    .filter(({ from, to }) => to > 0 && from < Math.min(to, weeks));
  const children = coming
    .filter(({ kind }) => kind === 'child')
    .map((child) => ({ id: child.id, months: ageInMonths(child, first) }));
  return {
    problem: {
      ...{ format: 'stube-rotate/1', weeks, timeMs, slots, children, things, out, pinned, weights },
      rules: { ...rules, filling: slots.filter(({ id }) => !out[id]).length },
    },
    mondays,
    unknownSizes,
    kept: kept.map(({ lineId }) => lines.get(lineId)!.name),
  };
}

/** A thing in a slot from one Monday to another. */
export interface PlannedSpell {
  slotId: string;
  lineId: string;
  from: string;
  /** Null: beyond the end of the plan. */
  to: string | null;
}

/** The spells of a plan that begin in it, and for what is out already when it goes in. */
export function plannedSpells(plan: readonly Record<string, string>[], mondays: readonly string[]): PlannedSpell[] {
  const made: PlannedSpell[] = [];
  const open = new Map<string, PlannedSpell>();
  plan.forEach((row, week) => {
    for (const [slotId, spell] of [...open])
      if (row[slotId] !== spell.lineId) {
        spell.to = mondays[week]!;
        open.delete(slotId);
      }
    for (const [slotId, lineId] of Object.entries(row))
      if (!open.has(slotId)) {
        const spell = { slotId, lineId, from: mondays[week]!, to: null };
        open.set(slotId, spell);
        made.push(spell);
      }
  });
  return made;
}
