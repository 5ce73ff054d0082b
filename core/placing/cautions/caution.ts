/** What a caution says, and whom most of them are about. */
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

/** A child who comes into the room, with its age in months. */
export type Child = Person & { months: number };
