/** What may hang on a hook, a peg or a rod (practice M2): bags, buckets by their handle, and soft, long or reeled things as they are. */
import type { Category, ContainerShape, ContainerType } from '../../ground/model/entities.ts';
import { kindOf } from '../../ground/starter/library.ts';

type Shape = Pick<ContainerShape, 'soft' | 'handle' | 'form'> & { id?: string | null };

/** Kinds on reels and rolls: a rod goes through them. */
const REELED = ['ribbon', 'gift-wrap', 'string-and-cord', 'sticky-tape'];
/** How a line says that its pieces hang over the hangers of files. */
export const IN_A_FILE = 'hangs in a file';
/** Only a container that is made and named for files has rails; its measures do not tell. */
export const takesFiles = ({ name }: Pick<ContainerType, 'name'>): boolean => /\bhanging files?\b/i.test(name);

/** Kinds that people hang up where there is something to hang them on, beside those that stand on hooks only. */
const HUNG = ['aprons', 'dressing-up-clothes', 'bags-and-purses'];
export const isHungUp = (key: string | null | undefined): boolean =>
  HUNG.includes(key?.split('/')[0] ?? '') || kindOf(key)?.stands === 'hook';
/** Kinds that hang in the rails of a file drawer. */
export const isForFiles = (key: string | null | undefined): boolean => key?.split('/')[0] === 'hanging-files';

export const goesOnRods = (key: string | null | undefined): boolean => REELED.includes(key ?? '');

/** @param category only asked where the things have no container */
export const canHang = (shape: Shape, category?: Pick<Category, 'packingKind' | 'starter'>): boolean =>
  shape.id === null
    ? category?.packingKind === 'soft' ||
      category?.packingKind === 'long' ||
      goesOnRods(category?.starter) ||
      kindOf(category?.starter)?.stands === 'hook'
    : shape.soft || (shape.handle && shape.form !== 'box');
