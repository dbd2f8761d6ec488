import { CAME_WITH } from '@cardinex/core/job/facts/layers';
import { z } from 'zod';
import type { Act } from '@cardinex/core/job/act';
import { REACH_MM } from '@cardinex/core/job/reach';
import { CARDS_NOW } from '@cardinex/core/job/scope';
import { buildData } from './build';
import { because, intakeData, scope } from './intake';
import { MOST_IN_BATCH } from './limits';
import { overheadData } from './overhead';
import { nutPulled } from './nutPulled';
import { printed } from './printed';
import { end } from '../sheets/end';
import { measure, moment, plainId, uuid, words } from '../text';

const run = z.strictObject({ set: plainId, instance: plainId, programme: plainId });
const nm = measure(0.001, 20_000);
/** set/instance/programme/cycle/stage/fastener, each of up to forty characters. */
const runKey = z
  .string()
  .max(245, 'is longer than a key')
  .regex(/^[\w.-]+(\/[\w.-]+){5}$/, 'must be set/instance/programme/cycle/stage/fastener');
const day = z.iso.date({ error: 'must be a date like 2026-03-31' });
const point = z.strictObject({ setNm: nm, trueNm: nm });
const pass = z.int().min(1).max(1000);
const side = z.enum(['near', 'far']).optional();
const read = z.enum(['typed', 'instrument']).optional();

/** Nobody pulls more bolts than this before tapping; nor has a stage more values. */
const MOST_AT_ONCE = 40;

/** More facts than this no decision of one card rests on. */
const MOST_RESTED_ON = 2000;
/** More figures than this are another sheet, not a leaflet. */
const MOST_POINTS = 60;
/** Characters of JSON; a whole programme of thirty bolts has some 6,000. */
const LONGEST_VALUE = 20_000;

const place = z
  .string()
  .max(300, 'is longer than a place of a sheet')
  .regex(/^(\/[^/]+)+$/, 'must name a place of the sheet, as /liners/low');
const points = z
  .array(
    z.strictObject({
      at: place,
      to: z
        .json()
        .refine(
          (value) => JSON.stringify(value).length <= LONGEST_VALUE,
          'is longer than a figure',
        ),
    }),
  )
  .max(MOST_POINTS, `holds more than ${MOST_POINTS} figures`);

const pinned = z.strictObject({
  id: plainId,
  revision: z.int().min(1),
  hash: z.string().regex(/^[0-9a-f]{64}$/),
});

const data = {
  'job.opened': z.strictObject({
    sheet: pinned,
    serial: words(40),
    hours: measure(0, 1_000_000).optional(),
    name: words(60),
    why: words(400).optional(),
    cylinder1End: end,
    variant: z.record(plainId, plainId).optional(),
    scope: scope.optional(),
    because: because.optional(),
    cards: z.int().min(1).max(CARDS_NOW).optional(),
  }),
  ...intakeData,
  ...buildData,
  ...overheadData,
  'sheet.taken': z.strictObject({ sheet: pinned, words: words(400) }),
  'variant.changed': z.strictObject({ question: plainId, option: plainId, words: words(400) }),
  'leaflet.entered': z.strictObject({
    leaflet: plainId,
    title: words(120),
    cameWith: z.enum(CAME_WITH),
    points: points.min(1, 'must say something'),
  }),
  'deviation.entered': z.strictObject({ deviation: plainId, title: words(200), points }),
  'difference.decided': z.strictObject({
    places: z.array(place).min(1).max(MOST_POINTS),
    take: plainId,
    among: z.array(plainId).min(1).max(50),
    words: words(400),
  }),
  'liner.read': z.strictObject({
    bore: plainId,
    place: z.int().min(0).max(3),
    mm: measure(-REACH_MM.standOut, REACH_MM.standOut),
    printed,
  }),
  'liners.accepted': z.strictObject({ words: words(400).optional() }),
  'run.prepared': z.strictObject({
    run,
    wrench: z
      .strictObject({
        id: plainId,
        name: words(60),
        lowNm: nm,
        highNm: nm,
        lengthMm: measure(1, 5000),
        stepNm: nm.optional(),
        calibration: z
          .strictObject({ on: day, dueOn: day, points: z.array(point).max(20) })
          .optional(),
        off: z.literal(true).optional(),
      })
      .nullable(),
    adapter: z.strictObject({ mm: measure(0, 2000), deg: measure(0, 180) }).nullable(),
    treatment: words(200),
    override: words(400).optional(),
  }),
  'wrench.let-back': z.strictObject({ run }),
  'bolt.pulled': z.strictObject({
    key: runKey,
    pass,
    nm,
    setNm: nm,
    wrench: plainId,
    side,
    reachedNm: measure(0, 20_000).optional(),
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
    stage: z
      .string()
      .max(90, 'is longer than a stage')
      .regex(/^[\w.-]+\/[\w.-]+$/, 'must be cycle/stage'),
    values: z.array(measure(0.001, 20_000)).max(MOST_AT_ONCE),
    settingsNm: z.array(nm).max(MOST_AT_ONCE),
  }),
  'bolt.turned': z.strictObject({
    key: runKey,
    pass,
    deg: measure(0.001, 1080),
    side,
    reachedDeg: measure(0, 1080).optional(),
    read,
    by: z.literal('power').optional(),
  }),
  'bolt.eased': z.strictObject({ key: runKey, pass }),
  'stud.tensioned': z.strictObject({
    key: runKey,
    pass,
    bar: measure(0.001, 10_000),
    holes: measure(0, 1000).optional(),
    reachedBar: measure(0, 10_000).optional(),
    read,
  }),
  'step.done': z.strictObject({ key: runKey, pass, words: words(400).optional() }),
  'bolt.taken-out': z.strictObject({
    run,
    fastener: plainId,
    words: words(400),
    renewed: z.literal(true).optional(),
  }),
  'run.marked': z.strictObject({ run }),
  'bolt.failed': z.strictObject({
    key: runKey,
    pass,
    fault: z.enum(['did-not-reach', 'slipped', 'moved-early', 'felt-soft', 'over', 'odd-travel']),
    words: words(400),
  }),
  'contest.decided': z.strictObject({ key: runKey, words: words(400) }),
  'caution.acknowledged': z.strictObject({ caution: z.enum(['barring', 'hydraulics']) }),
  'crank.stood': z.strictObject({
    atDeg: measure(0, 720),
    seen: words(200),
    words: words(400).optional(),
  }),
  'crank.doubted': z.strictObject({ words: words(400) }),
  'valve.read': z.strictObject({
    valve: plainId,
    reading: z.enum(['found', 'set', 'locked', 'again', 'hot']),
    mm: measure(0, REACH_MM.gap),
    printed,
    felt: z
      .strictObject({ goMm: measure(0, REACH_MM.gap), noGoMm: measure(0, REACH_MM.gap) })
      .optional(),
    nut: nutPulled.optional(),
  }),
  'recheck.begun': z.strictObject({ words: words(400) }),
  'heat.reached': z.strictObject({ words: words(400) }),
  struck: z.strictObject({ target: uuid, words: words(400).optional() }),
  'pending.decided': z.strictObject({ decision: uuid, holds: z.boolean() }),
};

const envelope = {
  id: uuid,
  v: z.literal(1),
  at: moment,
  by: uuid,
  device: uuid,
  count: z.int().min(1).max(1_000_000),
  seenSeq: z.int().min(0).max(1_000_000),
  unproved: z.literal(true).optional(),
  restedOn: z.array(uuid).max(MOST_RESTED_ON).optional(),
};

function act<T extends keyof typeof data>(type: T) {
  return z.strictObject({ ...envelope, type: z.literal(type), data: data[type] });
}

/** One act as it comes over the wire. Unknown fields are refused: a misspelt one must not be lost. */
export const actSchema = z.discriminatedUnion('type', [
  act('job.opened'),
  act('sheet.taken'),
  act('variant.changed'),
  act('scope.widened'),
  act('card.left-out'),
  act('job.parked'),
  act('job.resumed'),
  act('photograph.taken'),
  act('cause.answered'),
  act('check.read'),
  act('check.seen'),
  act('check.decided'),
  act('mark.made'),
  act('bolts.counted'),
  act('thing.put-in'),
  act('thing.taken-out'),
  act('part.arrived'),
  act('work.sent'),
  act('work.back'),
  act('leaflet.entered'),
  act('deviation.entered'),
  act('difference.decided'),
  act('liner.read'),
  act('liners.accepted'),
  act('cards.taken'),
  act('liners.placed'),
  act('liner.sealed'),
  act('cap.turned'),
  act('piece.weighed'),
  act('gasket.chosen'),
  act('run.prepared'),
  act('wrench.let-back'),
  act('bolt.pulled'),
  act('bolts.reported'),
  act('stage.set'),
  act('bolt.turned'),
  act('bolt.eased'),
  act('stud.tensioned'),
  act('step.done'),
  act('bolt.failed'),
  act('bolt.taken-out'),
  act('run.marked'),
  act('contest.decided'),
  act('caution.acknowledged'),
  act('crank.stood'),
  act('crank.doubted'),
  act('top.found'),
  act('crank.marked'),
  act('crank.overshot'),
  act('gaps.turned'),
  act('barring.chosen'),
  act('screw.set'),
  act('push-rod.seen'),
  act('bridge.seen'),
  act('shim.read'),
  act('shims.chosen'),
  act('cover.on'),
  act('adjuster.read'),
  act('injector.coded'),
  act('valve.read'),
  act('recheck.begun'),
  act('heat.reached'),
  act('struck'),
  act('pending.decided'),
]) satisfies z.ZodType<Act>;

/** Ten years: what waits longer is not sent by the page that made it. */
const MOST_WAITED_MS = 10 * 366 * 24 * 60 * 60 * 1000;

export const batchSchema = z.strictObject({
  /** The device's clock as it sends, so that a wrong one can be flagged. */
  sentAt: moment,
  /** Each act is read on its own: a bad one is refused, the rest go on. */
  acts: z.array(z.unknown()).min(1).max(MOST_IN_BATCH),
  /** For how long each waited on the device, by a clock that cannot be set; null where that is not known. */
  waitedMs: z.array(z.number().min(0).max(MOST_WAITED_MS).nullable()).max(MOST_IN_BATCH).optional(),
  /** They were made before their sender knew that an act before them is refused. */
  behindRefused: z.boolean().optional(),
});
