/** Why a thing leaves or stays, as a typed line tells it: no part of its name. */
import { without, type Token } from './token.ts';

const REASON =
  /(?:^|(?<=[,;(–-]\s*)|(?<=\s))(?:(?:far |much |a bit |way )?too (?:small|big|large|tight|short|long|young|old|babyish)(?: for (?:the |my |our )?[\p{L}'’ ]{2,30}?)?|outgrown(?: by [\p{L}'’ ]{2,20})?|(?:does not|doesn['’]t|do not|don['’]t) fit(?: any ?more| \p{L}+)?|not before (?:the )?(?:age (?:of )?)?(?:\d+|\p{Co})|nobody (?:uses|plays with|reads|wants|needs) (?:it|them)(?: any ?more)?|(?:hardly ever|never|no longer) (?:used|worn|played with|read))(?=\s*(?:$|[,;:)–-]))/iu;

/** @example readReason('snow boots, too small for Leo')?.rest // 'snow boots' */
export function readReason(text: string): Token<string> | null {
  const found = REASON.exec(text);
  if (!found || found[0].trim().length >= text.length) return null;
  const said = found[0].trim();
  return { value: said, said, rest: without(text, found.index, found[0].length).replace(/[,:]\s*$/, '') };
}
