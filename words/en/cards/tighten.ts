import type { BoltFault } from '@cardinex/core/job/act';
import type { TightenFinding } from '@cardinex/core/tightening/tightenPlan';
import { degrees, torque } from '../quantity';

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
      return `In stage ${f.stage} the value falls from ${torque(f.beforeNm)} to ${torque(f.nm)} without slackening between.`;
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

export function faultName(fault: BoltFault): string {
  return fault === 'did-not-reach' ? 'Did not reach' : 'Slipped';
}

export const tightenScreen = {
  stageOf: (stage: number, of: number) => `Stage ${stage} of ${of}`,
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
  },
  nextIs: (bolt: string) => `next is ${bolt}`,
  lastOfStage: 'last of this stage',
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
  caps: 'Caps the right way round, numbers to the named side, shells in their places.',
  capsConfirm: 'All in place',
  twoPeople: 'Two people',

  whatHappened: (bolt: string) => `Bolt ${bolt}: what happened?`,
  didNotReach: 'Did not reach',
  didNotReachHint: 'It kept turning, or the wrench never clicked.',
  slipped: 'Slipped',
  slippedHint: 'The socket or the wrench let go part-way.',
  inWords: 'In a few words',
  wordsHint: 'e.g. felt soft, thread dirty',
  keepFault: 'Keep this',
  failedBolt: (bolt: string) =>
    `Bolt ${bolt} is open. Take it out, clean and look, then pull it again.`,
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
  changeWrench: 'Change wrench',
  getReady: 'What is ready',
  flush: 'The head is flush all round by hand, no gap anywhere. Never draw it down by its bolts.',
  flushConfirm: 'Flush all round',
  lookBack: 'Look back',
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
    contested: 'contested',
    sweep: 'pull again',
  },
} as const;
