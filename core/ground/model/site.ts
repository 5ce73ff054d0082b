import { entity, type Row } from './entity.ts';

/** In what lengths are shown and read: `metric` is centimetres. */
export const LENGTH_SYSTEMS = ['metric', 'millimetre', 'imperial'] as const;
export type LengthSystem = (typeof LENGTH_SYSTEMS)[number];

/** What is printed on. */
export const PAPER_NAMES = ['A4', 'Letter'] as const;
export type Paper = (typeof PAPER_NAMES)[number];

export interface Site extends Row {
  name: string;
  system: LengthSystem;
  /** ISO 4217 code. */
  currency: string;
  /** Room to grow, as a share (0.1 is 10 %). */
  growth: number;
  /** How full a container may be, as a share of its inside. */
  fillLimit: number;
  /** Litres of each everyday measure, where this site differs from the usual. */
  measures: Partial<Record<string, number>>;
  /** Days of the week on which nobody works here, 0 is Sunday. */
  restDays: number[];
  /** Whether a new line stays unless something else is said; else nobody has decided about it yet. */
  keepsNew: boolean;
  paper: Paper;
  /** What a saw takes, mm. */
  kerf: number;
  /** Pieces are cut so much shorter than the inside that was measured, mm: they have to go in. */
  clearance: number;
  /** IANA name of the time zone in which its days begin and end; null: nobody told, that of the machine. */
  timeZone: string | null;
  /** What restocking may cost in a month, minor units; null: nobody set a limit. */
  restockBudget: number | null;
}

/** To that share a container is filled, so that it closes and can grow (practice C4). */
export const USUAL_FILL_LIMIT = 0.8;

export const site = entity<Site>()({
  words: { one: 'site', many: 'sites' },
  routes: { create: false, remove: false },
  fields: {
    name: {},
    system: { default: 'metric' },
    currency: { default: 'EUR' },
    // The usual room to grow (docs/computing.md, How much room does it take?).
    growth: { default: 0.1 },
    fillLimit: { default: USUAL_FILL_LIMIT },
    measures: { default: {} },
    restDays: { default: [], since: 4 },
    keepsNew: { default: false, since: 5 },
    paper: { default: 'A4', since: 5 },
    // An ordinary hand or circular saw; two millimetres of air at each end.
    kerf: { default: 3, since: 6 },
    clearance: { default: 4, since: 6 },
    restockBudget: { default: null, since: 12 },
    timeZone: { default: null, since: 14 },
  },
});
