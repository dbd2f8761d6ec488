import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { pistonWay } from '@cardinex/words/drawn/piston';
import { DrawingView } from '../../ui/drawing/DrawingView';

/** A piston from above with its rod behind it: which way crown, rod and an offset pin lie. */
export function PistonDrawing({ sheet }: { sheet: EngineSheet }) {
  return <DrawingView drawing={pistonWay(sheet)} maxHeight={270} />;
}
