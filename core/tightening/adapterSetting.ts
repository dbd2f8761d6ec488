import { inMillionths } from '../quantity/withinLimits';
import { ReckoningFault, requireNumber, requirePositive } from '../quantity/reckoningFault';

export interface AdapterSettingInput {
  readonly targetNm: number;
  /** From the wrench's square to the mark where the hand belongs. */
  readonly wrenchMm: number;
  /** From the wrench's square to the fastener. */
  readonly adapterMm: number;
  /** 0 straight on, 90 square to the wrench, 180 folded back. */
  readonly adapterDeg: number;
}

/**
 * What to set the wrench to so that the fastener behind an adapter gets the target.
 *
 * The wrench measures the moment at its own square; the hand works on the whole arm:
 * setting = T · L / (L + E cos a). Square to the wrench the adapter changes nothing.
 * @throws ReckoningFault `adapter-too-long` when the folded adapter leaves less than half the arm
 * @example adapterSetting({ targetNm: 100, wrenchMm: 400, adapterMm: 100, adapterDeg: 0 }) // { settingNm: 80 }
 */
export function adapterSetting(input: AdapterSettingInput): { readonly settingNm: number } {
  requirePositive('targetNm', input.targetNm);
  requirePositive('wrenchMm', input.wrenchMm);
  requireNumber('adapterMm', input.adapterMm);
  requireNumber('adapterDeg', input.adapterDeg);
  if (input.adapterMm < 0) throw new ReckoningFault('adapterMm', 'must-not-be-negative');
  const armMm = input.wrenchMm + input.adapterMm * cosDeg(input.adapterDeg);
  if (inMillionths(armMm) < inMillionths(input.wrenchMm / 2)) {
    throw new ReckoningFault('adapterMm', 'adapter-too-long');
  }
  return { settingNm: (input.targetNm * input.wrenchMm) / armMm };
}

/** Cosine of an angle in degrees, exactly 0 where it is square: 90° must not change a setting. */
function cosDeg(deg: number): number {
  if (Math.abs(deg % 180) === 90) return 0;
  return Math.cos((deg * Math.PI) / 180);
}
