import { requireNotNegative, requirePositive } from '../quantity/reckoningFault';
import { inMillionths } from '../quantity/withinLimits';

export type InjectorSettingInput =
  | {
      readonly method: 'turn';
      /** Past the point at which the plunger is touched. */
      readonly turns: number;
    }
  | {
      readonly method: 'height';
      /** The length of the gauge. */
      readonly gaugeMm: number;
      /** How high the follower stands now. */
      readonly measuredMm: number;
      readonly pitchMm: number;
    };

export interface InjectorSetting {
  readonly turns: number;
  readonly deg: number;
  /** Sixths of a turn: the flats of a hexagon. */
  readonly flats: number;
  readonly quarterTurns: number;
  readonly direction: 'in' | 'out' | 'none';
}

/**
 * How far an injector's adjusting screw is turned: a part of a turn past contact, or from the height at
 * which its follower stands to that of its gauge. One that stands too high is screwed in.
 * @throws ReckoningFault naming the field
 * @example injectorSetting({ method: 'turn', turns: 0.25 }).flats // 1.5
 */
export function injectorSetting(input: InjectorSettingInput): InjectorSetting {
  const signed = input.method === 'turn' ? requireTurns(input.turns) : turnsFor(input);
  const turns = Math.abs(signed);
  const way = inMillionths(signed);
  return {
    turns,
    deg: turns * 360,
    flats: turns * 6,
    quarterTurns: turns * 4,
    direction: way === 0 ? 'none' : way > 0 ? 'in' : 'out',
  };
}

function requireTurns(turns: number): number {
  requireNotNegative('turns', turns);
  return turns;
}

function turnsFor({
  gaugeMm,
  measuredMm,
  pitchMm,
}: Extract<InjectorSettingInput, { method: 'height' }>): number {
  requirePositive('gaugeMm', gaugeMm);
  requirePositive('measuredMm', measuredMm);
  requirePositive('pitchMm', pitchMm);
  return (measuredMm - gaugeMm) / pitchMm;
}
