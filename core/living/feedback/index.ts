/** What is public of this feature. */
export { exchangeFor } from './exchange.ts';
export { binFactsOf } from './facts.ts';
export { misplacedOf } from './misplaced.ts';
export { type Proposal, proposalsFor } from './proposals.ts';
export {
  direction,
  type Health,
  healthOf,
  lastWeeks,
  type RoomFacts,
  type Sign,
  type SignKind,
  signsOf,
} from './signs.ts';
