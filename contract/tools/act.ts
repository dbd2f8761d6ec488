import { z } from 'zod';
import type { ToolAct, ToolEvent, ToolIs } from '@cardinex/core/tools/tool';
import { actUnion } from '../acts/actUnion';
import { chainLink } from '../chainLink';
import { named } from '../named';
import { measure, moment, uuid, words } from '../text';

const nm = measure(0.01, 20_000);
const mm = measure(0.001, 10_000);
const day = z.iso.date({ error: 'must be a date like 2026-03-31' });
const described = z.strictObject({ words: words(200).exactOptional() });
const gauge = z.strictObject({
  lowMm: measure(-10_000, 10_000).exactOptional(),
  highMm: mm.exactOptional(),
  readsMm: mm.exactOptional(),
});

const specs = {
  'torque-wrench': z.strictObject({
    square: words(20),
    lowNm: nm,
    highNm: nm,
    stepNm: nm.exactOptional(),
    lengthMm: measure(1, 5000),
    reads: z.enum(['click', 'reading']),
  }),
  adapter: z.strictObject({
    fits: words(40),
    lengthMm: measure(0, 2000),
    angleDeg: measure(0, 180),
  }),
  feelers: z.strictObject({
    unit: z.enum(['mm', 'thou']),
    leavesMm: z.array(mm).min(1, 'needs a leaf').max(60, 'holds more than 60 leaves'),
  }),
  'angle-gauge': described,
  'depth-gauge': gauge,
  'dial-gauge': gauge,
  micrometer: gauge,
  'bore-gauge': gauge,
  jack: z.strictObject({ areaMm2: measure(1, 1_000_000), maxBar: measure(1, 10_000) }),
  pump: z.strictObject({ maxBar: measure(1, 10_000) }),
  'crank-bar': described,
  'degree-wheel': described,
  'rim-mark': described,
} as const;

type Kind = keyof typeof specs;
const kinds = Object.keys(specs) as Kind[];

/**
 * What a tool is, kind by kind, with its name.
 * @param more fields beside them, whatever the kind
 */
export function toolOf<M extends z.ZodRawShape>(more: M) {
  const [first, ...rest] = kinds.map((kind) =>
    z.strictObject({ kind: z.literal(kind), spec: specs[kind], name: words(60), ...more }),
  );
  return z.discriminatedUnion('kind', [first, ...rest] as never, {
    error: `must have a kind: ${kinds.join(', ')}`,
  }) as unknown as z.ZodType<ToolIs & { name: string } & z.infer<z.ZodObject<M>>>;
}

/** A tool held against a reference. */
export const toolChecked = z.strictObject({
  on: day,
  dueOn: day,
  certificate: words(80).exactOptional(),
  points: z.array(z.strictObject({ setNm: nm, trueNm: nm })).max(20, 'holds more than 20 points'),
});

const data = {
  'tool.entered': toolOf({}),
  'tool.corrected': toolOf({ words: words(200) }),
  'tool.checked': toolChecked,
  'tool.found-off': z.strictObject({ words: words(400) }),
  'leaf.lost': z.strictObject({ mm }),
  'leaf.replaced': z.strictObject({ mm }),
  'tool.retired': z.strictObject({ words: words(400) }),
};

const envelope = {
  id: uuid,
  v: z.literal(1),
  at: moment,
  by: uuid,
  device: uuid,
};

/** One act on a tool as it comes over the wire. */
export const toolActSchema = named('ToolAct', actUnion<ToolAct>(envelope, data));

/** The same in the tool's log. */
export const toolEventSchema = named(
  'ToolEvent',
  actUnion<ToolEvent>({ ...envelope, ...chainLink }, data),
);
