/** How long a consumable lasts, when to order it and how much: from the people, the open days and what was counted (practice S2). */
import { addDays, daysBetween } from '../../ground/calendar/day.ts';
import type { Holiday, Par, Person, Site, StockCount, StockOrder } from '../../ground/model/entities.ts';
import { medianMass, monthsAtMass } from '../../ground/body/mass.ts';
import { isHoliday } from '../routines/recurrence.ts';

/** The use that follows from the people is worth so many days of counting. */
export const PRIOR_DAYS = 14;
/** Stock-outs are kept below 5 %: 1.645 standard deviations of use by chance (Poisson). */
export const SURENESS = 1.645;
/** Nothing is foretold beyond so many days. */
const HORIZON = 400;
const DAYS_IN_MONTH = 30.4375;

export interface ForecastData {
  site: Pick<Site, 'restDays'>;
  holidays: readonly Pick<Holiday, 'from' | 'to'>[];
  /** Children and groups of them who come, with the month of birth of the youngest. */
  children: readonly Pick<Person, 'id' | 'born' | 'count'>[];
  counts: readonly StockCount[];
  orders: readonly StockOrder[];
}

export const isOpenDay = (data: Pick<ForecastData, 'site' | 'holidays'>, day: string): boolean =>
  !data.site.restDays.includes(new Date(`${day}T00:00:00Z`).getUTCDay()) && !isHoliday(day, data.holidays);

/** The middle of a month of birth as a point in time: it is asked for on every day of a year. */
const births = new Map<string, number>();
function birthOf(born: string): number {
  let at = births.get(born);
  if (at === undefined) births.set(born, (at = Date.parse(`${born}-15`)));
  return at;
}
const DAY_MS = 86_400_000;

/** Children of whom a size fits on a day; whoever's month of birth is not known is not counted. */
export function fittingOn(
  par: Pick<Par, 'fromGrams' | 'toGrams'>,
  children: ForecastData['children'],
  day: string,
): number {
  const together = (some: ForecastData['children']): number => some.reduce((sum, { count }) => sum + count, 0);
  if (par.fromGrams === null && par.toGrams === null) return together(children);
  const at = Date.parse(day);
  return together(
    children.filter(({ born }) => {
      if (!born) return false;
      const mass = medianMass((at - birthOf(born)) / DAY_MS / DAYS_IN_MONTH);
      return mass >= (par.fromGrams ?? 0) && mass <= (par.toGrams ?? Infinity);
    }),
  );
}

/** What is used on a day by the people alone. */
const byPeople = (par: Par, data: ForecastData, day: string): number => {
  if (par.use === 'counted' || !isOpenDay(data, day)) return 0;
  return par.perDay * (par.use === 'child' ? fittingOn(par, data.children, day) : 1);
};

export interface Learned {
  /** What was used against what follows from the people; 1: as reckoned. For what is only counted: a day open. */
  factor: number;
  /** Open days that were counted over. */
  days: number;
}

/** What counts teach: use between two counts, with what was received between them. */
export function learnedUse(par: Par, data: ForecastData): Learned {
  const counts = data.counts.filter(({ parId }) => parId === par.id).sort((a, b) => a.on.localeCompare(b.on));
  let [used, expected, days] = [0, 0, 0];
  for (let i = 1; i < counts.length; i++) {
    const [from, to] = [counts[i - 1]!, counts[i]!];
    const came = data.orders
      .filter(({ parId, on }) => parId === par.id && on > from.on && on <= to.on)
      .reduce((sum, { received }) => sum + received * par.pack, 0);
    const gone = from.amount + came - to.amount;
    // More than before and nothing received: it was filled up otherwise, and says nothing of the use.
    if (gone < 0) continue;
    used += gone;
    for (let day = from.on; day < to.on; day = addDays(day, 1)) {
      if (isOpenDay(data, day)) days++;
      expected += byPeople(par, data, day);
    }
  }
  if (par.use === 'counted') return { factor: days ? used / days : 0, days };
  if (!expected || !days) return { factor: 1, days: 0 };
  return { factor: (PRIOR_DAYS + (days * used) / expected) / (PRIOR_DAYS + days), days };
}

/** Expected use on a day. */
export function useOn(par: Par, data: ForecastData, learned: Learned, day: string): number {
  if (par.use === 'counted') return isOpenDay(data, day) ? learned.factor : 0;
  return byPeople(par, data, day) * learned.factor;
}

export interface Forecast {
  /** What is there now, reckoned on from the last count; null where nobody counted. */
  now: number | null;
  /** Used on an open day, about. */
  perDay: number;
  learned: Learned;
  /** The day on which it is used up, and the range in which that lies; null: not within a year, or not known. */
  lasts: { expected: string; earliest: string; latest: string | null } | null;
  /** The last day on which an order comes in time; null where none is needed within a year. */
  orderBy: string | null;
  /** So many packs, and why not more. */
  packs: number;
  limitedBy: 'outgrown' | 'spoils' | null;
  /** Children who use it at present; null where it is not used by children. */
  users: number | null;
  /** The month in which the last child outgrows it, `2027-03`; null: none, or not of that kind. */
  outgrown: string | null;
}

/** @param today ISO date */
export function forecastOf(par: Par, data: ForecastData, today: string): Forecast {
  const learned = learnedUse(par, data);
  const last = data.counts.filter(({ parId }) => parId === par.id).sort((a, b) => b.on.localeCompare(a.on))[0];
  const open = data.orders.filter(({ parId, closed }) => parId === par.id && !closed);
  const coming = open.reduce((sum, { packs, received }) => sum + (packs - received) * par.pack, 0);
  const use = (day: string): number => useOn(par, data, learned, day);
  let now: number | null = null;
  if (last) {
    now = last.amount;
    for (let day = last.on; day < today; day = addDays(day, 1)) now -= use(day);
    now += data.orders
      .filter(({ parId, on }) => parId === par.id && on > last.on)
      .reduce((sum, { received }) => sum + received * par.pack, 0);
    now = Math.max(0, now);
  }
  const leaves = data.children.flatMap(({ born }) => {
    const months = par.toGrams === null || !born ? null : monthsAtMass(par.toGrams);
    return months === null || !born ? [] : [addDays(`${born}-15`, Math.round(months * DAYS_IN_MONTH))];
  });
  const leaving =
    leaves
      .filter((day) => day > today)
      .sort()
      .at(-1) ?? null;
  const outgrown = par.use === 'child' && leaving && leaving <= addDays(today, HORIZON) ? leaving.slice(0, 7) : null;
  let [sum, expected, earliest, latest, orderBy] = [0, null, null, null, null] as [
    number,
    string | null,
    string | null,
    string | null,
    string | null,
  ];
  const daily: number[] = [];
  const stock = now ?? 0;
  for (let i = 0; i < HORIZON; i++) {
    const day = addDays(today, i);
    const amount = use(day);
    daily.push(amount);
    sum += amount;
    const spread = SURENESS * Math.sqrt(sum);
    if (!earliest && sum + spread > stock) earliest = day;
    if (!expected && sum > stock) expected = day;
    if (!latest && sum - spread > stock) latest = day;
    // What is ordered on a day comes after the lead time: until then the stock has to last, and what is on its way counts.
    if (!orderBy && sum + spread > stock + coming) {
      const due = addDays(day, -par.leadDays);
      orderBy = due < today ? today : due;
    }
  }
  const arrives = addDays(orderBy ?? today, par.leadDays);
  const before = daily.slice(0, Math.max(0, daysBetween(today, arrives))).reduce((total, one) => total + one, 0);
  const left = Math.max(0, stock + coming - before);
  let want = Math.max(0, par.wanted - left);
  let limitedBy: Forecast['limitedBy'] = null;
  const usableUntil = (until: string): number =>
    daily
      .slice(Math.max(0, daysBetween(today, arrives)), Math.max(0, daysBetween(today, until)))
      .reduce((total, one) => total + one, 0);
  for (const [until, why] of [
    [par.use === 'child' && par.toGrams !== null ? leaving : null, 'outgrown'],
    [par.expires, 'spoils'],
  ] as const) {
    if (!until || until > addDays(today, HORIZON)) continue;
    const most = Math.max(0, usableUntil(until) - left);
    if (most < want) [want, limitedBy] = [most, why];
  }
  const known = now !== null && sum > 0;
  // A last pack of which little would be used is left out only where it would be outgrown or spoil.
  const packs = limitedBy ? Math.floor(want / par.pack + 0.5) : Math.ceil(want / par.pack - 1e-9);
  const openDays = daily.filter((amount) => amount > 0).length;
  return {
    now,
    perDay: openDays ? sum / openDays : 0,
    learned,
    lasts: known && expected ? { expected, earliest: earliest!, latest } : null,
    orderBy: known ? orderBy : now !== null && now <= par.least ? today : null,
    packs,
    limitedBy,
    users: par.use === 'child' ? fittingOn(par, data.children, today) : null,
    outgrown,
  };
}
