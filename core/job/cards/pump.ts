import { ACCEPTED, refused, type Verdict } from '../verdict';
import { cycleDegrees, forwardDistance, wrap } from '../../overhead/cycle';
import { seenCheck, type Check } from '../checks/check';
import { seenOf } from '../checks/state';
import type { ActOf } from '../act';
import type { DecideContext } from '../decideContext';
import { timesEngine, type JobSheet } from '../scope';
import type { JobState } from '../state';

/*
 * Pump or ignition to cylinder 1's firing stroke.
 */

export const PUMP = 'pump';
export const PUMP_STEPS = ['meshed', 'again'] as const;
export type PumpStep = (typeof PUMP_STEPS)[number];

/** Set with the crank in its place, then looked at once more after two turns. */
export function pumpChecks(sheet: JobSheet): readonly Check[] {
  if (sheet.timing?.pump === undefined || !timesEngine(sheet)) return [];
  return [
    seenCheck(
      { id: PUMP, card: 'pump', kind: 'pump', items: [PUMP] },
      { places: PUMP_STEPS, byItem: true, turnsCrank: true, turnsAt: ['again'] },
    ),
  ];
}

export interface PumpView {
  /** Where the crank stands for it, after cylinder 1's firing top. */
  readonly atDeg: number;
  /** Before that top. */
  readonly beforeTopDeg: number;
  /** From where the crank stands, forward; null while it is unknown. */
  readonly barDeg: number | null;
  /** One tooth of the crank's wheel, in degrees of the crank: what a drive a tooth over is out by. */
  readonly toothDeg: number | null;
  readonly next: 'stand' | PumpStep | null;
  /** It did not stand as it did after two turns: a tooth over, or slipped. */
  readonly failed: string | null;
}

/** Where the pump stands; null on a job without one to set. */
export function pumpView(sheet: JobSheet, { checks, crank }: JobState): PumpView | null {
  if (pumpChecks(sheet).length === 0) return null;
  const cycle = cycleDegrees(sheet.strokes);
  const beforeTopDeg = sheet.timing?.pumpBeforeTop?.value ?? 0;
  const atDeg = wrap(-beforeTopDeg, cycle);
  const [meshed, again] = PUMP_STEPS.map((step) => seenOf(checks, PUMP, PUMP, step));
  const wrong = again?.found === 'not-good' ? again : null;
  const isMeshed = meshed?.found === 'good' && (wrong === null || meshed.seq > wrong.seq);
  const stands = crank.atDeg === atDeg && !crank.overshot;
  const crankTeeth = sheet.timing?.wheels?.[0]?.teeth;
  return {
    atDeg,
    beforeTopDeg,
    barDeg: crank.atDeg === null ? null : forwardDistance(crank.atDeg, atDeg, cycle),
    toothDeg: crankTeeth === undefined ? null : 360 / crankTeeth,
    next: isMeshed ? (again?.found === 'good' ? null : 'again') : stands ? 'meshed' : 'stand',
    failed: wrong && !isMeshed ? (wrong.words ?? '') : null,
  };
}

/** It is meshed with the crank where it belongs, and looked at again only once it is. */
export function decidePumpSeen(
  state: JobState,
  { data }: ActOf<'check.seen'>,
  { sheet }: DecideContext,
): Verdict {
  const view = pumpView(sheet, state);
  if (!view || data.found !== 'good') return ACCEPTED;
  if (data.step === 'meshed')
    return view.next === 'stand'
      ? refused('crank-elsewhere', { atDeg: view.beforeTopDeg })
      : ACCEPTED;
  return view.next === 'stand' || view.next === 'meshed' ? refused('step-first') : ACCEPTED;
}
