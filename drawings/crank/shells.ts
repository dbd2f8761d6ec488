import type { ShellWear } from '@cardinex/core/crank/shellPattern';
import {
  box,
  circle,
  group,
  line,
  shapes,
  sizeWithin,
  word,
  wordAbout,
  type Part,
} from '../kit/shapes';
import type { Drawing } from '../shape';

interface ShellsFacts {
  /** The bearings in their order along the shaft, cylinder 1's end at the left. */
  readonly bearings: readonly {
    readonly id: string;
    readonly upper: string;
    readonly lower: string;
  }[];
  /** How the shell of an item was found; undefined while nobody has seen it. */
  readonly wear: (item: string) => ShellWear | undefined;
  /** The half that carries the load. */
  readonly loaded: 'upper' | 'lower';
  readonly now: string | null;
  readonly words: { readonly upper: string; readonly lower: string };
  readonly description: string;
}

const WIDTH = 412;
const LEFT = 58;
const SHELL = 60;
const GAP = 10;
const TOP = 8;
const NUMBER = 30;

/**
 * The old shells of a shaft laid out as they came, upper halves above, lower below, rolled flat: each with its wear drawn
 * where it was. The row that carries the load has a heavier edge.
 */
export function shellsDrawing(facts: ShellsFacts): Drawing {
  const { bearings, loaded, words, description } = facts;
  const pitch = Math.min(90, (WIDTH - LEFT - 6) / Math.max(1, bearings.length));
  const height = TOP + 2 * SHELL + GAP + NUMBER;
  const rows = [
    { half: 'upper' as const, y: TOP },
    { half: 'lower' as const, y: TOP + SHELL + GAP },
  ];
  return {
    kind: 'shells',
    description,
    frame: { x: 0, y: 0, width: WIDTH, height },
    shapes: shapes(
      rows.map(({ half, y }) =>
        wordAbout(
          LEFT / 2,
          y + SHELL / 2,
          sizeWithin(LEFT - 8, 15, words[half]),
          words[half],
          'ink',
        ),
      ),
      bearings.map(({ id, upper, lower }, at) => {
        const x = LEFT + pitch * at;
        return [
          rows.map(({ half, y }) =>
            shell(facts, half === 'upper' ? upper : lower, {
              x,
              y,
              width: pitch - 6,
              heavy: half === loaded,
            }),
          ),
          word(x + (pitch - 6) / 2, height - 8, 18, id, 'ink'),
        ];
      }),
    ),
  };
}

interface Place {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly heavy: boolean;
}

function shell({ wear, now }: ShellsFacts, item: string, { x, y, width, heavy }: Place): Part {
  const found = wear(item);
  const isNow = item === now;
  return group(
    { x, y, target: item },
    box(0, 0, width, SHELL, {
      corner: 2,
      fill: found === undefined ? 'paper' : 'tab',
      stroke: isNow ? 'now' : 'ink',
      weight: isNow ? 5 : heavy ? 3.5 : 1.6,
      ...(found === undefined && !isNow && { dash: [6, 5] as const }),
    }),
    found && worn(found, width),
  );
}

/** The oil hole's height on a shell, by which the marks are placed. */
const MIDDLE = SHELL / 2;

/** What the running face looks like, each kind a shape of its own. */
function worn(found: ShellWear, width: number): Part {
  const edge = width * 0.3;
  const steps = (count: number): readonly number[] =>
    Array.from({ length: count }, (_, at) => (at + 1) / (count + 1));
  switch (found) {
    case 'even':
      return line(width * 0.25, MIDDLE, width * 0.75, MIDDLE, { stroke: 'within', weight: 4 });
    case 'scored':
      return steps(3).map((share) =>
        line(width * share, 8, width * share, SHELL - 8, { stroke: 'ink', weight: 3 }),
      );
    case 'edge-near':
      return box(3, 6, edge, SHELL - 12, { fill: 'stop' });
    case 'edge-far':
      return box(width - 3 - edge, 6, edge, SHELL - 12, { fill: 'stop' });
    case 'wiped':
      return steps(4).map((share) =>
        line(4, SHELL * share + 8, width - 4, SHELL * share - 8, { stroke: 'stop', weight: 3 }),
      );
    case 'copper':
      return box(width * 0.18, SHELL * 0.2, width * 0.64, SHELL * 0.6, { corner: 6, fill: 'stop' });
    case 'pitted':
      return steps(3).flatMap((share) =>
        [0.3, 0.7].map((across) => circle(width * across, SHELL * share, 4, { fill: 'ink' })),
      );
    case 'turned':
      return [
        line(width / 2, 12, width / 2, SHELL - 22, { stroke: 'stop', weight: 5 }),
        line(width / 2, SHELL - 12, width / 2 - 9, SHELL - 26, { stroke: 'stop', weight: 5 }),
        line(width / 2, SHELL - 12, width / 2 + 9, SHELL - 26, { stroke: 'stop', weight: 5 }),
      ];
  }
}
