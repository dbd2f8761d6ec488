import { requireNotNegative, requirePositive } from '../quantity/reckoningFault';
import { atMost } from '../quantity/withinLimits';
import type { ScrewPlace } from './screwTurn';

export interface HydraulicPreloadInput {
  readonly pitchMm: number;
  /** Turned past zero lash. */
  readonly turns: number;
  readonly screwAt: ScrewPlace;
  /** Valve arm over push-rod arm. */
  readonly rockerRatio: number;
  readonly plungerTravelMm: number;
}

export interface HydraulicPreload {
  /** How far the plunger is pressed in, at the push rod. */
  readonly depthMm: number;
  /** Of its whole travel; 1 is all the way down. */
  readonly shareOfTravel: number;
  /** `bottomed`: a plunger pressed right down holds its valve open. */
  readonly code: 'within' | 'bottomed';
}

/**
 * How deep a hydraulic tappet's plunger stands after its screw was turned so far past zero lash.
 *
 * A screw at the push rod moves it by its pitch; one at the valve by 1/ratio of that; a pivot nut by
 * 1 + 1/ratio, for the rocker turns about the valve.
 * @throws ReckoningFault naming the field
 * @example hydraulicPreload({ pitchMm: 1.25, turns: 0.5, screwAt: 'pivot', rockerRatio: 1.6, plungerTravelMm: 4 })
 * // 1.02 mm deep, a quarter of its travel
 */
export function hydraulicPreload(input: HydraulicPreloadInput): HydraulicPreload {
  const { pitchMm, turns, screwAt, rockerRatio, plungerTravelMm } = input;
  requirePositive('pitchMm', pitchMm);
  requireNotNegative('turns', turns);
  requirePositive('rockerRatio', rockerRatio);
  requirePositive('plungerTravelMm', plungerTravelMm);
  const share = { pushrod: 1, valve: 1 / rockerRatio, pivot: 1 + 1 / rockerRatio }[screwAt];
  const depthMm = pitchMm * turns * share;
  const shareOfTravel = depthMm / plungerTravelMm;
  return { depthMm, shareOfTravel, code: atMost(shareOfTravel, 1) ? 'within' : 'bottomed' };
}
