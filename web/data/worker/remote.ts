/** A worker that is started when it is first asked for, one for the whole page. */
import { wrap, type Remote } from 'comlink';

/** @param start makes the worker; its address has to stand there in full, so that the build finds it */
export function remote<T>(start: () => Worker): () => Remote<T> {
  let remote: Remote<T> | null = null;
  return () => (remote ??= wrap<T>(start()));
}
