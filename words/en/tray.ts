import type { TrayReason } from '@cardinex/core/job/tray';
import type { Lack } from '@cardinex/core/job/lacks';
import { cardTitle } from './cards/names';
import { listed } from './quantity';

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
  'exhaust-gap': 'the exhaust gap',
};

/**
 * Why a card is barred or waits, or what is next on it.
 * @param ago how long ago, in words, for a run left off
 */
export function trayReasonSentence(reason: TrayReason, ago: (iso: string) => string): string {
  switch (reason.code) {
    case 'card-first':
      return `After ${(reason.set ?? cardTitle(reason.card)).toLowerCase()}.`;
    case 'sheet-lacks':
      return `The sheet does not say ${listed(reason.lacks.map((lack) => LACKS[lack]))}. Enter it there first.`;
    case 'differences-open':
      return reason.count === 1
        ? 'Sheet and leaflets differ in 1 place. Decide which holds first.'
        : `Sheet and leaflets differ in ${reason.count} places. Decide which holds first.`;
    case 'run-hot-first':
      return 'Set cold from a hot figure. Run to working heat, then check.';
    case 'liners-to-read':
      return reason.read === 0
        ? `${reason.of} liners to read.`
        : `${reason.read} of ${reason.of} liners read.`;
    case 'liners-out':
      return 'A liner is out. See what to put right first.';
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
      return `${reason.done} of ${reason.of} valves done.`;
    case 'all-done':
      return reason.provisional ? 'Done, provisionally.' : 'Done.';
  }
}
