import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { clockOf } from '@cardinex/core/sheet/clockOf';
import { thrustDegOf } from '@cardinex/core/sheet/thrustDegOf';
import { clockSentence } from '@cardinex/words/pistons';
import { endShort } from '@cardinex/words/quantity';
import { Small } from '../../ui/Words';
import { ClockDrawing } from './ClockDrawing';

/** Where this engine's ring gaps go; nothing where its sheet does not say how they are spread. */
export function JobClock({ sheet }: { sheet: EngineSheet }) {
  const { rings = [], stagger } = sheet.pistons ?? {};
  const found = clockOf(sheet);
  if (!found || !stagger) return null;
  const nameOf = (id: string): string => rings.find((ring) => ring.id === id)?.name ?? id;
  const named = {
    ...found,
    places: found.places.map((place) => ({ ...place, id: nameOf(place.id) })),
    tooNear: found.tooNear.map(nameOf),
  };
  return (
    <>
      <ClockDrawing
        rings={rings}
        found={found}
        thrustDeg={thrustDegOf(sheet) ?? 90}
        keepClearDeg={stagger.keepClearDeg}
        towards={endShort(sheet.cylinder1End)}
      />
      <Small>{clockSentence(named)}</Small>
    </>
  );
}
