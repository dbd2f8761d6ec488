import type { Advice } from '@cardinex/core/job/run/advice';
import type { TightenFinding } from '@cardinex/core/tightening/tightenPlan';
import type { SetKind } from '@cardinex/core/sheet/spec/fastening';
import { degrees, pressure, torque } from '../quantity';

const DEMANDS: Readonly<Record<'settle-and-check' | 'after-heat' | 'reuse', string>> = {
  'settle-and-check': 'a settle and check',
  'after-heat': 'a pull after heat',
  reuse: 'using the fasteners again',
};

/** What is wrong with a programme. */
export function tightenFindingSentence(f: TightenFinding): string {
  switch (f.code) {
    case 'order-misses':
      return `The order of stage ${f.stage} misses ${f.fastener}.`;
    case 'order-repeats':
      return `The order of stage ${f.stage} names ${f.fastener} more than once.`;
    case 'left-out-but-ordered':
      return `Stage ${f.stage} both leaves out ${f.fastener} and puts it in the order.`;
    case 'no-value':
      return f.group === null
        ? `Stage ${f.stage} has no value.`
        : `Stage ${f.stage} has no value for group ${f.group}.`;
    case 'value-falls':
      return 'nm' in f
        ? `In stage ${f.stage} the value falls from ${torque(f.beforeNm)} to ${torque(f.nm)} without slackening between.`
        : `In stage ${f.stage} the pressure falls from ${pressure(f.beforeBar)} to ${pressure(f.bar)} without slackening between.`;
    case 'angle-over':
      return `In cycle ${f.cycle}, ${f.fastener} is turned ${degrees(f.deg)}; its limit is ${degrees(f.limitDeg)}.`;
    case 'no-wrench':
      return `No wrench here reaches ${torque(f.nm)} for stage ${f.stage}.`;
    case 'stretch-disturbed':
      return `${f.source} asks for ${DEMANDS[f.about]}, which would disturb one-use stretch fasteners: leave them alone until someone decides.`;
    case 'demands-contradict':
      return `${f.doSource} asks for ${DEMANDS[f.about]}; ${f.neverSource} forbids it. The parts may not belong together: stop and ask.`;
  }
}

const ADVICE: Readonly<Record<Advice, string>> = {
  replace: 'It has been stretched: take it out, and do not use it again. A new one goes in.',
  'clean-and-pull': 'Take it out, clean thread and hole and look at them, then pull it again.',
  'pull-again': 'Pull it again as it is.',
  'ease-and-pull': 'Ease it off, and pull it to its value again.',
  'tension-again': 'Let the pressure off, look at its seat and its jack, and tension it again.',
  'look-at-thread':
    'Take it out and look at both threads, and for something under the head, before it is pulled again.',
};

/** What to do with a fastener that did not come out as asked. */
export function adviceSentence(advice: Advice): string {
  return ADVICE[advice];
}

const CAPS = {
  text: 'Caps the right way round, numbers to the named side, shells in their places.',
  confirm: 'All in place',
};
const FLUSH = {
  text: 'The head is flush all round by hand, no gap anywhere. Never draw it down by its bolts.',
  confirm: 'Flush all round',
};
const LIES = {
  text: 'Faces clean, its gasket in its place, flush all round by hand. Never draw it down by its bolts.',
  confirm: 'Lies flush',
};

/** What is looked at before the first pull, by what is pulled down. */
export const liesWell: Readonly<Record<SetKind, { text: string; confirm: string }>> = {
  head: FLUSH,
  'cylinder-base': {
    text: 'The cylinder is flush on the case all round by hand, its ring in its groove. Never draw it down by its nuts.',
    confirm: FLUSH.confirm,
  },
  'main-caps': CAPS,
  'rod-caps': CAPS,
  'cam-caps': { ...CAPS, text: 'Caps the right way round, each in its own place, oiled.' },
  rockers: {
    text: 'Adjusters backed off, push rods in their pockets, shaft the right way round.',
    confirm: 'All in place',
  },
  'injector-clamps': {
    text: 'One washer under each injector, the old one out; clamps square on their seats.',
    confirm: 'All in place',
  },
  manifold: LIES,
  flywheel: {
    ...LIES,
    text: 'Faces clean and dry, dowels in, the mark to its place, flush all round.',
  },
  'timing-wheels': {
    ...LIES,
    text: 'On its dowel or key, marks as they were set, home by hand; held back by flats or a bar, never by the timing pins.',
  },
  pulley: { ...LIES, text: 'Faces clean and dry, key or dowel in, home by hand.' },
  cover: LIES,
};

export const tightenScreen = {
  stageOf: (stage: number, total: number) => `Stage ${stage} of ${total}`,
  counts: (done: number, left: number) => `${done} done, ${left} to go`,
  sweepCounts: (sweep: number, left: number) => `${sweep} to sweep, ${left} to go`,
  bolt: 'Bolt',
  ask: {
    torque: 'Pull to',
    check: 'Must not move at',
    angle: 'Turn',
    slacken: 'Ease off',
    hydraulic: 'Pump all to',
    'hydraulic-check': 'No nut may move at',
    wait: 'Wait',
    'turn-crank': 'Turn the crank',
    'draw-down': 'Draw down, each by',
  },
  again: {
    torque: 'Pull again to',
    check: 'Pull again to',
    hydraulic: 'Pump again to',
    'hydraulic-check': 'Pump again to',
  } as Readonly<Record<string, string>>,
  rightOff: 'off',
  byHand: 'by hand',
  noTime: 'as the sheet says',
  asPrinted: (text: string, page: string) => `${text} as printed${page}`,
  wrenchSet: (wrench: string) => `${wrench}: set`,
  did: {
    torque: 'Clicked',
    check: 'Did not move',
    angle: 'Turned',
    slacken: 'Eased',
    hydraulic: 'Nut is down',
    'hydraulic-check': 'Did not move',
    wait: 'Waited',
    'turn-crank': 'Turns freely',
    'draw-down': 'All drawn down',
  },
  nextIs: (bolt: string) => `next is ${bolt}`,
  lastOfStage: 'last of this stage',
  lastOfSide: 'last on this side',
  spokenRound: (deg: number) => `Draw down each in turn. ${deg} degrees.`,
  boltNumber: (bolt: string) => `bolt ${bolt}`,
  notSo: 'Not so',
  last: (bolt: string, time: string, who: string) => `Last: bolt ${bolt} at ${time}, ${who}`,
  nothingYet: 'Nothing done yet',
  you: 'you',
  spoken: (bolt: string, value: string, unit: string) => `Bolt ${bolt}. ${value} ${unit}.`,
  spokenAngle: (bolt: string, deg: string) => `Bolt ${bolt}. Turn ${deg} degrees.`,
  spokenEase: (bolt: string) => `Bolt ${bolt}. Ease off.`,
  spokenPressure: (bolt: string, value: string, unit: string) =>
    `Stud ${bolt}. Pressure ${value} ${unit}.`,
  marksNotTurned: (minutes: string) =>
    `Left off ${minutes} ago. Look at the marks: a bolt whose mark has come round is never turned again.`,
  step: 'Step',
  instance: (name: string, instance: string) => `${name} ${instance}`,
  instances: 'Which one',
  hydraulics:
    'Jacks screwed fully home, return open, hoses and couplings looked at, gauge in date. Eyes covered, nobody in line with a stud. An injection wound is an emergency however small.',
  hydraulicsConfirm: 'Checked, nobody in line',
  twoPeople: 'Two people',

  itShowed: { torque: 'It showed', angle: 'Turned', holes: 'Nut went' },
  holes: 'holes',
  ifShown: {
    torque: 'Where the wrench shows what it reached.',
    angle: 'Where the turn was read.',
    holes: 'Count the holes the nut went down.',
  },
  notFigure: 'Digits with one comma or point.',
  reachedDeg: (deg: string) => `turned ${deg}`,
  reachedBar: (pressed: string) => `the gauge stopped at ${pressed}`,
  pumpedTo: (reads: string) => `Pumped to ${reads}: run the nuts down`,
  pumpedNotTo: (reads: string, asked: string) =>
    `The gauge stopped at ${reads}; ${asked} is asked. Set it right before a nut is run down.`,
  wrenchReady: (name: string) => `${name} is ready`,
  wrenchLost: 'Calling it',
  traceSays: 'Its trace:',
  protractor: (deg: number, turned: number | null) =>
    `Turn ${deg} degrees clockwise from the mark.${turned === null ? '' : ` Turned ${turned}.`}`,
  fromMark: 'from the paint mark',
  waitOver: 'The wait is over.',
  waitUntil: (time: string) => `Until ${time}. It goes on if the screen goes out.`,
  waitFirst: (left: string) => `${left} is still to wait. It can be cut short, with a reason.`,
  waitLeft: 'still to wait',
  cutShort: 'Cut it short',
  whyShort: 'Why is it cut short?',
  wrenchAt: (name: string, side: string) => `${name}. ${side}`,
  ownWrench:
    'Each of the two has a wrench of their own, gets it ready here and sets it for every stage.',
  endHere: 'Two pull together. Here:',
  ends: { near: 'Near end', far: 'Far end', both: 'Both ends' },
  otherEnd: 'Your end is on. Waiting for the other end.',
  sideHere: 'One on each side. Here:',
  sides: { near: 'Near side', far: 'Far side', both: 'Both sides' },
  sidePulls: (side: string, numbers: string) => `${side}: ${numbers}.`,
  otherSide: 'Your side is on. Waiting for the other side.',
  oneEndOn: { near: 'The near end is on already.', far: 'The far end is on already.' },
  jackDoes: (load: string, stretch: string, turn: string, holes: string | undefined) =>
    `${load} on the jack, the stud stretches ${stretch}; from hand tight the nut follows ${turn}${holes === undefined ? '' : `, ${holes} holes`}.`,
  jackAssumed: 'Reckoned for steel, a tenth lost when the jack lets go: assumed.',
  wentHoles: (holes: string) => `went ${holes} holes`,
  tensionAgain: (number: string) => `Nut ${number}: tension again`,
  sayAgain: 'Say it again',
  powerSwung: 'Swung by power tool',
  byHandSwung: 'By hand',
  swungBy: 'The turn is made',
  tryAngle: (nm: string) =>
    `Marks gone? Try each at ${nm}, below where the turn began, and stop if one moves.`,
  results: 'What each got',
  notRead: 'not read',
  gotMap: (sentence: string) =>
    `What each got, head from above, cylinder 1 at the left. ${sentence}.`,
  resultOf: (number: string) => `Bolt ${number}`,
  took: (from: string, to: string) => `${from} to ${to}`,
  by: (who: string) => `Pulled by ${who}`,
  withWhat: (what: string) => `With ${what}`,
  oddOnes: (numbers: string) => `Odd: ${numbers}`,
  noneOdd: 'None stands out',
  odd: {
    faulted: 'did not come out at once',
    far: 'far from its fellows',
    travel: 'nut travel odd',
    redone: 'out once more and redone',
  },
  marked: 'Heads are marked',
  markedHint: 'paint on every one',
  isMarked: 'Every head is marked with paint.',
  takeOut: 'One has to come out again',
  takeOutWhich: 'Which one, and what for?',
  takeOutSays:
    'It is pulled again by itself through every stage; the others stay as they are. Press it on the map.',
  takeOutOf: (number: string) => `Bolt ${number} comes out`,
  renewed: 'A new one goes in',
  needRenewed: 'It has been stretched and is not used again: a new one goes in.',
  whatHappened: (bolt: string) => `Bolt ${bolt}: what happened?`,
  inWords: 'In a few words',
  wordsHint: 'e.g. felt soft, thread dirty',
  keepFault: 'Keep this',
  failedBolt: (bolt: string, advice: string) => `Bolt ${bolt} is open. ${advice}`,
  sweepTitle: (minutes: string) => `Left off ${minutes} ago`,
  sweepWhy: (stage: number, value: string) =>
    `Pull each bolt already done in stage ${stage} once more at ${value}. It costs a minute and settles the doubt.`,
  contestedTitle: (bolt: string) => `Bolt ${bolt} was pulled twice`,
  contestedWhy:
    'Two people pulled it without seeing each other. The stage waits until the lead or an inspector decides.',
  contestDecide: 'What was found?',
  contestKeep: 'Decide',
  stageDone: (stage: number) => `Stage ${stage} is closed`,
  allDone: 'Tightened',
  allDoneHint: 'Mark each head with paint, then let the wrench back to the bottom of its scale.',
  prepareTitle: 'Before the first pull',
  treatment: 'On the thread',
  treatmentConfirm: 'It is on',
  wrenchInHand: 'Wrench in hand',
  laidAside: (count: number) => `${count} more cannot give this value`,
  wrenchRange: (low: string, high: string) => `${low} to ${high}`,
  outOfRange: (value: string) => `not for ${value}`,
  spannerIs: (spanner: string) => `Spanner: ${spanner}`,
  adapter: 'Open-end adapter',
  noAdapter: 'None',
  adapterFitted: 'Fitted',
  otherAdapter: 'Another',
  adapterLength: 'Length, square to bolt (mm)',
  adapterAngle: 'Angle (0 straight on, 90 square)',
  settingFor: (stage: number) => `Stage ${stage}`,
  begin: 'Begin pulling',
  confirmFirst: (what: string) => `Look at it and confirm first: “${what}”.`,
  wrenchFirst: 'Choose a wrench that reaches every value first.',
  overrideFirst: 'Say first why this wrench may be used all the same.',
  changeWrench: 'Change wrench',
  getReady: 'What is ready',
  wasAsked: 'Was asked',
  doneAt: (time: string, who: string) => `At ${time}, ${who}`,
  backToBolt: (bolt: string) => `Back to bolt ${bolt}`,
  tooSoon: (bolt: string) => `Bolt ${bolt} too? That was quick.`,
  tooSoonWhy: 'Nobody moves to the next bolt and pulls it this fast. It is not written down yet.',
  tooSoonYes: 'Yes, it is pulled',
  tooSoonNo: 'No, not yet',
  severalPulled: 'Several are pulled already',
  severalHint: 'before you could tap',
  severalTitle: 'Pulled before you could tap',
  severalSays: 'Press the last one you pulled. They are written down as said afterwards.',
  severalAre: (bolts: string, value: string) => `Bolts ${bolts}, each at ${value}`,
  severalKeep: 'They are pulled',
  setTo: 'Set the wrench to',
  setToCheck: 'Set the wrench to, for the check',
  setPump: 'Set the pump to',
  takeAngle: 'Take the angle gauge, and turn each by',
  takeAngleSays:
    'A wrench that clicks says nothing here. Mark head and socket, or set the gauge to nought at each.',
  nowSlacken: 'Now let go again, in the same order',
  atTheBolt: (value: string) => `gives ${value} at the bolt`,
  stageBegins: (stage: number, total: number) => `Stage ${stage} of ${total} begins`,
  sentBehind:
    'The wrench sent a pull while you looked back. It is not written down: if this bolt was pulled, type what it showed.',
  setFirst: 'That was quick. Do what stands here first, then press.',
  itIsSet: 'It is set',
  inMyHand: 'In my hand',
  nowSlackenDone: 'Letting go now',
  valueChanges: (value: string) => `Another value here: set the wrench to ${value}`,
  lookingBack: (bolt: string) => `Looking back at bolt ${bolt}`,
  mapLabel: (done: readonly string[], next: string | null) =>
    `Head seen from above, cylinder 1 at the left. Done: ${done.length > 0 ? done.join(', ') : 'none'}. Next: ${next ?? 'none'}.`,
  why: 'Why in stages',
  whyText:
    'The gasket gives as the outer bolts come down, so the middle ones lose load. Pulling all of them through a middle value evens them before the last.',
  clicksEarly: 'If one clicks early',
  clicksEarlyText:
    'Its thread may be dirty, dry or bottomed. Say “Not so”: the bolt stays open and the stage cannot close without it.',
  undoNote: 'Undo strikes the mis-tap from the record. It does not turn the bolt back.',
  bandWord: {
    done: 'done',
    open: 'to do',
    failed: 'open: not so',
    half: 'one end on',
    contested: 'contested',
    sweep: 'pull again',
  },
} as const;
