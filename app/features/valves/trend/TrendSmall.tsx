import type { GapTrend } from '@cardinex/core/job/overhauls';
import { SMALL_TREND, smallTrend } from '@cardinex/drawings/valves/trend';
import { Glyph } from '../../../ui/drawing/Glyph';

/** A gap over its overhauls, as small as tells whether it closes. */
export function TrendSmall(trend: GapTrend) {
  const { width, height } = SMALL_TREND;
  return <Glyph shapes={smallTrend(trend)} frame={SMALL_TREND} width={width} height={height} />;
}
