import { withinSentence } from '../sentence';
import { atStart, plural } from '../kit';
import type { BridgeStep, GapReading } from '@cardinex/core/job/facts/valves';
import type { BarringPlan } from '@cardinex/core/overhead/barringPlan';
import type { ItemVerdict } from '@cardinex/core/job/cards/valves/item';
import type { GapVerdict } from '@cardinex/core/overhead/lashVerdict';
import type { LockShift } from '@cardinex/core/overhead/lockShift';
import type { ScrewTurn } from '@cardinex/core/overhead/screwTurn';
import type { SettableHere, StrokeName } from '@cardinex/core/overhead/settable';
import type { ItemKind } from '@cardinex/core/sheet/settingItems';
import type { OverheadSpec } from '@cardinex/core/sheet/spec/overhead';
import type { BarringSchool } from '@cardinex/core/overhead/schools';
import type { BookDifference } from '@cardinex/core/sheet/bookAgainstPlan';
import type { HotShift } from '@cardinex/core/job/cards/recheck/hotShifts';
import type { NotHere } from '@cardinex/core/job/cards/valves/notHere';
import type { StandOut } from '@cardinex/core/overhead/standOut';
import { readingName } from '../overheadNames';
import { METRIC, degrees, length, listed, type ReaderUnits } from '../quantity';

const VERDICTS: Readonly<Record<GapVerdict, string>> = {
  within: 'within',
  tight: 'too tight',
  loose: 'too loose',
  'no-limit': 'no limit given',
};

const STROKES: Readonly<Record<StrokeName, string>> = {
  power: 'power',
  exhaust: 'exhaust',
  intake: 'inlet',
  compression: 'compression',
  overlap: 'rocking',
};

const SCHOOL_WHY: Readonly<Record<BarringSchool, string>> = {
  fewest: 'Least barring of the crank, as many as may be at each stop.',
  book: 'What the manual prints holds, also where ours differs.',
  'first-mark': 'Where only one mark can be seen.',
  'firing-order': 'Each at its own firing top; one cylinder after the other.',
  companion: 'No marks needed: watch the cylinder a turn apart rock.',
  'opening-closing':
    'No marks needed: the inlet as the exhaust just opens, the exhaust as the inlet has nearly closed.',
};

export function schoolWhy(school: BarringSchool): string {
  return SCHOOL_WHY[school];
}

export function gapVerdictWord(verdict: GapVerdict): string {
  return VERDICTS[verdict];
}

/** How far to turn the adjusting screw, in degrees and as a part of a turn. */
export function screwSentence(turn: ScrewTurn): string {
  if (turn.direction === 'none') return 'Leave the screw where it is.';
  return `Turn the screw ${turn.direction} ${turnOf(turn.deg)}.`;
}

/** Whole turns and the degrees over, as a hand on a screwdriver counts them: nobody turns by tenths. */
function turnOf(deg: number): string {
  const whole = Math.max(1, Math.round(deg));
  const turns = Math.floor(whole / 360);
  const over = whole % 360;
  if (turns === 0) return degrees(over);
  const counted = plural(turns, { one: 'one turn', other: `${turns} turns` });
  return over === 0 ? counted : `${counted} and ${degrees(over)}`;
}

/** The reading that counts and what it says. */
export function lashSentence(
  { counts, shiftMm }: Pick<ItemVerdict, 'counts' | 'shiftMm'>,
  units: ReaderUnits = METRIC,
): string {
  if (!counts) return 'No gap has been read.';
  const gap = `${readingName(counts.reading)} ${length(counts.mm, units)}: ${VERDICTS[counts.verdict]}.`;
  // Felt once more it tells of the seats, no longer of the nut.
  if (counts.reading === 'again' || shiftMm === undefined || Math.abs(shiftMm) < 0.005) return gap;
  const way = shiftMm > 0 ? 'opened' : 'closed';
  return `${gap} Locking ${way} it by ${length(Math.abs(shiftMm), units)}.`;
}

/** What locking did to the others, and what to set so that this one is right once locked. */
export function lockShiftSentence(
  { shiftMm, from, setToMm }: LockShift,
  units: ReaderUnits = METRIC,
): string {
  const way = shiftMm > 0 ? 'opened' : 'closed';
  return `Locking ${way} the ${from} before it by ${length(Math.abs(shiftMm), units)}: set this one to ${length(setToMm, units)}.`;
}

export function barringSentence(plan: BarringPlan): string {
  const never =
    plan.neverSettable.length > 0
      ? ` ${listed(plan.neverSettable)} cannot be set at any of these stops.`
      : '';
  if (plan.positions.length === 0) return `Nothing can be set at these stops.${never}`;
  const stops = plural(plan.positions.length, {
    one: 'One position',
    other: `${plan.positions.length} positions`,
  });
  const near = degrees(plan.smallestClearanceDeg ?? 0);
  return `${stops}, ${degrees(plan.totalBarDeg)} of barring; the nearest cam is ${near} away.${never}`;
}

/** Where book and plan set one valve, and how far its cam is away at either place. */
export function bookDifferenceSentence(difference: BookDifference): string {
  const { valve, bookDeg, bookClearanceDeg, planDeg, planClearanceDeg } = difference;
  const away = (deg: number): string =>
    deg < 0 ? `its cam on it by ${degrees(-deg)}` : `its cam ${degrees(deg)} away`;
  const why =
    planClearanceDeg > bookClearanceDeg
      ? 'Further from its cam here.'
      : 'Near enough to be set with the others of its place.';
  return `${valve}: the book at ${degrees(bookDeg)}, ${away(bookClearanceDeg)}; here at ${degrees(planDeg)}, ${away(planClearanceDeg)}. ${why}`;
}

/** What heat did to a gap. */
export function hotShiftSentence(
  { coldMm, hotMm, shiftMm }: Omit<HotShift, 'id'>,
  units: ReaderUnits = METRIC,
): string {
  const by = length(Math.abs(shiftMm), units);
  const way =
    Math.abs(shiftMm) < 0.0005 ? 'as it was' : shiftMm < 0 ? `closed by ${by}` : `opened by ${by}`;
  return `${length(coldMm, units)} cold, ${length(hotMm, units)} hot: ${way}`;
}

/** Gaps that warmed unlike their fellows. */
export function hotOddSentence(found: StandOut, units: ReaderUnits = METRIC): string | null {
  const odd = found.items.filter(({ verdict }) => verdict === 'odd');
  if (odd.length === 0) return null;
  const sentences = odd.map(
    ({ id, offMm }) =>
      `${id} ${offMm < 0 ? 'closed' : 'opened'} ${length(Math.abs(offMm), units)} more`,
  );
  return `${listed(sentences)} than its fellows as it warmed. Feel it again; then look at its seat, guide and push rod.`;
}

/** Why one thing may be set where the crank stands, or may not. */
export function settableWhy(
  { clearanceDeg, verdict }: SettableHere['items'][number],
  marginDeg: number,
): string {
  const away = degrees(Math.abs(clearanceDeg));
  switch (verdict) {
    case 'settable':
      return `may be set, its cam is ${away} away.`;
    case 'near':
      return `leave it, its cam is only ${away} away; ${degrees(marginDeg)} is the least.`;
    case 'lifted':
      return clearanceDeg === 0
        ? 'leave it, its cam is just at it.'
        : `leave it, its cam is on it, ${away} from the nearer end.`;
  }
}

/** The answer to whoever asks for something where it may not be set: why, and when it comes. */
export function notHereSentence(
  name: string,
  { found, marginDeg, done, comes, cover }: NotHere,
  coverNamed: (cover: string) => string,
): string {
  const why = `${name}: ${done ? 'set already.' : found.verdict === 'settable' ? 'not yet.' : settableWhy(found, marginDeg)}`;
  if (done) return why;
  if (cover !== null) return `${why} ${coverNamed(cover)} goes on first.`;
  return comes
    ? `${why} It comes at position ${comes.position}, ${degrees(comes.barDeg)} on.`
    : `${why} It comes later.`;
}

export function settableSentence(here: SettableHere): string {
  const may = here.items.filter((item) => item.verdict === 'settable').map((item) => item.id);
  return may.length === 0 ? 'Nothing may be set here.' : `Here ${listed(may)} may be set.`;
}

function cylindersOf(some: readonly number[]): string {
  return `${some.length > 1 ? 'cylinders' : 'cylinder'} ${listed(some)}`;
}

/** Who rocks, as it is seen. */
export function rockingSays(cylinders: readonly number[]): string {
  return cylinders.length > 0 ? `${cylindersOf(cylinders)} rocking` : 'no cylinder rocking';
}

export const valvesScreen = {
  barTo: (position: number, total: number) => `Bar to position ${position} of ${total}`,
  standingAt: (position: number, total: number) => `Position ${position} of ${total}`,
  countSet: (done: number, owner: number) => `${done} of ${owner} set`,
  countChecked: (done: number, of: number) => `${done} of ${of} checked`,
  seenFrom: (end: string) => `seen from ${end}`,
  fires: (order: readonly number[]) => `fires ${order.join('-')}`,
  youShouldSee: 'You should see',
  shouldSee: (
    rocking: readonly number[],
    loose: readonly number[],
    { gear, each }: { readonly gear: OverheadSpec['gear']; readonly each: number },
  ) => {
    const seen = rockingSays(rocking);
    const what = gear === 'push-rod' ? 'push rod' : 'cam';
    const them = each > 1 ? `both ${what}s` : `the ${what}`;
    const how = gear === 'push-rod' ? 'loose' : 'turned away from the tappets';
    return loose.length > 0 ? `${seen}, ${them} of ${cylindersOf(loose)} ${how}.` : `${seen}.`;
  },
  iSeeThat: 'I see that',
  thenSetItems: (count: number) => `then set ${count}`,
  seenAt: (atDeg: number) => `crank at ${degrees(atDeg)}`,
  wait: 'Wait',
  waitFirst: (left: string) =>
    `Tappets are still giving way: ${left} to wait before the crank turns.`,
  waitLeft: 'still to wait',
  notWaiting: 'Not waited for',
  notWaitingHint: 'the tappets have given way already',
  whyNotWait: 'Why are the tappets not waited for?',
  wentPast: 'It went past',
  wentPastHint: 'turned further than it was to stop',
  pastBy: (deg: string) => `The encoder says ${deg} past`,
  overshot: 'Turned past its stop',
  overshotHow:
    'Take it back well past, a quarter turn or more, and come up on it again: slack is then on one side only.',
  somethingElse: 'I see something else',
  somethingElseHint: 'another cylinder rocks, or a push rod is tight',
  keepDoubt: 'Keep this',
  shims: 'Shims',
  shimsFirst:
    'Every gap is found. Measure the shims of those that are out; they may serve one another.',
  shimOut: (valve: string) => `Shim out of ${valve}`,
  shimsTake: 'These go in',
  shimsNone: 'None of these sizes fits',
  shimsThen: (count: number) => `then read ${count} again`,
  keepShim: 'Keep this thickness',
  overhauls: 'Earlier overhauls',
  hoursNotTold: 'This job was opened without its running hours: it does not count in the trend.',
  leafGoes: 'Where the leaf goes',
  leafDrawing: (between: string) => `The leaf goes between ${between}.`,
  adjusters: 'Adjusters in a row',
  adjustersWhy:
    'Measure how far each adjuster stands out of its rocker. One out of line has its push rod on the edge of its pocket: it sets well and fails soon.',
  measureAdjusters: 'Measure the adjusters',
  adjusterOf: (item: string) => `Adjuster of ${item} stands out`,
  measureAgain: (item: string) => `${item} is seated: measure it again`,
  codes: 'Injector codes',
  codesDone: 'Every injector has its code',
  codeOf: (cylinder: number) => `Code of cylinder ${cylinder}’s injector`,
  codeHint: (letters: number) => `${letters} characters, typed or scanned`,
  keepCode: 'Keep the code',
  cylinderNumber: (cylinder: number) => `Cylinder ${cylinder}`,
  codeAgain: 'Again',
  codeOpen: 'not read yet',
  codesFile: 'List for the fitting tool (CSV)',
  turnAndSee: 'Turn the crank and see',
  crankAngle: 'Crank, degrees after cylinder 1’s firing top',
  withCompanion: (companions: readonly number[]) => `; ${listed(companions)} a turn apart`,
  goRound: 'Go round another way',
  goRoundHint: 'the book’s table, one cylinder after another, by what is seen',
  goRoundHow: (left: number) =>
    `What is done stays done. For the ${left} that are left, from where the crank stands:`,
  leaveAsIs: 'Leave it as it is',
  bridge: {
    equalised: 'Equalise the bridge',
    before: 'Try the bridge for twist',
    after: 'Try the bridge once more',
  },
  bridgeDone: 'Touched and locked',
  bridgeWillNot: 'It will not',
  bridgeHolds: 'It does not turn',
  bridgeTurns: 'It turns',
  bridgeOff:
    'A bridge that turns has left a stem. Back the adjuster off, seat it on both stems, equalise it again, and try it once more.',
  bridgeStuck:
    'Look at both stem tips and at the guide: a worn one is replaced before anything is set.',
  bridgeDrawing: (step: BridgeStep, yoke: boolean) =>
    `${yoke ? 'A yoke' : 'A bridge'} over its two stems. ${step === 'equalised' ? 'Held down over the fixed stem, its screw is turned in until the other is touched.' : 'Tried with fingers either side: it must not turn.'}`,
  fromZeroLash: 'Past zero lash',
  fromContact: 'Past contact',
  turned: 'Turned and locked',
  turnsCounted: (count: number, of: number, step: 60 | 90) =>
    `${count} of ${of} ${step === 60 ? 'flats' : 'quarters'}`,
  contactHow: 'Screw in until the plunger is just touched, then turn on by the angle, hold, lock.',
  toGauge: 'Follower to the gauge',
  notAtGauge: (advice: string) => `It is not at its height yet. ${advice}`,
  gaugeHow:
    'Gauge in its hole, foot on the body: turn until its shoulder just touches, hold, lock.',
  gaugeWithin: (mm: string, printed: boolean) =>
    printed
      ? `Off by at most ${mm}.`
      : `Off by at most ${mm}: the sheet prints no limit, this one is ours.`,
  heightNow: 'Where it can be measured',
  heightHint: 'how high it stands now',
  gaugeFits: 'The gauge just touches',
  coverNow: (name: string) => `${name} goes on now`,
  coverPutOn: (name: string) => `Put it on: ${name}`,
  coverOn: (name: string) => `${name} is on`,
  coverWhy: 'What it closes the way to is done:',
  afterCover: (items: string) => `Set after it: ${items}.`,
  notSo: 'Not so',
  beforeBarring: 'Before anything turns',
  beforeBarringText:
    'A turned engine can fire, and a turning one takes fingers. Starting made impossible, a tag on the controls, everyone told, hands and tools clear. Follow the manual and the rules of the place.',
  beforeBarringDone: 'Dead, and all clear',
  oneTurnOut:
    'If another cylinder rocks, the crank is one turn out: bar one full turn forward and look again.',
  otherRocks: (rocking: readonly number[]) => `Cylinder ${listed(rocking)} rocks instead`,
  otherRocksHint: 'one turn out: the plan goes on from there',
  firstFind: 'Bring cylinder 1 to its firing top',
  firstFindHow:
    'Bar forward until cylinder 1 is at the top with both its valves shut. Past it? Go well back and come up again.',
  fullTurn: 'one turn',
  teeth: (count: number) => `${count} ring-gear teeth`,
  onRim: (mm: number) => `${mm} mm on the rim`,
  bars: 'bar forward only',
  barCaution: 'Bar by hand, never with the starter. Fingers and helpers clear.',
  setHere: (ids: readonly string[]) => `Set here: ${listed(ids)}`,
  standings: { done: 'done', settable: 'set here', 'leave-alone': 'leave alone' },
  target: (low: string, high: string) => `${low} to ${high}`,
  provisional: 'Only a hot figure is printed. Set it now, never tighter; check again hot.',
  provisionalShort: 'Provisional: hot figure only',
  hotTarget: 'Hot limits',
  leafUnknown: 'the two faces the manual names',
  leafBetween: (where: string) => `Leaf between ${where}`,
  keep: (reading: GapReading) => `Keep ${withinSentence(readingName(reading))}`,
  nextIs: (valve: string) => `next is ${valve}`,
  readingOf: (item: string, reading: GapReading) =>
    `${item}, ${withinSentence(readingName(reading))}`,
  itemStands: (item: string, why: string) => `${atStart(item)}: ${why}`,
  nextReading: (reading: GapReading) => `then ${withinSentence(readingName(reading))}`,
  shift: (text: string) => `Locking moved it ${text}`,
  alongHead: (place: number) => `valve ${place} along the head`,
  kind: (kind: ItemKind) => (kind === 'intake' ? 'inlet' : kind),
  rodTitle: 'Push rod in',
  rodSays: [
    'Rolled straight on a flat plate, oilway clear, both ends oiled, the right end up.',
    'Lift it a little and turn it: it must drop back into its pocket and sit square, not ride the edge.',
  ],
  rodSeated: 'In its pocket',
  rodOff: 'It is not',
  rodOffSays:
    'Take it out and look: bent, the wrong length, or its pocket full. One on the edge of its pocket sets well and fails soon.',
  againTitle: 'Two turns by hand',
  againSays:
    'In the running direction, all the way round twice. Screws and rockers seat; then every gap is felt once more.',
  allSetOnce: 'All set once',
  againTurned: 'Turned twice',
  againThen: 'then every gap once more',
  againLeave: 'Leave it out',
  againLeaveTitle: 'Not once more?',
  againWhy: 'Why not, in a few words',
  stillAs: (gap: string) => `Still ${gap}`,
  goLeaf: (leaf: string) => `Goes: ${leaf}`,
  noGoLeaf: (leaf: string) => `Does not: ${leaf}`,
  goNoGo: 'Goes, and does not',
  goNoGoHow: (set: string) =>
    `From ${set}. The first goes in under light drag, the second does not. Else type what goes.`,
  feels: {
    'light-drag': 'The leaf is drawn with light drag.',
    'go-no-go': 'One leaf goes in, the next thicker does not.',
    'finger-tight': 'Finger-tight on the leaf; felt again once locked.',
    'push-rod-binds': 'Screw in until the push rod just binds between the fingers.',
  },
  allSet: 'All valves set',
  someLeft: 'Not all can be set',
  neverSettable: (items: string) =>
    `${items}: by the windows on the sheet there is no place of the crank for it. Look at the figures.`,
  allSetProvisional: 'All valves set, provisionally. The hot recheck stands in the tray.',
  allChecked: 'All valves checked hot',
  bookAgrees: (source: string) => `The book's table (${source}) agrees with ours.`,
  bookDiffers: (source: string) => `The book's table (${source}) differs from ours:`,
  bookDoubt: (valve: string, at: string, clearance: string) =>
    `${valve} at ${at}: we reckon its cam is only ${clearance} away.`,
  bookElsewhere: 'Where this way sets a valve at another place than the book:',
  bookMissing: (valves: readonly string[]) => `It leaves out ${listed(valves)}.`,
  bookWins: 'Where they differ the book wins; look at the valve before setting it.',
  assumedEvents: 'The cam events are assumed, so the margin is wide.',
  recheckTitle: 'Recheck hot',
  recheckBegin: 'The engine is hot',
  recheckHow:
    'Run the engine to its working heat, stop it, make it dead. Say how it was warmed, then check each gap while it is hot.',
  recheckWords: 'How was it warmed?',
  recheckHint: 'e.g. 40 minutes under load, 82 °C',
  recheckCaution:
    'Hot engine, hot coolant under pressure. Sleeves down, cap shut, engine made dead.',
  crankDoubt: 'What do you see?',
  crankAt: (at: string) => `Crank at ${at}`,
  crankLost: 'The crank position is in doubt. Find cylinder 1 at its firing top again.',
  /** Read aloud in place of the clock; null where nobody knows how the crank stands, or how far it is to be barred. */
  clockLabel: (clock: {
    readonly at: string | null;
    readonly to: string;
    readonly bar: string | null;
    readonly direction: string;
    readonly end: string;
  }) =>
    [
      `Crank clock seen from ${clock.end}, turning ${clock.direction}.`,
      clock.at === null ? `It belongs at ${clock.to}.` : `It stands at ${clock.at}.`,
      ...(clock.bar === null ? [] : [`Bar ${clock.bar} ${clock.direction}.`]),
    ].join(' '),
  rowLabel: 'Valves along the head from the cylinder-1 end',
  changeValve: 'Another valve',
  doing: (cylinder: number, stroke: StrokeName, atFiringTop: boolean) =>
    `Cylinder ${cylinder}: ${atFiringTop ? 'at its firing top' : STROKES[stroke]}`,
} as const;
