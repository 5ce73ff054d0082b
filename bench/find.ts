/** Searching 10,000 bins: how long from the question to the answer, key by key. */
import { type Findable, Finder } from '@stube/core/find';
import { Random } from '@stube/core/engine';
import { STARTER_CATEGORIES } from '@stube/core/starter';

export function findLatency(bins: number, seed: number): { built: number; median: number; worst: number } {
  const random = new Random(seed);
  const things = Array.from({ length: bins }, (_, i): Findable => {
    const category = STARTER_CATEGORIES[random.below(STARTER_CATEGORIES.length)]!;
    return {
      id: `b${i}`,
      code: `R${i}`,
      name: `${category.name} ${i % 9}`,
      category: category.name,
      family: category.family,
      words: category.synonyms.join(' '),
      room: `Room ${i % 12}`,
      place: `Shelf ${i % 80} cube A${i % 6}`,
    };
  });
  let began = performance.now();
  const finder = new Finder(things);
  const built = performance.now() - began;
  const times: number[] = [];
  for (let i = 0; i < 150; i++) {
    const word = STARTER_CATEGORIES[random.below(STARTER_CATEGORIES.length)]!.name.toLowerCase();
    // Every third question has a slip in it.
    const asked = i % 3 ? word : word.slice(0, 2) + word.slice(3);
    for (let keys = 1; keys <= asked.length; keys++) {
      began = performance.now();
      finder.search(asked.slice(0, keys), 12);
      times.push(performance.now() - began);
    }
  }
  times.sort((a, b) => a - b);
  return { built, median: times[times.length >> 1]!, worst: times.at(-1)! };
}
