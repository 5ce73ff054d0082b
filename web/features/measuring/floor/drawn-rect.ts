import type { Rect } from '@stube/core/floor';

/** A part of the floor as it is drawn: SVG y runs down, the room's runs from its front wall to the back. @param depth of the room, mm */
export const drawnRect = (rect: Rect, depth: number) => ({
  x: rect.left,
  y: depth - rect.back,
  width: rect.right - rect.left,
  height: rect.back - rect.front,
});
