import { ReckoningFault, requirePositive } from '../quantity/reckoningFault';
import { screwThread, type ThreadSize } from './screwThread';

/** A lowest and a highest friction. */
export type FrictionRange = readonly [number, number];

export interface PreloadInput extends ThreadSize {
  /** Exactly one of torque and force. */
  readonly torqueNm?: number;
  readonly forceKn?: number;
  /** Friction in the thread, and under the head. */
  readonly muThread: number;
  readonly muHead: number;
  /** Of the face that rubs under the head or nut. */
  readonly bearingOuterMm: number;
  readonly bearingHoleMm: number;
  readonly yieldMpa?: number;
  readonly muThreadRange?: FrictionRange;
  readonly muHeadRange?: FrictionRange;
}

export interface Preload {
  readonly torqueNm: number;
  readonly forceKn: number;
  readonly stressAreaMm2: number;
  /** Tension, twist, and the two together as the bolt feels them while it is pulled. */
  readonly sigmaMpa: number;
  readonly tauMpa: number;
  readonly vonMisesMpa: number;
  /** Of what it bears before it stretches for good; only where its yield is known. */
  readonly shareOfYield?: number;
  /** The clamp this torque gives at the highest and at the lowest friction; only with a range. */
  readonly band?: { readonly lowKn: number; readonly highKn: number };
  /** Where the torque goes, as shares of all: into clamp, thread and head. */
  readonly shares: { readonly clamp: number; readonly thread: number; readonly head: number };
}

/** More friction than this is a seized thread. */
export const MOST_FRICTION = 1;

/**
 * The clamp a torque gives, or the torque a clamp takes, and how hard the bolt is worked meanwhile.
 *
 * T = F (0.15915 P + 0.57735 d2 muThread + Dkm/2 muHead), Dkm the mean of the bearing diameters;
 * sigma = F / As; tau = F (0.15915 P + 0.57735 d2 muThread) / (pi/16 d0³); together
 * sqrt(sigma² + 3 tau²). The usual formula of bolt mechanics for sixty-degree threads.
 * @throws ReckoningFault naming the field
 * @example preload({ torqueNm: 85, diaMm: 12, pitchMm: 1.75, muThread: 0.12, muHead: 0.12, bearingOuterMm: 18, bearingHoleMm: 13.5 }).forceKn
 * // 44.0 kN
 */
export function preload(input: PreloadInput): Preload {
  requirePreload(input);
  const { muThread, muHead, yieldMpa } = input;
  const thread = screwThread(input);
  const { stressAreaMm2, stressDiaMm } = thread;
  const lever = leverOf(input, muThread, muHead);
  const torqueNm = input.torqueNm ?? (input.forceKn ?? 0) * lever.allMm;
  const forceKn = torqueNm / lever.allMm;
  const sigmaMpa = (forceKn * 1000) / stressAreaMm2;
  const tauMpa = (forceKn * 1000 * lever.twistMm) / ((Math.PI / 16) * stressDiaMm ** 3);
  const vonMisesMpa = Math.sqrt(sigmaMpa ** 2 + 3 * tauMpa ** 2);
  const [threadLow, threadHigh] = input.muThreadRange ?? [muThread, muThread];
  const [headLow, headHigh] = input.muHeadRange ?? [muHead, muHead];
  return {
    torqueNm,
    forceKn,
    stressAreaMm2,
    sigmaMpa,
    tauMpa,
    vonMisesMpa,
    ...(yieldMpa !== undefined && { shareOfYield: vonMisesMpa / yieldMpa }),
    ...((input.muThreadRange ?? input.muHeadRange) && {
      band: {
        lowKn: torqueNm / leverOf(input, threadHigh, headHigh).allMm,
        highKn: torqueNm / leverOf(input, threadLow, headLow).allMm,
      },
    }),
    shares: {
      clamp: lever.pitchMm / lever.allMm,
      thread: (lever.twistMm - lever.pitchMm) / lever.allMm,
      head: (lever.allMm - lever.twistMm) / lever.allMm,
    },
  };
}

interface Lever {
  /** For the climb of the thread alone; with its friction; with the head's as well. */
  readonly pitchMm: number;
  readonly twistMm: number;
  readonly allMm: number;
}

/** Torque for each kilonewton of clamp: newton metres a kilonewton are millimetres. */
function leverOf(input: PreloadInput, muThread: number, muHead: number): Lever {
  const { pitchDiaMm } = screwThread(input);
  const bearingMm = (input.bearingOuterMm + input.bearingHoleMm) / 2;
  const pitchMm = 0.15915 * input.pitchMm;
  const twistMm = pitchMm + 0.57735 * pitchDiaMm * muThread;
  return { pitchMm, twistMm, allMm: twistMm + (bearingMm / 2) * muHead };
}

function requirePreload(input: PreloadInput): void {
  const { torqueNm, forceKn } = input;
  if ((torqueNm === undefined) === (forceKn === undefined)) {
    throw new ReckoningFault('torqueNm', 'one-of', { fields: ['torqueNm', 'forceKn'] });
  }
  if (torqueNm !== undefined) requirePositive('torqueNm', torqueNm);
  if (forceKn !== undefined) requirePositive('forceKn', forceKn);
  requireFriction('muThread', input.muThread);
  requireFriction('muHead', input.muHead);
  requireRange('muThreadRange', input.muThreadRange);
  requireRange('muHeadRange', input.muHeadRange);
  requirePositive('bearingHoleMm', input.bearingHoleMm);
  requirePositive('bearingOuterMm', input.bearingOuterMm);
  if (input.bearingOuterMm <= input.bearingHoleMm) {
    throw new ReckoningFault('bearingOuterMm', 'no-bearing-face', { holeMm: input.bearingHoleMm });
  }
  if (input.yieldMpa !== undefined) requirePositive('yieldMpa', input.yieldMpa);
}

function requireFriction(field: string, mu: number): void {
  requirePositive(field, mu);
  if (mu > MOST_FRICTION) throw new ReckoningFault(field, 'between', { low: 0, high: 1 });
}

function requireRange(field: string, range: FrictionRange | undefined): void {
  if (!range) return;
  const [low, high] = range;
  requireFriction(`${field}[0]`, low);
  requireFriction(`${field}[1]`, high);
  if (low > high) throw new ReckoningFault(`${field}[1]`, 'range-upside-down');
}
