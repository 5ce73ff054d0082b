/** How long a search may take on a screen. Tests give all searches less, as what is looked for is there early. */
declare global {
  var stubeSearchMs: number | undefined;
}

/** @param ms what the search is worth @returns ms, or less where a test says so */
export const searchBudget = (ms: number): number => Math.min(ms, globalThis.stubeSearchMs ?? ms);
