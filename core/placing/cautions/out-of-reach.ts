/** What has to be locked or out of the reach of children, and where they get at it (H2 to H6, H15). */
import { plural } from '../../ground/notation/plural.ts';
import { SIX_YEARS, THREE_YEARS } from '../../ground/hazards/ages.ts';
import { SMALL_PARTS } from '../../ground/hazards/hazards-of.ts';
import { countOf, whoAre, type Caution, type Child } from './caution.ts';
import { binCaution, heightOf, isReachedBy, type Stored } from './stored.ts';

/** What has to be locked or out of reach and has no place yet: it lies somewhere meanwhile. */
export function benchCautions(stored: Stored, children: readonly Child[]): Caution[] {
  const hazard = (['H3', 'H5', 'H4', 'H15'] as const).find((kept) => stored.hazards.has(kept));
  if (stored.at || !hazard || !children.length) return [];
  const who = whoAre(children);
  return [
    binCaution(
      stored,
      hazard,
      'bench',
      'danger',
      `It has no place yet, and ${who} ${plural(countOf(children), 'comes', 'come')} in.`,
      hazard === 'H3' || hazard === 'H5'
        ? 'A locked compartment; until there is one, out of the room.'
        : 'A locked compartment, or one out of their reach; until there is one, out of the room.',
    ),
  ];
}

/**
 * What has to be locked where children of the house may come in, though none is said to use the room.
 * @param children of the house, none of whom comes into this room
 */
export function houseCautions(stored: Stored, children: readonly Child[]): Caution[] {
  const hazard = (['H3', 'H5'] as const).find((locked) => stored.hazards.has(locked));
  if (!stored.at || !hazard || stored.at.unit.locked || !children.some(({ months }) => months < SIX_YEARS)) return [];
  return [
    binCaution(
      stored,
      hazard,
      'house',
      'warn',
      `It is not locked (${heightOf(stored)}), and small children of the house may come in.`,
      'Lock it away wherever a lock is free: children come into rooms that are not theirs.',
    ),
  ];
}

/** Kept from children: locked where the usual rule says locked, else out of their reach. */
export function reachCautions(stored: Stored, children: readonly Child[]): Caution[] {
  if (!stored.at || !children.length) return [];
  const { hazards, at } = stored;
  const found: Caution[] = [];
  const reaching = (below: number) => children.filter((child) => child.months < below && isReachedBy(stored, child));
  const open = !at.unit.locked;
  const young = children.filter((child) => child.months < SIX_YEARS);
  const anybody = reaching(Infinity);
  const coming = young.length ? young : anybody;
  if (hazards.has('H3') && open && coming.length)
    found.push(
      binCaution(
        stored,
        'H3',
        '',
        'danger',
        `It is not locked (${heightOf(stored)}), and ${whoAre(coming)} ${plural(countOf(coming), 'comes', 'come')} in.`,
        'Lock it away, or keep it out of the house while children are small: swallowed, it is an emergency.',
      ),
    );
  if (hazards.has('H4') && anybody.length)
    found.push(
      binCaution(
        stored,
        'H4',
        '',
        'danger',
        `Within reach of ${whoAre(anybody)} (${heightOf(stored)}).`,
        'A locked compartment, or one out of their reach.',
      ),
    );
  if (hazards.has('H5') && open)
    found.push(
      anybody.length
        ? binCaution(
            stored,
            'H5',
            '',
            'danger',
            `Within reach of ${whoAre(anybody)} (${heightOf(stored)}).`,
            'Lock it away, in its own container.',
          )
        : binCaution(
            stored,
            'H5',
            '',
            'warn',
            `High, but not locked (${heightOf(stored)}), and children come into this room.`,
            'Lock it away: children climb.',
          ),
    );
  if (hazards.has('H15') && !hazards.has('H4') && anybody.length)
    found.push(
      binCaution(
        stored,
        'H15',
        '',
        'danger',
        `It gets hot, and ${whoAre(anybody)} can reach it (${heightOf(stored)}).`,
        'Let it cool where nobody reaches it, then lock it away.',
      ),
    );
  // Who still puts things into the mouth counts as under three.
  const tasting = children.filter(
    (child) => (child.months < THREE_YEARS || child.mouths) && isReachedBy(stored, child),
  );
  const whose = tasting.every((child) => child.months < THREE_YEARS) ? 'under three' : 'who taste what they find';
  if (hazards.has('H2') && tasting.length)
    found.push(
      binCaution(
        stored,
        'H2',
        '',
        'danger',
        `Small parts within reach of ${whoAre(tasting)}, ${whose} (${heightOf(stored)}).`,
        `Keep out of reach whatever fits a cylinder ${SMALL_PARTS.across} mm across and ${SMALL_PARTS.deep} mm deep, and balls under ${SMALL_PARTS.ball} mm.`,
      ),
    );
  if (hazards.has('H6') && tasting.length)
    found.push(
      binCaution(
        stored,
        'H6',
        '',
        'danger',
        `Bags, film or cords within reach of ${whoAre(tasting)}, ${whose} (${heightOf(stored)}).`,
        'Higher, or behind a lock: they choke and strangle.',
      ),
    );
  if (stored.category.supervised && !found.length && anybody.length)
    found.push(
      binCaution(
        stored,
        'P3',
        '',
        'warn',
        `Children use it with an adult, and ${whoAre(anybody)} can get it alone (${heightOf(stored)}).`,
        'Above their reach or locked; or say of the category that they may take it alone.',
      ),
    );
  return found;
}
