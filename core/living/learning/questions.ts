/** Questions of the trainer: where does this live, what lives here, what must never stand here (practice F3). */
import { Random } from '../../ground/engine/random.ts';

export type QuestionKind = 'where' | 'what' | 'never';
export interface Question {
  kind: QuestionKind;
  /** The bin that is asked about. */
  binId: string;
  /** The compartment that is asked about or is the answer. */
  spaceId: string;
  /** Ids to choose from: compartments where the kind is `where`, else bins. */
  choices: string[];
  /** The right one of them. */
  answer: string;
}
export interface Asked {
  id: string;
  spaceId: string;
  unitId: string;
  categoryId: string;
  /** Must stay out of the reach of children. */
  adultsOnly: boolean;
}

const CHOICES = 4;

/**
 * @param bins all of the room that have a place
 * @param low compartments that children reach
 * @param seed the same seed asks the same
 */
export function questionOf(
  kind: QuestionKind,
  binId: string,
  bins: readonly Asked[],
  low: ReadonlySet<string>,
  seed: number,
): Question | null {
  const asked = bins.find(({ id }) => id === binId);
  if (!asked) return null;
  const random = new Random(seed);
  const shuffled = <T>(list: readonly T[]): T[] => {
    const all = [...list];
    for (let i = all.length - 1; i > 0; i--) {
      const j = random.below(i + 1);
      [all[i], all[j]] = [all[j]!, all[i]!];
    }
    return all;
  };
  const withAnswer = (answer: string, others: readonly string[]): string[] | null => {
    const wrong = [...new Set(others)].filter((one) => one !== answer).slice(0, CHOICES - 1);
    return wrong.length ? shuffled([answer, ...wrong]) : null;
  };
  const made = (answer: string, spaceId: string, others: readonly string[]): Question | null => {
    const choices = withAnswer(answer, others);
    return choices && { kind, binId, spaceId, choices, answer };
  };
  if (kind === 'where') {
    // Where other bins of its class stand is right too: it is never offered as wrong.
    const right = new Set(
      bins.filter(({ categoryId }) => categoryId === asked.categoryId).map(({ spaceId }) => spaceId),
    );
    const near = shuffled(bins.filter(({ unitId }) => unitId === asked.unitId)).map(({ spaceId }) => spaceId);
    const far = shuffled(bins).map(({ spaceId }) => spaceId);
    return made(
      asked.spaceId,
      asked.spaceId,
      [...near, ...far].filter((id) => !right.has(id)),
    );
  }
  const elsewhere = shuffled(
    bins.filter(({ spaceId, categoryId }) => spaceId !== asked.spaceId && categoryId !== asked.categoryId),
  );
  if (kind === 'what')
    return made(
      binId,
      asked.spaceId,
      elsewhere.map(({ id }) => id),
    );
  const spaceId = shuffled([...low])[0];
  if (!asked.adultsOnly || !spaceId) return null;
  return made(
    binId,
    spaceId,
    elsewhere.filter(({ adultsOnly }) => !adultsOnly).map(({ id }) => id),
  );
}
