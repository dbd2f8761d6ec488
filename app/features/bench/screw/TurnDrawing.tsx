import type { ScrewTurn } from '@cardinex/core/overhead/screwTurn';
import { screwTurnDrawing } from '@cardinex/drawings/bench/screwTurn';
import { screwBench as w } from '@cardinex/words/bench';
import { degrees } from '@cardinex/words/quantity';
import { DrawingView } from '../../../ui/drawing/DrawingView';

/** The screw's head from above: where its slot is, and where it goes. */
export function TurnDrawing({ deg, direction }: Pick<ScrewTurn, 'deg' | 'direction'>) {
  const description = w.drawing(degrees(deg), w.way[direction]);
  return (
    <DrawingView
      drawing={screwTurnDrawing({ deg, direction, description })}
      width={120}
      height={120}
    />
  );
}
