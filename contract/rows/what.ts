/** How a change is named, for undo and the history: by what is done to what. Letters at the most. */
export const MAX_WHAT = 200;
