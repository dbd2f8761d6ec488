import type { TreatmentKind } from '../sheet/spec/fastening';
import type { ThreadSize } from './screwThread';

/*
 * What is reckoned with where nothing is printed: our own round figures, stated as assumed wherever
 * they are used. No wrench is set by them without somebody taking them as such.
 */

/** Friction of clean steel, thread and head alike; none where only its leaflet can say. */
export const USUAL_FRICTION: Readonly<Partial<Record<TreatmentKind, number>>> = {
  dry: 0.16,
  oil: 0.125,
  coated: 0.11,
  paste: 0.1,
  sealant: 0.13,
};

export const STEEL_GPA = 205;

/** A joint is about so many times as stiff as its bolt. */
export const JOINT_TIMES = 3;

/** Share of a jack's load that is lost when it lets go. */
export const JACK_LOSS = 0.1;

/** A common head bears on a ring from a little over its thread to half as much again. */
export function usualBearing({ diaMm }: Pick<ThreadSize, 'diaMm'>): {
  readonly bearingOuterMm: number;
  readonly bearingHoleMm: number;
} {
  return { bearingOuterMm: diaMm * 1.5, bearingHoleMm: diaMm * 1.1 };
}
