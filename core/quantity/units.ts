/** Millimetres in one thou (a thousandth of an inch). Exact. */
const MM_PER_THOU = 0.0254;

/** Newton metres in one unit of torque. Source: the definitions of inch, pound-force and kgf. */
export const NM_PER: Readonly<Record<TorqueUnit, number>> = {
  'N·m': 1,
  'lbf·ft': 1.3558179483,
  'lbf·in': 0.112984829,
  'kgf·m': 9.80665,
};

/** Millimetres in one unit of length. */
export const MM_PER: Readonly<Record<PrintedLengthUnit, number>> = {
  mm: 1,
  thou: MM_PER_THOU,
  in: 25.4,
};

/** Bar in one unit of pressure. Source: the definitions of inch and pound-force. */
export const BAR_PER: Readonly<Record<PressureUnit, number>> = { bar: 1, psi: 0.0689475729 };

/** Minutes in one unit of time. */
export const MINUTES_PER: Readonly<Record<TimeUnit, number>> = { min: 1, h: 60 };

export type TorqueUnit = 'N·m' | 'lbf·ft' | 'lbf·in' | 'kgf·m';
/** The units a reader may choose to see lengths in. */
export type LengthUnit = 'mm' | 'thou';
/** The units a manual may print lengths in. */
export type PrintedLengthUnit = LengthUnit | 'in';
export type PressureUnit = 'bar' | 'psi';
export type TimeUnit = 'min' | 'h';

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
export function lengthToMm(value: number, unit: PrintedLengthUnit): number {
  return value * MM_PER[unit];
}

/** A pressure in bar. */
export function pressureToBar(value: number, unit: PressureUnit): number {
  return value * BAR_PER[unit];
}

/** A pressure in another unit. */
export function pressureFromBar(bar: number, unit: PressureUnit): number {
  return bar / BAR_PER[unit];
}
