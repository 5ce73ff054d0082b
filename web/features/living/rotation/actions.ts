import { AREAS, type Line, type Spell } from '@stube/core/model';
import { comesBefore, isOut, plannedSpells, suggestedTurn } from '@stube/core/rotation';
import type { RotationAnswer } from '@stube/contract/rotation/requests';
import { api } from '../../../data/transport.ts';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import { newId } from '../../../data/new-id.ts';

/** Ages of a thing of which nobody said anything, months. */
const FROM = 36;
const TO = 72;

/** A plan of this week begins today. */
export const notPast = (day: string): string => (day < today() ? today() : day);

export function useRotationActions() {
  const store = useSite();
  /** Its ages are those of its kind, where these are known. */
  const turnOf = (line: Line, areas: readonly string[] | null, turning: readonly Line[]) => {
    const usual = suggestedTurn(line, store.maps.category.get(line.categoryId ?? ''));
    return {
      lineId: line.id,
      areas: areas ? [...areas] : (usual?.areas ?? [AREAS[0]]),
      fromMonths: usual?.fromMonths ?? FROM,
      toMonths: usual?.toMonths ?? TO,
      afterIds: comesBefore(line, turning),
    };
  };
  const turningNow = (): Line[] => store.data.rotating.flatMap(({ lineId }) => store.maps.line.get(lineId) ?? []);
  return {
    plan: (roomId: string, first: string) =>
      api<RotationAnswer>('POST', `/sites/${store.id}/rooms/${roomId}/rotation`, { first }),
    /** @param areas null: as is usual for each */
    addThings: (lines: readonly Line[], areas: readonly string[] | null) =>
      store.writeTogether({
        what: lines.length === 1 ? `${lines[0]!.name} takes turns` : `${lines.length} things take turns`,
        create: lines.map((line) => ({
          table: 'rotating' as const,
          id: newId(),
          values: turnOf(line, areas, [...turningNow(), ...lines]),
        })),
      }),
    /** What was planned before and has not begun is replaced; what is out gets the day on which it goes in. */
    takeOver(answer: RotationAnswer, spells: readonly Spell[], lines: readonly string[]) {
      const own = new Set(answer.problem.slots.map(({ id }) => id));
      const here = spells.filter(({ slotId, lineId }) => own.has(slotId) || lines.includes(lineId));
      const outNow = new Map(here.filter(isOut).map((spell) => [spell.slotId, spell]));
      const planned = plannedSpells(answer.answer.plan, answer.mondays);
      const kept = new Set<string>();
      const update = [...outNow.values()].map((spell) => {
        const goesOn = planned.find(
          ({ slotId, lineId, from }) =>
            slotId === spell.slotId && lineId === spell.lineId && from === answer.mondays[0],
        );
        if (goesOn) kept.add(`${goesOn.slotId} ${goesOn.from}`);
        const to = goesOn ? goesOn.to : notPast(answer.mondays[0]!);
        return { table: 'spell' as const, id: spell.id, version: spell.version, values: { to } };
      });
      const pinned = here.filter((spell) => spell.pinned && !spell.begun);
      return store.writeTogether({
        what: `what is out from ${notPast(answer.mondays[0]!)}`,
        remove: here
          .filter(({ begun, pinned: byHand }) => !begun && !byHand)
          .map(({ id, version }) => ({ table: 'spell' as const, id, version })),
        update,
        create: planned
          .filter(
            (spell) =>
              !kept.has(`${spell.slotId} ${spell.from}`) &&
              !pinned.some(
                ({ slotId, lineId, from }) =>
                  slotId === spell.slotId && lineId === spell.lineId && from === notPast(spell.from),
              ),
          )
          .map((values) => ({
            table: 'spell' as const,
            id: newId(),
            values: { ...values, from: notPast(values.from) },
          })),
      });
    },
  };
}
