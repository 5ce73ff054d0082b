/** What signs and proposals are called, and the way out of each. */
import type { Health, Proposal, Sign, SignKind } from '@stube/core/feedback';

export const SIGNS: Readonly<Record<SignKind, { name: string; wayOut: string; to: string }>> = {
  'over-full': { name: 'over-full bins', wayOut: 'Let something go, or make one bin more', to: 'contain' },
  'on the floor': { name: 'bins without a place', wayOut: 'Give them a place', to: 'place' },
  strays: { name: 'pieces in the strays tray', wayOut: 'Match them to their sets', to: 'strays' },
  'never opened': { name: 'bins nobody has opened', wayOut: 'Edit what is in them', to: 'pile' },
  'out of reach': { name: 'bins a child who uses them cannot reach', wayOut: 'Lower them', to: 'place' },
  'labels out of date': { name: 'labels out of date', wayOut: 'Print them anew', to: 'label' },
  doubles: { name: 'things written down twice', wayOut: 'Make them one, or let one go', to: 'pile' },
  'lying still': { name: 'decisions that lie still', wayOut: 'Decide them', to: 'pile' },
  'catch-all': { name: '% full are the odds and ends', wayOut: 'Sort what is in them', to: 'pile' },
  misplaced: { name: 'things in the wrong place this week', wayOut: 'See where, below', to: '' },
  'routines left': { name: 'routines left in two weeks', wayOut: 'Make them shorter, or fewer', to: 'routines' },
};

export const signWords = ({ kind, count, of }: Sign): string =>
  kind === 'catch-all'
    ? `${count} ${SIGNS[kind].name}`
    : of === null
      ? `${count} ${count === 1 ? one(SIGNS[kind].name) : SIGNS[kind].name}`
      : `${count} of ${of} ${SIGNS[kind].name}`;
/** One of them: bins become a bin. */
const one = (many: string): string =>
  many
    .replace(/\bbins\b/, 'bin')
    .replace(/\bpieces\b/, 'piece')
    .replace(/\blabels\b/, 'label')
    .replace(/\bthings\b/, 'thing')
    .replace(/\bdecisions that lie\b/, 'decision that lies')
    .replace(/^routines\b/, 'routine');

export const HEALTH: Readonly<Record<Health['state'], string>> = {
  well: 'The room keeps itself well.',
  fair: 'The room holds, but not everything in it works.',
  failing: 'The room is about to silt up again.',
  'not known': 'Nobody has looked yet: tap what you see on the pages of the bins.',
};

const PROPOSALS: Readonly<Record<Proposal['kind'], string>> = {
  move: 'let it live where it is left',
  exchange: 'exchange the two',
  lower: 'put it lower',
  merge: 'make the two classes one',
  picture: 'labels with a picture',
  divide: 'make one bin more of it',
  lid: 'a container without a lid',
  rename: 'call it as people do',
};
export const proposalWords = ({ kind }: Pick<Proposal, 'kind'>): string => PROPOSALS[kind];
/** What is done on a screen of its own. */
export const PROPOSAL_STEP: Partial<Record<Proposal['kind'], string>> = { divide: 'contain', lid: 'contain' };
