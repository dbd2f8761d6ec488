import {
  STRAIGHTEDGE_LINES,
  type HeadFlatnessInput,
  type StraightedgeLine,
} from '@cardinex/core/block/headFlatness';
import type { SetMap } from '@cardinex/core/sheet/spec/fastening';
import { straightedgeDrawing } from '@cardinex/drawings/checks/straightedge';
import { inspectionBench as w } from '@cardinex/words/bench';
import { length, lengthFigure } from '@cardinex/words/quantity';
import { lineRead } from '@cardinex/words/straightedge';
import { useUnits } from '../../device/preferences';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Small } from '../../ui/Words';

interface Props {
  readonly readings: HeadFlatnessInput['readings'];
  readonly limitMm: number;
  /** The line being read now. */
  readonly current?: StraightedgeLine | undefined;
  /** The head's own map, for its bores. */
  readonly map?: SetMap | undefined;
  readonly onPress?: (line: StraightedgeLine) => void;
}

/** A head's face with the straightedge lines on it, each chosen by a touch. */
export function StraightedgeDrawing({ onPress, ...facts }: Props) {
  const units = useUnits();
  const gaps = new Map(facts.readings.map(({ line, gapMm }) => [line, gapMm]));
  const sentences = STRAIGHTEDGE_LINES.map((line) => {
    const gap = gaps.get(line);
    return lineRead(line, gap === undefined ? null : length(gap, units));
  });
  const choose = (target: string): void => {
    const line = STRAIGHTEDGE_LINES.find((item) => item === target);
    if (line) onPress?.(line);
  };
  return (
    <>
      <Small>{w.headView}</Small>
      <DrawingView
        drawing={straightedgeDrawing({
          ...facts,
          description: w.headDrawing(sentences.join(', ')),
          figure: (mm) => lengthFigure(mm, units.length),
        })}
        height={150}
        onPress={onPress && choose}
      />
    </>
  );
}
