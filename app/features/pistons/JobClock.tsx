import { clockOf } from '@cardinex/core/sheet/clockOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { ringGaps } from '@cardinex/words/drawn/piston';
import { clockSentence } from '@cardinex/words/pistons';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Small } from '../../ui/Words';
import { CLOCK_PX } from './ClockDrawing';

/** Where this engine's ring gaps go; nothing where its sheet does not say how they are spread. */
export function JobClock({ sheet }: { sheet: EngineSheet }) {
  const drawing = ringGaps(sheet);
  const found = clockOf(sheet);
  if (!drawing || !found) return null;
  const { rings = [] } = sheet.pistons ?? {};
  const nameOf = (id: string): string => rings.find((ring) => ring.id === id)?.name ?? id;
  const named = {
    ...found,
    places: found.places.map((place) => ({ ...place, id: nameOf(place.id) })),
    tooNear: found.tooNear.map(nameOf),
  };
  return (
    <>
      <DrawingView drawing={drawing} maxHeight={CLOCK_PX} />
      <Small>{clockSentence(named)}</Small>
    </>
  );
}
