/** Numbers that belong to a name: paper sizes, years, ages, classes. They are put out of reach of the other readers. */

/** How many of what a thing has, behind its name: `toy garage 3 floors`, `paint box 12 colours`. */
const PARTS =
  'floors?|storeys?|stories|levels?|tiers?|drawers?|wheels?|sockets?|gang|seater|colou?rs?|minutes?|mins?|hours?|seconds?|players?|keys|strings?|holes?|compartments?|shelves|pockets?|speeds?|blades?|doors?|lanes?|pages?|ports?|buttons?|steps?|rungs?|rings?|voices?|ways?|handles?';
const HYPHENED =
  'in[- ]1|in[- ]one|way|part|ring|hole|drawer|floor|storey|level|tier|wheel|wheeled|gang|socket|seater|sided|colou?r|minute|min|hour|second|month|week|day|year|year[- ]old|month[- ]old|player|string|speed|step|layer|ply|compartment|pocket|key|blade|door|bar|row|person|man|pole|inch|page|pin|column|line|bit|port|button|prong|point|d|litre|liter|metre|meter|cm|mm|ml';
const WORDS = 'two|three|four|five|six|seven|eight|ten|twelve';

const PATTERNS: readonly RegExp[] = [
  // Several years in a row.
  /\b(?:19[89]\d|20[1-4]\d)(?:\s*(?:\+|&|and|,|-|–|\/|to)\s*(?:19[89]\d|20[1-4]\d))+\b/gi,
  // size 4, year 2, no. 7, ages 3-6
  /\b(?:sizes?|sz|nr|no|numbers?|year|yr|grade|level|stage|ages?|aged|vol|volume|part|book|series|type|gauge|class|form|ks|key stage|group|room|week|day|chapter|term|model|version|phase)\.?\s?\d+(?:\s?[-–/]\s?\d+)?\+?(?![\d.,]*\s?(?:x|×|mm|cm|m|kg|g|l|pieces?|pcs|cards?|missing)\b)(?![.,]\d)/gi,
  // A4, C6, KS2, CR2032, mp3, H0
  /\b(?!x\d)[a-z]{1,4}\d{1,5}[a-z]?\b/gi,
  /\b[23]d\b/gi,
  // by a day in its own right: 2026, but not what stands first
  /(?<=\w[\w,' ]*\s)(?:19[89]\d|20[1-4]\d)\b(?!\s*(?:x|×|pieces|pcs))/gi,
  /^(?:19[89]\d|20[1-4]\d)(?=\s(?:calendars?|diar(?:y|ies)|planners?|papers|receipts|photos|tax|accounts|statements|invoices|yearbook))/gi,
  // What a punch takes at once.
  /(?<=\b(?:punch|stapler|shredder|trimmer|guillotine)\b[^\d]{0,12})\d+\s?sheets?\b/gi,
  /\b4\s?[x×]\s?4\b(?=.*\b(?:jeep|car|truck|pick-?up|vehicle|van|buggy)s?\b)/gi,
  /\b\d+(?:st|nd|rd|th)\b/gi,
  /\b\d+(?:[.,]\d+)?\s?(?:ply|gsm|g\/m2|g\/m²|watts?|w|volts?|v|gb|mb|tb|mah|hz|dpi|lumens?|bit|%|°c?|fps|den|mp)(?![\w²])/gi,
  /\b\d+(?:\s?[-–]\s?\d+)?\s?(?:months?|mths?|years?|yrs?|yo|yrs? old|weeks old)\b(?:\s?\+)?/gi,
  new RegExp(`\\b(?:\\d+|${WORDS})-(?:${HYPHENED})\\b`, 'gi'),
  new RegExp(
    `\\b(?:\\d+|${WORDS})\\s(?:in[- ]1|in[- ]one|way|part(?=\\s\\w)|colou?r(?=\\s)|gang|seater|sided|minute(?=\\s)|storey|player(?=\\s))(?!\\w)`,
    'gi',
  ),
  // What a thing has, behind its name.
  new RegExp(`(?<=[a-z)][\\s,]\\s?)(?:\\d+|${WORDS})\\s(?:${PARTS})\\b(?!\\s(?:of|missing)\\b)`, 'gi'),
  /(?<=\S\s)\d+\+(?!\d)/g,
  /\b\d+:\d+\b/g,
  /#\d+/g,
  // number words that are a name
  /\b(?:hundred|ten|five|twenty|hundreds)[\s-](?:squares?|frames?|charts?|grids?|fields?|boards?)\b/gi,
  /\b(?:four|five|three) in a (?:row|line)\b|\bfive[\s-]finger\w*|\bone[\s-](?:way|to|off)\b|\bthree[\s-]part\b|\bseven dwarfs\b|\bten pin\b/gi,
];

/** Screens are told by their diagonal: that is no side of them. */
const DIAGONAL =
  /\b\d+(?:[.,]\d+)?\s?(?:inch|in|"|″|'')(?=\s(?:monitor|tv|screen|tablet|laptop|display|television))|(?<=\b(?:monitor|tv|screen|tablet|laptop|display|television)s?,?\s)\d+(?:[.,]\d+)?\s?(?:inch(?:es)?|in\b|"|″|'')/gi;

/** Sizes of shoes and clothes behind their name. */
const WORN_SIZES: readonly RegExp[] = [
  /(?<=\b(?:boots?|shoes?|wellies|wellingtons|trainers|sneakers|sandals|slippers)\s)(?:1[6-9]|[234]\d)(?:\.5)?\b(?!\s*(?:pairs?|x\b|×|pieces|pcs))/gi,
  /(?<=\b(?:vests?|bodysuits?|jumpers?|t-?shirts?|trousers|leggings|dress(?:es)?|coats?|jackets?|pyjamas|snowsuits?|babygrows?)\s)(?:50|56|62|68|74|80|86|92|98|104|110|116|122|128|134|140)\b(?!\s*(?:x\b|×|pieces|pcs))/gi,
];

const BASE = 0xe000;

export interface Hidden {
  text: string;
  /** What says more of the thing but is neither name nor size. */
  aside: string;
  /** Puts the numbers back into what was cut out of the text. */
  shown: (part: string) => string;
}

/** @example hideNameNumbers('size 4 nappies, 2 packs').text // '\ue000 nappies, 2 packs' */
export function hideNameNumbers(text: string): Hidden {
  const hidden: string[] = [];
  const aside = DIAGONAL.exec(text)?.[0] ?? '';
  DIAGONAL.lastIndex = 0;
  let left = text.replace(DIAGONAL, '');
  const asides = aside ? [aside] : [];
  for (const pattern of WORN_SIZES)
    left = left.replace(pattern, (found) => {
      asides.push(`size ${found}`);
      return '';
    });
  for (const pattern of PATTERNS)
    left = left.replace(pattern, (found) => {
      hidden.push(found);
      return String.fromCharCode(BASE + hidden.length - 1);
    });
  const shown = (part: string): string => {
    let full = part;
    // What was hidden may hide another.
    for (let i = hidden.length - 1; i >= 0; i--) full = full.replace(String.fromCharCode(BASE + i), hidden[i]!);
    return full;
  };
  return { text: left, aside: asides.join(', '), shown };
}
