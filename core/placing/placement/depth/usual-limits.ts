/** What places usually take, where nobody told: kept to by a search until something would be left over for it. */
import { clearHeight } from '../../../ground/problems/place-problem.ts';
import type { CompiledDepth } from './compiled.ts';
import { TIE } from './searching.ts';

/** Share of the time after which what is left over is tried in places by what they are allowed to take. */
const LAST_RESORT = 0.75;

interface Search {
  /** What has no place in the best plan counts for so much. */
  bestLeft: number;
  leftBelow: number;
}

/** They hold from the beginning. */
export class UsualLimits {
  private readonly place: Pick<CompiledDepth, 'roomHeight' | 'maxLoad'>;
  /** What the places are allowed to take; null once that holds. */
  private allowed: Pick<CompiledDepth, 'roomHeight' | 'maxLoad'> | null = null;

  constructor(place: Pick<CompiledDepth, 'problem' | 'roomHeight' | 'maxLoad'>) {
    this.place = place;
    const { roomHeight, maxLoad } = place;
    for (const [i, { usual, access }] of place.problem.compartments.entries()) {
      if (!usual) continue;
      this.allowed ??= { roomHeight: roomHeight.slice(), maxLoad: maxLoad.slice() };
      maxLoad[i] = Math.min(maxLoad[i]!, usual.maxLoad);
      roomHeight[i] = Math.min(roomHeight[i]!, clearHeight({ height: usual.height, access }));
    }
  }

  /** Lets them be, late and where something is left over: only for a plan in which more has a place. */
  lastResort(done: number, search: Search): void {
    if (!this.allowed || done < LAST_RESORT || search.bestLeft <= TIE) return;
    this.letBe();
    search.leftBelow = search.bestLeft;
  }
  letBe(): void {
    if (!this.allowed) return;
    this.place.maxLoad.set(this.allowed.maxLoad);
    this.place.roomHeight.set(this.allowed.roomHeight);
    this.allowed = null;
  }
}
