/** The calculators of the overhead and of turning the crank on the bench. */
export const overheadBench = {
  turns: 'Turned past zero lash',
  turnsUnit: 'turns',
  travel: 'Travel of the plunger',
  plunger: (share: number) => `A tappet with its plunger pressed in by ${share} % of its travel.`,
  method: 'Set by',
  methods: { turn: 'part of a turn', height: 'height gauge' },
  past: 'Turned past contact',
  gauge: 'Length of the gauge',
  height: 'Height as measured',
  standing: 'How far each stands out, in their order',
  standingHint: 'e.g. 8.1 8.3 8.0 10.2',
  limit: 'May differ by',
  adjusters: (odd: string) =>
    odd === ''
      ? 'Adjusters in a row, none out of line.'
      : `Adjusters in a row, out of line: ${odd}.`,
  gaps: 'Gaps as measured, in their order',
  fitted: 'Shims that are in, in the same order',
  stock: 'Sizes in stock',
  stockCount: 'Of each size',
  unequal: 'As many shims as gaps, one for each valve.',
  target: 'Gap aimed at',
  readings: 'Hours and gap, an overhaul a line',
  readingsHint: 'e.g. 4300 0.36 0.40: found 0.36, left at 0.40',
  badReadings: 'Hours, gap found and, where it was set, gap left, with spaces between.',
  closesAt: 'Least gap it may have',
  trend: (said: string) => `Gap over the hours. ${said}`,
  hours: 'h',
} as const;

export const turningBench = {
  stopForward: 'Against the stop, turned forward',
  stopBack: 'Against the stop, turned back',
  crank: 'Crank past top',
  stroke: 'Stroke',
  rod: 'Rod, centre to centre',
  offset: 'Pin or bore offset',
  slider: (deg: string, mm: string) => `Crank ${deg} past top, the piston ${mm} mm below its top.`,
} as const;
