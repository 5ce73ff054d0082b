/** The move plan of a room on paper, each step with a box to tick. */
import { byId, inOrder } from '@stube/core/model';
import { dayIn } from '@stube/core/calendar';
import { moveWords, type MoveWords } from '@stube/core/moves';
import { depthProblemOf, homesOf, roomDataOf, Standing } from '@stube/core/placement';
import { cellsOf, type Column } from '../../../documents/table.ts';
import { NotFound } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import type { Work } from '../../../threads/pool.ts';

const COLUMNS: Column<MoveWords & { number: number }>[] = [
  { title: '', share: 4, of: ({ number }) => number },
  { title: 'bin', share: 30, of: ({ bin }) => bin },
  { title: 'from', share: 30, of: ({ from }) => from },
  { title: 'to', share: 36, of: ({ to }) => to },
];

export async function movesPdf(scope: Scope, roomId: string, work: Work) {
  const data = await readSite(scope.db, scope.siteId);
  const room = roomDataOf(data, roomId, dayIn(data.site[0]!.timeZone, scope.now));
  if (!room) throw new NotFound('room', roomId);
  const names = { bin: byId(data.bin), compartment: byId(data.compartment), unit: byId(data.unit) };
  const wanted = new Standing(depthProblemOf(room), homesOf(room.bins));
  const open = inOrder(data.move.filter((move) => move.roomId === roomId && !move.done));
  const rows = open.map((move, i) => ({ number: i + 1, ...moveWords(move, names, wanted) }));
  const title = `${room.room.name} · moves`;
  const under = `${rows.length} steps, in the order in which each can be done. Heavy ones with two.`;
  const { paper } = data.site[0]!;
  return {
    title,
    pdf: await work.run('tablePdf', { title, under, table: cellsOf(COLUMNS, rows), boxes: true, paper }),
  };
}
