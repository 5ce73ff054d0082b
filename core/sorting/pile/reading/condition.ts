/** In what state a thing is, as a typed line tells it. */
import type { Condition } from '../../../ground/model/entities.ts';
import { tidy, without, type Token } from './token.ts';

const CONDITION_WORDS: readonly (readonly [RegExp, Condition])[] = [
  [
    /\b(?:sealed|unopened|never opened|not opened|still (?:wrapped|packed|boxed|in (?:its|the) (?:wrapping|box|packet))|shrink[- ]wrapped|new in (?:the )?box)\b/i,
    'sealed',
  ],
  [
    /\b(?:dried[ -](?:out|up)|gone (?:dry|hard|off)|dry and hard|hardened|no longer writes?)\b|(?<=,\s*)dry$/i,
    'dried out',
  ],
  [
    /\b(?:broken|cracked|torn(?: apart)?|ripped|snapped|smashed|shattered|faulty|defective|chipped|does(?:n['’]t| not) work|not working|won['’]t (?:work|start|turn on)|leak(?:s|ing|y)|mouldy|moldy|rusty|burst|split|damaged|swollen|bulging|bent(?!\s\p{L})|none (?:of them )?works?|nothing works|needs (?:mending|repair(?:ing)?|fixing)|to mend|falling apart|(?:that |which |it )(?:jams|sticks|leaks|squeaks|stopped)|jammed|perished|frayed|dented|melted|warped|moth[- ]eaten|(?:does(?:n['’]?t| not)|won['’]?t|will not|can(?:['’]?t|not)) (?:open|close|shut|zip|ring|turn|light|charge|spin|roll|stick|print|write|fit together|stay up)(?: up)?)\b/iu,
    'broken',
  ],
  [
    /\b(?:incomplete|not complete|(?:some |a few |many )?(?:parts?|pieces?|bits?|cards?) (?:are |is )?(?:missing|lost|gone)|(?:one|some|a few|something) (?:are |is )?missing|with(?:out)? (?:some|missing) (?:parts|pieces)|missing (?:parts?|pieces?|bits?|lids?|one|some|a \w+))\b/i,
    'incomplete',
  ],
  // Parts that are not there.
  [
    /(?:(?<=[,;(–-]\s*)|\b)(?:no|without(?: an?)?|with no) (?:lids?|plugs?|charger|beaters?|remote|cables?|strings?|pegs|dice|sticks?|straps?|handles?|wheels?|keys?|bulbs?|covers?|blades?|cords?|leads?|poles?|legs?|screws|instructions|stand|caps?|nibs?|ink|clips?|pump|needles?|lens(?:es)?|screen|arms?|head|eyes?|door|drawers?|knobs?|bungs?|stoppers?|teats?|pages|sleeves?|batter(?:y|ies)(?! cover)|[A-Z0-9](?!\w))(?!\w)/,
    'incomplete',
  ],
  [
    /(?<=[,;(–-]\s*)(?:(?:\d+|one|two|three|some|all|most)\s+)?(?:needs?|wants?|without|have no|has no)\s+(?:new\s+)?batter(?:y|ies)/i,
    'incomplete',
  ],
  [
    /\b(?:worn(?: out)?|shabby|scuffed|tatty|faded|stained|threadbare|scratched|battered|well used|dog[- ]eared|bobbly)\b/i,
    'worn',
  ],
  [
    /\b(?:like new|as new|(?:in )?(?:very )?good (?:condition|nick|order|state)|hardly used|brand[- ]new|barely used)\b/i,
    'good',
  ],
  // Something of it is not there: `missing dice`, `africa missing`.
  [/(?<=[,;(–-]\s*)missing\b[^,;)]*/iu, 'incomplete'],
  [/(?<=[,;(–-]\s*)[\p{L} ]{2,30}\b(?:missing|lost)\b/iu, 'incomplete'],
];
/** A part of the line that says nothing but the condition: `a few bits broken`, `one nearly worn`. */
const QUALIFIER =
  /^(?:an?|a few|few|some|one|two|several|most|mostly|mainly|nearly all|all|\d+|bits?|parts?|pieces?|ones?|of|them|it|are|is|very|quite|rather|slightly|a bit|but|partly|half|nearly|still|and|lid|corner|corners|edges?|spine|box|screen|cover|with|w\/?|a|the|its|\s)*$/i;

/** @example readCondition('toner, black, sealed')?.value // 'sealed' */
export function readCondition(text: string): Token<Condition> | null {
  for (const [pattern, value] of CONDITION_WORDS) {
    const found = pattern.exec(text);
    if (!found || found[0].length >= text.length) continue;
    const end = found.index + found[0].length;
    // The whole part between commas, where it says nothing else.
    const from =
      Math.max(
        text.lastIndexOf(',', found.index),
        text.lastIndexOf('(', found.index),
        text.lastIndexOf(' - ', found.index),
      ) + 1;
    const to = [text.indexOf(',', end), text.indexOf(')', end)]
      .filter((at) => at >= 0)
      .reduce((a, b) => Math.min(a, b), text.length);
    const around = `${text.slice(from, found.index)} ${text.slice(end, to)}`;
    if (from > 0 && QUALIFIER.test(around.replace(/^-/, '').trim()))
      return {
        value,
        said: found[0].trim(),
        rest: tidy(`${text.slice(0, from - 1)} ${text.slice(to).replace(/^\)/, '')}`),
      };
    // With a word between (`with cracked screen`) it stays in the name.
    if (/\b(?:with|w\/|has|have)\s*(?:an?\s)?$/i.test(text.slice(0, found.index)))
      return { value, said: found[0].trim(), rest: text };
    return { value, said: found[0].trim(), rest: without(text, found.index, found[0].length).replace(/^,\s*/, '') };
  }
  return null;
}
