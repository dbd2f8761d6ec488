import { ringClockDrawn } from '@cardinex/words/drawn/piston';
import { DrawingView } from '../../ui/drawing/DrawingView';

/** The crown from above as a clock: pin, thrust side, what must stay clear, and the gap of every ring. */
export function ClockDrawing(facts: Parameters<typeof ringClockDrawn>[0]) {
  return <DrawingView drawing={ringClockDrawn(facts)} maxHeight={340} />;
}
