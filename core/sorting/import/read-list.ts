/** A list as people keep it, row by row, turned into lines of the pile; what cannot be read is said, not guessed. */
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Category, Decision, Line, Person, Room, Site } from '../../ground/model/entities.ts';
import { kindIn } from '../pile/kind-in.ts';
import { kindNamed, knownCategories, proposeCategories, type CategoryProposal } from '../../ground/matching/propose.ts';
import { plain } from '../../ground/matching/words.ts';
import { halvesOf } from '../pile/line-changes.ts';
import { formatAmount } from '../../ground/contents/measures.ts';
import { readCondition } from '../pile/reading/condition.ts';
import { readSize } from '../pile/reading/size.ts';
import { isParsedLine, parseLine } from '../pile/parse-line.ts';
import { decided } from '../pile/new-line.ts';
import { readCellLength, readFate, readMeasure, readNumber } from './cells.ts';
import type { ColumnKey, Mapping } from './columns.ts';

export interface ListContext {
  site: Pick<Site, 'system' | 'keepsNew'>;
  rooms: readonly Pick<Room, 'id' | 'name'>[];
  people: readonly Pick<Person, 'name'>[];
  categories: readonly Category[];
  /** Room for rows that name none. */
  room: string;
  /** Rooms chosen by hand for places that are named otherwise. */
  places: Readonly<Record<string, string>>;
  /** ISO date. */
  today: string;
}

export interface RowProblem {
  /** Row of the table, the heading being row 1. */
  row: number;
  column: ColumnKey | null;
  message: string;
  /** Nothing comes in while it stands; otherwise it is only worth knowing. */
  stops: boolean;
}

export interface ListLine {
  row: number;
  starter: string | null;
  category: string | null;
  perWeek: number | null;
  values: Omit<Line, 'id' | 'version' | 'siteId' | 'sort'>;
}

export interface ImportedList {
  lines: ListLine[];
  problems: RowProblem[];
  /** Rows with nothing in them. */
  empty: number;
  /** Places that are none of the rooms, by the words of the list. */
  places: string[];
}

/** Rows between two yields. */
const YIELD_INTERVAL = 200;

/**
 * Reads the rows below the heading; yields how many are done, so that a worker can report.
 * @param rows cells as text, row by row
 * @param mapping what each column says
 * @example runToEnd(readList(rows, guessColumns(headings), context)).lines
 */
export function* readList(
  rows: readonly (readonly string[])[],
  mapping: Mapping,
  context: ListContext,
): Generator<number, ImportedList> {
  const found: ImportedList = { lines: [], problems: [], empty: 0, places: [] };
  const known = knownCategories(context.categories);
  const proposals = new Map<string, CategoryProposal | undefined>();
  const propose = (name: string) => {
    const key = plain(name);
    if (!proposals.has(key)) proposals.set(key, proposeCategories(name, known, 1)[0]);
    return proposals.get(key);
  };
  const said = new Map<string, number>();
  for (const [i, cells] of rows.entries()) {
    if (i % YIELD_INTERVAL === YIELD_INTERVAL - 1) yield i;
    const row = i + 2;
    if (cells.every((cell) => !cell.trim())) {
      found.empty++;
      continue;
    }
    readRow(row, cells, mapping, context, propose, found);
    const last = found.lines.at(-1);
    if (last?.row !== row) continue;
    const key = `${last.values.roomId} ${plain(last.values.name)}`;
    const before = said.get(key);
    if (before !== undefined)
      found.problems.push({ row, column: 'name', message: `is also in row ${before}`, stops: false });
    else said.set(key, row);
  }
  return found;
}

/** The room that a place names: whole, as its beginning, or with one of its own words. */
export function roomOf(place: string, rooms: readonly Pick<Room, 'id' | 'name'>[]): string | null {
  const said = plain(place);
  const exact = rooms.find((room) => plain(room.name) === said);
  const begins = rooms.find((room) => said.startsWith(`${plain(room.name)} `));
  if (exact ?? begins) return (exact ?? begins)!.id;
  const within = rooms.filter((room) => plain(room.name).split(' ').includes(said));
  return within.length === 1 ? within[0]!.id : null;
}

/** `1,000` is a thousand; `1,5` is one and a half. */
const THOUSANDS = /^\d{1,3}(?:,\d{3})+$/;

/** An amount as people write it into a cell; null where it says none. */
function amountIn(said: string, name: string): { amount: number; measure: string } | null {
  if (/^(?:[^~≈\p{L}\d½¼¾]|minus\b)/iu.test(said)) return null;
  const read = parseLine(`${said} ${name}`);
  return isParsedLine(read) && read.tokens.some(({ kind }) => kind === 'amount') ? read : null;
}

function readRow(
  row: number,
  cells: readonly string[],
  mapping: Mapping,
  context: ListContext,
  propose: (name: string) => CategoryProposal | undefined,
  found: ImportedList,
): void {
  const cell = (key: ColumnKey): string => (cells[mapping.indexOf(key)] ?? '').trim();
  let stopped = false;
  const say = (column: ColumnKey | null, message: string, stops: boolean) => {
    found.problems.push({ row, column, message, stops });
    stopped ||= stops;
  };
  const notes = [cell('note')];

  const name = cell('name').replace(/\s+/g, ' ').slice(0, 120);
  if (!name) say('name', 'names nothing', true);
  else if (/^[=+@]|^-[^\s\d]/.test(name)) say('name', 'looks like a formula of a table program, not a name', true);

  const place = cell('room');
  let roomId = context.room;
  if (place) {
    const own = context.places[place] ?? roomOf(place, context.rooms);
    if (own) {
      roomId = own;
      const room = context.rooms.find((room) => room.id === own);
      const rest = room && plain(place) !== plain(room.name) ? place : '';
      if (rest) notes.push(rest);
    } else {
      if (!found.places.includes(place)) found.places.push(place);
      say('room', `“${place}” is none of the rooms: choose one above`, true);
    }
  }

  const measure = readMeasure(cell('measure'));
  let amount = cell('amount') === '' ? 1 : readNumber(cell('amount'));
  // `2 doz`, `~12`, `3 boxes`, `1,000`: as in a typed line.
  const isPlain = cell('amount') === '' || (amount !== null && !THOUSANDS.test(cell('amount')));
  const told = isPlain ? null : amountIn(cell('amount'), name);
  if (told) {
    amount = told.amount;
    if (cell('measure') === '') measure.measure = told.measure;
    say('amount', `“${cell('amount')}” is read as ${formatAmount(told.amount, told.measure)}`, false);
  }
  if (amount === null || amount <= 0) say('amount', `“${cell('amount')}” is not an amount`, true);
  else if (cell('amount') === '') say('amount', 'no amount: taken as 1', false);
  const proposal = propose(name);
  const category = context.categories.find((category) => category.id === proposal?.categoryId);
  if (amount !== null) {
    amount *= measure.times;
    if (measure.grams) {
      const density = category?.density ?? proposal?.starter?.density ?? 400;
      say(
        'measure',
        `${amount} g, reckoned as ${(amount / density).toFixed(2)} litres by how heavy its kind is`,
        false,
      );
      notes.push(`${amount} g`);
      amount = Math.max(0.01, Number((amount / density).toFixed(2)));
    } else if (measure.times > 1) notes.push(`${cell('amount')} ${measure.said}`);
    else if (measure.said) {
      notes.push(measure.said);
      say('measure', `“${measure.said}” is taken as pieces`, false);
    }
  }

  const sides = (['length', 'width', 'height'] as const).map((key) => {
    const text = cell(key);
    if (!text) return null;
    const mm = readCellLength(text, context.site.system);
    if (mm === null) say(key, `“${text}” is not a length`, true);
    return mm;
  });
  const kind = kindNamed(name);
  const size = cell('size') === '' ? null : readSize(`${name}, ${cell('size')}`, context.site.system, kind);
  if (cell('size') !== '' && !size) {
    notes.push(cell('size'));
    say('size', `“${cell('size')}” is no size that is known: kept as a note`, false);
  }
  const toldSides = [...sides.filter((side): side is number => side !== null), ...(size?.value.sides ?? [])]
    .sort((a, b) => b - a)
    .slice(0, 3);
  const condition = cell('condition') === '' ? null : (readCondition(`thing, ${cell('condition')}`)?.value ?? null);
  if (cell('condition') !== '' && !condition) notes.push(cell('condition'));

  const perWeek = cell('perWeek') === '' ? null : readNumber(cell('perWeek'));
  if (cell('perWeek') !== '' && perWeek === null) say('perWeek', `“${cell('perWeek')}” is not a number`, true);

  const fate = cell('decision') === '' ? null : readFate(cell('decision'), context.today);
  const unsaid = context.site.keepsNew ? 'it stays, as the site is set' : 'not decided yet';
  if (cell('decision') !== '' && !fate) say('decision', `“${cell('decision')}” is no known decision: ${unsaid}`, false);
  if (cell('decision') === '') say('decision', `no decision told: ${unsaid}`, false);
  if (fate?.test) notes.push('to be tested');

  const users = cell('users');
  const one = context.people.find((person) => plain(person.name) === plain(users));
  if (users && !one) notes.push(`used by ${users}`);
  if (stopped || amount === null) return;
  const decision = fate ? fate.decision : context.site.keepsNew ? 'keep' : null;
  // Read at any hour of the day: lists are told by the day.
  const datesOf = (taken: Decision | null, day: string | null) =>
    decided(taken, day, { at: `${context.today}T12:00:00.000Z`, today: context.today });
  const line: ListLine = {
    row,
    starter: proposal?.starter?.key ?? null,
    category: proposal?.name ?? null,
    perWeek,
    values: {
      ...defaultsOf('line'),
      roomId,
      categoryId: proposal?.categoryId ?? null,
      name,
      amount,
      measure: measure.measure,
      condition,
      kind: kindIn(kind?.key ?? null, category?.starter ?? proposal?.starter?.key ?? null),
      length: toldSides[0] ?? null,
      width: toldSides[1] ?? null,
      height: toldSides[2] ?? null,
      ...datesOf(decision, fate?.due ?? null),
      attributes: one ? { person: one.name } : {},
      note: notes.filter(Boolean).join('; ').slice(0, 400),
    },
  };
  if (!fate?.half) return void found.lines.push(line);
  const halves = halvesOf(amount, line.values.measure);
  say('decision', `half stays, half goes: ${halves[0]} kept, ${halves[1]} given away`, false);
  found.lines.push(
    { ...line, values: { ...line.values, amount: halves[1], ...datesOf('give away', null) } },
    { ...line, values: { ...line.values, amount: halves[0] } },
  );
}
