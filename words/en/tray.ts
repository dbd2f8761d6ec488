import type { TrayReason } from '@cardinex/core/job/tray';
import { cardTitle } from './cards/names';

/**
 * Why a card is barred or waits, or what is next on it.
 * @param ago how long ago, in words, for a run left off
 */
export function trayReasonSentence(reason: TrayReason, ago: (iso: string) => string): string {
  switch (reason.code) {
    case 'card-first':
      return `After ${cardTitle(reason.card).toLowerCase()}.`;
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
      return 'Choose the wrench, check the threads.';
    case 'bolt-next':
      return `Stage ${reason.stage}, bolt ${reason.bolt} is next.`;
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
