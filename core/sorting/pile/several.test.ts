/** Several things in one line, and lines in other languages. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { knownCategories, proposeCategories } from '../../ground/matching/propose.ts';
import { useWords } from '../../ground/vocabulary/vocabulary.ts';
import { WORDS } from '../../ground/vocabulary/words/index.ts';
import { readLines } from './read-lines.ts';
import { severalThings } from './several.ts';

beforeAll(() => useWords(WORDS));
afterAll(() => useWords(null));
const answer = (text: string) => readLines({ today: '2026-12-02', lines: [{ text, system: 'metric' }] }).lines[0]!;

test.each([
  ['scissors, glue and tape', ['scissors', 'glue', 'tape']],
  ['3 scissors, 2 glue sticks and a stapler', ['3 scissors', '2 glue sticks', 'a stapler']],
  ['torch and spare batteries', ['torch', 'spare batteries']],
  ['laptop + charger', ['laptop', 'charger']],
  ['shampoo, soap, towels', ['shampoo', 'soap', 'towels']],
  ['scissors, glue and tape, give away', ['scissors, give away', 'glue, give away', 'tape, give away']],
])('%s: each of them', (text, things) => expect(severalThings(text)).toEqual(things));

test.each([
  'needles and pins',
  'bucket and spade',
  'snakes and ladders',
  'black and white paint',
  'hook and loop tape',
  'puzzle, trains',
  'ribbon, 3 m, green',
  '12 broken pens, bin',
  'about a hundred and fifty clothes pegs',
  'half a dozen clipboards and one without a clip',
  'ladybird and bee costume',
  'pens, pencils and rubbers mixed in a mug',
  'paint (red, blue, yellow) 500 ml each',
])('%s: one thing', (text) => expect(severalThings(text)).toEqual([]));

test('each of several is read by itself, and the hazards of all are those of the line', () => {
  const whole = answer('candles, craft knives and glitter');
  expect(whole.parts?.map(({ name, categories }) => [name, categories![0]])).toEqual([
    ['candles', 'Party supplies'],
    ['craft knives', 'Craft knives'],
    ['glitter', 'Sequins and glitter'],
  ]);
  expect(whole.hazards).toEqual(expect.arrayContaining(['H4', 'H2']));
  expect(answer('3 puppets').parts).toBeUndefined();
});

test.each(['3 Kisten Bauklötze', '12 Bücher', 'des ciseaux', 'cajas de lápices', 'speelgoed voor buiten'])(
  '%s is not English: nothing is guessed, and the amount is read all the same',
  (text) => {
    expect(answer(text).categories).toEqual([]);
    expect(answer(text).name).toBeTruthy();
  },
);
test.each(['papier-mâché bowls', '2 rolls of crêpe paper', 'cardboard tubes ø 4 cm', 'a piñata'])(
  '%s is English',
  (text) => expect(answer(text).categories!.length).toBeGreaterThan(0),
);
test('what a site itself calls so is found in any language', () => {
  const own = { id: 'c1', name: 'Bauklötze', synonyms: [], starter: null };
  expect(proposeCategories('große Bauklötze', knownCategories([own]), 1)[0]?.categoryId).toBe('c1');
});
test('a guess by what a word is a kind of says so', () => {
  expect(answer('catamaran').perhaps).toBe(true);
  expect(answer('violin').perhaps).toBeUndefined();
});
