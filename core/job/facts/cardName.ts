/** The cards a job may have, each worked on at its own screen. */
export const CARD_NAMES = [
  'dead',
  'mark',
  'strip',
  'parts',
  'inspect',
  'bores',
  'liners',
  'shells',
  'bearings',
  'crank',
  'pistons',
  'stand-out',
  'head-build',
  'fit',
  'tighten',
  'timing',
  'valves',
  'pump',
  'recheck',
  'after-heat',
  'cause',
] as const;

export type CardName = (typeof CARD_NAMES)[number];
