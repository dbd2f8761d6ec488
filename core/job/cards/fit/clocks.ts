import type { TimeFigure } from '../../../quantity/figure';
import { MINUTES_PER } from '../../../quantity/units';
import { memoizeByObject } from '../../../sheet/memoize';
import type { CureBars, JointSpec, SealantSpec } from '../../../sheet/spec/joint';
import { seenOf } from '../../checks/state';
import { pieceRef } from '../../pieceRef';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { looseningsOf } from '../strip/loosening';
import { fitCheckId } from './checks';
import { fitRows, rowItem, type FitRow } from './rows';
import { FIT_ON, fitSteps, type FitStep } from './steps';

/*
 * What lies between two pieces and sets meanwhile: a bead from the moment it is begun, glue from the moment it is on. All
 * of it follows from the log: no clock runs anywhere, and none is lost with a device.
 */

/** One joint of a row that is on its way to setting. */
export interface JointClock {
  readonly row: FitRow;
  /** The step it is counted from: the bead begun, or the joint glued. */
  readonly step: string;
  readonly joint: JointSpec;
  readonly begunAt: string;
  /** The piece is not put on before this. */
  readonly closeFrom: string | null;
  /** Not after this either: the bead is wiped off and laid anew. */
  readonly closeTo: string | null;
  /** Its bolts are not pulled before this. */
  readonly pullFrom: string | null;
  /** Until when what is not to be done yet. */
  readonly cure: { readonly until: string; readonly bars: readonly CureBars[] } | null;
  /** Is the piece on it? */
  readonly closed: boolean;
}

/** What a clock stands at: to be waited for, to be used while it lasts, missed, or only curing by now. */
export type ClockPhase =
  | { readonly is: 'too-early'; readonly until: string; readonly what: 'close' | 'pull' }
  | { readonly is: 'to-close'; readonly until: string }
  | { readonly is: 'too-late'; readonly since: string }
  | { readonly is: 'curing'; readonly until: string; readonly bars: readonly CureBars[] }
  | { readonly is: 'over' };

interface TimedStep {
  readonly row: FitRow;
  readonly step: string;
  readonly joint: JointSpec;
}

/** The steps of a job that a clock is counted from. */
const timedSteps = memoizeByObject((sheet: JobSheet): readonly TimedStep[] =>
  fitRows(sheet).flatMap((row) =>
    fitSteps(sheet, row.piece).flatMap((step): readonly TimedStep[] => {
      const isTimed = step.kind === 'bead' || (step.kind === 'joint' && step.line.glued?.dry);
      return isTimed ? [{ row, step: step.id, joint: step.line }] : [];
    }),
  ),
);

/** The clock of a joint, with all its times; none where it was not begun, or the piece is off again. */
function clockOf({ checks }: JobState, { row, step, joint }: TimedStep): JointClock | null {
  const seen = (id: string) => seenOf(checks, fitCheckId(row.piece.id), rowItem(row), id);
  const begun = seen(step);
  if (begun?.found !== 'good') return null;
  const after = (time: TimeFigure | undefined): string | null =>
    time ? plus(begun.at, time) : null;
  const { sealant, glued } = joint;
  const cure = sealant?.cure;
  return {
    row,
    step,
    joint,
    begunAt: begun.at,
    closeFrom: after(sealant ? sealant.closeFrom : glued?.dry),
    closeTo: after(sealant?.closeTo),
    pullFrom: after(sealant && pullAfter(sealant)),
    cure: cure ? { until: plus(begun.at, cure.time), bars: cure.bars } : null,
    closed: seen(FIT_ON)?.found === 'good',
  };
}

/** The joints of a job that were begun. */
function jointClocks(sheet: JobSheet, state: JobState): readonly JointClock[] {
  return timedSteps(sheet).flatMap((timed) => clockOf(state, timed) ?? []);
}

/** Its bolts wait as long as is printed for them, or for as long as its curing bars the pull. */
function pullAfter({ pullAfter: printed, cure }: SealantSpec): TimeFigure | undefined {
  return printed ?? (cure?.bars.includes('pull') ? cure.time : undefined);
}

function plus(at: string, { value, unit }: TimeFigure): string {
  return new Date(Date.parse(at) + value * MINUTES_PER[unit] * 60_000).toISOString();
}

/**
 * What a clock stands at.
 * @param now ISO time
 * @example phaseOf(clock, now) // { is: 'to-close', until: '2026-12-01T14:32:00.000Z' }
 */
export function phaseOf(clock: JointClock, now: string): ClockPhase {
  const { closeFrom, closeTo, pullFrom, cure, closed } = clock;
  if (!closed) {
    if (closeTo !== null && isBefore(closeTo, now)) return { is: 'too-late', since: closeTo };
    if (closeFrom !== null && isBefore(now, closeFrom))
      return { is: 'too-early', until: closeFrom, what: 'close' };
    return closeTo === null ? { is: 'over' } : { is: 'to-close', until: closeTo };
  }
  if (pullFrom !== null && isBefore(now, pullFrom))
    return { is: 'too-early', until: pullFrom, what: 'pull' };
  return cure && isBefore(now, cure.until)
    ? { is: 'curing', until: cure.until, bars: cure.bars }
    : { is: 'over' };
}

function isBefore(at: string, other: string): boolean {
  return Date.parse(at) < Date.parse(other);
}

/** The clocks of one row. */
export function clocksOfRow(sheet: JobSheet, state: JobState, row: FitRow): readonly JointClock[] {
  return timedSteps(sheet)
    .filter((timed) => rowItem(timed.row) === rowItem(row))
    .flatMap((timed) => clockOf(state, timed) ?? []);
}

/** Steps by which a piece is drawn down: they wait where a bead is only nipped at first. */
const DRAWS_DOWN: readonly FitStep['kind'][] = ['held', 'by-manual'];

/** What of its clocks a step of a row comes too early for, or too late; null where it may be done. */
export function clockAgainst(
  sheet: JobSheet,
  state: JobState,
  row: FitRow,
  step: FitStep,
  now: () => string,
): Extract<ClockPhase, { is: 'too-early' | 'too-late' }> | null {
  for (const clock of clocksOfRow(sheet, state, row)) {
    const phase = phaseOf(clock, now());
    // Nothing more is done to a bead past its time, but that it is wiped off.
    if (phase.is === 'too-late' && step.id !== clock.step) return phase;
    if (phase.is !== 'too-early') continue;
    if (phase.what === 'pull' ? DRAWS_DOWN.includes(step.kind) : isClosing(clock, step))
      return phase;
  }
  return null;
}

/** Is the joint closed by this step? No bead is begun either while glue dries: its time would run out over it. */
function isClosing({ joint }: JointClock, { id, kind }: FitStep): boolean {
  return id === FIT_ON || (joint.glued !== undefined && kind === 'bead');
}

/** What a set waits for before its pull: beads under what it clamps that are only nipped yet. */
export function setWaits(
  sheet: JobSheet,
  state: JobState,
  set: string,
  now: () => string,
): readonly Wait[] {
  const clocks = jointClocks(sheet, state).filter(({ closed, pullFrom }) => closed && pullFrom);
  if (clocks.length === 0) return [];
  const clamped = new Set(
    looseningsOf(sheet)
      .filter((entry) => entry.set.id === set)
      .flatMap(({ clamps }) => clamps),
  );
  return clocks
    .filter(({ row }) => row.instances.some((id) => clamped.has(id)))
    .flatMap((clock) => waitOf(sheet, clock, now(), 'pull'));
}

/** What is not to be done yet because something still cures. */
export function cureWaits(
  sheet: JobSheet,
  state: JobState,
  bars: CureBars,
  now: () => string,
): readonly Wait[] {
  return jointClocks(sheet, state)
    .filter(({ closed, cure }) => closed && cure?.bars.includes(bars))
    .flatMap((clock) => waitOf(sheet, clock, now(), bars));
}

function waitOf(
  sheet: JobSheet,
  { row, pullFrom, cure }: JointClock,
  now: string,
  bars: CureBars,
): readonly Wait[] {
  const until = bars === 'pull' ? pullFrom : cure?.until;
  if (!until || !isBefore(now, until)) return [];
  return [{ code: 'clock', piece: pieceRef(sheet, rowItem(row)), until, bars }];
}
