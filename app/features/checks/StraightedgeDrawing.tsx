import { STRAIGHTEDGE_LINES, type StraightedgeLine } from '@cardinex/core/block/headFlatness';
import { straightedgeDrawing } from '@cardinex/drawings/checks/straightedge';
import { inspectionBench as w } from '@cardinex/words/bench';
import { length, lengthFigure } from '@cardinex/words/quantity';
import { lineRead } from '@cardinex/words/straightedge';
import { useUnits } from '../../device/preferences';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Small } from '../../ui/Words';

type Facts = Omit<Parameters<typeof straightedgeDrawing>[0], 'description' | 'figure'>;

interface Props extends Facts {
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
