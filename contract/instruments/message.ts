import { z } from 'zod';
import { moment, plainId } from '../text';

/*
 * What instrument and app say to each other: one JSON object to a line, over a WebSocket. Documented in
 * docs/formats/instruments.md.
 */

const INSTRUMENT_FORMAT = 'instrument/1';

const name = z.string().min(1).max(60);
const nm = z.number().min(0).max(100_000);
const deg = z.number().min(-3600).max(3600);
const bar = z.number().min(0).max(100_000);
/** What a scanner read. */
const code = z.string().min(1).max(60);
const values = {
  nm: nm.exactOptional(),
  deg: deg.exactOptional(),
  bar: bar.exactOptional(),
  code: code.exactOptional(),
};

/** From the instrument. Fields it does not know of are passed over: instruments learn new tricks. */
export const instrumentMessage = z.discriminatedUnion('type', [
  z.object({
    type: z.literal('hello'),
    format: z.literal(INSTRUMENT_FORMAT),
    name,
    reads: z.array(z.enum(['torque', 'angle', 'pressure', 'crank', 'code'])).min(1),
  }),
  /** While it is pulled or pumped. */
  z.object({ type: z.literal('sample'), at: moment, ...values }),
  /** What it came to: the highest torque or pressure, the turn made. */
  z.object({ type: z.literal('reading'), at: moment, ...values }),
]);
export type InstrumentMessage = z.infer<typeof instrumentMessage>;

/** To the instrument: what is asked for next, so that its own display can say so. */
export const targetMessage = z.object({
  type: z.literal('target'),
  /** Which fastener, by a name that stays the same from stage to stage. */
  of: plainId,
  nm: nm.exactOptional(),
  deg: deg.exactOptional(),
  bar: bar.exactOptional(),
  thread: z
    .object({ diaMm: z.number().positive(), pitchMm: z.number().positive() })
    .exactOptional(),
});
export type TargetMessage = z.infer<typeof targetMessage>;

/** To a stand-in only: the hand that pulls it, bars the crank, or holds a code before it. */
export const handMessage = z.object({
  type: z.literal('pull'),
  trouble: z
    .enum(['none', 'dirty-thread', 'bottomed', 'soft-joint', 'yields-early'])
    .exactOptional(),
  /** It has been out, and is in again by hand. */
  fresh: z.literal(true).exactOptional(),
  /** Lets go at this share of what is asked. */
  share: z.number().min(0.1).max(2).exactOptional(),
  /** Bars the crank by so many degrees; below zero is backward. */
  deg: deg.exactOptional(),
  code: code.exactOptional(),
});
export type HandMessage = z.infer<typeof handMessage>;

export const toInstrument = z.discriminatedUnion('type', [targetMessage, handMessage]);

/** Reads one line; null for what is no message of this protocol. */
export function readInstrumentLine(line: string): InstrumentMessage | null {
  return read(instrumentMessage, line);
}

/** Reads one line sent to an instrument; null for what is none. */
export function readToInstrument(line: string): z.infer<typeof toInstrument> | null {
  return read(toInstrument, line);
}

function read<T>(schema: z.ZodType<T>, line: string): T | null {
  try {
    const parsed = schema.safeParse(JSON.parse(line));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}
