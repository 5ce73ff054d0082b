/** What is to become of a thing, as a typed line tells it. Words of a decision that are part of a name stay there. */
import type { Decision } from '../../../ground/model/entities.ts';
import { tidy, type Token } from './token.ts';

/** To no one in particular. */
const TO_ALL = 'charity|jumble|shop|shelter|food bank|school|nursery|church|library|club';
const FOR_ALL = new RegExp(String.raw`\b(?:${TO_ALL})\b`, 'i');

/** What speaks for a decision wherever it stands; the first that is found is taken. */
const ANYWHERE: readonly (readonly [RegExp, Decision])[] = [
  [
    /(?:^|(?<=[,;(–-]\s*)|(?<=\s))keep the (?:rest|others?|other \p{L}+|good ones?|best ones?)(?=\s*(?:$|[,;)]))/iu,
    'keep',
  ],
  [/\bkeep(?:ing)?(?: it| them| this| these)? (?:for ?ever|always|at all costs|no matter what|for good)\b/i, 'keep'],
  // To somebody: a person of one's own, or a name.
  [
    /\b(?:goes|go|going|off)(?= to (?:my|his|her|their) (?!room|desk|class|office|kitchen|garage|loft|shed|bin))|(?<=[,;(–-]\s*)for(?= (?:my|his|her|their) (?:\p{L}+['’]s? )?(?:sister|brother|niece|nephew|cousins?|friends?|neighbours?|neighbors?|mother|mum|mom|father|dad|aunt|uncle|grand\p{L}+|godchild|colleagues?)\b)/iu,
    'pass on',
  ],
  [/\b(?:goes|going|off)(?= to \p{Lu}\p{L}+\s*(?:$|[,;)]))/u, 'pass on'],
  [
    /\b(?:do(?:n['’]t| not)|never|must not|mustn['’]t|not to) (?:be )?(?:throw(?:n)?(?: (?:it|them))?(?: (?:away|out))?|bin(?:ned)?|give(?:n)? away|sell|recycle|chuck|toss|lose)\b/i,
    'keep',
  ],
  [
    /\b(?:decide later|undecided|not sure(?: yet)?|unsure|don['’]t know|maybe later|ask (?:first|later)|to be decided|tbd|think about it|hmm+)\b/i,
    'decide later',
  ],
  [
    /\b(?:give (?:it |them |these |this )?(?:away|to charity)|donated?|(?:for|to|goes to|off to) (?:the )?(?:charity(?: shop)?|jumble(?: sale)?|donation(?: box)?s?)|charity shop|freecycle|free to a good home)\b(?!\s(?:box|bag|receipts?|letter|shop bags?))/i,
    'give away',
  ],
  [
    new RegExp(
      String.raw`(?:^|(?<=(?:→|–|—|[,;(]|\s-)\s*))(?:give|hand)(?: it| them| these| this)?(?= to (?!(?:the )?(?:${TO_ALL})\b))`,
      'i',
    ),
    'pass on',
  ],
  [
    /\b(?:pass(?:ed|ing)? (?:it |them |this |these )?on|hand(?:ed)? (?:it |them )?(?:on|down)|hand[- ]me[- ]downs?(?: for| to)?|outgrown,? for)\b/i,
    'pass on',
  ],
  [
    /\b(?:take (?:it |them |this )?back|bring (?:it |them |this )?back|give (?:it |them |this )?back|send (?:it |them |this )?back|(?:goes|go|due|belongs|has to go|must go) back|(?:back|return(?:ed)?) (?=(?:to|by|before|on|until|till)\b)|to be returned|to return|borrowed from)\b\s*|\bback(?=\s*(?:[,;)]|$))/i,
    'return',
  ],
  [
    /\b(?:to sell|for sale|sell (?:it|them|on(?:line)?|this|these)|(?:at|to) (?:the )?(?:flea market|car boot(?: sale)?))\b/i,
    'sell',
  ],
  [
    /\b(?:to recycle|for recycling|recycle (?:it|them|these)|(?:in|into|to) (?:the )?(?:recycling|paper bank|bottle bank))\b/i,
    'recycle',
  ],
  [
    /\b(?:throw (?:it |them |these |this )?(?:away|out)|(?:get|be) rid of|chuck (?:it |them |these )?(?:out|away)?|toss(?: out| it| them)?|(?:to|for|in|into) the (?:bin|rubbish|trash|tip|dump|skip)|bin (?:it|them|these|this)|to bin|can be binned|is rubbish|straight to landfill)\b/i,
    'bin',
  ],
  [
    /\b(?:(?:to |goes to |for )?(?:another|the other|other|different|wrong) room|belongs? (?:in|to|with|up(?=stairs)|down(?=stairs))(?:stairs)?|(?:move(?:s)?|goes?|take(?:n)?|carry|bring|put) (?:it |them |this |these )?(?:up(?:stairs)?|down(?:stairs)?|in(?:to)?|to)(?= (?:the )?(?:garage|attic|loft|cellar|basement|kitchen|bathroom|bedroom|hall|hallway|shed|office|living room|dining room|nursery|playroom|classroom|library|workshop|studio|den|upstairs|downstairs|[\w' ]+ room)\b)|does(?:n['’]t| not) belong here|not (?:in|for) (?:here|this room))\b/i,
    'other room',
  ],
];

/** Orders: they are meant where they lead the line or end it. */
const ORDERS: readonly (readonly [string, Decision])[] = [
  ['give away', 'give away'],
  ['pass on', 'pass on'],
  ['other room', 'other room'],
  ['decide later', 'decide later'],
  ['return', 'return'],
  ['exchange', 'return'],
  ['back', 'return'],
  ['due back', 'return'],
  ['overdue', 'return'],
  ['swap', 'return'],
  ['sell', 'sell'],
  ['recycle', 'recycle'],
  ['recycling', 'recycle'],
  ['bin', 'bin'],
  ['trash', 'bin'],
  ['rubbish', 'bin'],
  ['junk', 'bin'],
  ['chuck', 'bin'],
  ['toss', 'bin'],
  ['tip', 'bin'],
  ['dump', 'bin'],
  ['skip', 'bin'],
  ['landfill', 'bin'],
  ['shred', 'bin'],
  ['shredder', 'bin'],
  ['keep', 'keep'],
  ['keeper', 'keep'],
  ['keepers', 'keep'],
  ['stays', 'keep'],
  ['charity', 'give away'],
  ['donate', 'give away'],
  ['maybe', 'decide later'],
  ['later', 'decide later'],
];
const meaningOf = new Map(ORDERS);
const ORDER_WORDS = ORDERS.map(([word]) => word.replace(' ', String.raw`\s`)).join('|');
const TRAILING = new RegExp(
  `(?:[,;:(.]|->|=>|→|=|–|—|\\s-)\\s*(?:to |for |please |must |can )?(${ORDER_WORDS})\\s*[.!)]*\\s*$`,
  'i',
);
/** Without any mark before it only what is hardly a noun. */
const LAST_WORD = /\s(give\saway|pass\son|decide\slater|return|sell|recycle|keep|donate|chuck|toss|shred)\s*[.!]?\s*$/i;
/** A bin at the end is where a broken thing goes. */
const BROKEN_BIN =
  /^(.*\b(?:broken|torn|ripped|cracked|smashed|dried(?: (?:up|out))?|mouldy|rusty|leaking|perished)\b.*)\s(?:bin|tip|skip|dump)$/i;
const IN_BRACKETS = new RegExp(`\\(\\s*(${ORDER_WORDS})\\s*\\)`, 'i');
const AMID = new RegExp(`[,;]\\s*(${ORDER_WORDS})\\s*(?=[,;(])`, 'i');
const LEADING = new RegExp(`^(?:please |to |must )?(${ORDER_WORDS})\\b(?!-\\p{L})\\s*([:,–-]?)\\s*(?=\\S)`, 'iu');
/** What a leading order makes a name of. */
const NAMES_WITH_ORDERS =
  /^(?:keep (?:calm|fit|sakes?|net)|return (?:address|labels?|slips?|envelopes?|forms?|tickets?|box|tray|stamps?|notes?)|exchange (?:students?|rates?|books?|trips?|programmes?|programs?|visits?|partners?|letters?)|swap (?:cards?|shop|box|books?)|sell[- ]by|bin (?:liners?|bags?|lids?|day|collection|lorr(?:y|ies)|sacks?|men|toys?|stickers?|labels?)|recycl(?:e|ing) (?:bins?|box(?:es)?|bags?|symbols?|logo)|rubbish (?:bags?|bins?|sacks?|trucks?|lorr(?:y|ies))|trash (?:bags?|cans?|bins?|packs?)|junk (?:model\w*|mail|drawers?|box(?:es)?|art|journals?|food)|charity (?:bags?|boxes|box|letters?)|toss (?:games?|rings?|across)|later\b.*\bschool|maybe .*)/i;
const NOT_TRAILING =
  /\b(?:for keep|safe keep|the keep|castle keep|pedal bin|recycling bin|waste bin|toy bin|storage bin|bread bin|dust bin|wheelie bin|swing bin)\s*$/i;

/** To whom or where, up to the next comma or a date. */
const TO =
  /^\s*(?:back )?(?:to |in |into |with |from |for )?(?:the )?([\p{L}\p{N}\p{Co}'’ -]{2,60}?)\s*(?=$|[,;:)(]|\s(?:by|until|till|before|on)\s)/iu;

/** `pass the clothes on to Ida`. */
const PARTED =
  /^(pass|hand|give|throw|take|send|bring)\s+(.{2,60}?)\s+(on|down|away|out|back)(?:\s+to\s+(?:the\s+)?([\p{L}\p{N}’' -]{2,60}?))?\s*(?=$|[,;:(])/iu;
const PARTED_DECISION: Readonly<Record<string, Decision>> = {
  on: 'pass on',
  down: 'pass on',
  away: 'give away',
  out: 'bin',
  back: 'return',
};

/** `sell on the market: …`, `return to the library: …` */
const TOLD_WAY =
  /^(sell|donate|return|give|recycle|keep)\s+(?:on|at|to|for|with)\s+(?:the\s+)?([^:,;]{2,40}):\s*(?=\S)/i;
/** `ask Tom if he wants the skateboard` */
const ASKED =
  /^ask\s+(?:the\s+|my\s+)?([\p{L}'’ ]{2,30}?)\s+(?:if|whether)\s+(?:he|she|they|anyone)\s+(?:wants?|needs?|would like|could use)\s+(?:(?:the|an?|some|my|our|this|these)\s+)?(?=\S)/iu;

type Read = Token<Decision> & { destination: string };

/** @example readDecision('4 jumpers, pass on to Milo') // { value: 'pass on', destination: 'Milo', rest: '4 jumpers', … } */
export function readDecision(text: string): Read | null {
  const asked = ASKED.exec(text);
  if (asked)
    return {
      value: 'decide later',
      said: asked[0].trim(),
      destination: asked[1]!,
      rest: tidy(text.slice(asked[0].length)),
    };
  const told = TOLD_WAY.exec(text);
  if (told)
    return {
      value: meaningOf.get(told[1]!.toLowerCase()) ?? (FOR_ALL.test(told[2]!) ? 'give away' : 'pass on'),
      said: told[0].trim(),
      destination: told[2]!.trim(),
      rest: tidy(text.slice(told[0].length)),
    };
  const trailing = TRAILING.exec(text) ?? IN_BRACKETS.exec(text) ?? AMID.exec(text);
  if (trailing && trailing.index > 0 && !NOT_TRAILING.test(text)) {
    const value = meaningOf.get(trailing[1]!.toLowerCase().replace(/\s/g, ' '))!;
    return {
      value,
      said: trailing[1]!,
      destination: '',
      rest: tidy(`${text.slice(0, trailing.index)} ${text.slice(trailing.index + trailing[0].length)}`),
    };
  }
  for (const [pattern, value] of ANYWHERE) {
    const found = pattern.exec(text);
    if (!found || found[0].length === text.length || NAMES_WITH_ORDERS.test(text.slice(found.index))) continue;
    return withDestination(text, found.index, found[0].length, value);
  }
  if (/\s\?+$/.test(text))
    return { value: 'decide later', said: '?', destination: '', rest: tidy(text.replace(/\s\?+$/, '')) };
  const parted = PARTED.exec(text);
  if (parted && !NAMES_WITH_ORDERS.test(text)) return ofPartedVerb(parted);
  const leading = LEADING.exec(text);
  if (leading && !NAMES_WITH_ORDERS.test(text) && leading[0].length < text.length) {
    const word = leading[1]!.toLowerCase().replace(/\s/g, ' ');
    // A noun that could be a thing is an order only where a colon, a number or one of its kind of words follows.
    const nounLike =
      /^(?:bin|trash|rubbish|junk|charity|later|maybe|stays|keepers?|swap|toss|back|overdue|tip|dump|skip|landfill|shredder)$/.test(
        word,
      );
    const after = text.slice(leading[0].length);
    if (
      leading[2] ||
      !nounLike ||
      /^(?:the|all|these|those|this|that|my|our|old|broken|\d|half|some|any|both|unused|extra|spare|double|worn|dried)\b/i.test(
        after,
      )
    ) {
      const back = /\s(?:back )?to (?=\S)/i.exec(after);
      const value = meaningOf.get(word)!;
      if (back && back.index > 0 && /give away|pass on|return|sell|recycle/.test(value)) {
        const to = TO.exec(after.slice(back.index + back[0].length));
        if (to)
          return {
            value,
            said: leading[1]!,
            destination: to[1]!.trim(),
            rest: tidy(`${after.slice(0, back.index)} ${after.slice(back.index + back[0].length + to[0].length)}`),
          };
      }
      return { value, said: leading[1]!, destination: '', rest: tidy(after) };
    }
  }
  const thrown = BROKEN_BIN.exec(text);
  if (thrown && !NOT_TRAILING.test(text)) return { value: 'bin', said: 'bin', destination: '', rest: tidy(thrown[1]!) };
  const last = LAST_WORD.exec(text);
  if (last && !NOT_TRAILING.test(text))
    return {
      value: meaningOf.get(last[1]!.toLowerCase().replace(/\s/g, ' '))!,
      said: last[1]!,
      destination: '',
      rest: tidy(text.slice(0, last.index)),
    };
  return null;
}

function ofPartedVerb(found: RegExpExecArray): Read {
  const [whole, verb, thing, particle, to = ''] = found;
  const value = /throw/i.test(verb!) ? 'bin' : PARTED_DECISION[particle!.toLowerCase()]!;
  const rest = tidy(`${thing} ${found.input.slice(found.index + whole.length)}`);
  return { value, said: `${verb} ${particle}`, destination: to.trim(), rest };
}

function withDestination(text: string, at: number, length: number, value: Decision): Read {
  let end = at + length;
  let destination = '';
  const after = text.slice(end);
  const said = text.slice(at, end);
  // `give away to the school`: only what follows a `to` is a destination, else it is the name of the thing.
  if (
    /^\s*(?:back )?to\s/i.test(after) ||
    (value === 'other room' && !/room\s*$|here\s*$/i.test(said)) ||
    /(?:from|\bfor)\s*$/i.test(said)
  ) {
    const to = TO.exec(after);
    if (to) {
      destination = to[1]!.trim();
      end += to[0].length;
    }
  }
  return {
    value,
    said: text.slice(at, end).trim(),
    destination,
    rest: tidy(`${text.slice(0, at)} ${text.slice(end)}`),
  };
}
