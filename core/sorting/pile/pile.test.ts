import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { isLargeGuess } from './large-guess.ts';
import { isParsedLine, parseLine } from './parse-line.ts';
import { knownCategories, proposeCategories } from '../../ground/matching/propose.ts';
import { STARTER_CATEGORIES } from '../../ground/starter/library.ts';
import { typingErrors } from '../../ground/matching/words.ts';
import { formatAmount } from '../../ground/contents/measures.ts';

describe('parseLine', () => {
  test.each([
    ['3 shoeboxes wooden blocks', { name: 'wooden blocks', amount: 3, measure: 'shoebox', size: null, decision: null }],
    ['40 picture books 25x20x1 cm', { name: 'picture books', amount: 40, measure: 'pieces', size: [250, 200, 10] }],
    ['a laundry basket of wooden railway', { name: 'wooden railway', amount: 1, measure: 'basket' }],
    ['half a shoebox buttons', { name: 'buttons', amount: 0.5, measure: 'shoebox' }],
    ['2 handfuls dice & counters, keep', { name: 'dice & counters', amount: 2, measure: 'handful', decision: 'keep' }],
    ['give away 12 dvds', { name: 'dvds', amount: 12, decision: 'give away' }],
    ['7 soft animals → bin', { name: 'soft animals', amount: 7, decision: 'bin' }],
    ['35 brushes 33 cm', { name: 'brushes', amount: 35, size: [330] }],
    ['6 atlases 14 1/2" x 11" x 1"', { name: 'atlases', amount: 6, size: [368, 279, 25] }],
    ['glue guns (hot)', { name: 'glue guns', amount: 1, measure: 'pieces', note: 'hot' }],
    ['2 sacks soft animals', { name: 'soft animals', amount: 2, measure: 'sack' }],
    ['1,5 litres beads', { name: 'beads', amount: 1.5, measure: 'litre' }],
    ['5 pieces of felt', { name: 'felt', amount: 5, measure: 'pieces' }],
  ])('%s', (text, expected) => expect(parseLine(text)).toMatchObject(expected));

  test.each([
    ['wooden blocks, 3 shoeboxes, keep', { name: 'wooden blocks', amount: 3, measure: 'shoebox', decision: 'keep' }],
    ['broken scooters x2', { name: 'scooters', amount: 2, condition: 'broken' }],
    ['return lamp by 12/12/2026', { name: 'lamp', decision: 'return', day: '2026-12-12' }],
    ['pass on to Milo, 4 jumpers', { name: 'jumpers', amount: 4, decision: 'pass on', destination: 'Milo' }],
    ['60-piece puzzle lighthouse, 2 missing', { setPieces: 60, setMissing: 2, condition: 'incomplete' }],
    ['unopened paper, return by 3 Dec', { name: 'paper', condition: 'sealed', decision: 'return', day: '2026-12-03' }],
    ['tax papers, keep until 2033', { name: 'tax papers', decision: 'keep', day: '2033-12-31' }],
    ['scrap wood decide later in 2 weeks', { name: 'scrap wood', decision: 'decide later', day: '2026-12-09' }],
    ['globe belongs in the chart room', { name: 'globe', decision: 'other room', destination: 'chart room' }],
    ['felt pens 12 pcs dried out', { name: 'felt pens', amount: 12, condition: 'dried out' }],
    ['puzzle 12', { name: 'puzzle 12', amount: 1 }],
    ['decide later by friday: lamp', { name: 'lamp', day: '2026-11-27' }],
  ])('in any order: %s', (text, expected) =>
    expect(parseLine(text, 'metric', { today: '2026-11-25' })).toMatchObject(expected),
  );
  test('what was guessed wrongly goes back into the name', () => {
    const ignore = new Set(['condition', 'amount'] as const);
    expect(parseLine('2 broken hearts', 'metric', { ignore })).toMatchObject({ name: '2 broken hearts', amount: 1 });
    expect(parseLine('2 broken hearts')).toMatchObject({
      tokens: [
        { kind: 'condition', said: 'broken' },
        { kind: 'amount', said: '2 pieces' },
      ],
    });
  });
  test('inches are meant where the site measures in inches', () =>
    expect(parseLine('3 boxes 10x8x2', 'imperial')).toMatchObject({ size: [254, 203, 51] }));
  test.each(['', '   ', '12', '3 shoeboxes', '0 pens'])('%j is answered with what is missing', (text) =>
    expect(isParsedLine(parseLine(text))).toBe(false),
  );

  test('whatever is typed, a line is either read whole or refused with a message', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseLine(text);
        if (isParsedLine(read)) {
          expect(read.name.length).toBeGreaterThan(0);
          expect(read.amount).toBeGreaterThan(0);
        } else expect(read.message.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('proposeCategories', () => {
  const known = knownCategories([]);
  const best = (name: string) => proposeCategories(name, known)[0]?.name;
  test.each([
    ['wooden blocks', 'Wooden blocks'],
    ['train tracks', 'Wooden railway'],
    ['teddies', 'Soft animals'],
    ['felt tips', 'Felt-tip pens'],
    ['jigsaw puzles', 'Jigsaw puzzles'],
    ['paint brush', 'Paint brushes'],
    ['wool', 'Wool'],
    ['diapers', 'Nappies'],
    ['button cell', 'Button cells'],
    ['old picture books', 'Picture books'],
  ])('%s is %s', (name, category) => expect(best(name)).toBe(category));
  test.each(['xylocarp', 'gxqz', 'mystery thing'])('%s is not forced into any', (name) =>
    expect(best(name)).toBeUndefined(),
  );
  test('an own category of that name comes before the library', () => {
    const own = knownCategories([{ id: 'c1', name: 'Blocks of the club', synonyms: ['wooden blocks'], starter: null }]);
    expect(proposeCategories('wooden blocks', own)[0]).toMatchObject({ categoryId: 'c1' });
  });
  test('every library name finds its own entry', () => {
    for (const category of STARTER_CATEGORIES) expect(best(category.name)).toBe(category.name);
  });
});

test('the library covers the fields and is well formed', () => {
  expect(STARTER_CATEGORIES.length).toBeGreaterThanOrEqual(220);
  expect(new Set(STARTER_CATEGORIES.map((c) => c.key)).size).toBe(STARTER_CATEGORIES.length);
  for (const c of STARTER_CATEGORIES) {
    expect(c.piece[0], c.name).toBeGreaterThanOrEqual(c.piece[1]);
    expect(c.piece.every((mm) => mm > 0) && c.density > 0 && c.perWeek > 0 && c.synonyms.length > 0, c.name).toBe(true);
  }
});

test('typing errors count swaps once and stop at the limit', () => {
  expect(typingErrors('brsuh', 'brush')).toBe(1);
  expect(typingErrors('glue', 'gluey')).toBe(1);
  expect(typingErrors('paper', 'scissors', 2)).toBe(3);
});
test('amounts read as people say them', () => {
  expect(formatAmount(3, 'shoebox')).toBe('3 shoeboxes');
  expect(formatAmount(1, 'pieces')).toBe('1 piece');
});

test('a guess that takes more than a fifth of the places is asked about, what was told is not', () => {
  const places = [{ width: 1000, depth: 400, height: 2000 }];
  const guessed = { measure: 'pieces', length: null, litresEach: null };
  expect(isLargeGuess(guessed, 200, places)).toBe(true);
  expect(isLargeGuess(guessed, 150, places)).toBe(false);
  expect(isLargeGuess({ ...guessed, length: 300 }, 200, places)).toBe(false);
  expect(isLargeGuess({ ...guessed, measure: 'sack' }, 200, places)).toBe(false);
  expect(isLargeGuess(guessed, null, places)).toBe(false);
});
