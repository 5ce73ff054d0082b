/**
 * Joi with lists that a large or hostile body cannot make slow: the size of a list is checked before its items, and after a
 * hundred faults in it nobody reads on. Everything in contract makes its schemas with this one.
 */
import Base from 'joi';

/** Faults after which a list is not looked at any further. */
export const MAX_FAULTS = 100;

/** What a rule of an extension is given of the list it checks; Joi names these but has no types for them. */
interface Helpers {
  state: { path: (string | number)[]; ancestors: unknown[]; localize(...args: unknown[]): unknown };
  prefs: Base.ValidationOptions;
  errorsArray(): unknown[];
}
interface ItemSchema {
  $_validate(value: unknown, state: unknown, prefs: unknown): { value: unknown; errors?: unknown[] };
}

function checkItems(list: unknown[], { state, prefs, errorsArray }: Helpers, item: ItemSchema): unknown[] {
  const read = list.slice();
  const errors = errorsArray();
  for (const [i, value] of list.entries()) {
    const at = state.localize([...state.path, i], [list, ...state.ancestors], item);
    const result = item.$_validate(value, at, prefs);
    if (!result.errors) read[i] = result.value;
    else {
      errors.push(...result.errors);
      if (prefs.abortEarly || errors.length >= MAX_FAULTS) break;
    }
  }
  return errors.length ? errors : read;
}

const Joi = Base.extend((joi) => ({
  type: 'array',
  base: joi.array(),
  coerce: {
    from: 'object',
    method(value, { schema, error }) {
      const most = (schema.$_getRule('max') as { args: { limit: number } } | undefined)?.args.limit;
      const tooLong = Array.isArray(value) && most !== undefined && value.length > most;
      return tooLong ? { value: [], errors: [error('array.max', { limit: most })] } : { value };
    },
  },
  rules: {
    // Joi's own loop over items goes on to the end of the list, whatever it has found.
    each: {
      method(item: Base.Schema) {
        const schema = this.$_addRule({ name: 'each', args: { item } });
        schema.$_mutateRegister(item);
        return schema;
      },
      validate: (value: unknown[], helpers, { item }) =>
        checkItems(value, helpers as unknown as Helpers, item as unknown as ItemSchema) as never,
    },
  },
  overrides: {
    items(item: Base.Schema) {
      return (this as unknown as { each(item: Base.Schema): Base.ArraySchema }).each(item);
    },
  },
})) as typeof Base;

/** The types of Joi under the name by which its values go. */
/* eslint-disable @typescript-eslint/no-namespace, @typescript-eslint/no-explicit-any -- one name for values and types, as Joi has them */
declare namespace Joi {
  type Schema<T = any> = Base.Schema<T>;
  type ObjectSchema<T = any> = Base.ObjectSchema<T>;
}

export default Joi;
