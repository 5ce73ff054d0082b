/** What can go wrong with a request, as the services say it; the routes turn each into its status. */
import type { FieldProblem } from '@stube/contract/check';
import { ENTITIES, type TableName } from '@stube/core/model';

export class NotFound extends Error {
  constructor(what: string, id: string) {
    super(`There is no ${what} ${id.slice(0, 80)} here.`);
  }
}

/** Somebody else has written the row since it was read. */
export class Stale extends Error {
  readonly current: unknown;
  constructor(table: TableName, current: unknown) {
    super(`This ${ENTITIES[table].words.one} was changed elsewhere in the meantime. Nothing of yours was written.`);
    this.current = current;
  }
}

/** Well formed, but it cannot be. */
export class Refused extends Error {
  readonly fields: FieldProblem[];
  constructor(fields: FieldProblem[]) {
    super(fields[0]?.message ?? 'This cannot be.');
    this.fields = fields;
  }
}

/** Not well formed: the first problem of every wrong field. */
export class Malformed extends Refused {}

/** It would have taken longer than anybody waits. */
export class TooLong extends Error {
  constructor(what: string) {
    super(`${what} took too long and was stopped. Nothing was changed.`);
  }
}

/** More was sent than may be. */
export class TooLarge extends Error {}

/** It was asked for, or still being worked on, while the server was asked to stop. */
export class ShuttingDown extends Error {
  constructor() {
    super('Stube is shutting down. Nothing was changed. Try again when Stube has been started again.');
  }
}
