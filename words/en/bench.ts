/** The bench: calculators that need no job. */
export const benchWords = {
  title: 'On the bench',
  hint: 'Reckonings without a job. Nothing here is recorded; the last figures stay on this device.',
  open: 'Bench',
  clear: 'Clear',
  fill: 'Fill in the figures below.',
  notNumber: 'Digits with one comma or point.',
  notList: 'Figures with a space between, e.g. 0.05 0.10 0.15.',
  optional: 'if any',
} as const;

export const calculatorTitles = {
  wrench: {
    title: 'Wrench setting',
    hint: 'for a value, an adapter and what the wrench was found to give',
  },
  feelers: { title: 'Stack of leaves', hint: 'for a gap with no leaf of its own' },
  screw: { title: 'Adjusting screw', hint: 'how far to turn it, and which way' },
  valves: {
    title: 'Valve table',
    hint: 'the table the manual left out, from firing order and cam events',
  },
  liners: { title: 'Liner heights', hint: 'height, tilt, neighbours and order' },
  rim: { title: 'Degrees on the rim', hint: 'in millimetres and teeth' },
  head: { title: 'Head flatness', hint: 'back, cut or replace' },
  bore: { title: 'Bore wear', hint: 'wear, taper, ovality, and the oversize' },
  journal: { title: 'Journal undersize', hint: 'which step it is at, and the next' },
  clearance: { title: 'Running clearance', hint: 'least and greatest room of a journal' },
  float: { title: 'End float', hint: 'from a gauge read both ways' },
  ring: { title: 'Sealing ring', hint: 'thickness at four places' },
} as const;

export type CalculatorName = keyof typeof calculatorTitles;

export const wrenchBench = {
  target: 'Value at the bolt',
  low: 'Wrench from',
  high: 'Wrench up to',
  step: 'Steps of',
  arm: 'Wrench, square to hand mark',
  adapter: 'Adapter, square to bolt',
  angle: 'Adapter angle',
  angleHint: '0 straight on, 90 square',
  setA: 'Checked: set',
  trueA: 'it gave',
  setTo: 'Set the wrench to',
  fromAdapter: (nm: string) => `The adapter makes ${nm} at the wrench.`,
  drawing: (deg: string) => `Wrench with an adapter at ${deg} to it.`,
} as const;

export const feelersBench = {
  leaves: 'Leaves in the set',
  target: 'Gap wanted',
  most: 'Leaves at most',
  tolerance: 'May be off by',
  best: 'Lay together',
  others: 'Or',
  below: 'Nearest below',
  above: 'Nearest above',
  drawing: (leaves: string) => `Leaves laid together: ${leaves}.`,
} as const;

export const screwBench = {
  measured: 'Gap now',
  target: 'Gap wanted',
  pitch: 'Thread pitch',
  ratio: 'Rocker ratio, valve arm over push-rod arm',
  at: 'The screw is',
  places: { pushrod: 'over the push rod', valve: 'over the valve', pivot: 'at the pivot' },
  closes: 'Screwing in',
  closing: { closes: 'closes the gap', opens: 'opens it' },
  turn: 'Turn',
  way: { in: 'in', out: 'out', none: 'leave it' },
  turns: (turns: string) => `${turns} of a turn`,
  drawing: (deg: string, way: string) => `Screw turned ${deg} ${way}.`,
} as const;

export const rimBench = {
  deg: 'Degrees',
  diameter: 'Rim diameter',
  teeth: 'Teeth on the ring gear',
  alongRim: 'along the rim',
  teethOn: 'teeth',
  drawing: (deg: string) => `Rim with an arc of ${deg}.`,
} as const;

export const valvesBench = {
  strokes: 'Strokes',
  four: 'Four',
  two: 'Two',
  order: 'Firing order',
  orderHint: 'e.g. 1-3-4-2',
  badOrder: 'Each cylinder once, from 1, with dashes: 1-3-4-2.',
  ivo: 'Inlet opens before top',
  ivc: 'Inlet closes after bottom',
  evo: 'Exhaust opens before bottom',
  evc4: 'Exhaust closes after top',
  evc2: 'Exhaust closes after bottom',
  margin: 'Room to the nearest cam',
  at: 'Crank at',
  set: 'Set',
  rocks: (cylinders: string) => `cylinder ${cylinders} rocks`,
  checkFirst: 'See which cylinder rocks before you set anything: one turn out inverts the table.',
} as const;

export const linersBench = {
  readings: 'Readings, a liner a line',
  readingsHint: 'e.g. 0.07 0.08',
  low: 'Lowest',
  high: 'Highest',
  adjacent: 'Neighbours may differ',
  tilt: 'Tilt allowed',
  rise: 'Along the block',
  rises: { none: 'any', either: 'one way', up: 'rising', down: 'falling' },
} as const;

export const inspectionBench = {
  limit: 'Flat within',
  thickness: 'Thickness now',
  repair: 'Least thickness',
  standard: 'Thickness new',
  allowance: 'Cut beyond the worst gap',
  camInHead: 'The cam is',
  cams: { block: 'in the block', head: 'in the head', cut: 'in the head, a cut allowed' },
  heights: { top: 'Top, both ways', middle: 'Middle, both ways', bottom: 'Bottom, both ways' },
  bothWays: 'two readings, a space between',
  nominal: 'Nominal bore',
  wear: 'Wear at most',
  taper: 'Taper at most',
  ovality: 'Ovality at most',
  oversizes: 'Oversizes there are',
  cleanUp: 'Beyond the wear, to clean up',
  journal: 'Readings of the journal',
  standardSize: 'Standard size',
  steps: 'Undersizes there are',
  minimum: 'Least size',
  journalWear: 'Wear at most',
  bearing: 'Readings of the bearing',
  low: 'Least',
  high: 'Greatest',
  forward: 'Gauge, pushed one way',
  back: 'Gauge, pushed the other',
  ring: 'Readings at four places',
  ringNew: 'When new',
  ringLeast: 'Least thickness',
  ringSpread: 'May differ by',
  lines: {
    long: 'Along',
    cross: 'Across',
    'diagonal-1': 'First diagonal',
    'diagonal-2': 'Second diagonal',
  },
  headView: 'Face from below, cylinder 1 at the left. First diagonal from its upper corner.',
  boreView: 'Section, deck at the top. Wear drawn large: the broken line is nominal.',
  headDrawing: (lines: string) =>
    `Head face from below, cylinder 1 at the left, with four straightedge lines: ${lines}.`,
  boreDrawing: (text: string) => `Section of the bore with its readings. ${text}`,
} as const;
