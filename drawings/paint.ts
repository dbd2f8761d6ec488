import { coordinate } from './kit/coordinate';
import type { Face, Group, Look, Role, Weight } from './shape';

/** What a theme makes of a drawing: a colour for each role, and how wide a line is. */
export interface Paint {
  readonly colours: Readonly<Record<Role, string>>;
  /** Width of a line, in the drawing's units. */
  readonly line: number;
}

/** On white paper, in ink that a copier keeps. */
export const ON_PAPER: Paint = {
  colours: {
    ink: '#000000',
    soft: '#4A4A4A',
    paper: '#FFFFFF',
    tab: '#E6E6E6',
    rule: '#9A9A9A',
    now: '#1C4E92',
    onNow: '#FFFFFF',
    stop: '#A93317',
    waiting: '#6E4B08',
    within: '#2A5F37',
    onWithin: '#FFFFFF',
    past: '#5B3A7E',
    onPast: '#FFFFFF',
  },
  line: 2,
};

/** The families the faces are asked for by, as the app loads them. */
export const FACES: Readonly<Record<Face, string>> = {
  head: 'BarlowSemiCondensed_700Bold',
  label: 'BarlowSemiCondensed_600SemiBold',
  text: 'AtkinsonHyperlegibleNext_400Regular',
};

/** An outline's width in the drawing's units. */
export function weightIn(paint: Paint, weight: Weight = { lines: 1 }): number {
  return typeof weight === 'number' ? weight : weight.lines * paint.line;
}

/** A look in colours and widths: what every surface takes, in its own words. */
export function painted(paint: Paint, { fill, stroke, weight, dash, ends, opacity }: Look) {
  return {
    fill: fill ? paint.colours[fill] : 'none',
    ...(stroke && { stroke: paint.colours[stroke], strokeWidth: weightIn(paint, weight) }),
    ...(dash && { strokeDasharray: dash.join(' ') }),
    ...(ends && { strokeLinecap: ends }),
    ...(opacity !== undefined && { opacity }),
  };
}

/** How wide the edge round a word is, half of it under its letters. */
export const WORD_EDGE = 6;

/** Where a group stands, as SVG and the app's surface understand it. */
export function transformOf({ x, y, turnDeg, scale }: Group): string {
  return [
    `translate(${coordinate(x)} ${coordinate(y)})`,
    turnDeg === 0 ? '' : `rotate(${coordinate(turnDeg)})`,
    scale === 1 ? '' : `scale(${Math.round(scale * 10_000) / 10_000})`,
  ]
    .filter(Boolean)
    .join(' ');
}
