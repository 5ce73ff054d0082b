/** Builds and asks the index away from the page. */
import { expose } from 'comlink';
import { Finder, type Found } from '@stube/core/find/search';
import { thingsOf, type FindData } from '@stube/core/find/things';

let finder: Finder | null = null;

const find = {
  build(data: FindData): void {
    finder = new Finder(thingsOf(data));
  },
  search: (query: string, most: number): Found[] => finder?.search(query, most) ?? [],
};

export type FindWorker = typeof find;
expose(find);
