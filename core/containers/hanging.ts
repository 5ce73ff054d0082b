/** What may hang on a hook, a peg or a rod (practice M2): bags, buckets by their handle, and soft or long things as they are. */
import type { Category, ContainerShape } from '../model/entities.ts';

type Shape = Pick<ContainerShape, 'soft' | 'handle' | 'form'> & { id?: string | null };

/** @param packingKind how the things lie; only asked where they have no container */
export const canHang = (shape: Shape, packingKind?: Category['packingKind']): boolean =>
  shape.id === null
    ? packingKind === 'soft' || packingKind === 'long'
    : shape.soft || (shape.handle && shape.form !== 'box');
