import { ringClockDrawn } from '@cardinex/words/drawn/piston';
import { DrawingView } from '../../ui/drawing/DrawingView';

/** The tallest it may stand above its figures. */
export const CLOCK_PX = 340;

/** The crown from above as a clock: pin, thrust side, what must stay clear, and the gap of every ring. */
export function ClockDrawing(facts: Parameters<typeof ringClockDrawn>[0]) {
  return <DrawingView drawing={ringClockDrawn(facts)} maxHeight={CLOCK_PX} />;
}
