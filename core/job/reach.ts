/** The largest stand-out, gap or size that is a reading and not a slip of the decimal mark. */
export const REACH_MM = { standOut: 2, gap: 5, size: 3000 } as const;
