/** How far a room has come along the line of work: what is done and what is open at each step. */
import { counted } from '../../ground/notation/plural.ts';
import { contentsOf, type Contents } from '../../ground/contents/contents.ts';
import { binsLabelled } from '../../labelling/labels/due.ts';
import { labelDataOf, type LabelTables } from '../../labelling/labels/label-data.ts';
import { byId } from '../../ground/model/by-id.ts';
import { isOpen } from '../../sorting/pile/fate.ts';
import type { SiteData } from '../../ground/model/entities.ts';

export const STEPS = ['pile', 'group', 'measure', 'contain', 'place', 'label', 'live'] as const;
export type Step = (typeof STEPS)[number];
export interface StepProgress {
  done: number;
  open: number;
  words: string;
}

/** Something is done, and nothing is left to do. */
export const isWhole = ({ done, open }: StepProgress): boolean => done > 0 && open === 0;

type Data = LabelTables & Pick<SiteData, 'site'>;

/** @param today ISO date */
export function roomProgress(data: Data, roomId: string, today: string): Record<Step, StepProgress> {
  const lines = data.line.filter((line) => line.roomId === roomId);
  const kept = lines.filter((line) => line.decision === 'keep');
  const open = lines.filter(isOpen).length;
  const sorted = kept.filter((line) => line.categoryId);
  const units = new Set(data.unit.filter((unit) => unit.roomId === roomId).map((unit) => unit.id));
  const spaces = data.compartment.filter((space) => units.has(space.unitId));
  const bins = data.bin.filter((bin) => bin.roomId === roomId);
  const wanted = new Set(sorted.map((line) => line.categoryId!));
  const contained = new Set(bins.map((bin) => bin.categoryId));
  const without = [...wanted].filter((id) => !contained.has(id)).length;
  const placed = bins.filter((bin) => bin.compartmentId).length;
  const printed = labelled(data, roomId, today);
  return {
    pile: {
      done: lines.length - open,
      open,
      words: open ? `${open} to decide` : lines.length ? counted(lines.length, 'line') : 'nothing yet',
    },
    group: {
      done: sorted.length,
      open: kept.length - sorted.length,
      words:
        kept.length - sorted.length
          ? `${kept.length - sorted.length} unsorted`
          : counted(wanted.size, 'category', 'categories'),
    },
    measure: {
      done: spaces.length,
      open: spaces.length ? 0 : 1,
      words: spaces.length ? counted(spaces.length, 'compartment') : 'no furniture yet',
    },
    contain: {
      done: wanted.size - without,
      open: without,
      words: without ? `${without} without a bin` : counted(bins.length, 'bin'),
    },
    place: {
      done: placed,
      open: bins.length - placed,
      words: bins.length - placed ? `${bins.length - placed} on the bench` : `${placed} placed`,
    },
    label: {
      done: printed,
      open: bins.length - printed,
      words: bins.length - printed ? `${bins.length - printed} to print` : `${printed} printed`,
    },
    live: { done: placed, open: 0, words: bins.length && placed === bins.length ? 'ready' : 'not all in place' },
  };
}

/** The first step with something left to do, where the work should go on. */
export function nextStep(progress: Record<Step, StepProgress>): Step {
  if (progress.pile.done + progress.pile.open === 0) return 'pile';
  return (
    STEPS.find(
      (step) => step !== 'live' && (progress[step].open > 0 || (step !== 'pile' && progress[step].done === 0)),
    ) ?? 'live'
  );
}

/** Bins of which the printed label is there and true. */
function labelled(data: Data, roomId: string, today: string): number {
  const [site] = data.site;
  if (!site || !data.printedLabel.some((label) => label.roomId === roomId)) return 0;
  // What is in a bin is reckoned only where a label says it.
  const told = data.labelLayout.some(({ parts }) => parts.includes('contents'));
  const contents = (): ReadonlyMap<string, Contents> =>
    told
      ? contentsOf({
          bins: data.bin,
          lines: data.line,
          categories: byId(data.category),
          types: byId(data.containerType),
          site,
        })
      : new Map();
  return binsLabelled(labelDataOf(data, roomId, contents, '', today));
}
