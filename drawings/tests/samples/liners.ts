import { linerArrange } from '@cardinex/core/block/linerArrange';
import { linerCheck } from '@cardinex/core/block/linerCheck';
import { linerHeightsDrawing } from '../../liners/linerHeights';
import { linerMovesDrawing } from '../../liners/linerMoves';
import { linerPlanDrawing } from '../../liners/linerPlan';
import type { Drawing } from '../../shape';
import { figure } from './common';

const BORES = ['1', '2', '3', '4', '5', '6'];
const LIMITS = { lowMm: 0.05, highMm: 0.12 };
const HEIGHTS = [[0.06, 0.08], [0.09, 0.09], [0.14, 0.15], [0.07, 0.07], [0.11, 0.12], []];

export function linerSamples(): readonly Drawing[] {
  const check = linerCheck({
    bores: BORES.slice(0, 5).map((id, nth) => ({ id, readingsMm: HEIGHTS[nth] ?? [] })),
    limits: { ...LIMITS, adjacentMm: 0.03 },
    rise: 'none',
  });
  const counterbores = BORES.map((id, nth) => ({ id, counterboreMm: 9 + (nth % 3) * 0.03 }));
  const given = (flanges: readonly number[], fixed: boolean) =>
    linerArrange({
      bores: counterbores,
      liners: flanges.map((flangeMm, nth) => ({
        id: String(nth + 1),
        flangeMm,
        ...(fixed && { onlyBore: String(nth + 1) }),
      })),
      shims: [],
      shimRequired: false,
      maxShims: 0,
      limits: LIMITS,
      rise: 'none',
    });
  const flanges = [9.14, 9.08, 9.17, 9.11, 9.09, 9.1];
  return [
    linerPlanDrawing({
      bores: BORES,
      check,
      current: '2',
      description: 'Liners',
      figure,
      unread: '–',
    }),
    linerHeightsDrawing({
      bores: BORES,
      readingsMm: HEIGHTS,
      check,
      limits: LIMITS,
      description: 'Heights',
      figure,
    }),
    linerMovesDrawing({
      bores: BORES,
      standing: given(flanges, true),
      best: given(flanges, false),
      description: 'Moves',
      figure,
      asTheyAre: 'As they are',
      asTheyGo: 'As they go',
    }),
  ];
}
