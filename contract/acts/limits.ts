/** Most acts in one post. */
export const MOST_IN_BATCH = 200;

/** The largest stand-out or gap that is a reading and not a slip of the decimal mark. */
export const REACH_MM = { standOut: 2, gap: 5, size: 3000 } as const;
