/** Compares the schools of sorting away from the page. */
import { expose } from 'comlink';
import {
  compareSchools,
  suggestSchool,
  type SchoolData,
  type SchoolResult,
  type Suggestion,
} from '@stube/core/grouping/schools';

const schools = {
  compare(data: SchoolData): { results: SchoolResult[]; suggestion: Suggestion | null } {
    const results = compareSchools(data);
    return { results, suggestion: suggestSchool(results) };
  },
};

export type SchoolsWorker = typeof schools;
expose(schools);
