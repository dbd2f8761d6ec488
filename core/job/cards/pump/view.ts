import { cycleDegrees, forwardDistance, wrap } from '../../../overhead/cycle';
import { seenOf } from '../../checks/state';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { PUMP, PUMP_STEPS, pumpChecks, type PumpStep } from './checks';

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
