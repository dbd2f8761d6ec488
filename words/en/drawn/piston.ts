import type { ClockRing, RingClock } from '@cardinex/core/piston/ringClock';
import { clockOf } from '@cardinex/core/sheet/clockOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { thrustDegOf } from '@cardinex/core/sheet/thrustDegOf';
import { pistonWayDrawing } from '@cardinex/drawings/pistons/pistonWay';
import { ringClockDrawing } from '@cardinex/drawings/pistons/ringClock';
import type { Drawing } from '@cardinex/drawings/shape';
import { buildWords } from '../cards/buildSteps';
import { clockWords } from '../pistons';
import { degrees, endName, endShort } from '../quantity';

/** Which way crown, rod and an offset pin lie. */
export function pistonWay(sheet: EngineSheet): Drawing {
  const ways = buildWords.pistonWays(sheet.pistons?.orientation ?? {});
  return pistonWayDrawing({
    sheet,
    description: buildWords.pistonDrawing(endName(sheet.cylinder1End), ways.join(' ')),
    thrustSide: buildWords.thrustSide,
    towards: endShort(sheet.cylinder1End),
  });
}

interface ClockFacts {
  /** From the crown down. */
  readonly rings: readonly (ClockRing & { readonly name: string })[];
  readonly found: RingClock;
  readonly thrustDeg: 90 | 270;
  readonly keepClearDeg: number;
  /** What the top of the drawing points to: "fan end". */
  readonly towards: string;
}

/** The crown as a clock, with where every gap stands. */
export function ringClockDrawn(facts: ClockFacts): Drawing {
  const { rings, found, thrustDeg, towards } = facts;
  const text = found.places
    .map(({ deg }, at) => clockWords.gapAt(rings[at]?.name ?? '', degrees(deg)))
    .join(', ');
  return ringClockDrawing({
    ...facts,
    description: clockWords.drawing(towards, thrustDeg === 90, text),
    pin: clockWords.pin,
    thrust: clockWords.thrust,
  });
}

/** Where this engine's ring gaps go; null where its sheet does not say how they are spread. */
export function ringGaps(sheet: EngineSheet): Drawing | null {
  const { rings = [], stagger } = sheet.pistons ?? {};
  const found = clockOf(sheet);
  if (!found || !stagger) return null;
  return ringClockDrawn({
    rings,
    found,
    thrustDeg: thrustDegOf(sheet) ?? 90,
    keepClearDeg: stagger.keepClearDeg,
    towards: endShort(sheet.cylinder1End),
  });
}
