import type { Field } from './entity.ts';

/** The container is the limit: so many of that type. */
export interface Limit {
  containerTypeId: string;
  count: number;
  /** So many of each year, as one bin a year of finished work; absent: of all there is. */
  perYear?: boolean;
}

/** A field that holds a limit or null: told in containers that are gone it limits nothing. */
export const limitField = {
  default: null,
  since: 2,
  to: 'containerType',
  at: 'containerTypeId',
  whenGone: 'clear',
} as const satisfies Field<Limit | null>;
