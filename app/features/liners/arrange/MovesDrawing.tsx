import type { LinerArrange } from '@cardinex/core/block/linerArrange';
import { linerMovesDrawing } from '@cardinex/drawings/liners/linerMoves';
import { arrangeWords as w } from '@cardinex/words/arrange';
import { lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { DrawingView } from '../../../ui/drawing/DrawingView';

type Facts = Omit<
  Parameters<typeof linerMovesDrawing>[0],
  'description' | 'figure' | 'asTheyAre' | 'asTheyGo'
>;

/** Where each liner came from, and where it goes. */
export function MovesDrawing(props: Facts) {
  const { standing, best } = props;
  const { length: unit } = useUnits();
  const figure = (mm: number): string => lengthFigure(mm, unit);
  const sentenceOf = ({ placement }: LinerArrange): string =>
    placement.map((p) => w.inBore(p.bore, p.liner, figure(p.standOutMm))).join(', ');
  return (
    <DrawingView
      drawing={linerMovesDrawing({
        ...props,
        description: w.drawing(standing ? sentenceOf(standing) : w.none, sentenceOf(best)),
        figure,
        asTheyAre: w.asTheyAreRow,
        asTheyGo: w.bestRow(unit),
      })}
    />
  );
}
