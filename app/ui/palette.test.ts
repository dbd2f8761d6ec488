import { palettes, type Palette, type ThemeName } from './palette';

type Colour = Exclude<keyof Palette, 'stroke'>;

/** WCAG 2.2 relative luminance of a "#RRGGBB". */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((v) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(item: string, other: string): number {
  const [dark = 0, light = 0] = [luminance(item), luminance(other)].sort((a, b) => a - b);
  return (light + 0.05) / (dark + 0.05);
}

/** What is written or drawn on what, and the least contrast it needs. */
const PAIRS: readonly [Colour, Colour, number][] = [
  // Text of the act.
  ['ink', 'card', 7],
  ['onBench', 'bench', 7],
  ['onBlue', 'blue', 7],
  ['blue', 'card', 7],
  ['onPast', 'past', 7],
  ['past', 'card', 7],
  // Other text.
  ['soft', 'card', 4.5],
  ['ink', 'tab', 4.5],
  ['soft', 'tab', 4.5],
  ['red', 'card', 4.5],
  ['red', 'tab', 4.5],
  ['brass', 'tab', 4.5],
  ['green', 'tab', 4.5],
  ['blue', 'tab', 4.5],
  ['brass', 'card', 4.5],
  ['green', 'card', 4.5],
  ['benchSoft', 'bench', 4.5],
  ['onBench', 'benchButton', 4.5],
  ['onGreen', 'green', 4.5],
  // Edges and marks.
  ['benchEdge', 'bench', 3],
  ['blue', 'card', 3],
];

describe.each(Object.keys(palettes) as ThemeName[])('the %s theme', (theme) => {
  it.each(PAIRS)('shows %s on %s at %s to 1 or better', (front, back, least) => {
    const palette = palettes[theme];
    expect(contrast(palette[front], palette[back])).toBeGreaterThanOrEqual(least);
  });
});
