/** Compares the grouping schemes away from the page. */
import { expose } from 'comlink';
import {
  compareSchemes,
  type SchemeData,
  type SchemeResult,
  type Suggestion,
  suggestScheme,
} from '@stube/core/grouping';

const schemes = {
  compare(data: SchemeData): { results: SchemeResult[]; suggestion: Suggestion | null } {
    const results = compareSchemes(data);
    return { results, suggestion: suggestScheme(results) };
  },
};

export type SchemesWorker = typeof schemes;
expose(schemes);
