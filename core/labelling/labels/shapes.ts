/** Each hue has a shape of its own, so that colour is never all that tells one from another. Outlines in a box of 24 by 24. */
export const SHAPES: Readonly<Record<string, { name: string; path: string }>> = {
  oak: { name: 'circle', path: 'M12 2a10 10 0 1 0 0 20a10 10 0 1 0 0-20z' },
  spruce: { name: 'triangle', path: 'M12 2L23 21H1z' },
  slate: { name: 'square', path: 'M3 3h18v18H3z' },
  brick: { name: 'diamond', path: 'M12 1l11 11l-11 11L1 12z' },
  straw: { name: 'star', path: 'M12 1l3.2 7.4l8 .8l-6 5.4l1.8 7.9L12 18.3l-7 4.2l1.8-7.9l-6-5.4l8-.8z' },
  plum: { name: 'cross', path: 'M8 2h8v6h6v8h-6v6H8v-6H2V8h6z' },
  moss: { name: 'hexagon', path: 'M6.5 2.5h11L23 12l-5.5 9.5h-11L1 12z' },
  rose: { name: 'drop', path: 'M12 1c5 6.5 8 9.8 8 14a8 8 0 0 1-16 0c0-4.2 3-7.5 8-14z' },
  ink: { name: 'bar', path: 'M2 8h20v8H2z' },
};
