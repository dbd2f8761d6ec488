import type { LinerArrangeInput, PlacedLiner } from './input';
import { linerCheck } from '../linerCheck';

/** A limit a placement breaks: one bore, two neighbours, or the bores under one head. */
export interface ArrangeBreak {
  readonly kind: 'height' | 'adjacent' | 'rise' | 'group';
  readonly bores: readonly string[];
  readonly excessMm: number;
}

type Placed = Pick<PlacedLiner, 'bore' | 'standOutMm'>;

/** Every limit that liners placed so would break, by the same check that is made once they stand. */
export function breaksOf(
  { bores, limits, rise }: Pick<LinerArrangeInput, 'bores' | 'limits' | 'rise'>,
  placement: readonly Placed[],
): readonly ArrangeBreak[] {
  const standing = bores.map(({ id, bank, headGroup }, at) => ({
    id,
    ...(bank !== undefined && { bank }),
    ...(headGroup !== undefined && { headGroup }),
    readingsMm: [placement[at]?.standOutMm ?? NaN],
  }));
  const { lowMm, highMm, adjacentMm = 0, groupSpreadMm = 0 } = limits;
  const check = linerCheck({ bores: standing, limits, rise });
  return [
    ...check.bores
      .filter(({ verdict }) => verdict !== 'within')
      .map(({ id, verdict, meanMm }) => ({
        kind: 'height' as const,
        bores: [id],
        excessMm: verdict === 'low' ? lowMm - meanMm : meanMm - highMm,
      })),
    ...check.differences
      .filter(({ verdict }) => verdict === 'over')
      .map(({ from, to, mm }) => ({
        kind: 'adjacent' as const,
        bores: [from, to],
        excessMm: Math.abs(mm) - adjacentMm,
      })),
    ...check.rise.flatMap(({ breaks }) =>
      breaks.map(({ from, to, excessMm }) => ({
        kind: 'rise' as const,
        bores: [from, to],
        excessMm,
      })),
    ),
    ...check.groups
      .filter(({ verdict }) => verdict === 'over')
      .map(({ headGroup, spreadMm }) => ({
        kind: 'group' as const,
        bores: bores.filter((bore) => bore.headGroup === headGroup).map(({ id }) => id),
        excessMm: spreadMm - groupSpreadMm,
      })),
  ];
}
