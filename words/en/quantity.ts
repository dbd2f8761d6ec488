import {
  lengthFromMm,
  pressureFromBar,
  torqueFromNm,
  type LengthUnit,
  type PressureUnit,
  type TorqueUnit,
} from '@cardinex/core/quantity/units';
import type { Printed } from '@cardinex/core/quantity/figure';
import type { EngineEnd } from '@cardinex/core/sheet/spec/layout';
import { fixed, list, upTo } from './kit';

/** The units a reader has chosen. */
export interface ReaderUnits {
  readonly length: LengthUnit;
  readonly torque: TorqueUnit;
  readonly pressure: PressureUnit;
}

export const METRIC: ReaderUnits = { length: 'mm', torque: 'N·m', pressure: 'bar' };

/** A length without its unit: hundredths of a millimetre, thousandths where they matter, or tenths of a thou. */
export function lengthFigure(mm: number, unit: LengthUnit): string {
  const value = lengthFromMm(mm, unit);
  const digits =
    unit === 'thou' ? 1 : Math.abs(value * 100 - Math.round(value * 100)) > 0.05 ? 3 : 2;
  return fixed(value, digits);
}

/** A length with its unit: "0.08 mm", "3.1 thou". */
export function length(mm: number, { length: unit }: ReaderUnits = METRIC): string {
  return `${lengthFigure(mm, unit)} ${unit}`;
}

/** A torque without its unit: whole above 20, tenths below; kgf·m always in tenths. */
export function torqueFigure(nm: number, unit: TorqueUnit): string {
  const value = torqueFromNm(nm, unit);
  const digits = unit === 'kgf·m' || (value < 20 && !isWhole(value)) ? 1 : 0;
  return fixed(value, digits);
}

/** A torque with its unit: "85 N·m", "63 lbf·ft". */
export function torque(nm: number, { torque: unit }: ReaderUnits = METRIC): string {
  return `${torqueFigure(nm, unit)} ${unit}`;
}

/** A pressure without its unit: whole. */
export function pressureFigure(bar: number, unit: PressureUnit): string {
  return fixed(pressureFromBar(bar, unit), 0);
}

/** A pressure with its unit: "700 bar", "10153 psi". */
export function pressure(bar: number, { pressure: unit }: ReaderUnits = METRIC): string {
  return `${pressureFigure(bar, unit)} ${unit}`;
}

/** What a wrench is set to, or was pulled to, without its unit: whole where it is, else tenths. */
export function settingFigure(nm: number, unit: TorqueUnit): string {
  return upTo(torqueFromNm(nm, unit), 1);
}

/** The same with its unit: "115.5 N·m", "85.2 lbf·ft". */
export function setting(nm: number, { torque: unit }: ReaderUnits = METRIC): string {
  return `${settingFigure(nm, unit)} ${unit}`;
}

/** An angle: whole degrees where it is one, else one decimal. */
export function degrees(deg: number): string {
  return `${upTo(deg, 1)}°`;
}

/** How a unit is spoken, so that a voice says "newton metres". */
export const SPOKEN_TORQUE: Readonly<Record<TorqueUnit, string>> = {
  'N·m': 'newton metres',
  'lbf·ft': 'pound feet',
  'lbf·in': 'pound inches',
  'kgf·m': 'kilogram metres',
};

/** How a pressure is spoken. */
export const SPOKEN_PRESSURE: Readonly<Record<PressureUnit, string>> = {
  bar: 'bar',
  psi: 'pounds per square inch',
};

const ENDS: Readonly<Record<EngineEnd, string>> = {
  fan: 'fan',
  flywheel: 'flywheel',
  propeller: 'propeller',
  pulley: 'pulley',
  gearbox: 'gearbox',
  blower: 'blower',
  accessory: 'accessory',
  free: 'free',
};

/** "the fan end" */
export function endName(end: EngineEnd): string {
  return `the ${ENDS[end]} end`;
}

/** "fan end", under an arrow that points there. */
export function endShort(end: EngineEnd): string {
  return `${ENDS[end]} end`;
}

/** The end cylinder 1 is at, for headings: "cylinder 1 at the fan end". */
export function cylinder1At({ cylinder1End }: { readonly cylinder1End: EngineEnd }): string {
  return `cylinder 1 at ${endName(cylinder1End)}`;
}

/** A value as its manual prints it: "85 N·m", "165 lbf·ft to 175 lbf·ft", or what it says instead. */
export function printedText(printed: Printed<string>): string {
  if ('figure' in printed) return printed.figure.text;
  return 'low' in printed ? `${printed.low.text} to ${printed.high.text}` : printed.missing;
}

/** Where a printed value stands; empty where there is none. */
export function printedSource(printed: Printed<string>): string {
  if ('figure' in printed) return printed.figure.source;
  return 'low' in printed ? printed.low.source : '';
}

/** "1, 4 and 5" */
export const listed = list;

function isWhole(value: number): boolean {
  return Math.abs(value - Math.round(value)) < 0.05;
}
