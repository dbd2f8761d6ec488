export type ThemeName = 'day' | 'lamp' | 'glare';

export interface Palette {
  /** What the cards stand on. */
  readonly bench: string;
  readonly onBench: string;
  readonly benchSoft: string;
  readonly benchEdge: string;
  readonly benchButton: string;
  readonly card: string;
  /** A card's tab when it is not the one in hand. */
  readonly tab: string;
  readonly rule: string;
  readonly ink: string;
  readonly soft: string;
  /** Where you are now. */
  readonly blue: string;
  readonly onBlue: string;
  /** Stop. */
  readonly red: string;
  /** Waiting. */
  readonly brass: string;
  readonly brassFill: string;
  /** Within. */
  readonly green: string;
  readonly onGreen: string;
  /** Looking back at what was done: a copying pencil's violet. */
  readonly past: string;
  readonly onPast: string;
  /** Width of the lines of a drawing, in pixels. */
  readonly stroke: number;
}

/** Day: ivory cards on a dark bench. Lamp: for engine rooms and night. Glare: for sunlight. */
export const palettes: Readonly<Record<ThemeName, Palette>> = {
  day: {
    bench: '#22302E',
    onBench: '#F7F2E6',
    benchSoft: '#C9CDBF',
    benchEdge: '#7C8A84',
    benchButton: '#2C3C39',
    card: '#F7F2E6',
    tab: '#E2D8BF',
    rule: '#D8CDB2',
    ink: '#1A1D1B',
    soft: '#565A50',
    blue: '#1C4E92',
    onBlue: '#FFFFFF',
    red: '#A93317',
    brass: '#6E4B08',
    brassFill: '#E0B04A',
    green: '#2A5F37',
    onGreen: '#FFFFFF',
    past: '#5B3A7E',
    onPast: '#FFFFFF',
    stroke: 2,
  },
  lamp: {
    bench: '#0C1110',
    onBench: '#EFE9D9',
    benchSoft: '#B9B6A6',
    benchEdge: '#5E6B66',
    benchButton: '#161C1B',
    card: '#1A2120',
    tab: '#27302E',
    rule: '#3A4441',
    ink: '#EFE9D9',
    soft: '#B3B0A0',
    blue: '#86B4F2',
    onBlue: '#0C1110',
    red: '#FF8B6B',
    brass: '#E0B04A',
    brassFill: '#E0B04A',
    green: '#86C795',
    onGreen: '#0C1110',
    past: '#C8A8F0',
    onPast: '#0C1110',
    stroke: 2,
  },
  glare: {
    bench: '#FFFFFF',
    onBench: '#000000',
    benchSoft: '#2B2B2B',
    benchEdge: '#000000',
    benchButton: '#FFFFFF',
    card: '#FFFFFF',
    tab: '#E4E4E4',
    rule: '#000000',
    ink: '#000000',
    soft: '#2B2B2B',
    blue: '#002F80',
    onBlue: '#FFFFFF',
    red: '#9A1A00',
    brass: '#5A3D00',
    brassFill: '#FFC83D',
    green: '#00471A',
    onGreen: '#FFFFFF',
    past: '#3F0A6B',
    onPast: '#FFFFFF',
    stroke: 3,
  },
};
