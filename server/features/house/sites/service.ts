/** A new site and what it begins with. */
import { defaultsOf, type Person } from '@stube/core/model';
import { CATALOGUE } from '@stube/core/containers';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { NewSite } from '@stube/contract/sites/requests';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import type { Scope } from '../../../db/scope.ts';

/** Until somebody says who works here: one adult of middling height, mm. */
const FIRST_PERSON: Pick<Person, 'name' | 'kind' | 'stature'> = { name: 'Grown-up', kind: 'adult', stature: 1680 };

export async function createSite(on: Omit<Scope, 'siteId'>, wanted: NewSite): Promise<ChangeAnswer> {
  const id = newId();
  return makeChange(
    { ...on, siteId: id },
    `new site ${wanted.name}`,
    async (recorder) => {
      await recorder.insert('site', [{ ...defaultsOf('site'), id, ...wanted }]);
      await recorder.insert('person', [{ ...defaultsOf('person'), id: newId(), ...FIRST_PERSON }]);
      await recorder.insert(
        'containerType',
        CATALOGUE.map((shape) => ({ ...defaultsOf('containerType'), id: newId(), ...shape })),
      );
      return id;
    },
    true,
  );
}
