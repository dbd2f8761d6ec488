import { z } from 'zod';
import type { CamEvents } from '@cardinex/core/overhead/valveWindows';
import { deg, strokes } from '../fields';
import { windowFound } from '../found';
import { reckoning } from '../reckoning';

const BEYOND = 'negative beyond that dead centre';

export const valveWindows = reckoning({
  summary: 'When the valves of a cylinder are off their base circle, from its cam events',
  input: z.strictObject({
    strokes,
    ivoBtdcDeg: deg
      .signed(`Inlet opens, before top dead centre; ${BEYOND}; four-stroke`)
      .exactOptional(),
    ivcAbdcDeg: deg
      .signed(`Inlet closes, after bottom dead centre; ${BEYOND}; four-stroke`)
      .exactOptional(),
    evoBbdcDeg: deg.signed(`Exhaust opens, before bottom dead centre; ${BEYOND}`),
    evcAtdcDeg: deg
      .signed(`Exhaust closes, after top dead centre; ${BEYOND}; four-stroke`)
      .exactOptional(),
    evcAbdcDeg: deg
      .signed(`Exhaust closes, after bottom dead centre; ${BEYOND}; two-stroke`)
      .exactOptional(),
    rampDeg: deg
      .fromZero(
        'Widens every window at both ends: needed where events are quoted at a checking lift; 0 where absent',
      )
      .exactOptional(),
  }) satisfies z.ZodType<CamEvents>,
  answer: z.strictObject({
    intake: windowFound('The inlet; absent in a two-stroke').exactOptional(),
    exhaust: windowFound('The exhaust').exactOptional(),
  }),
  example: { strokes: 4, ivoBtdcDeg: 12, ivcAbdcDeg: 44, evoBbdcDeg: 48, evcAtdcDeg: 14 },
});
