import { stopsDrawing } from '@cardinex/drawings/crank/stops';
import { topWords as w } from '@cardinex/words/cards/top';
import { upTo } from '@cardinex/words/kit';
import { DrawingView } from '../../ui/drawing/DrawingView';

interface Props {
  readonly stops: readonly number[];
  readonly topDeg: number;
}

/** A degree wheel with what it reads at either stop, and the top halfway between. */
export function StopsDrawing({ stops, topDeg }: Props) {
  const description = w.stops(`${upTo(topDeg, 2)}°`);
  return (
    <DrawingView
      drawing={stopsDrawing({ stopsDeg: stops, topDeg, description })}
      width={150}
      height={150}
    />
  );
}
