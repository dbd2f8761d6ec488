import { boreDrawing } from '@cardinex/drawings/checks/boreSection';
import { inspectionBench as w } from '@cardinex/words/bench';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Small } from '../../ui/Words';

type Facts = Omit<Parameters<typeof boreDrawing>[0], 'description' | 'figure'>;

interface Props extends Facts {
  readonly label: string;
}

/** A bore in section, seen from where the view says. */
export function BoreDrawing({ label, ...facts }: Props) {
  const { length } = useUnits();
  const figure = (mm: number | null): string => (mm === null ? '–' : lengthFigure(mm, length));
  return (
    <>
      <Small>{w.boreView}</Small>
      <DrawingView
        drawing={boreDrawing({ ...facts, figure, description: w.boreDrawing(label) })}
        height={170}
      />
    </>
  );
}
