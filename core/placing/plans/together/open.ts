/** A problem in the open format as it is searched. */
import { byId } from '../../../ground/model/by-id.ts';
import { UNPLACED } from '../../../ground/problems/place-problem.ts';
import type { OpenPlanProblem, TogetherProblem, Way } from './problem.ts';

export function togetherOf({ types, needs, ...room }: OpenPlanProblem): TogetherProblem {
  const typeAt = byId(types);
  return {
    ...room,
    types,
    needs: needs.map(({ id, uses, options, ...rules }) => ({
      id,
      ways: options.map(({ type, masses }, o): Way => {
        const { width, depth, height, turnable, stackable, lid } = typeAt.get(type)!;
        const shared = uses.map(({ person, perWeek }) => ({ person, perWeek: perWeek / masses.length }));
        return {
          type,
          unhandy: 0,
          bins: masses.map((mass, n) => ({
            id: `${id} ${o} ${n}`,
            ...{ width, depth, height, turnable, stackable, lid, mass },
            ...rules,
            uses: shared,
            group: id,
            leftOut: UNPLACED / masses.length,
          })),
        };
      }),
    })),
  };
}
