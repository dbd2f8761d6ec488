/** Millimetres in one thou (a thousandth of an inch). Exact. */
export const MM_PER_THOU = 0.0254;

/** Newton metres in one unit of torque. Source: the definitions of inch, pound-force and kgf. */
export const NM_PER: Readonly<Record<TorqueUnit, number>> = {
  'N·m': 1,
  'lbf·ft': 1.3558179483,
  'lbf·in': 0.112984829,
  'kgf·m': 9.80665,
};

/** Millimetres in one unit of length. */
export const MM_PER: Readonly<Record<LengthUnit, number>> = { mm: 1, thou: MM_PER_THOU };

export type TorqueUnit = 'N·m' | 'lbf·ft' | 'lbf·in' | 'kgf·m';
export type LengthUnit = 'mm' | 'thou';

/**
 * A torque in another unit.
 * @example torqueFromNm(85, 'lbf·ft') // 62.69…
 */
export function torqueFromNm(nm: number, unit: TorqueUnit): number {
  return nm / NM_PER[unit];
}

/** A torque in newton metres. */
export function torqueToNm(value: number, unit: TorqueUnit): number {
  return value * NM_PER[unit];
}

/** A length in another unit. */
export function lengthFromMm(mm: number, unit: LengthUnit): number {
  return mm / MM_PER[unit];
}

/** A length in millimetres. */
export function lengthToMm(value: number, unit: LengthUnit): number {
  return value * MM_PER[unit];
}
