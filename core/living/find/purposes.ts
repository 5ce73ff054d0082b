/** What people ask for by what it is for, or by a word that tells two kinds apart: the categories of the library that serve. */
import { plain, SMALL_WORDS, stem } from '../../ground/matching/words.ts';
import { starterOf } from '../../ground/starter/library.ts';
import { USES } from './uses.ts';

/** What was asked, in small letters without talk, and the keys of categories, the likeliest first. */
const PURPOSES: readonly (readonly [RegExp, string])[] = [
  [
    /\b(cut|grazed?|bleeding|hurt|sore) (finger|knee|hand|toe|leg)|\b(bleeding|nose ?bleed|graze|blister|splinter)\b|\bsticking plasters?\b|stop bleeding/,
    'first-aid-supplies',
  ],
  [/\b(head|tooth|tummy|ear) ?aches?\b|\b(fever|pain ?killers?|cough)\b/, 'medicines'],
  [
    /\b(clean|wipe|wash|scrub|disinfect)\w*\b.*\b(tables?|floors?|windows?|spills?|surfaces?|up)\b|\bspilt|\bspill/,
    'cleaning-agents cloths-and-sponges-for-cleaning kitchen-roll',
  ],
  [/\bsweep\w*|\bcrumbs\b/, 'dustpan-and-brushes'],
  [/\b(runny nose|blow (my|your|a)? ?nose|sneez\w+)/, 'tissues'],
  [
    /\b(big|large|proper|good|grown.?ups?|adults?|office|fabric|pointed|sharp|teachers?)('s)? scissors|scissors (for|of) (the )?(adults?|grown.?ups?|teachers?|fabric|cloth)/,
    'sharp-scissors',
  ],
  [
    /\b(kids?|child(ren)?s?|small|little|blunt|round(ed)?|safety)('s)? scissors|scissors (for|of) (the )?(kids|children|little ones)/,
    'child-scissors',
  ],
  [/\b(cut|cutting)\b.*\b(cloth|fabric|material)\b/, 'sharp-scissors'],
  [/\b(cut|cutting)\b.*\b(paper|card)\b/, 'child-scissors sharp-scissors paper-cutters'],
  [/\b(stick|glue|join)\b.*\b(paper|card|things?|together)\b/, 'glue-sticks liquid-glue sticky-tape'],
  [/\b(hang|put) (up )?(a )?pictures?\b/, 'nails-and-screws hand-tools'],
  [/\b(measure|how long|how wide)\b/, 'measuring-tools'],
  [/\bweigh\b/, 'scales-and-weights'],
  [/\b(see|light) in the dark|power cut/, 'torches candles-and-wax'],
  [/\b(write|writing) with\b/, 'pens-and-pencils'],
  [/\b(draw|colour|color)\w* (in|with)\b/, 'coloured-pencils felt-tip-pens wax-crayons'],
  [/\brub (it )?out|mistakes?\b/, 'rubbers-and-sharpeners'],
  [/\b(wrap|wrapping) (up )?(a )?(present|gift)s?/, 'gift-wrap'],
  [/\b(post|send|mail) (a )?(letter|parcel)s?/, 'envelopes postal-supplies'],
  [/\bsew (on )?(a )?button|\bmend (a )?(sock|hole|trousers)/, 'sewing-thread needles-and-pins buttons'],
  [/\b(dress|dressing) up\b/, 'dressing-up-clothes'],
  [/\b(build|building) (with|things?)/, 'wooden-blocks clip-together-bricks'],
  [/\b(rain|rainy day|wet weather)\b/, 'wet-weather-wear'],
  [/\b(sunburn|against the sun)\b/, 'sun-cream'],
  [/\b(plug|power) (in|for)\b|\bno socket/, 'extension-leads'],
  [/\bcharge (my|the|a)?\b/, 'cables'],
  [/\bchoo ?choos?\b/, 'wooden-railway'],
  [/\b(brum|vroom)\b/, 'toy-cars'],
];

/** A word whatever its form: wiping, wiped, wipes. */
const bare = (word: string): string => {
  const cut = stem(word);
  const verb = cut.length > 5 ? cut.replace(/(?:ing|ed)$/, '') : cut;
  // Running, and wiping.
  return verb.replace(/([bdgmnprt])\1$/, '$1').replace(/e$/, '');
};

interface Serving {
  /** Key of a category of the library. */
  key: string;
  /** Share of what was asked that its uses tell, rare words weighing more. */
  share: number;
}

const rows = USES.trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string])
  .map(([key, words]) => {
    const { name, synonyms } = starterOf(key)!;
    return {
      key,
      words: new Set(
        plain([name, ...synonyms, words].join(' '))
          .split(' ')
          .map(bare),
      ),
    };
  });
const spread = new Map<string, number>();
for (const { words } of rows) for (const word of words) spread.set(word, (spread.get(word) ?? 0) + 1);
/** Of a word that n rows have; one that none has says that something else may be meant. */
const weightOf = (word: string): number =>
  spread.has(word) ? 1 / (1 + 0.5 * Math.log(spread.get(word)!)) : UNKNOWN_WEIGHT;
const UNKNOWN_WEIGHT = 0.6;

/** Words of a sentence about a use that tell nothing of it. */
const SAID = new Set(
  'make makes making use used using for with that thing things something anything stuff keep to learn do can off on through about them up out again all every some at by you your my we our i can could what who which at on it its is are was be me us them they there one ones please where'
    .split(' ')
    .map(bare),
);
/** A word of one row alone says by itself what is meant: sparkly. */
const isRare = (word: string): boolean => spread.get(word) === 1;
/** A use is meant where so much of it is told, by so many words. */
const LEAST = { share: 0.5, words: 2 };
const MOST_SERVING = 4;

/**
 * The categories of the library that serve what is asked for, likeliest first; empty where no use is said.
 * @example servedBy('something for a cut finger')[0]?.key // 'first-aid-supplies'
 */
export function servedBy(asked: string): Serving[] {
  const plainly = asked.toLowerCase();
  const named = PURPOSES.filter(([said]) => said.test(plainly)).flatMap(([, keys]) => keys.split(' '));
  if (named.length) return [...new Set(named)].map((key) => ({ key, share: 1 }));
  const stems = [
    ...new Set(
      plain(asked)
        .split(' ')
        .filter((word) => word && !SMALL_WORDS.has(word))
        .map(bare),
    ),
  ];
  const telling = stems.filter((word) => !SAID.has(word));
  const all = telling.reduce((sum, word) => sum + weightOf(word), 0);
  return rows
    .map(({ key, words: uses }) => {
      const told = telling.filter((word) => uses.has(word));
      // A word that tells little by itself counts where the row has it.
      const count = stems.filter((word) => uses.has(word)).length;
      return { key, count, share: told.reduce((sum, word) => sum + weightOf(word), 0) / Math.max(all, 1e-9) };
    })
    .filter(
      ({ count, share }) =>
        share >= LEAST.share && (count >= LEAST.words || (telling.length === 1 && isRare(telling[0]!))),
    )
    .sort((a, b) => b.share - a.share || b.count - a.count)
    .slice(0, MOST_SERVING)
    .map(({ key, share }) => ({ key, share }));
}
