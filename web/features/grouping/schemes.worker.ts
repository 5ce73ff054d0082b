/** Compares the grouping schemes away from the page. */
import { expose } from 'comlink';
import {
  compareSchemes,
  suggestScheme,
  type SchemeData,
  type SchemeResult,
  type Suggestion,
} from '@stube/core/grouping/schemes';

const schemes = {
  compare(data: SchemeData): { results: SchemeResult[]; suggestion: Suggestion | null } {
    const results = compareSchemes(data);
    return { results, suggestion: suggestScheme(results) };
  },
};

export type SchemesWorker = typeof schemes;
expose(schemes);
