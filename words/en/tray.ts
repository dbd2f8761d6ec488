import { withinSentence } from './sentence';
import type { TrayReason } from '@cardinex/core/job/trayReason';
import type { Lack } from '@cardinex/core/job/lacks';
import { attitudeWords } from './attitude';
import { cribSentence } from './crib';
import { atStart, counted, moment, timeOfDay } from './kit';
import { markWords } from './cards/mark';
import { cardOfName } from './cards/names';
import { partHoldSentence } from './cards/partHold';
import { putOffWords } from './outOfOrder';
import { assemblyActName, pieceName, pieceRefName } from './pieces';
import { listed } from './quantity';
import { SETS_FOR } from './clocks';
import { crankHoldsSentence } from './register';

const LACKS: Readonly<Record<Lack, string>> = {
  liners: 'whether its liners stand proud, flush, recessed, or are none',
  'liner-low': 'the least stand-out',
  'liner-high': 'the most stand-out',
  'head-set': 'its head bolts',
  programme: 'how its bolts are tightened',
  'stage-value': 'the value of a stage',
  overhead: 'its valve gear',
  rotation: 'which way it turns',
  firing: 'its firing order',
  camEvents: 'its cam events',
  'intake-gap': 'the inlet gap',
  'hydraulic-preload': 'how far the tappets are preloaded',
  'exhaust-gap': 'the exhaust gap',
};

type Next<Code extends TrayReason['code']> =
  Extract<TrayReason, { code: Code }> extends {
    step: infer Step extends string;
  }
    ? Step
    : never;

const TIMING_NEXT: Readonly<Record<Next<'timing-next'>, string>> = {
  line: 'the line of the wheels',
  marks: 'a mark',
  'pin-in': 'a pin to put in',
  'pin-out': 'a pin to take out',
  turn: 'two turns by hand',
  prove: 'marks after two turns',
};

const PUMP_NEXT: Readonly<Record<Next<'pump-next'>, string>> = {
  stand: 'Bring cylinder 1 to its firing stroke.',
  meshed: 'Set it, mark to mark.',
  again: 'Two turns by hand, then look at it again.',
};

/**
 * Why a card is barred or waits, or what is next on it.
 * @param ago how long ago, in words, for a run left off
 */
export function trayReasonSentence(reason: TrayReason, ago: (iso: string) => string): string {
  switch (reason.code) {
    case 'card-first':
      return reason.shuts === undefined
        ? `After ${cardOfName(reason.card, reason.set)}.`
        : `After ${assemblyActName(reason.shuts)}: this would shut it in.`;
    case 'sheet-lacks':
      return `The sheet does not say ${listed(reason.lacks.map((lack) => LACKS[lack]))}. Enter it there first.`;
    case 'differences-open':
      return reason.count === 1
        ? 'Sheet and leaflets differ in 1 place. Decide which holds first.'
        : `Sheet and leaflets differ in ${reason.count} places. Decide which holds first.`;
    case 'decision-pending':
      return 'Decided without knowing all. Say whether it holds.';
    case 'crib-disagrees':
      return cribSentence(reason.wrenches);
    case 'way-shut':
      return `${listed(reason.pieces.map(pieceName))}: on, and in the way of ${assemblyActName(reason.act)}.`;
    case 'put-off':
      return putOffWords.put(reason.words, reason.until);
    case 'run-hot-first':
      return 'Set cold from a hot figure. Run to working heat, then check.';
    case 'heat-first':
      return 'Run to working heat first; then let it cool, and pull again.';
    case 'cooling':
      return `Cooling: not before ${moment(reason.until)}.`;
    case 'not-closed-yet':
      return `${pieceRefName(reason.piece)}: not put on before ${moment(reason.until)}.`;
    case 'clock':
      return `${pieceRefName(reason.piece)}: ${SETS_FOR[reason.bars]}; not before ${moment(reason.until)}.`;
    case 'close-by':
      return `${pieceRefName(reason.piece)}: its bead lies. Put it on by ${timeOfDay(reason.until)}.`;
    case 'bead-too-old':
      return `${pieceRefName(reason.piece)}: its bead is past its time. Wipe it off, lay it anew.`;
    case 'to-make-dead':
      return reason.left === 1
        ? '1 thing still to make dead.'
        : `${reason.left} things still to make dead.`;
    case 'to-mark':
      return reason.made === 0
        ? `${reason.total} parts to mark before they leave their places.`
        : `${reason.made} of ${reason.total} parts marked.`;
    case 'marks-translated':
      return markWords.translated(reason.count);
    case 'to-slacken':
      return reason.instance === undefined
        ? `${reason.set}: slacken.`
        : `${reason.set}, number ${reason.instance}: slacken.`;
    case 'to-take-off':
      return `Next off: ${withinSentence(pieceRefName(reason.piece))}.`;
    case 'bearing-next':
      return `Next: bearing ${reason.bearing}. ${reason.done} of ${reason.total} done.`;
    case 'bearing-open':
      return `Bearing ${reason.bearing} is open. ${reason.done} of ${reason.total} done.`;
    case 'to-put-on':
      return `Ready to go on: ${reason.done} of ${reason.total} done.`;
    case 'to-count':
      return 'Count the old bolts into their bags.';
    case 'parts-to-come':
      return `${reason.here} of ${reason.total} parts here and right.`;
    case 'parts-wrong':
      return reason.count === 1
        ? '1 part is wrong or missing.'
        : `${reason.count} parts are wrong or missing.`;
    case 'to-inspect':
      return `${reason.done} of ${reason.total} checks done.`;
    case 'inspected-out':
      return reason.count === 1
        ? '1 finding is out. Decide what is done about it.'
        : `${reason.count} findings are out. Decide what is done about them.`;
    case 'remarks-open':
      return `${counted(reason.count, { one: 'remark', other: 'remarks' })} to see to, or to be left as it is.`;
    case 'cause-last':
      return 'Asked for before the job closes.';
    case 'cause-to-answer':
      return 'All is done. What was the cause?';
    case 'parts-missing':
      return reason.parts.map(partHoldSentence).join(' ');
    case 'crank-held':
      return crankHoldsSentence(reason.holds);
    case 'turn-over':
      return attitudeWords.first(reason.to);
    case 'temporary-parts-in':
      return `Still in the engine: ${listed(reason.parts)}. Take it out first.`;
    case 'liners-to-read':
      return reason.read === 0
        ? `${reason.total} liners to read.`
        : `${reason.read} of ${reason.total} liners read.`;
    case 'liners-out':
      return 'A liner is out. See what to put right first.';
    case 'liners-to-mark':
      return `Mark the liners that moved: bore ${listed(reason.bores)}.`;
    case 'liners-to-seal':
      return reason.left === 1
        ? '1 liner still to seal, and to read again.'
        : `${reason.left} liners still to seal, and to read again.`;
    case 'gasket-to-choose':
      return reason.mark === null
        ? 'No gasket of the table fits these pistons.'
        : `By stand-out: gasket ${reason.mark}.`;
    case 'turn-crank':
      return `Turn the crank by hand: bolts ${reason.bolts} are pulled.`;
    case 'to-cover': {
      const which = reason.instance === undefined ? '' : `Number ${reason.instance}: `;
      const what =
        reason.step === 'look'
          ? 'look over what the head hides.'
          : 'put the head on, step by step.';
      return atStart(`${which}${what}`);
    }
    case 'liners-to-accept':
      return 'All read and within. Accept them.';
    case 'run-to-prepare':
      return reason.instance === undefined
        ? 'Choose the wrench, check the threads.'
        : `Number ${reason.instance}: get ready, check the threads.`;
    case 'bolt-next':
      return [
        reason.instance === undefined ? '' : `Number ${reason.instance}: `,
        `stage ${reason.stage}`,
        reason.bolt === null ? ' is next.' : `, bolt ${reason.bolt} is next.`,
      ]
        .join('')
        .replace(/^s/, 'S');
    case 'sweep-first':
      return `Left off ${ago(reason.lastAt)} ago in stage ${reason.stage}: sweep first.`;
    case 'contested':
      return `Bolt ${reason.bolt} was pulled twice. Someone must decide.`;
    case 'valves-set':
      return `${reason.done} of ${reason.total} valves done.`;
    case 'timing-next':
      return `${reason.done} of ${reason.total} steps. Next: ${TIMING_NEXT[reason.step]}.`;
    case 'gaps-again':
      return 'All set. Two turns by hand, then every gap once more.';
    case 'pump-next':
      return PUMP_NEXT[reason.step];
    case 'left-out':
      return `Left out: ${reason.words}`;
    case 'all-done':
      return reason.provisional ? 'Done, provisionally.' : 'Done.';
  }
}
