/** The sides from which a line can be looked at (practice G1): said by hand, or read from its name, category and users. */
import { byId } from '../../ground/model/by-id.ts';
import { pieceOf } from '../../ground/contents/piece.ts';
import { monthsOld } from '../../ground/body/stature.ts';
import type { Category, Attribute, Line, Person, ZoneKind } from '../../ground/model/entities.ts';
import { plain } from '../../ground/matching/words.ts';

type Words = readonly (readonly [value: string, words: string])[];

/** Looked for as whole words, the first that is found counts; so the more particular stand first. */
// prettier-ignore
const MATERIALS: Words = [
  ['glass and ceramic', 'glass nuggets nugget ceramic porcelain clay tile tiles mirror mirrors marbles marble'],
  ['paper and card', 'paper papers card cards cardboard book books magazine magazines envelope envelopes label labels sticker stickers notebook notebooks folder folders sheet sheets map maps atlas atlases worksheet worksheets receipts receipt puzzle puzzles calendar tube tubes packaging'],
  ['natural', 'cone cones shell shells stone stones pebble pebbles cork leaf leaves seed seeds sand stick sticks feather feathers acorn acorns moss raffia bark'],
  ['wood', 'wood wooden timber block blocks railway plank planks dowel dowels skewer skewers rods'],
  ['fabric and yarn', 'fabric cloth wool yarn felt ribbon ribbons thread threads cotton linen scarf scarves costume costumes clothes plush soft cushion cushions blanket blankets embroidery knitting lace zip zips towel towels sheet bedding nappy nappies sock socks apron aprons'],
  ['metal', 'metal wire tin tins nail nails screw screws pin pins needle needles scissors knife knives magnet magnets clip clips foil coin coins cutter cutters punch punches stapler staples tools'],
  ['paint and glue', 'paint paints glue glues ink inks varnish chalk chalks crayon crayons pastel pastels pen pens pencil pencils marker markers dye solvent'],
  ['plastic', 'plastic brick bricks bead beads vinyl laminating foam figure figures button buttons film balloon balloons ball balls pouch pouches animals vehicle vehicles car cars'],
];
// prettier-ignore
const COLOURS: Words = [
  ['red', 'red scarlet crimson'], ['orange', 'orange'], ['yellow', 'yellow'], ['green', 'green'], ['blue', 'blue navy'],
  ['violet', 'violet purple lilac'], ['pink', 'pink'], ['brown', 'brown beige'], ['black', 'black'], ['white', 'white'],
  ['grey', 'grey gray silver'], ['gold', 'gold golden'],
];
// prettier-ignore
const CALENDAR: Words = [
  ['winter', 'winter christmas advent snow sledge sledges santa nativity'], ['spring', 'spring easter egg eggs'],
  ['summer', 'summer beach paddling holiday holidays garden sand'], ['autumn', 'autumn harvest halloween lantern lanterns pumpkin pumpkins'],
  ['birthdays', 'birthday birthdays party balloon balloons'],
];
// prettier-ignore
const WEEKDAYS: Words = [
  ['Monday', 'monday'], ['Tuesday', 'tuesday'], ['Wednesday', 'wednesday'], ['Thursday', 'thursday'], ['Friday', 'friday'],
];

const lookup = (table: Words): Map<string, number> =>
  new Map(table.flatMap(([, words], i) => words.split(' ').map((word) => [word, i] as const)).reverse());
const INDEX = {
  material: lookup(MATERIALS),
  colour: lookup(COLOURS),
  theme: lookup(CALENDAR),
  weekday: lookup(WEEKDAYS),
};
const TABLES = { material: MATERIALS, colour: COLOURS, theme: CALENDAR, weekday: WEEKDAYS };

function named(table: keyof typeof TABLES, words: readonly string[]): string | null {
  let best = Infinity;
  for (const word of words) best = Math.min(best, INDEX[table].get(word) ?? Infinity);
  return best === Infinity ? null : TABLES[table][best]![0];
}

const ACTIVITIES: Partial<Record<ZoneKind, string>> = {
  reading: 'reading',
  building: 'building',
  'dressing-up': 'dressing up',
  art: 'art and making',
  'table work': 'table work',
  office: 'office',
  changing: 'changing',
  sleeping: 'nap',
  arriving: 'arriving',
  eating: 'eating',
};

/** `under 3`, `3 to 5`, `6 to 8`, `9 and more`, by age in months. */
export function stageOf(months: number): string {
  if (months < 36) return 'under 3';
  if (months < 72) return '3 to 5';
  return months < 108 ? '6 to 8' : '9 and more';
}

/** The kit or project that a name says: `felt for the puppet theatre`, `candle making kit`. */
function projectOf(name: string): string | null {
  const found =
    /\bfor (?:the |our )?([\p{L}\d' -]{3,40})$/iu.exec(name) ??
    /^([\p{L}\d' -]{3,40}?) (?:kit|project|set-up)$/iu.exec(name);
  return found ? found[1]!.toLowerCase() : null;
}

/** Litres of one piece up to which it counts as that size. */
const SIZES: readonly (readonly [most: number, word: string])[] = [
  [0.02, 'tiny'],
  [0.2, 'small'],
  [2, 'middling'],
  [Infinity, 'large'],
];

/** Reads attributes for many lines of one site; words of categories are split once. */
export class AttributeReader {
  private readonly words = new Map<string, string[]>();
  private readonly names = new WeakMap<Line, { text: string; words: string[] }>();
  private readonly categories: ReadonlyMap<string, Category>;
  private readonly people: ReadonlyMap<string, Person>;
  private readonly persons: readonly (readonly [word: string, name: string])[];
  private readonly today: Date;

  constructor(categories: ReadonlyMap<string, Category>, people: readonly Person[], today: Date) {
    this.categories = categories;
    this.people = byId(people);
    // `Otters, 3 to 5` is called Otters.
    this.persons = people.map((person) => [plain(person.name.split(',')[0]!), person.name]);
    this.today = today;
  }

  /** The value of one attribute, null where nobody said and nothing tells. */
  of(line: Line, attribute: Attribute): string | null {
    const said = line.attributes[attribute];
    if (said) return said;
    const category = this.categories.get(line.categoryId ?? '');
    switch (attribute) {
      case 'kind':
        return category?.name ?? null;
      case 'activity':
        return projectOf(line.name) ?? (category ? (ACTIVITIES[category.zoneKind] ?? null) : null);
      case 'material':
      case 'colour':
      case 'theme':
      case 'weekday': {
        const own = named(attribute, this.nameOf(line).words);
        // A colour or a season belongs to the thing, a material often to its kind.
        return own ?? (attribute === 'material' && category ? named(attribute, this.wordsOf(category)) : null);
      }
      case 'person':
        return this.personOf(line, category);
      case 'stage':
        return this.stage(category);
      case 'size': {
        const size = pieceOf(line, category);
        if (!size) return null;
        const litres = (size[0] * size[1] * size[2]) / 1e6;
        return SIZES.find(([most]) => litres <= most)![1];
      }
      case 'number':
        return /(?:^|\s|#)(\d{1,4})$/.exec(line.name)?.[1] ?? null;
    }
  }

  /** Whether a value is no more than the zone where such things are used: nobody named a kit or project. */
  isZoneOnly(line: Line): boolean {
    return !line.attributes.activity && projectOf(line.name) === null;
  }

  private nameOf(line: Line): { text: string; words: string[] } {
    let name = this.names.get(line);
    if (!name) {
      const text = plain(line.name);
      this.names.set(line, (name = { text: ` ${text} `, words: text.split(' ') }));
    }
    return name;
  }

  private wordsOf(category: Category): string[] {
    let words = this.words.get(category.id);
    if (!words) {
      words = plain([category.name, ...category.synonyms].join(' ')).split(' ');
      this.words.set(category.id, words);
    }
    return words;
  }

  private personOf(line: Line, category: Category | undefined): string | null {
    const name = this.nameOf(line).text;
    for (const [word, person] of this.persons) if (word && name.includes(` ${word} `)) return person;
    return category?.users.length === 1 ? (this.people.get(category.users[0]!)?.name ?? null) : null;
  }

  private stage(category: Category | undefined): string | null {
    const users = (category?.users ?? [])
      .map((id) => this.people.get(id))
      .filter((person): person is Person => !!person);
    if (!users.length) return null;
    const children = users.filter((person) => person.kind === 'child');
    if (!children.length) return 'grown-ups';
    const ages = children.filter((person) => person.born).map((person) => monthsOld(person.born!, this.today));
    return ages.length ? stageOf(Math.min(...ages)) : null;
  }
}
