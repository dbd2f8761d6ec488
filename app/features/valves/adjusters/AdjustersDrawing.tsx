import type { StandOut } from '@cardinex/core/overhead/standOut';
import { adjustersDrawing } from '@cardinex/drawings/valves/adjusters';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { DrawingView } from '../../../ui/drawing/DrawingView';

/** Adjusters in their row: how far each stands out, and which are odd. */
export function AdjustersDrawing({ items }: { items: StandOut['items'] }) {
  const odd = items.filter(({ verdict }) => verdict === 'odd').map(({ id }) => id);
  const description = w.adjusters(odd.join(', '));
  return <DrawingView drawing={adjustersDrawing({ items, description })} height={136} />;
}
