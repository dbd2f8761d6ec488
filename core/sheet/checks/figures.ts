import { readNumber } from '../../quantity/readNumber';
import {
  BAR_PER,
  MINUTES_PER,
  MM_PER,
  NM_PER,
  type PressureUnit,
  type PrintedLengthUnit,
  type TimeUnit,
  type TorqueUnit,
} from '../../quantity/units';
import { atLeast, atMost, inMillionths } from '../../quantity/withinLimits';
import type { EngineSheet } from '../engineSheet';
import { fault, type SheetFinding } from './finding';

interface AnyFigure {
  readonly text: string;
  readonly value: number;
  readonly unit: string;
}

/**
 * Every figure of a sheet against its own text, and every pair of low and high against each other,
 * wherever in the sheet they stand.
 */
export function checkFigures(sheet: EngineSheet): SheetFinding[] {
  return walk(sheet, '');
}

function walk(value: unknown, at: string): SheetFinding[] {
  if (typeof value !== 'object' || value === null) return [];
  if (isFigure(value)) return figureFindings(value, at);
  const inner = Array.isArray(value)
    ? value.flatMap((item, place) => walk(item, `${at}[${place}]`))
    : Object.entries(value).flatMap(([key, item]) => walk(item, at === '' ? key : `${at}.${key}`));
  return [...inner, ...rangeFindings(value as Readonly<Record<string, unknown>>, at)];
}

function isFigure(value: object): value is AnyFigure {
  const { text, value: number, unit } = value as Readonly<Record<string, unknown>>;
  return typeof text === 'string' && typeof number === 'number' && typeof unit === 'string';
}

function figureFindings({ text, value }: AnyFigure, at: string): SheetFinding[] {
  const printed = numberIn(text);
  if (printed === null || Math.abs(printed - value) < 1e-6 * Math.max(1, Math.abs(value)))
    return [];
  return [fault(`${at}.value`, 'text-differs', { text, value })];
}

/**
 * The first number a printed text holds; null when it holds none.
 * @example numberIn('0,30 mm') // 0.3
 * @example numberIn('¾ turn') // 0.75
 * @example numberIn('1 1/2 turns') // 1.5
 */
export function numberIn(text: string): number | null {
  const at = text.search(/[\u2212\u2013-]?[\d¼½¾⅛⅜⅝⅞]/);
  const read = at < 0 ? null : readNumber(text.slice(at));
  return read?.ok ? read.value : null;
}

function rangeFindings(value: Readonly<Record<string, unknown>>, at: string): SheetFinding[] {
  const low = scaled(value.low);
  const high = scaled(value.high);
  if (low === null || high === null) return [];
  const where = at === '' ? '' : `${at}.`;
  if (inMillionths(low) > inMillionths(high)) {
    return [
      fault(`${where}high`, 'range-upside-down', {
        low: textOf(value.low),
        high: textOf(value.high),
      }),
    ];
  }
  const figure = scaled(value.figure);
  if (figure === null || (atLeast(figure, low) && atMost(figure, high))) return [];
  return [
    fault(`${where}figure`, 'figure-outside-limits', {
      figure: textOf(value.figure),
      low: textOf(value.low),
      high: textOf(value.high),
    }),
  ];
}

/** A figure in the base unit of its quantity, so that two of them can be compared. */
function scaled(value: unknown): number | null {
  if (typeof value !== 'object' || value === null || !isFigure(value)) return null;
  return value.value * (SCALES[value.unit] ?? 1);
}

const SCALES: Readonly<Record<string, number>> = {
  ...(MM_PER satisfies Record<PrintedLengthUnit, number>),
  ...(NM_PER satisfies Record<TorqueUnit, number>),
  ...(BAR_PER satisfies Record<PressureUnit, number>),
  ...(MINUTES_PER satisfies Record<TimeUnit, number>),
  l: 1000,
};

function textOf(value: unknown): string {
  return typeof value === 'object' && value !== null && isFigure(value) ? value.text : '';
}
