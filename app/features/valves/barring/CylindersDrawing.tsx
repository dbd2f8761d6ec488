import type { Overhead } from '@cardinex/core/overhead/barringInput';
import type { SettableHere } from '@cardinex/core/overhead/settable';
import { cylindersDrawing } from '@cardinex/drawings/valves/cylindersInCycle';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { DrawingView } from '../../../ui/drawing/DrawingView';

interface Props {
  readonly overhead: Overhead;
  readonly here: SettableHere;
}

/** Every cylinder as it stands: what it is doing, which of its valves are lifted, and which may be set. */
export function CylindersDrawing({ overhead, here }: Props) {
  const description = [...here.cylinders]
    .sort((a, b) => a.cylinder - b.cylinder)
    .map(({ cylinder, stroke, localDeg }) => w.doing(cylinder, stroke, localDeg === 0))
    .join('. ');
  return (
    <DrawingView drawing={cylindersDrawing({ overhead, here, description })} maxHeight={180} />
  );
}
