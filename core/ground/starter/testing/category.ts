/** A category of the library as a site has it, under its key: for tests. */
import { defaultsOf } from '../../model/defaults.ts';
import type { Category } from '../../model/entities.ts';
import { starterOf } from '../library.ts';

export const starterCategory = (key: string, more: Partial<Category> = {}): Category => ({
  ...defaultsOf('category'),
  ...starterOf(key)!,
  id: key,
  version: 1,
  siteId: 's',
  familyId: 'f',
  starter: key,
  ...more,
});
