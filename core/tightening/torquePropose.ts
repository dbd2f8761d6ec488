import type { TreatmentKind } from '../sheet/spec/fastening';
import { preload } from './preload';
import type { ThreadSize } from './screwThread';
import { USUAL_FRICTION, usualBearing } from './usualJoint';

export interface TorqueProposal {
  /** Rounded: to whole newton metres, from 50 on to fives. */
  readonly nm: number;
  readonly forceKn: number;
  /** What it was reckoned with. */
  readonly mu: number;
  readonly shareOfYield: number;
}

/** A bolt is worked to this share of what it bears, twist counted in: room for scatter. */
export const PROPOSED_SHARE = 0.7;

/**
 * A torque for a bolt whose book prints none: what works it to seven tenths of its yield, at the usual
 * friction of its treatment. Always to be marked as assumed; a manual's own value comes before it.
 * @param grade a strength grade such as "10.9": a hundredth of its strength, and the tenths of it at
 *   which it yields
 * @returns null for a grade or a treatment that says nothing of strength or friction
 * @example torquePropose({ diaMm: 12, pitchMm: 1.75 }, '10.9', 'oil') // 85 N·m
 */
export function torquePropose(
  thread: ThreadSize,
  grade: string,
  treatment: TreatmentKind,
): TorqueProposal | null {
  const mu = USUAL_FRICTION[treatment];
  const yieldMpa = yieldOf(grade);
  if (mu === undefined || yieldMpa === null) return null;
  const at = {
    ...thread,
    muThread: mu,
    muHead: mu,
    ...usualBearing(thread),
    yieldMpa,
  };
  const one = preload({ ...at, forceKn: 1 });
  const forceKn = (PROPOSED_SHARE * yieldMpa) / one.vonMisesMpa;
  const exact = preload({ ...at, forceKn }).torqueNm;
  const step = exact >= 50 ? 5 : 1;
  const nm = Math.max(step, Math.round(exact / step) * step);
  const rounded = preload({ ...at, torqueNm: nm });
  return { nm, forceKn: rounded.forceKn, mu, shareOfYield: rounded.vonMisesMpa / yieldMpa };
}

/** Where a strength grade yields; null for what is no such grade. */
function yieldOf(grade: string): number | null {
  const read = /^(\d{1,2})\.(\d)$/.exec(grade.trim());
  if (!read) return null;
  const [, hundreds = '', tenths = ''] = read;
  const mpa = Number(hundreds) * 100 * (Number(tenths) / 10);
  return mpa > 0 ? mpa : null;
}
