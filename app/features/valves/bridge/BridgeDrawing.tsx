import type { BridgeStep } from '@cardinex/core/job/facts/valves';
import { bridgeDrawing } from '@cardinex/drawings/valves/bridge';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { DrawingView } from '../../../ui/drawing/DrawingView';

/** A bridge or a yoke over its two stems, being equalised or tried. */
export function BridgeDrawing({ step, yoke }: { step: BridgeStep; yoke: boolean }) {
  const description = w.bridgeDrawing(step, yoke);
  return (
    <DrawingView drawing={bridgeDrawing({ step, yoke, description })} width={220} height={128} />
  );
}
