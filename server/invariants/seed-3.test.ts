import { describeActsOfChance } from '../testing/invariants.ts';

describeActsOfChance(3);
