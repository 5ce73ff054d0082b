/** The value of a choice that is no container, in a select. */
export const BARE = 'bare';
