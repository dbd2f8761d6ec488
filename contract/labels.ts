/** How tags for parts are printed: a sheet of them, or a roll. */
export const LABEL_SIZES = ['sheet', 'roll'] as const;
export type LabelSize = (typeof LABEL_SIZES)[number];
