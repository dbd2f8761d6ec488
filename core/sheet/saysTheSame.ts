import { BAR_PER, MINUTES_PER, MM_PER, NM_PER } from '../quantity/units';

/** What one unit is in the unit its kind is reckoned in; units of one kind can be compared. */
const SCALES: readonly Readonly<Record<string, number>>[] = [MM_PER, NM_PER, BAR_PER, MINUTES_PER];

/**
 * Do two sources say the same, whoever they are? Figures are the same when either, put in the other's
 * unit and rounded as that one is printed, is the other: a leaflet's 81 lbf·ft is a manual's 110 N·m.
 * @example saysTheSame({ says: 'Oil', from: 'manual', … }, { says: 'oil', from: 'leaflet', … }) // true
 */
export function saysTheSame(entry: unknown, other: unknown): boolean {
  if (typeof entry === 'string' && typeof other === 'string') return plain(entry) === plain(other);
  if (!isObject(entry) || !isObject(other)) return Object.is(entry, other);
  if (isFigure(entry) && isFigure(other)) return sameFigure(entry, other);
  const [mine, theirs] = [contentOf(entry), contentOf(other)];
  return (
    Array.isArray(entry) === Array.isArray(other) &&
    mine.length === theirs.length &&
    mine.every((key) => Object.hasOwn(other, key) && saysTheSame(entry[key], other[key]))
  );
}

type Held = Readonly<Record<string, unknown>>;
type FigureLike = {
  readonly text: string;
  readonly value: number;
  readonly unit: string;
};

function isObject(value: unknown): value is Held {
  return typeof value === 'object' && value !== null;
}

function isFigure(value: Held): value is Held & FigureLike {
  return typeof value.value === 'number' && typeof value.unit === 'string';
}

/** What is said, without who says it. */
function contentOf(value: Held): readonly string[] {
  return Object.keys(value).filter((key) => key !== 'from' && key !== 'source');
}

function plain(text: string): string {
  return text.trim().replaceAll(/\s+/g, ' ').toLowerCase().replace(/\.$/, '');
}

function sameFigure(like: FigureLike, other: FigureLike): boolean {
  if (like.unit === other.unit) return like.value === other.value;
  return isRounded(like, other) || isRounded(other, like);
}

/** Is `as` what one gets by putting `exact` in its unit and rounding as it is printed? */
function isRounded(exact: FigureLike, as: FigureLike): boolean {
  const scale = SCALES.find((units) => exact.unit in units && as.unit in units);
  if (!scale) return false;
  const value = (exact.value * (scale[exact.unit] ?? NaN)) / (scale[as.unit] ?? NaN);
  const decimals = /[.,](\d+)/.exec(as.text)?.[1]?.length ?? 0;
  return Math.abs(value - as.value) <= 0.5 * 10 ** -decimals * (1 + 1e-9);
}
