import { ReckoningFault, requireNotNegative, requirePositive } from '../quantity/reckoningFault';

/** A jack that leaves less than a hundredth of its load behind does not tension anything. */
export const MOST_LOSS = 0.99;

export interface TensionerInput {
  readonly pressureBar: number;
  /** Effective area of one jack. */
  readonly areaMm2: number;
  /** Stressed diameter of the stud. */
  readonly studMm: number;
  readonly stretchLengthMm: number;
  readonly modulusGpa: number;
  readonly pitchMm: number;
  /** Holes round the nut for the bar. */
  readonly holesPerTurn?: number;
  /** Share of the jack's load that is lost when it is let off, up to {@link MOST_LOSS}. */
  readonly transferLoss: number;
  readonly yieldMpa?: number;
}

/** What one pressure does. */
export interface TensionStage {
  readonly bar: number;
  readonly jackLoadKn: number;
  /** What stays in the stud once the nut is down and the pressure off. */
  readonly loadLeftKn: number;
  /** While the jack pulls: the most it bears. */
  readonly stressMpa: number;
  readonly stretchMm: number;
  /** How far the nut follows, from hand tight. */
  readonly nutTurnDeg: number;
  readonly holes?: number;
}

export interface Tensioner extends TensionStage {
  readonly shareOfYield?: number;
  /** Half the pressure, then all of it. */
  readonly stages: readonly [TensionStage, TensionStage];
  /** Pressed again to this once all is done: no nut may move. */
  readonly checkBar: number;
}

const BAR_TO_MPA = 0.1;

/**
 * What a jack does to its stud: its load, what is left when it lets go, how far the stud stretches and
 * how far the nut follows. The nut follows the whole stretch: it is run down by hand under pressure.
 * @throws ReckoningFault naming the field
 * @example tensioner({ pressureBar: 1000, areaMm2: 1620, studMm: 36.5, stretchLengthMm: 640, modulusGpa: 205, pitchMm: 3, transferLoss: 0.1 })
 * // 162 kN on the jack, 145.8 kN left, the nut follows by 58°
 */
export function tensioner(input: TensionerInput): Tensioner {
  requireTensioner(input);
  const { pressureBar, yieldMpa } = input;
  const full = stageAt(input, pressureBar);
  return {
    ...full,
    ...(yieldMpa !== undefined && { shareOfYield: full.stressMpa / yieldMpa }),
    stages: [stageAt(input, pressureBar / 2), full],
    checkBar: pressureBar,
  };
}

/** What one jack pulls with. */
export function jackLoadKn(bar: number, areaMm2: number): number {
  return (bar * BAR_TO_MPA * areaMm2) / 1000;
}

function stageAt(input: TensionerInput, bar: number): TensionStage {
  const { areaMm2, studMm, stretchLengthMm, modulusGpa, pitchMm, holesPerTurn } = input;
  const loadKn = jackLoadKn(bar, areaMm2);
  const stressMpa = (loadKn * 1000) / ((Math.PI / 4) * studMm ** 2);
  const stretchMm = (stressMpa * stretchLengthMm) / (modulusGpa * 1000);
  const nutTurnDeg = (stretchMm / pitchMm) * 360;
  return {
    bar,
    jackLoadKn: loadKn,
    loadLeftKn: loadKn * (1 - input.transferLoss),
    stressMpa,
    stretchMm,
    nutTurnDeg,
    ...(holesPerTurn !== undefined && { holes: (nutTurnDeg / 360) * holesPerTurn }),
  };
}

function requireTensioner(input: TensionerInput): void {
  requirePositive('pressureBar', input.pressureBar);
  requirePositive('areaMm2', input.areaMm2);
  requirePositive('studMm', input.studMm);
  requirePositive('stretchLengthMm', input.stretchLengthMm);
  requirePositive('modulusGpa', input.modulusGpa);
  requirePositive('pitchMm', input.pitchMm);
  if (input.holesPerTurn !== undefined) requirePositive('holesPerTurn', input.holesPerTurn);
  requireNotNegative('transferLoss', input.transferLoss);
  if (input.transferLoss > MOST_LOSS) {
    throw new ReckoningFault('transferLoss', 'between', { low: 0, high: MOST_LOSS });
  }
  if (input.yieldMpa !== undefined) requirePositive('yieldMpa', input.yieldMpa);
}
