import { z } from 'zod';
import type { ValvesActs } from '@cardinex/core/job/facts/valves';
import { REACH_MM } from '@cardinex/core/job/reach';
import { SCHOOLS } from '@cardinex/core/overhead/schools';
import type { ActSchemas } from './actSchemas';
import { nutPulled } from './nutPulled';
import { printed } from './printed';
import { measure, plainId, words } from '../text';

export const valvesActs = {
  'barring.chosen': z.strictObject({ school: z.enum(SCHOOLS), startDeg: measure(0, 720) }),
  'screw.set': z.strictObject({
    item: plainId,
    turns: measure(0, 20).exactOptional(),
    heightMm: measure(0.01, 1000).exactOptional(),
    printed: printed.exactOptional(),
    nut: nutPulled.exactOptional(),
  }),
  'push-rod.seen': z.strictObject({ valve: plainId, found: z.enum(['seated', 'off']) }),
  'bridge.seen': z.strictObject({
    valve: plainId,
    step: z.enum(['equalised', 'before', 'after']),
    found: z.enum(['good', 'turns']),
  }),
  'shim.read': z.strictObject({ valve: plainId, mm: measure(0.1, 20), printed }),
  'shims.chosen': z.strictObject({
    shims: z
      .array(
        z.strictObject({ valve: plainId, mm: measure(0.1, 20), from: plainId.exactOptional() }),
      )
      .min(1)
      .max(60),
  }),
  'cover.on': z.strictObject({ cover: plainId }),
  'adjuster.read': z.strictObject({ item: plainId, mm: measure(-200, 200), printed }),
  'injector.coded': z.strictObject({ cylinder: z.int().min(1).max(99), code: words(40) }),
  'valve.read': z.strictObject({
    valve: plainId,
    reading: z.enum(['found', 'set', 'locked', 'again', 'hot']),
    mm: measure(0, REACH_MM.gap),
    printed,
    felt: z
      .strictObject({ goMm: measure(0, REACH_MM.gap), noGoMm: measure(0, REACH_MM.gap) })
      .exactOptional(),
    nut: nutPulled.exactOptional(),
  }),
  'gaps.turned': z.strictObject({ leftOut: words(400).exactOptional() }),
  'recheck.begun': z.strictObject({ words: words(400) }),
} satisfies ActSchemas<ValvesActs>;
