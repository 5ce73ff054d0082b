/** What a caution says, and whom most of them are about. */
import { formatAge } from '../../ground/body/stature.ts';
import type { Person } from '../../ground/model/entities.ts';

export const DEFER = 'Local codes, your licence and licensed trades decide; this is only the usual caution.';

export interface Caution {
  /** Stable for the same facts. */
  key: string;
  hazard: string;
  severity: 'warn' | 'danger';
  /** The bin, unit or compartment. */
  about: string;
  fact: string;
  helps: string;
}

/** How many of them are dangers. */
export const countDangers = (cautions: readonly Pick<Caution, 'severity'>[]): number =>
  cautions.filter(({ severity }) => severity === 'danger').length;

/** A child who comes into the room, with its age in months. */
export type Child = Person & { months: number };

/** How many they are: one row may stand for several. */
export const countOf = (children: readonly Pick<Child, 'count'>[]): number =>
  children.reduce((sum, { count }) => sum + count, 0);

/** So many are named; more are counted. */
const NAMED = 3;

/**
 * Children in words: by name, or, where there are many, how many and how young.
 * @param children at least one; each may stand for several
 * @example whoAre([{ name: 'Heron', count: 1, months: 90 }, { name: 'Wren', count: 1, months: 20 }]) // 'Heron and Wren'
 */
export function whoAre(children: readonly Pick<Child, 'name' | 'count' | 'months'>[]): string {
  const count = countOf(children);
  if (count > NAMED)
    return `${count} children, the youngest ${formatAge(Math.min(...children.map(({ months }) => months)))}`;
  const names = children.map(({ name }) => name);
  return names.length > 2 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names.join(' and ');
}
