import { z } from 'zod';
import { SCHOOLS } from '@cardinex/core/overhead/schools';
import { measure, plainId, words } from '../text';
import { nutPulled } from './nutPulled';
import { printed } from './printed';

/** What the acts carry by which the crank is turned and the overhead is set, besides gaps. */
export const overheadData = {
  'crank.overshot': z.strictObject({ words: words(400).optional() }),
  'top.found': z.union([
    z.strictObject({ stopForwardDeg: measure(0, 360), stopBackDeg: measure(0, 360) }),
    z.strictObject({ arcMm: measure(0.5, 10_000) }),
  ]),
  'crank.marked': z.strictObject({ words: words(400) }),
  'gaps.turned': z.strictObject({ leftOut: words(400).optional() }),
  'barring.chosen': z.strictObject({ school: z.enum(SCHOOLS), startDeg: measure(0, 720) }),
  'screw.set': z.strictObject({
    item: plainId,
    turns: measure(0, 20).optional(),
    heightMm: measure(0.01, 1000).optional(),
    printed: printed.optional(),
    nut: nutPulled.optional(),
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
      .array(z.strictObject({ valve: plainId, mm: measure(0.1, 20), from: plainId.optional() }))
      .min(1)
      .max(60),
  }),
  'cover.on': z.strictObject({ cover: plainId }),
  'adjuster.read': z.strictObject({ item: plainId, mm: measure(-200, 200), printed }),
  'injector.coded': z.strictObject({ cylinder: z.int().min(1).max(99), code: words(40) }),
};
