/** The outside and inside of a bin: those of its container, or its own where the things stand without one (practice F5). */
import { defaultsOf } from '../model/defaults.ts';
import type { Bin, ContainerShape, ContainerType } from '../model/entities.ts';

/** Without an id where there is no container. */
export type BinShape = ContainerShape & { id: string | null };

export const WITHOUT_CONTAINER = 'without a container';

/** What stands by itself: as large inside as outside, in full view, with nothing on it. */
export const bareShape = (outWidth: number, outDepth: number, outHeight: number): BinShape => ({
  ...defaultsOf('containerType'),
  id: null,
  name: WITHOUT_CONTAINER,
  outWidth,
  outDepth,
  outHeight,
  inWidth: outWidth,
  inDepth: outDepth,
  inHeight: outHeight,
  seeThrough: true,
  mass: 0,
});

type Shaped = Pick<Bin, 'containerTypeId' | 'outWidth' | 'outDepth' | 'outHeight'>;

/** @returns undefined where the container is not (any more) there */
export function shapeOf(bin: Shaped, types: ReadonlyMap<string, ContainerType>): BinShape | undefined {
  if (bin.containerTypeId !== null) return types.get(bin.containerTypeId);
  const { outWidth, outDepth, outHeight } = bin;
  return outWidth && outDepth && outHeight ? bareShape(outWidth, outDepth, outHeight) : undefined;
}

/** Whether width and depth may change places: what has a handle or stands as a row keeps its front to the front. */
export const mayTurn = (shape: BinShape): boolean => shape.id !== null && (shape.form === 'round' || !shape.handle);
/** Whether another may stand on it. */
export const bearsAnother = (shape: BinShape): boolean => shape.stackable && shape.lid;
