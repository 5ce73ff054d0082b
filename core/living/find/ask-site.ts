/** Questions to a saved site, for `stube find`. */
import { FieldReader } from '../../ground/engine/problem-format.ts';
import { byId } from '../../ground/model/by-id.ts';
import { Finder, type FoundBy } from './search.ts';
import { type FindData, looseLine, thingsOf } from './things.ts';

export interface Question {
  id: string;
  text: string;
  for: 'find' | 'put-back';
}

export interface FindAnswer {
  format: 'stube-find-answer/1';
  answers: { id: string; hits: { bin: string | null; line: string | null; sure: boolean; why: FoundBy }[] }[];
}

const MAX_QUESTIONS = 10_000;
/** Hits that are told. */
const MAX_HITS = 12;

/** @throws FormatError that names the first wrong field */
export function readQuestions(json: unknown): Question[] {
  const reader = new FieldReader(json);
  reader.format('stube-find/1');
  return reader.list('queries', MAX_QUESTIONS, (query) => ({
    id: query.text('id'),
    text: query.text('text'),
    for: query.one('for', ['find', 'put-back'] as const),
  }));
}

export function askSite(data: FindData, questions: readonly Question[]): FindAnswer {
  const finder = new Finder(thingsOf(data), data.category);
  const bins = byId(data.bin);
  return {
    format: 'stube-find-answer/1',
    answers: questions.map(({ id, text }) => ({
      id,
      hits: finder.search(text, MAX_HITS).map((found) => ({
        bin: bins.get(found.id)?.code ?? null,
        line: looseLine(found.id),
        sure: found.sure,
        why: found.why,
      })),
    })),
  };
}
