import type { ActOf } from '../../act';
import type { Check } from '../../checks/check';
import type { DecideContext } from '../../decideContext';
import { refusedByWait } from '../../refusedByWait';
import { partsUnder, temporaryPartName } from '../../register';
import type { JobState } from '../../state';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { stepsBefore } from '../tighten/covering';
import { clockAgainst, clocksOfRow } from './clocks';
import { countedAt } from './counted';
import { fitRows, rowItem } from './rows';
import { runKey } from '../../run/runKey';
import { pullsOf } from './way';
import { isOnOrLater, waitsBefore } from './standing';
import { FIT_ON, fitSteps, isAfterPull } from './steps';

/** Are these rows of pieces that go on here, each by its first instance, with all the pulls that are undone by it? */
export function decideWayOpened(
  _: JobState,
  { data: { pieces, runs } }: ActOf<'way.opened'>,
  { sheet }: DecideContext,
): Verdict {
  const rows = new Set(fitRows(sheet).map(rowItem));
  const unknown = pieces.find((id) => !rows.has(id));
  if (unknown !== undefined) return refused('unknown-piece', { piece: unknown });
  const undone = new Set(runs.map(runKey));
  const pulls = pullsOf(sheet, pieces);
  const isWhole = pulls.length === undone.size && pulls.every((run) => undone.has(runKey(run)));
  return isWhole ? ACCEPTED : refused('unknown-run');
}

/**
 * May a step of putting a piece on be said done? It is not on before what it rests on is, what it would shut in is
 * done, and every step before was taken; joints are counted out and in; nothing is left in that it would shut in.
 * What is connected and proved waits for its bolts.
 */
export function decideFitSeen(
  state: JobState,
  { data, at }: ActOf<'check.seen'>,
  check: Check,
  { sheet }: DecideContext,
): Verdict {
  const { item, step = '', found, count, words } = data;
  const row = fitRows(sheet).find(
    (entry) => entry.piece.id === check.set && rowItem(entry) === item,
  );
  if (!row) return refused('unknown-place-of-check', { item });
  if (found !== 'good') return ACCEPTED;
  const fitStep = fitSteps(sheet, row.piece).find(({ id }) => id === step);
  const total = fitStep ? countedAt(row, fitStep) : null;
  if (total !== null && count !== total)
    return count === undefined
      ? refused('joints-uncounted')
      : refused('joints-differ', { count, total, old: fitStep?.kind === 'old-joint' });
  const against = fitStep && clockAgainst(sheet, state, row, fitStep, () => at);
  if (against?.is === 'too-late') return refused('bead-too-old', { since: against.since });
  // Whoever closes or pulls it before its time says why.
  if (against && !words)
    return refused('still-setting', { until: against.until, what: against.what });
  if (!isOnOrLater(sheet, row, step)) return ACCEPTED;
  const isLater = fitStep !== undefined && isAfterPull(fitStep);
  const [wait] = waitsBefore(sheet, state, row, isLater ? 'after pull' : 'on');
  const early = refusedByWait(wait);
  if (early) return early;
  const before = stepsBefore(state, { ...check, items: [item] }, step);
  if (before.length > 0) return refused('step-first');
  const parts = step === FIT_ON ? partsUnder(state, row.piece).map(temporaryPartName) : [];
  return parts.length > 0 ? refused('temporary-parts-in', { parts }) : ACCEPTED;
}

/** A bead is wiped off where one was begun and the piece is not on it. */
export function decideWipedOff(
  state: JobState,
  { data: { piece, step } }: ActOf<'joint.wiped-off'>,
  { sheet }: DecideContext,
): Verdict {
  const row = fitRows(sheet).find((entry) => rowItem(entry) === piece);
  const clocks = row ? clocksOfRow(sheet, state, row) : [];
  const isOpen = clocks.some((clock) => clock.step === step && !clock.closed);
  return isOpen ? ACCEPTED : refused('no-bead');
}
