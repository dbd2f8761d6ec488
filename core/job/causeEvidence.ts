import { shellPattern, type ShellPatternCode } from '../crank/shellPattern';
import { checkViews } from './checks/views';
import { seenOf } from './checks/state';
import type { CheckKind, Check } from './checks/check';
import { bearingsIn, loadedHalf, wearOf } from './cards/shells/loaded';
import { linersFinding } from './cards/liners/view';
import type { Cause } from './facts/cause';
import type { JobSheet } from './scope';
import type { JobState } from './state';

/** Something that was found on this job, and the cause it speaks for. */
export type Evidence = { readonly cause: Cause } &
  /** Out of its limits, or not good. */
  (
    | { readonly from: 'check'; readonly check: string; readonly item: string }
    | { readonly from: 'shells'; readonly check: string; readonly code: ShellPatternCode }
    | { readonly from: 'piece'; readonly piece: string; readonly words?: string }
    | { readonly from: 'liners' }
  );

const OF_CHECK: Partial<Readonly<Record<CheckKind, Cause>>> = {
  flatness: 'not-flat',
  lengths: 'clamp-lost',
  bores: 'worn-out',
  journals: 'worn-out',
  rings: 'worn-out',
  flanges: 'liner-height',
  counterbores: 'liner-height',
};

const OF_LOOK: Readonly<Record<string, Cause>> = {
  cracks: 'cracked',
  deck: 'not-flat',
  galleries: 'dirt',
  'oil-cooler': 'cooling-lost',
  lobes: 'worn-out',
  tappets: 'worn-out',
  rockers: 'worn-out',
};

const OF_SHELLS: Partial<Readonly<Record<ShellPatternCode, Cause>>> = {
  'all-hot': 'oil-starved',
  'one-hot': 'oil-starved',
  'some-hot': 'oil-starved',
  scored: 'dirt',
  'scored-once': 'dirt',
  pitted: 'corroded',
};

/** What was found on a job that speaks for a cause: none of it decides anything. */
export function causeEvidence(sheet: JobSheet, state: JobState): readonly Evidence[] {
  const views = checkViews(sheet, state.checks);
  const outs = views.flatMap(({ check, judged }) =>
    judged
      .filter(({ verdict }) => verdict === 'out')
      .flatMap(({ item }): readonly Evidence[] => {
        const cause = check.kind === 'look' ? OF_LOOK[item] : OF_CHECK[check.kind];
        return cause ? [{ cause, from: 'check', check: check.id, item }] : [];
      }),
  );
  const shells = views.flatMap(({ check }) =>
    check.kind === 'shells-found' ? ofShells(sheet, state, check) : [],
  );
  const pieces = Object.entries(state.pieces.off).flatMap(([piece, off]): readonly Evidence[] =>
    off.found === 'damaged'
      ? [{ cause: 'part-broke', from: 'piece', piece, ...(off.words && { words: off.words }) }]
      : [],
  );
  const liners: readonly Evidence[] =
    linersFinding(sheet, state.liners)?.overall === 'out'
      ? [{ cause: 'liner-height', from: 'liners' }]
      : [];
  return [...outs, ...shells, ...pieces, ...liners];
}

function ofShells(sheet: JobSheet, { checks }: JobState, check: Check): readonly Evidence[] {
  const found = shellPattern({
    loaded: loadedHalf(sheet, check.journal),
    bearings: bearingsIn(check, (item) => wearOf(seenOf(checks, check.id, item))),
  });
  return found.flatMap(({ code }): readonly Evidence[] => {
    const cause = OF_SHELLS[code];
    return cause ? [{ cause, from: 'shells', check: check.id, code }] : [];
  });
}
