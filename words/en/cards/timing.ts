import { withinSentence } from '../sentence';
import {
  MARKS_CHECKED,
  MARKS_PROVED,
  MARKS_SET,
  TOP_AGAIN,
  TWO_TURNS,
  markSays,
  marksComeBack,
  type TimingStep,
} from '@cardinex/core/job/cards/timing/view';
import type { PumpView } from '@cardinex/core/job/cards/pump/view';
import type { JobSheet } from '@cardinex/core/job/scope';
import { markLook } from '../markLook';
import { degrees, listed } from '../quantity';

/** The step as it is asked: "Pin in", the mark in the sheet's own words. */
export function timingAct(sheet: JobSheet, step: TimingStep): string {
  switch (step.kind) {
    case 'line':
      return 'Wheels in one line';
    case 'look':
      if (step.item === TOP_AGAIN) return 'Cylinder 1 at the top again';
      return step.check.id === TWO_TURNS
        ? 'Two turns by hand'
        : (markSays(sheet, step.item) ?? step.item);
    case 'pin-in':
    case 'pin-out':
      return step.what;
    case 'tensioner-in':
      return 'Tensioner, its pin in it';
    case 'tensioner-out':
      return 'Pin of the tensioner';
    case 'pull':
      return step.set.name;
  }
}

/** Where in the work the step belongs, short: beside its name in the list. */
export function timingWhen(step: TimingStep): string {
  switch (step.kind) {
    case 'line':
      return 'read';
    case 'look':
      return markLook(step.check.id) ?? 'turn';
    case 'pin-in':
    case 'tensioner-in':
      return 'in';
    case 'pin-out':
      return 'out';
    case 'tensioner-out':
      return 'drawn last';
    case 'pull':
      return 'nipped, then pulled';
  }
}

/** The step as it follows another, short enough for a button. */
export function timingNext(sheet: JobSheet, step: TimingStep): string {
  const isMark = step.kind === 'look' && markSays(sheet, step.item) !== undefined;
  if (isMark) return step.check.id === MARKS_SET ? 'the next mark' : 'the marks again';
  if (step.kind === 'pin-in' || step.kind === 'pin-out') return 'a pin';
  return withinSentence(timingAct(sheet, step));
}

/** What is to be minded at a step. */
export function timingSays(sheet: JobSheet, step: TimingStep): readonly string[] {
  const { timing } = sheet;
  switch (step.kind) {
    case 'line':
      return [
        ...(timing?.line ? [`${timing.line.says} (${timing.line.source})`] : []),
        'A straightedge along the faces of the wheels; how far the crank’s wheel stands behind it. At three places of the crank: a wheel that is not square is in line at one.',
      ];
    case 'look':
      return lookSays(sheet, step.check.id, step.item);
    case 'pin-in':
      return [
        'By hand, no force. If it does not slip in, the mark is not where it should be. From now on the crank must not turn.',
      ];
    case 'tensioner-in':
      return [timing?.tensioner ?? ''];
    case 'pull':
      return [
        ...(timing?.counterHold
          ? [`${timing.counterHold.says} (${timing.counterHold.source})`]
          : []),
        'Held back by flats or a bar, never by the timing pins: a bent pin sets it wrong for good.',
      ];
    case 'pin-out':
      return [
        'It is out, and written out. It slips out as it went in; one that is tight says that something moved.',
      ];
    case 'tensioner-out':
      return [
        'Marks and fasteners are checked. Now its pin is drawn: from here the chain holds itself.',
      ];
  }
}

function lookSays(sheet: JobSheet, check: string, item: string): readonly string[] {
  const { timing } = sheet;
  const source = timing ? `(${timing.source})` : '';
  switch (check) {
    case MARKS_SET:
      return [`Seen square on, slack on the tensioner’s side. ${source}`];
    case MARKS_CHECKED:
      return ['Pulling may have moved it. Look once more before anything is let go.'];
    case TWO_TURNS:
      return [
        'In the running direction, by hand or short bar, never the starter. Fingers and helpers clear.',
        'Stop at the least hard spot: a valve may have met a piston. Do not force it.',
      ];
    case MARKS_PROVED:
      return item === TOP_AGAIN
        ? [`Cylinder 1 at its top by rim or pin, its valves as they were. ${lateMarks(sheet)}`]
        : [`As it stood before the turns. ${lateMarks(sheet)}`];
    default:
      return [];
  }
}

/** Marks that do not come round in two turns, and when they do. */
function lateMarks(sheet: JobSheet): string {
  const late = [...marksComeBack(sheet)].flatMap(([item, turns]) =>
    turns !== null && turns > 2 ? [`“${markSays(sheet, item) ?? item}” after ${turns}`] : [],
  );
  return late.length === 0 ? '' : `Not yet to be seen, and no fault: ${listed(late)} turns.`;
}

/** What the large button says at a step. */
export function timingConfirm(step: TimingStep): string {
  switch (step.kind) {
    case 'look':
      return step.check.id === TWO_TURNS ? 'Turned, it runs free' : 'It stands so';
    case 'pin-in':
      return 'Pin is in';
    case 'tensioner-in':
      return 'Fitted, pin in';
    case 'pin-out':
      return 'Pin is out';
    case 'tensioner-out':
      return 'Pin drawn';
    case 'line':
      return 'Read the line';
    case 'pull':
      return 'To the bolts';
  }
}

export const timingWords = {
  notSo: 'Not so',
  whatIsIt: 'What is wrong, and which way?',
  needWhat: 'Say what is seen.',
  failed: (what: string) =>
    `${what}: it did not come out. Tensioner held back, drive off, and from the marks again.`,
  failedWhy: (words: string) => `Said: ${words}`,
  tooth: (deg: string) => `One tooth of the crank’s wheel is ${deg} of the crank.`,
  steps: 'Step by step',
  count: (done: number, total: number) => `${done} of ${total}`,
  next: (what: string) => `then ${what}`,
  allDone: 'Timing set and proved.',
  seenFrom: (end: string) => `seen from ${end}`,
  drawing: (seen: string, what: string) => `Timing wheels${seen}. ${what}`,
  now: (sentence: string) => `Now: ${sentence}.`,
  marksDrawn: 'Timing marks',
  marksAre: (marks: readonly string[]) => `The marks: ${marks.join('; ')}.`,
  links: (count: number, drive: 'chain' | 'belt' | 'gears') =>
    drive === 'belt' ? `belt of ${count} teeth` : `chain of ${count} links`,
  teeth: (count: number) => String(count),
  direction: (way: string) => `turns ${way}`,
  back: [
    'Marks are set before anything is pulled, looked at again once it is pulled, and once more after two turns by hand: each finds what the one before cannot.',
    'An idler’s dots and a chain’s bright links do not come round with the crank. Which marks stand again after two turns is worked out from the teeth.',
    'The pins place crank and cam; they hold nothing. The tensioner’s pin comes out last.',
    'A drive meshed a tooth over is taken off and set again: never drawn round by its bolts.',
  ],
} as const;

/** How pump or ignition is set, step by step. */
export const pumpWords = {
  stand: (before: string) =>
    before === '' ? 'Cylinder 1 at its firing top' : `Cylinder 1 firing, ${before} before the top`,
  tell: (companion: number | undefined) =>
    companion === undefined
      ? 'Firing, not exhaust: both valves of cylinder 1 are shut and stay shut as you rock the crank.'
      : `Firing, not exhaust: both valves of cylinder 1 are shut; those of cylinder ${companion} rock.`,
  twoStroke: 'Every top of a two-stroke is a firing top.',
  rocks: 'They rock',
  rocksHow: 'One more turn forward, then look again.',
  stands: 'Cylinder 1 fires here',
  meshed: 'Set, mark to mark',
  meshedSays:
    'Turned to its mark, or meshed, with the crank where it stands. Slack taken up in the running direction.',
  again: 'Stands the same',
  againSays:
    'Two turns by hand in the running direction, to the same place: the mark must stand again.',
  notAgain: 'It does not',
  whatIsIt: 'What is seen, and which way?',
  needWhat: 'Say what is seen.',
  tooth: (deg: string) =>
    `Out by about ${deg} of the crank is one tooth over: turn it back out of mesh and try again.`,
  failed: 'It did not stand again after two turns: out of mesh, and set anew.',
  done: 'Set, and stood again after two turns.',
  back: [
    'Cylinder 1 comes to its top twice in a cycle. Set on the exhaust stroke it is a whole turn out, and the engine does not fire, or fires back.',
    'Up to the mark in the running direction only, so that slack is always on one side.',
  ],
} as const;

/** What is said with the crank where pump or ignition is set. */
export function pumpStandSays(view: Pick<PumpView, 'beforeTopDeg'>): string {
  return pumpWords.stand(view.beforeTopDeg === 0 ? '' : degrees(view.beforeTopDeg));
}
