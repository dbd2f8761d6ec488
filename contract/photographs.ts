/** The longer side of a photograph as it is kept, and of its small one, in dots. */
export const LONGEST_DOTS = { full: 2000, small: 320 } as const;
