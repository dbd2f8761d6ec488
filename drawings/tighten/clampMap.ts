import type { BoltClamp } from '@cardinex/core/tightening/clampSimulate';
import { circle, group, path, word } from '../kit/shapes';
import type { Drawing } from '../shape';
import { deckDrawing, type DrawnSet } from './deck';
import { markScale } from './markScale';

interface ClampMapFacts {
  readonly set: DrawnSet;
  readonly bolts: readonly BoltClamp[];
  /** The clamp that fills a mark: the same in pictures that are compared. */
  readonly fullKn: number;
  readonly description: string;
  /** A bolt's clamp as it is written into its mark. */
  readonly figure: (kn: number) => string;
}

const R = 26;
/** Under this share of the most, a bolt is slack beside its fellows. */
const SLACK = 0.9;

/** The deck from above: each bolt filled as far as it clamps, with its kilonewtons. */
export function clampMapDrawing(facts: ClampMapFacts): Drawing {
  const { set, bolts, fullKn, description, figure } = facts;
  const scale = markScale(set, R);
  const most = Math.max(...bolts.map(({ meanKn }) => meanKn), 1e-9);
  const marks = set.fasteners.map(({ id, xMm, yMm }) => {
    const kn = bolts.find((bolt) => bolt.id === id)?.meanKn ?? 0;
    const slack = kn < most * SLACK;
    const tone = slack ? 'waiting' : 'now';
    return group(
      { x: xMm, y: yMm, scale },
      circle(0, 0, R, { fill: 'paper' }),
      path(filledTo(Math.min(1, kn / fullKn)), { fill: tone, opacity: 0.45 }),
      circle(0, 0, R, {
        stroke: tone,
        weight: slack ? 6 : 3.5,
        dash: slack ? [7, 5] : undefined,
      }),
      word(0, 9, 25, figure(kn), 'ink'),
    );
  });
  return deckDrawing({ kind: 'clamp-map', set, description }, marks);
}

/** The part of a circle under a level, from its bottom up. */
function filledTo(share: number): string {
  if (share <= 0) return 'M0 0';
  if (share > 0.995) return `M${-R} 0 A${R} ${R} 0 1 1 ${R} 0 A${R} ${R} 0 1 1 ${-R} 0 Z`;
  const y = R - 2 * R * share;
  const half = Math.sqrt(Math.max(0, R * R - y * y));
  return `M${-half} ${y} A${R} ${R} 0 ${share > 0.5 ? 1 : 0} 0 ${half} ${y} Z`;
}
