import { VERDICT_FRAME, verdictShape, type Verdict } from '../../marks/verdict';
import type { Frame, Shape } from '../../shape';
import { GLYPH_MM, treatmentGlyph } from '../../tighten/treatmentGlyph';
import { SMALL_TREND, smallTrend } from '../../valves/trend';
import { VALVE_FRAME, valveMark, type ValveStanding } from '../../valves/valveMark';

/** A small shape that stands beside its word. */
interface SampleGlyph {
  readonly name: string;
  readonly frame: Frame;
  readonly shapes: readonly Shape[];
}

const VERDICTS: Readonly<Record<Verdict, true>> = {
  within: true,
  out: true,
  waiting: true,
  barred: true,
  now: true,
  ahead: true,
  leftOpen: true,
  past: true,
};
const VALVES: readonly ValveStanding[] = ['done', 'settable', 'leave-alone'];
const TREATMENTS = ['oil', 'dry', 'paste', 'sealant', 'coated', 'as-leaflet'] as const;
const REACH = GLYPH_MM + 4;

/** Every small shape. */
export function sampleGlyphs(): readonly SampleGlyph[] {
  const around = { x: -REACH, y: -REACH, width: 2 * REACH, height: 2 * REACH };
  return [
    ...(Object.keys(VERDICTS) as Verdict[]).map((name) => ({
      name,
      frame: VERDICT_FRAME,
      shapes: verdictShape(name),
    })),
    ...VALVES.flatMap((name) =>
      [true, false].map((inHand) => ({
        name: inHand ? `${name}, in hand` : name,
        frame: VALVE_FRAME,
        shapes: valveMark(name, inHand),
      })),
    ),
    ...TREATMENTS.map((name) => ({ name, frame: around, shapes: treatmentGlyph(name) })),
    {
      name: 'small trend',
      frame: SMALL_TREND,
      shapes: smallTrend({
        readings: [
          { hours: 0, mm: 0.4 },
          { hours: 500, mm: 0.3 },
        ],
        closesAtMm: 0.2,
      }),
    },
  ];
}
