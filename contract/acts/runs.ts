import { z } from 'zod';
import type { RunsActs } from '@cardinex/core/job/facts/runs';
import type { ActSchemas } from './actSchemas';
import { measure, plainId, words } from '../text';

export const run = z.strictObject({ set: plainId, instance: plainId, programme: plainId });
const nm = measure(0.001, 20_000);
/** set/instance/programme/cycle/stage/fastener, each of up to forty characters. */
const runKey = z
  .string()
  .max(245, 'is longer than a key')
  .regex(/^[\w.-]+(\/[\w.-]+){5}$/, 'must be set/instance/programme/cycle/stage/fastener');
/** A stage of one cycle, as a run names it: "1/s2". */
const stage = z
  .string()
  .max(90, 'is longer than a stage')
  .regex(/^[\w.-]+\/[\w.-]+$/, 'must be cycle/stage');
const day = z.iso.date({ error: 'must be a date like 2026-03-31' });
const point = z.strictObject({ setNm: nm, trueNm: nm });
const pass = z.int().min(1).max(1000);
const side = z.enum(['near', 'far']).exactOptional();
const read = z.enum(['typed', 'instrument']).exactOptional();

/** Nobody pulls more bolts than this before tapping; nor has a stage more values. */
const MOST_AT_ONCE = 40;

export const runsActs = {
  'run.prepared': z.strictObject({
    run,
    wrench: z
      .strictObject({
        id: plainId,
        name: words(60),
        lowNm: nm,
        highNm: nm,
        lengthMm: measure(1, 5000),
        stepNm: nm.exactOptional(),
        calibration: z
          .strictObject({ on: day, dueOn: day, points: z.array(point).max(20) })
          .exactOptional(),
        off: z.literal(true).exactOptional(),
      })
      .nullable(),
    adapter: z.strictObject({ mm: measure(0, 2000), deg: measure(0, 180) }).nullable(),
    treatment: words(200),
    override: words(400).exactOptional(),
    side,
  }),
  'wrench.let-back': z.strictObject({ run, side }),
  'bolt.pulled': z.strictObject({
    key: runKey,
    pass,
    nm,
    setNm: nm,
    wrench: plainId,
    side,
    reachedNm: measure(0, 20_000).exactOptional(),
    read,
  }),
  'bolts.reported': z.strictObject({
    pulls: z
      .array(z.strictObject({ key: runKey, pass, nm, setNm: nm }))
      .min(1)
      .max(MOST_AT_ONCE, `names more than ${MOST_AT_ONCE} bolts`),
    wrench: plainId,
  }),
  'stage.set': z.strictObject({
    run,
    stage,
    values: z.array(measure(0.001, 20_000)).max(MOST_AT_ONCE),
    settingsNm: z.array(nm).max(MOST_AT_ONCE),
    side,
  }),
  'bolt.turned': z.strictObject({
    key: runKey,
    pass,
    deg: measure(0.001, 1080),
    side,
    reachedDeg: measure(0, 1080).exactOptional(),
    read,
    by: z.literal('power').exactOptional(),
  }),
  'bolt.eased': z.strictObject({ key: runKey, pass }),
  'stud.tensioned': z.strictObject({
    key: runKey,
    pass,
    bar: measure(0.001, 10_000),
    holes: measure(0, 1000).exactOptional(),
    reachedBar: measure(0, 10_000).exactOptional(),
    read,
  }),
  'step.done': z.strictObject({ key: runKey, pass, words: words(400).exactOptional() }),
  'bolt.failed': z.strictObject({
    key: runKey,
    pass,
    fault: z.enum(['did-not-reach', 'slipped', 'moved-early', 'felt-soft', 'over', 'odd-travel']),
    words: words(400),
  }),
  'bolt.taken-out': z.strictObject({
    run,
    fastener: plainId,
    words: words(400),
    renewed: z.literal(true).exactOptional(),
  }),
  'run.marked': z.strictObject({ run }),
  'cap.turned': z.strictObject({
    run,
    stage,
    fasteners: z.array(plainId).min(1).max(40),
    found: z.enum(['free', 'binds']),
    words: words(400).exactOptional(),
  }),
  'contest.decided': z.strictObject({ key: runKey, words: words(400) }),
} satisfies ActSchemas<RunsActs>;
