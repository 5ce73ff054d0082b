import { expect, test } from 'vitest';
import { isParsedLine, parseLine, type ParsedLine } from '../parse-line.ts';
import { withoutTalk } from './talk.ts';
import { readVessel } from './vessels.ts';

const read = (text: string): ParsedLine => {
  const parsed = parseLine(text, 'metric', { today: '2026-11-26' });
  if (!isParsedLine(parsed)) throw new Error(`${text}: ${parsed.message}`);
  return parsed;
};

test.each([
  ['there are um maybe twenty five markers here', 'twenty five markers'],
  ['ok so there’s a carrier bag of bath toys', 'a carrier bag of bath toys'],
  ['i think we have like six skipping ropes', 'six skipping ropes'],
  ['umm about twenty, no, twenty five bean bags', 'twenty five bean bags'],
  ['quite a lot of ribbon, maybe three reels', 'ribbon, three reels'],
  ['couple hundred lolly sticks', '200 lolly sticks'],
  ['about a hundred and fifty pegs', 'about 150 pegs'],
  ['forty or fifty readers', '40-50 readers'],
  ['a good dozen picture books', 'a dozen picture books'],
  ['the here and now cards', 'the here and now cards'],
  ['we', 'we'],
  ['right handed scissors', 'right handed scissors'],
  ['well worn trainers', 'well worn trainers'],
])('of %s is meant: %s', (text, meant) => expect(withoutTalk(text)).toBe(meant));

test.each([
  ['half gallon jar of buttons', 1.893, 'litre', 'buttons'],
  ['ice cream tub of pegs', 1, 'tub', 'pegs'],
  ['2 bin bags full of teddies', 2, 'sack', 'teddies'],
  ['biscuit tin (half full) of crayons', 1.25, 'litre', 'crayons'],
  ['3 jam jars of buttons', 3, 'jar', 'buttons'],
  ['big suitcase of hats', 1.5, 'crate', 'hats'],
  ['wooden trains in a suitcase', 1, 'crate', 'wooden trains'],
])('%s: %d × %s', (text, amount, measure, rest) =>
  expect(readVessel(text, () => true)).toMatchObject({ amount, measure, rest }),
);
test('a vessel that is the thing itself is none', () => {
  expect(read('4 lunch boxes')).toMatchObject({ amount: 4, measure: 'pieces', name: 'lunch boxes' });
  expect(read('pencil case, blue')).toMatchObject({ amount: 1, measure: 'pieces' });
});

test.each<[string, Partial<ParsedLine>]>([
  ['tall tin w/ 40 paint brushes', { amount: 40, name: 'paint brushes' }],
  [
    'snow boots 27, too small for Leo, goes to Anna',
    { amount: 1, name: 'snow boots', decision: 'pass on', destination: 'Anna' },
  ],
  ['project folders 2024 + 2025, 9', { amount: 9, name: 'project folders 2024 + 2025' }],
  ['2-hole punch, 40 sheets', { amount: 1 }],
  ['stopwatches 5, 2 need batteries', { amount: 5, condition: 'incomplete', name: 'stopwatches' }],
  ['power bank, swollen', { condition: 'broken', name: 'power bank' }],
  ['hole punch that jams, bin it', { decision: 'bin', condition: 'broken' }],
  ['desk lamp no bulb', { condition: 'incomplete', name: 'desk lamp' }],
  ['puzzle (no box)', { condition: null, name: 'puzzle' }],
  ['grandad’s pocket watch keep for ever', { decision: 'keep', name: 'grandad’s pocket watch' }],
  ['cot sheets 8 fitted', { amount: 8 }],
  ['lining paper roll 10 m', { amount: 1, size: null, name: 'lining paper roll', note: '10 metres on it' }],
  ['magnetic letters, no Q', { condition: 'incomplete' }],
  ['cot mattress stained, tip', { decision: 'bin', name: 'cot mattress' }],
  ['sell on the market: balance bike', { decision: 'sell', destination: 'market', name: 'balance bike' }],
  ['ask Tom if he wants the skateboard', { decision: 'decide later', destination: 'Tom', name: 'skateboard' }],
  ['old exam papers, shred', { decision: 'bin' }],
  ['broken umbrella bin', { decision: 'bin', condition: 'broken', name: 'umbrella' }],
  ['class set of 30 glue sticks', { amount: 30, name: 'glue sticks' }],
  ['gloves 4 boxes of 100', { amount: 400, name: 'gloves', kind: 'disposable-gloves' }],
  ['48 bottles of 2 oz acrylic', { amount: 48 }],
  ['dried up felt tips about thirty', { amount: 30, condition: 'dried out' }],
  ['embroidery hoops nine', { amount: 9, name: 'embroidery hoops' }],
  ['bent nose pliers', { condition: null, name: 'bent nose pliers' }],
  ['broken recycling bin', { decision: null }],
  ['tote bag with 2 handles', { amount: 1 }],
  ['200 glass nuggets', { amount: 200, measure: 'pieces', name: 'glass nuggets' }],
  ['skip rope 3', { amount: 3, name: 'skip rope', decision: null }],
])('%s', (text, meant) => expect(read(text)).toMatchObject(meant));
