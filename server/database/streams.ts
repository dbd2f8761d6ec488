import { FIRST_PREVIOUS_HASH, chainText } from '@cardinex/core/job/chain';
import { sha256 } from '../sha256';
import type { Head } from './logs';
import type { StreamKind } from './models';
import { askPrepared, type Statement } from './prepared';

/** Which stream: of a job or of a tool. */
export interface StreamKey {
  readonly shopId: string;
  readonly streamKind: StreamKind;
  readonly streamId: string;
}

/** What every event of a log has, whatever it tells of. */
interface ChainedEvent {
  readonly seq: number;
  readonly id: string;
  readonly hash: string;
}

/** The end of a log that nothing is in yet. */
export const BEGINNING: Head = { seq: 0, hash: FIRST_PREVIOUS_HASH };

/**
 * An event chained to the one before.
 * @param headHash the hash of that one
 */
export function chained<T extends object>(
  event: T,
  headHash: string,
): T & { readonly previousHash: string; readonly hash: string } {
  const unhashed = { ...event, previousHash: headHash };
  const text = chainText(unhashed);
  const hash = sha256(text);
  const whole = { ...unhashed, hash };
  // What was written out to be hashed is what is stored and answered: the same content in the same order.
  written.set(whole, `${text.slice(0, -1)},"hash":"${hash}"}`);
  return whole;
}

/** Events written out, for as long as they are used. */
const written = new WeakMap<object, string>();

/** An event as JSON, written out once. */
export function eventText(event: object): string {
  const known = written.get(event);
  if (known !== undefined) return known;
  const text = JSON.stringify(event);
  written.set(event, text);
  return text;
}

/** What is added to a log, by someone who saw it end at `head`. */
interface Growth {
  readonly head: Head;
  readonly events: readonly ChainedEvent[];
  readonly at: Date;
  /** How far the logs of tools had come, by which these events were judged. */
  readonly tools?: ReadonlyMap<string, number>;
}

/**
 * Adds events to the end of a log, all or none, in one statement. The first ones begin their stream.
 * @returns whether it still ended where their writer had seen it end, and the tools' logs too
 * @throws what `isKeyTaken` knows, where the shop has an act of one of these ids on another stream
 */
export async function append(key: StreamKey, growth: Growth): Promise<boolean> {
  const { head, events, at, tools = new Map<string, number>() } = growth;
  const last = events.at(-1);
  if (!last) throw new Error('nothing to append');
  const begins = head.seq === 0;
  const added = await askPrepared(begins ? BEGIN : GROW, [
    key.shopId,
    key.streamKind,
    key.streamId,
    last.seq,
    last.hash,
    `[${events.map(eventText).join(',')}]`,
    [...tools.keys()],
    [...tools.values()],
    ...(begins ? [at] : [head.seq, head.hash]),
  ]);
  return added.length > 0;
}

/** No tool has a newer log than this was judged by. */
const BY_THESE_TOOLS = `NOT EXISTS (
  SELECT FROM unnest($7::uuid[], $8::int[]) AS seen (stream_id, seq)
    LEFT JOIN streams AS tool ON tool.shop_id = $1 AND tool.stream_kind = 'tool' AND tool.stream_id = seen.stream_id
   WHERE COALESCE(tool.head_seq, 0) <> seen.seq)`;

const BEGUN_HEAD = `WITH head AS (
  INSERT INTO streams (shop_id, stream_kind, stream_id, head_seq, head_hash, begun_at)
  SELECT $1::uuid, $2::text, $3::uuid, $4::int, $5::text, $9::timestamptz WHERE ${BY_THESE_TOOLS}
  ON CONFLICT DO NOTHING
  RETURNING shop_id, stream_kind, stream_id)`;

const GROWN_HEAD = `WITH head AS (
  UPDATE streams SET head_seq = $4, head_hash = $5
   WHERE shop_id = $1 AND stream_kind = $2 AND stream_id = $3 AND head_seq = $9 AND head_hash = $10
     AND ${BY_THESE_TOOLS}
  RETURNING shop_id, stream_kind, stream_id)`;

const ADDED = `INSERT INTO events (shop_id, stream_kind, stream_id, seq, act_id, event)
  SELECT shop_id, stream_kind, stream_id, (event->>'seq')::int, (event->>'id')::uuid, event
    FROM head, jsonb_array_elements($6::jsonb) AS event
  RETURNING seq`;

const BEGIN: Statement = { name: 'begin-stream', text: `${BEGUN_HEAD} ${ADDED}` };
const GROW: Statement = { name: 'grow-stream', text: `${GROWN_HEAD} ${ADDED}` };
