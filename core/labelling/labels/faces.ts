/** The face a label goes on (practice L2), mm. */
import { PRINTABLE } from './paper.ts';
import type { ContainerShape } from '../../ground/model/entities.ts';

/** Beyond a hand's size a label says no more. */
const MOST = { width: 90, height: 45 };
const LEAST = { width: 24, height: 12 };
/** Lip, rim or corner at each side of a front. */
const RIM = 6;
/** Of the round only so much is seen at once: a third of the way round. */
const SEEN_OF_ROUND = Math.PI / 3;
/** A binder or a disc: what is free on its spine at both ends. */
const SPINE_END = 10;

export interface Face {
  width: number;
  height: number;
}
type Front = Pick<ContainerShape, 'outWidth' | 'outHeight' | 'form' | 'handle'>;

const between = (value: number, least: number, most: number): number =>
  Math.max(least, Math.min(most, Math.floor(value)));

/** The front less rims and handle; of a round one what is seen of it, unrolled; never larger than a hand. */
export function labelFace(shape: Front): Face {
  const across = shape.form === 'round' ? shape.outWidth * SEEN_OF_ROUND : shape.outWidth - 2 * RIM;
  const up = shape.outHeight * (shape.handle ? 0.4 : 0.6) - 4;
  return { width: between(across, LEAST.width, MOST.width), height: between(up, LEAST.height, MOST.height) };
}

/** Along the spine of what stands in a row: read with the head to the right. */
export const spineFace = ({ outHeight }: Pick<Front, 'outHeight'>, thick: number): Face => ({
  width: between(outHeight - 2 * SPINE_END, LEAST.width, PRINTABLE.width),
  height: between(thick - 4, 8, 60),
});

/** The edge of a shelf in front of the bin: as wide as it is. */
export const stripFace = ({ outWidth }: Pick<Front, 'outWidth'>, high: number): Face => ({
  width: between(outWidth - 4, LEAST.width, 150),
  height: high,
});

/** The inside of a lid. */
export const lidFace = ({ inWidth, inDepth }: Pick<ContainerShape, 'inWidth' | 'inDepth'>): Face => ({
  width: between(Math.max(inWidth, inDepth) - 20, 40, PRINTABLE.width),
  height: between(Math.min(inWidth, inDepth) - 20, 24, PRINTABLE.height),
});
