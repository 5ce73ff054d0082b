/** Rooms in depth for tests and benchmarks: bins of a few common sizes, and furniture in which they all have room by construction. */
import { Random } from '../../../ground/engine/random.ts';
import type { PlacePerson } from '../../../ground/problems/place-problem.ts';
import type { DepthBin, DepthProblem } from '../depth/problem.ts';

/** Common outsides, mm: trays, jars, tins, boxes, baskets, files. */
const OUTSIDES: readonly (readonly [number, number, number, number])[] = [
  [160, 160, 50, 300],
  [75, 75, 110, 340],
  [150, 220, 120, 700],
  [100, 100, 120, 400],
  [80, 240, 50, 250],
  [195, 280, 120, 1200],
  [280, 200, 45, 500],
  [110, 260, 300, 1500],
  [270, 350, 180, 2600],
  [320, 360, 290, 4200],
];

/**
 * @param compartments how many; about six bins each
 * @example depthProblem(10, 1).bins.length
 */
export function depthProblem(compartments: number, seed: number, timeMs = 1000): DepthProblem {
  const random = new Random(seed * 7919 + compartments);
  const pick = <T>(list: readonly T[]): T => list[random.below(list.length)]!;
  const zones = Array.from({ length: Math.min(12, 2 + Math.ceil(compartments / 6)) }, (_, i) => ({ id: `z${i}` }));
  const people: PlacePerson[] = [
    { id: 'tall', kind: 'adult', stature: 1760 },
    { id: 'short', kind: 'adult', stature: 1600 + random.below(90) },
    { id: 'big', kind: 'child', stature: 1250 + random.below(150) },
    { id: 'little', kind: 'child', stature: 880 + random.below(120) },
  ];
  // Furniture and zones on one floor, so that what is near to one is near to its neighbours too; metres.
  const side = 3 + 0.8 * Math.sqrt(compartments);
  const spot = () => ({ x: random.next() * side, y: random.next() * side });
  const zoneAt = zones.map(spot);
  const unitAt = Array.from({ length: Math.ceil(compartments / 5) }, spot);
  const walk = (unit: number) =>
    Object.fromEntries(
      zones.map(({ id }, z) => {
        const [a, b] = [unitAt[unit]!, zoneAt[z]!];
        return [id, Math.max(1, Math.round((Math.abs(a.x - b.x) + Math.abs(a.y - b.y)) * 10) / 10)];
      }),
    );
  const spaces = Array.from({ length: compartments }, (_, i) => {
    const top = random.next() < 0.25;
    return {
      id: `c${i}`,
      unit: `u${Math.floor(i / 5)}`,
      floor: 60 + 345 * (i % 5),
      width: pick([600, 800, 1000]),
      depth: pick([290, 330, 400, 480]),
      height: top ? 260 : pick([320, 340, 380]),
      access: top ? ('top' as const) : ('front' as const),
      door: !top && random.next() < 0.2,
      drawer: top,
      locked: random.next() < 0.1,
      sunlit: random.next() < 0.1,
      onView: random.next() < 0.6,
      maxLoad: 30_000,
      walk: walk(Math.floor(i / 5)),
    };
  });
  const near = (walks: Record<string, number>) =>
    Object.keys(walks)
      .sort((a, b) => walks[a]! - walks[b]!)
      .slice(0, 3);
  const bins: DepthBin[] = [];
  const groups = Array.from({ length: Math.ceil(compartments / 2) }, (_, i) => `g${i}`);
  for (const space of spaces) {
    // As much as half of its volume: somewhere there is a place for each.
    let room = 0.9 * space.width * space.depth * (space.height - 20) * 0.42;
    for (let tries = 0; tries < 30; tries++) {
      const [width, depth, height, mass] = pick(OUTSIDES);
      if (width > 0.9 * space.width || depth > space.depth || height > space.height - 20) continue;
      const volume = width * depth * height;
      if (volume > room) continue;
      room -= volume;
      const child = random.next() < 0.15;
      const hazard = !child && random.next() < 0.04;
      bins.push({
        id: `b${bins.length}`,
        width,
        depth,
        height,
        mass,
        lid: random.next() < 0.4,
        // Mostly used not far from where there is room for it.
        zone: pick(near(space.walk)),
        uses: [
          { person: child ? pick(['big', 'little']) : pick(['tall', 'short']), perWeek: pick([0.2, 0.5, 1, 2, 5, 8]) },
        ],
        group: random.next() < 0.3 ? pick(groups) : null,
        hazard,
        childReach: child,
        lightSensitive: random.next() < 0.05,
        view: random.next() < 0.05 ? pick(['show', 'hide'] as const) : null,
        turnable: random.next() < 0.7,
        stackable: random.next() < 0.7,
      });
    }
  }
  return { format: 'stube-place/2', people, zones, compartments: spaces, bins, growth: 0.1, timeMs };
}
