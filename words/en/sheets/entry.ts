import type { Family } from '@cardinex/core/sheet/families';
import { capital, small } from '../capital';

/** Entering a sheet. */
export const entryWords = {
  begin: 'Enter a sheet',
  beginHint: 'It is kept on this device as you type, with or without a network.',
  family: 'What kind of engine?',
  cylinders: 'How many cylinders?',
  start: 'Begin',
  needFamily: 'Choose the kind nearest to it; everything can be changed.',
  needCylinders: 'A whole number of cylinders, 1 to 24.',
  unnamed: 'Unnamed sheet',
  step: (done: number, of: number) => `${done} of ${of} parts begun`,
  draft: 'draft',
  needed: 'still to be given',
  parts: 'All parts',
  begun: 'begun',
  notBegun: 'nothing yet',
  worthALook: (count: number) =>
    count === 1 ? '1 thing worth a look' : `${count} things worth a look`,
  publish: 'Publish',
  publishHint: (revision: number) => `as rev. ${revision}`,
  cannotPublish: (faults: number) =>
    faults === 1 ? '1 thing to put right' : `${faults} things to put right`,
  noNetwork: 'No network: the draft is kept here. Publish it once the network is back.',
  drop: 'Throw the draft away',
  dropSure: 'Really throw away this draft? What was published stays.',
  keep: 'Keep it',
  all: 'Everything that is said of it',
  nothing: 'Nothing to object to.',
  add: (what: string) => `Add ${what}`,
  addPart: (part: string) => `Add: ${small(part)}`,
  takeOutPart: (part: string) => `Take out: ${part}`,
  remove: 'Take out',
  yes: 'Yes',
  no: 'No',
  figureHint: 'as printed, e.g. 0.30 mm',
  figureNeeds: (units: readonly string[]) => `A figure and its unit: ${units.join(', ')}.`,
  source: 'Where it stands',
  sourceHint: 'book and page',
  oneFigure: 'One figure',
  range: 'A range',
  notPrinted: 'Not printed',
  missingHint: 'what the manual says instead',
  to: 'to',
  perLine: 'one on each line',
  numbersHint: 'numbers with a space between',
  pairsHint: 'a pair on each line, e.g. 1 2',
  none: 'nothing',
  tapFiring: 'Tap the cylinders in the order they fire.',
  tapNumbers: 'Tap the fasteners in the order the manual numbers them.',
  tapOrder: 'Tap the fasteners in the order they are pulled.',
  tapLeaveOut: 'Tap those this stage leaves alone.',
  tapFarSide: 'Tap those the one on the far side pulls; another pulls the rest at the same time.',
  order: (text: string) => `Order: ${text}`,
  undoTap: 'Take back',
  clearTaps: 'Begin again',
  outwards: 'From the middle out',
  outwardsHint: 'Cardinex’s own proposal',
  backwards: 'Backwards',
  asBefore: 'As the stage before',
  allLeft: 'The rest',
  map: 'Where the fasteners stand',
  byRows: 'Rows and columns',
  byCircle: 'On a circle',
  rows: 'Rows across the engine',
  columns: 'Columns along it',
  along: 'Spacing along (mm)',
  across: 'Spacing across (mm)',
  count: 'How many',
  holdsLiners: 'Does it hold the liners down?',
  diameter: 'Circle (mm)',
  firstAt: 'The first stands at (degrees from the top)',
  drawing: 'Size and bores of the drawing',
  drawingHint: 'made with the map; can be given exactly',
  make: 'Make the map',
  remake: 'Make it anew',
  remakeHint: 'numbers and orders begin again',
  nudge: (number: string) => `Move ${number}`,
  nudgeHint: 'Tap a fastener, then move it.',
  left: 'Left',
  right: 'Right',
  up: 'Up',
  down: 'Down',
  takeOut: 'Take it out',
  addOne: 'Add one',
  addBeside: (number: string) => `beside ${number}`,
  printedNumber: 'Number',
  fromLeft: 'From the left (mm)',
  fromTop: 'From the top (mm)',
  regroup: 'Group of',
  tapsFor: { nudge: 'Move', number: 'Number', group: 'Group' },
  usedOnce: 'Once',
  usedUntilLimit: 'Until its limit',
  usedSoOften: 'So many times',
  seenFrom: 'Seen from where',
  tapsMean: 'A tap will',
  alongHead: 'Along the head, from the cylinder-1 end',
  alongHeadHint: 'as they stand, e.g. E1 I1 I2 E2',
  standSo: 'They stand so along the head',
  standSoHint: 'only where the book numbers them along it',
  typicalSource: 'Typical events, entered by no book',
  typical: 'Take a typical set',
  typicalHint: 'marked as assumed wherever it is used',
  valvesMade: 'One gap for each cylinder and valve',
  overrides: 'What differs on such an engine',
  makeValves: 'Make the list of valves',
} as const;

export const familyWords: Readonly<Record<Family, string>> = {
  'in-line': 'In-line, push rods',
  'separate-heads': 'In-line, a head each',
  'two-stroke': 'Two-stroke',
  'v-petrol': 'V, hydraulic tappets',
  flat: 'Flat, separate cylinders',
  'overhead-cam': 'Overhead cam, shims',
};

/** The parts of a sheet as they are entered, and the fields that belong to each. */
export const entrySteps: readonly {
  readonly id: string;
  readonly title: string;
  readonly fields: readonly string[];
}[] = [
  {
    id: 'engine',
    title: 'Which engine',
    fields: [
      'name',
      'id',
      'description',
      'manual',
      'note',
      'service',
      'fuel',
      'strokes',
      'bore',
      'stroke',
    ],
  },
  {
    id: 'cylinders',
    title: 'Cylinders and ends',
    fields: ['layout', 'cylinder1End', 'otherEnd', 'rotation', 'hand', 'sister', 'naming', 'crank'],
  },
  { id: 'firing', title: 'Firing order', fields: ['firing'] },
  { id: 'valves', title: 'Valve gear', fields: ['overhead'] },
  { id: 'liners', title: 'Liners', fields: ['liners'] },
  {
    id: 'fasteners',
    title: 'Bolts and how they are tightened',
    fields: ['calibratedTools', 'fastenedSets'],
  },
  {
    id: 'head',
    title: 'Head and gasket',
    fields: ['head', 'gasket', 'sealingRing', 'covering'],
  },
  { id: 'crank', title: 'Bores and journals', fields: ['bores', 'journals'] },
  { id: 'pistons', title: 'Pistons and rings', fields: ['pistons'] },
  { id: 'timing', title: 'Timing', fields: ['timing'] },
  {
    id: 'assembly',
    title: 'Covers, lubricants, plugs',
    fields: ['covers', 'lubricants', 'facings', 'plugs', 'renew', 'temporary', 'fills', 'stopping'],
  },
  { id: 'variants', title: 'Variants', fields: ['variants'] },
];

const LABELS: Readonly<Record<string, string>> = {
  id: 'Short name in files (letters, digits, hyphens)',
  widthMm: 'Width of the drawing (mm)',
  heightMm: 'Height of the drawing (mm)',
  xMm: 'From the left (mm)',
  yMm: 'From the top (mm)',
  diaMm: 'Diameter (mm)',
  calibratedTools: 'Must tools have a check in date?',
  overhead: 'Valve gear',
  fastenedSets: 'Sets of fasteners',
  camEvents: 'Cam events',
  clearances: 'Gaps',
  bookTable: 'The book’s own table',
  afterwards: 'Afterwards',
  renew: 'What is renewed',
  temporary: 'What is put in and must come out',
  facings: 'Which way parts face',
  lubricants: 'What goes between parts',
  stopping: 'Means to stop it',
  name: 'Name',
  description: 'In a few words',
  manual: 'The book, with its revision',
  note: 'What changes with this revision',
  service: 'What it drives',
  cylinder1End: 'Cylinder 1 is at this end',
  otherEnd: 'The other end',
  seenFrom: 'Seen from',
  hand: 'Built in both hands: which is this?',
  sister: 'Sheet of the other hand',
  form: 'How the cylinders stand',
  banks: 'Banks',
  says: 'In words',
  low: 'Least',
  high: 'Most',
  figure: 'Figure',
  adjacent: 'Neighbours differ at most',
  tilt: 'Tilt at most',
  groupSpread: 'Under one head differ at most',
  rise: 'Order of heights along the block',
  places: 'Places read on each liner',
  school: 'How the liners stand',
  actsOn: 'A rocker or cam acts on',
  adjust: 'Gaps are set by',
  tappets: 'Tappets',
  count: 'How many',
  holdsLiners: 'Does it hold the liners down?',
  fits: 'Which set waits for it (or liners, valves)',
  alongHead: 'Place along the head',
  inCloses: 'Does screwing in close the gap?',
  pitchMm: 'Pitch of the screw (mm)',
  rockerRatio: 'Rocker ratio, valve arm over push-rod arm',
  ivoBtdcDeg: 'Inlet opens, degrees before top',
  ivcAbdcDeg: 'Inlet closes, degrees after bottom',
  evoBbdcDeg: 'Exhaust opens, degrees before bottom',
  evcAtdcDeg: 'Exhaust closes, degrees after top',
  evcAbdcDeg: 'Exhaust closes, degrees after bottom (two-stroke)',
  rampDeg: 'Widen by (degrees) when quoted at a checking lift',
  intervalsDeg: 'Intervals in degrees, when they are not even',
  atDeg: 'Degrees after cylinder 1’s firing top',
  upTo: 'Up to',
  over: 'Over',
  sort: 'Bolt, stud, nut or through bolt',
  uses: 'How often it may be used',
  stretch: 'Tightened past yield?',
  hole: 'The hole',
  instances: 'Which there are (one on each line: 1, or port and starboard)',
  leaveOut: 'Leaves alone',
  together: 'Do two pull each at once, one at either end?',
  farSide: 'Pulled from the far side',
  values: 'Values',
  areaMm2: 'Effective area of a jack (mm²)',
  fileable: 'May its gap be filed?',
  camInHead: 'Does the head carry the cam?',
  keepClearDeg: 'Keep clear of pin and thrust (degrees)',
  of: 'Made of these characters',
  hides: 'What it hides (one on each line)',
  never: 'Where never',
};

/** Labels that depend on where a field stands. */
const LABELS_AT: Readonly<Record<string, string>> = {
  'screw/at': 'Where the screw sits',
  'overhead/screw': 'The adjusting screw',
  'clearances/intake': 'Inlet',
  'clearances/exhaust': 'Exhaust',
  'naming/cylinders': 'How cylinders are counted',
  'naming/valves': 'How valves are counted',
  'heat/interference': 'Pin larger than its hole by',
  'heat/clearance': 'Room for it to slip in',
  'heat/diameter': 'Pin diameter',
  'heat/most': 'May be warmed to',
  'pin/heat': 'Heat, for a pin larger than its hole',
  'liners/readWhile': 'Read with the liners',
  'gasket/hole': 'Its hole over a cylinder',
  'orientation/crown': 'Mark on the crown',
  'orientation/rod': 'Mark on the rod',
  'tensioner/stud': 'Stressed diameter of the stud',
  'brakes/after': 'Needs this cover on first',
  'actuators/after': 'Needs this cover on first',
  'injectors/before': 'Must be done before this cover',
  'brakes/before': 'Must be done before this cover',
  'actuators/before': 'Must be done before this cover',
  'values/group': 'For which group',
  'programme/cycles': 'Cycles, each from slack to a value',
  'cycles/stages': 'Stages in the order they are done',
};

/** What the field at a place of a sheet is called on the screen. */
export function labelOf(path: readonly (string | number)[]): string {
  const names = path.filter((step) => typeof step === 'string');
  const key = names.at(-1) ?? '';
  return LABELS_AT[`${names.at(-2) ?? ''}/${key}`] ?? fieldLabel(key);
}

/** One entry of a list by what it is: "Bank". */
export function oneName(key: string): string {
  const name = oneOfList(key).replace(/^(a|an) /, '');
  return capital(name);
}

/** What a field is called on the screen. */
export function fieldLabel(key: string): string {
  const known = LABELS[key];
  if (known) return known;
  const apart = key.replaceAll(/([A-Z])/g, ' $1').toLowerCase();
  return capital(apart);
}

/** One of a list, for the button that adds another. */
export function oneOfList(key: string): string {
  const ONE: Readonly<Record<string, string>> = {
    banks: 'a bank',
    bores: 'a bore',
    valves: 'a valve',
    fastenedSets: 'a set of fasteners',
    groups: 'a group',
    cycles: 'a cycle',
    stages: 'a stage',
    values: 'a value',
    afterwards: 'what comes afterwards',
    journals: 'a journal',
    rings: 'a ring',
    grades: 'a grade',
    covers: 'a cover',
    lubricants: 'a contact',
    facings: 'a part',
    plugs: 'a plug',
    renew: 'a part',
    temporary: 'a thing',
    fills: 'a fill',
    stopping: 'a means',
    variants: 'a question',
    options: 'an answer',
    overrides: 'a figure that differs',
    marks: 'a mark',
    sides: 'a side',
    positions: 'a position',
    sizes: 'a size',
    undersizes: 'a size',
    oversizes: 'a size',
    tappetShims: 'a size',
  };
  return ONE[key] ?? 'another';
}

/**
 * One of a few fixed answers as it is read.
 * @example choiceLabel('on-shims') // 'on shims'
 */
export function choiceLabel(value: unknown): string {
  return String(value).replaceAll('-', ' ');
}
