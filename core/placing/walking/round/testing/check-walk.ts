/** What is wrong with an answer to a walk, in words; nothing where it keeps to the problem. */
import type { WalkAnswer, WalkProblem } from '../problem.ts';

export function wrongWith(problem: WalkProblem, { acts, mm, bound }: WalkAnswer): string[] {
  const wrong: string[] = [];
  if (acts === null) return ['no walk'];
  const things = new Map(problem.things.map((thing) => [thing.id, thing]));
  const when = new Map<string, number>();
  let [load, walked, here] = [0, 0, problem.start];
  const go = (to: string): void => {
    if (here !== null) walked += problem.mm[problem.stops.indexOf(here)]![problem.stops.indexOf(to)]!;
    here = to;
  };
  acts.forEach(({ act, thing: id }, i) => {
    const thing = things.get(id)!;
    if (when.has(`${act} ${id}`)) wrong.push(`${act} ${id} twice`);
    when.set(`${act} ${id}`, i);
    go(act === 'take' ? thing.from : thing.to);
    load += act === 'take' ? thing.size : -thing.size;
    if (load > problem.carry) wrong.push(`${id} is one too many`);
    if (act === 'put' && !when.has(`take ${id}`)) wrong.push(`${id} is not at hand`);
  });
  if (problem.end !== null) go(problem.end);
  if (acts.length !== 2 * things.size) wrong.push('not all');
  for (const [a, b] of problem.order)
    if (!(when.get(`${a.act} ${a.thing}`)! < when.get(`${b.act} ${b.thing}`)!))
      wrong.push(`${b.act} ${b.thing} too early`);
  if (Math.abs(walked - mm) > 1e-6) wrong.push(`walks ${walked}, says ${mm}`);
  if (bound > mm) wrong.push('a bound above the walk');
  return wrong;
}
