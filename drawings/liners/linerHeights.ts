import type { LinerCheck } from '@cardinex/core/block/linerCheck';
import { mean } from '@cardinex/core/quantity/mean';
import { linearScale } from '../kit/scale';
import { box, line, shapes, word } from '../kit/shapes';
import type { Drawing } from '../shape';
import { BLOCK_WIDTH, borePlaces, isOut } from './linerPlan';

interface LinerHeightsFacts {
  readonly bores: readonly string[];
  /** Of each bore in the same order, in millimetres above the deck; empty where nothing was read. */
  readonly readingsMm: readonly (readonly number[])[];
  readonly check: LinerCheck | null;
  readonly limits: { readonly lowMm: number; readonly highMm: number };
  readonly description: string;
  readonly figure: (mm: number) => string;
}

const HEIGHT = 140;
const TOP = 12;
const BOTTOM = 130;

/**
 * The heights side by side under the block, greatly magnified: the deck below, the limits as a
 * band, each liner from its lowest to its highest reading, and the step to the next.
 */
export function linerHeightsDrawing(facts: LinerHeightsFacts): Drawing {
  const { bores, readingsMm, check, limits, description, figure } = facts;
  const all = [...readingsMm.flat(), limits.lowMm, limits.highMm, 0];
  const y = linearScale([Math.min(...all), Math.max(...all)], [BOTTOM, TOP]);
  const { x } = borePlaces(bores.length);
  const meanOf = (id: string): number => check?.bores.find((bore) => bore.id === id)?.meanMm ?? 0;
  const label = (at: number, text: string) =>
    word(6, at, 14, text, 'soft', { face: 'label', anchor: 'start' });
  return {
    kind: 'liner-heights',
    description,
    frame: { x: 0, y: 0, width: BLOCK_WIDTH, height: HEIGHT },
    shapes: shapes(
      box(2, y(limits.highMm), BLOCK_WIDTH - 4, y(limits.lowMm) - y(limits.highMm), {
        fill: 'tab',
      }),
      line(2, y(0), BLOCK_WIDTH - 2, y(0), { stroke: 'ink', weight: { lines: 1 } }),
      label(y(limits.highMm) + 15, figure(limits.highMm)),
      label(y(limits.lowMm) - 3, figure(limits.lowMm)),
      label(y(0) - 3, '0'),
      check?.differences.map(({ from, to, verdict }) => {
        const over = verdict === 'over';
        return line(x(bores.indexOf(from)), y(meanOf(from)), x(bores.indexOf(to)), y(meanOf(to)), {
          stroke: over ? 'stop' : 'soft',
          weight: over ? 4 : 2,
          dash: over ? undefined : [4, 4],
        });
      }),
      readingsMm.map((own, nth) => {
        if (own.length === 0) return null;
        const found = check?.bores.find((bore) => bore.id === bores[nth]);
        const out = found !== undefined && isOut(found);
        const [low, high] = [y(Math.min(...own)), y(Math.max(...own))];
        return [
          box(x(nth) - 13, high - 1, 26, Math.max(3, low - high + 2), {
            fill: out ? 'stop' : 'soft',
            opacity: 0.45,
          }),
          line(x(nth) - 19, y(mean(own)), x(nth) + 19, y(mean(own)), {
            stroke: out ? 'stop' : 'ink',
            weight: 5,
          }),
        ];
      }),
    ),
  };
}
