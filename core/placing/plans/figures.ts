/** What a room with its bins takes a week and whom, what has no place and why, and what is wrong with it. */
import { formatMostly } from '../../ground/body/rules.ts';
import type { Bin } from '../../ground/model/entities.ts';
import { cautionsOf } from '../cautions/cautions.ts';
import type { Caution } from '../cautions/caution.ts';
import { optionsFor } from '../placement/depth/explain.ts';
import type { DepthProblem } from '../placement/depth/problem.ts';
import type { Standing } from '../placement/depth/standing.ts';
import type { RoomData } from '../placement/room-data.ts';

export interface PlanFigures {
  /** Seconds a week of what has a place. */
  effort: number;
  byPerson: { person: string; seconds: number }[];
  /** What has no place, and what keeps it from one. */
  unplaced: { id: string; categoryId: string; name: string; why: string }[];
  /** Share of the room's litres in compartments in which nothing stands. */
  free: number;
  cautions: Caution[];
}

const nameOf = (bin: Pick<Bin, 'code' | 'name'>): string => [bin.code, bin.name].filter(Boolean).join(' ');
const NONE: ReadonlySet<string> = new Set();

/** @param bins with their places @param dangerous ids of the compartments in which a bin would be a danger */
export function figuresOf(
  room: RoomData,
  bins: readonly Bin[],
  problem: DepthProblem,
  standing: Standing,
  dangerous: (bin: Bin) => ReadonlySet<string> = () => NONE,
): PlanFigures {
  const byPerson = new Map<string, number>();
  for (const { bin: id } of standing.positions) {
    const seconds = standing.seconds(id)!;
    const uses = standing.bin(id)!.uses;
    const all = uses.reduce((sum, { perWeek }) => sum + perWeek, 0);
    for (const { person, perWeek } of uses)
      byPerson.set(person, (byPerson.get(person) ?? 0) + (all ? (seconds * perWeek) / all : 0));
  }
  const stands = new Set(standing.positions.map(({ bin }) => bin));
  const used = new Set(standing.positions.map(({ compartment }) => compartment));
  const litres = ({ width, depth, height }: { width: number; depth: number; height: number }) => width * depth * height;
  const all = problem.compartments.reduce((sum, space) => sum + litres(space), 0);
  const empty = problem.compartments.filter(({ id }) => !used.has(id)).reduce((sum, space) => sum + litres(space), 0);
  const people = new Map(room.people.map(({ id, name }) => [id, name]));
  return {
    effort: standing.effort,
    byPerson: [...byPerson].map(([person, seconds]) => ({ person, seconds })).sort((a, b) => b.seconds - a.seconds),
    unplaced: bins
      .filter(({ id }) => !stands.has(id))
      .map((bin) => ({
        id: bin.id,
        categoryId: bin.categoryId,
        name: nameOf(bin),
        why: whyNot(room, standing, bin, dangerous(bin), (id) => people.get(id) ?? id),
      })),
    free: all ? empty / all : 0,
    cautions: cautionsOf({ ...room, bins: [...bins] }),
  };
}

/** The one thing that keeps a bin from a place. */
function whyNot(
  room: RoomData,
  standing: Standing,
  bin: Bin,
  dangerous: ReadonlySet<string>,
  personName: (id: string) => string,
): string {
  const options = optionsFor(standing, bin.id);
  if (!options.length) return 'no compartment is measured';
  const safe = options.filter(({ compartment }) => !dangerous.has(compartment));
  if (!safe.length) return 'wherever it fits it would be a danger: a locked place is needed';
  const could = safe.filter(({ broken }) => !broken.length);
  if (could.length) {
    const often = room.categories.get(bin.categoryId)?.perWeek ?? 0;
    const rare = often < 0.5 ? ', and it is seldom used' : '';
    const locked = dangerous.size > 0 ? ' in the locked places' : '';
    return `no room is left${locked}${rare}`;
  }
  const counts = new Map<string, number>();
  for (const { broken } of safe) {
    const why = formatMostly(broken[0]!, personName);
    counts.set(why, (counts.get(why) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]![0];
}
