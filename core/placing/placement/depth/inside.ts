/** Where the bins of one compartment stand: as was said, else in a row, then behind and on one another. For drawings. */
import { bearsAnother, mayTurn, type BinShape } from '../../../ground/contents/shape.ts';
import type { Bin, Compartment } from '../../../ground/model/entities.ts';
import { DEFAULT_ADULT } from '../place-problem-of.ts';
import { homesOf } from './depth-problem-of.ts';
import type { DepthPosition } from './problem.ts';
import { Standing } from './standing.ts';

type Inside = Pick<Compartment, 'id' | 'width' | 'depth' | 'height' | 'access' | 'hangs'>;

/** @returns by bin id; what has no room in it is not among them */
export function standInside(
  space: Inside,
  bins: readonly { bin: Bin; shape: BinShape }[],
): ReadonlyMap<string, DepthPosition> {
  const standing = new Standing(
    {
      format: 'stube-place/2',
      people: [DEFAULT_ADULT],
      zones: [],
      compartments: [
        {
          ...space,
          unit: space.id,
          // At the height of the hands everything is as easy to reach: what has to be moved first decides.
          floor: DEFAULT_ADULT.stature / 2,
          door: false,
          drawer: false,
          locked: false,
          sunlit: false,
          onView: false,
          maxLoad: Infinity,
          walk: {},
        },
      ],
      bins: bins.map(({ bin, shape }) => ({
        id: bin.id,
        width: shape.outWidth,
        depth: shape.outDepth,
        height: shape.outHeight,
        mass: 1,
        lid: false,
        zone: '',
        uses: [{ person: DEFAULT_ADULT.id, perWeek: 1 }],
        group: null,
        hazard: false,
        childReach: false,
        lightSensitive: false,
        view: null,
        canHang: true,
        turnable: mayTurn(shape),
        stackable: bearsAnother(shape),
      })),
      growth: 0,
      timeMs: 0,
    },
    homesOf(bins.map(({ bin }) => bin)),
  );
  return new Map(standing.positions.map((position) => [position.bin, position]));
}
