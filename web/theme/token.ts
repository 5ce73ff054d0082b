/** The value of a colour token, for what draws without style sheets. @param name such as `spruce` */
export const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
