import { QueryTypes } from 'sequelize';
import type { JobEvent } from '@cardinex/core/job/act';
import { FIRST_PREVIOUS_HASH } from '@cardinex/core/job/chain';
import { boundDatabase, type StreamKind } from './models';
import { askPrepared, type Statement } from './prepared';

/** What the database holds of a log beyond what was known of it. */
export interface StoredLog {
  readonly streamId: string;
  readonly head: Head;
  readonly begunAt: Date;
  readonly finishedSeq: number | null;
  /** In order, from the first that was not known. */
  readonly events: readonly JobEvent[];
}

/** Where a log ends: what its stream says of it, or what its last event is. */
export interface Head {
  readonly seq: number;
  readonly hash: string;
}

/** Which logs of a shop: all of a kind, those a board shows, or those of one engine. */
export type Which =
  | 'all'
  | { readonly openedAs: { readonly sheet: string; readonly serial: string } }
  /** Jobs not known to be finished. */
  | 'open'
  /** The same, and the finished ones begun last. */
  | { readonly openAnd: number }
  /** Finished ones begun before another, newest first. */
  | {
      readonly finishedBefore: { readonly begunAt: Date; readonly id: string };
      readonly most: number;
    };

interface Row {
  readonly stream_id: string;
  readonly head_seq: number;
  readonly head_hash: string;
  readonly begun_at: Date;
  readonly finished_seq: number | null;
  readonly events: readonly JobEvent[] | null;
}

/**
 * Logs of a shop, in one statement, so that what streams say and what their events are belong together.
 * @param known how far each is known already, by its id: only what comes after is read
 */
export async function readLogs(
  shopId: string,
  kind: StreamKind,
  which: Which,
  known: ReadonlyMap<string, number> = new Map(),
): Promise<readonly StoredLog[]> {
  const { sql, bind } = wanted(which);
  const rows = await boundDatabase().query<Row>(
    `SELECT s.stream_id, s.head_seq, s.head_hash, s.begun_at, s.finished_seq, grown.events
       FROM streams s
       LEFT JOIN unnest($2::uuid[], $3::int[]) AS known (stream_id, seq) USING (stream_id)
       LEFT JOIN LATERAL (
         SELECT json_agg(e.event ORDER BY e.seq) AS events FROM events e
          WHERE e.shop_id = s.shop_id AND e.stream_kind = s.stream_kind
            AND e.stream_id = s.stream_id AND e.seq > COALESCE(known.seq, 0)
       ) AS grown ON s.head_seq > COALESCE(known.seq, 0)
      WHERE s.shop_id = $1 AND s.stream_kind = $4 AND ${sql}
      ORDER BY s.begun_at DESC, s.stream_id`,
    {
      bind: [shopId, [...known.keys()], [...known.values()], kind, ...bind],
      type: QueryTypes.SELECT,
    },
  );
  return rows.map(storedLog);
}

/**
 * One log of a shop; null for one it does not have.
 * @param known how far it is known already: only what comes after is read
 */
export async function readLog(
  shopId: string,
  kind: StreamKind,
  id: string,
  known = 0,
): Promise<StoredLog | null> {
  const [row] = await askPrepared<Row>(ONE_LOG, [shopId, kind, id, known]);
  return row ? storedLog(row) : null;
}

const ONE_LOG: Statement = {
  name: 'read-log',
  text: `SELECT s.stream_id, s.head_seq, s.head_hash, s.begun_at, s.finished_seq,
       (SELECT json_agg(e.event ORDER BY e.seq) FROM events e
         WHERE e.shop_id = $1 AND e.stream_kind = $2 AND e.stream_id = $3 AND e.seq > $4) AS events
  FROM streams s WHERE s.shop_id = $1 AND s.stream_kind = $2 AND s.stream_id = $3`,
};

function storedLog(row: Row): StoredLog {
  return {
    streamId: row.stream_id,
    head: { seq: row.head_seq, hash: row.head_hash },
    begunAt: row.begun_at,
    finishedSeq: row.finished_seq,
    events: row.events ?? [],
  };
}

function wanted(which: Which): { readonly sql: string; readonly bind: readonly unknown[] } {
  const isOpen = 's.finished_seq IS DISTINCT FROM s.head_seq';
  const finished = (limit: string, before = '') =>
    `s.stream_id IN (SELECT stream_id FROM streams WHERE shop_id = $1 AND stream_kind = $4
       AND finished_seq = head_seq ${before} ORDER BY begun_at DESC, stream_id LIMIT ${limit})`;
  if (which === 'all') return { sql: 'true', bind: [] };
  if (which === 'open') return { sql: isOpen, bind: [] };
  if ('openedAs' in which) {
    const { sheet, serial } = which.openedAs;
    const opened = `SELECT stream_id FROM events WHERE shop_id = $1 AND stream_kind = $4
      AND event ->> 'type' = 'job.opened' AND event #>> '{data,serial}' = $5
      AND event #>> '{data,sheet,id}' = $6`;
    return { sql: `s.stream_id IN (${opened})`, bind: [serial, sheet] };
  }
  if ('openAnd' in which) return { sql: `(${isOpen} OR ${finished('$5')})`, bind: [which.openAnd] };
  const { begunAt, id } = which.finishedBefore;
  return {
    sql: finished('$5', 'AND (begun_at < $6 OR (begun_at = $6 AND stream_id > $7))'),
    bind: [which.most, begunAt, id],
  };
}

/** Does a log end where its stream says? One whose end was cut off is neither shown nor added to. */
export function endsAt(last: object | undefined, head: Head): boolean {
  const { seq, hash } = headOf(last);
  return seq === head.seq && hash === head.hash;
}

/** Where a log ends, by its last event. */
export function headOf(last: object | undefined): Head {
  const { seq = 0, hash = FIRST_PREVIOUS_HASH } = (last ?? {}) as Partial<JobEvent>;
  return { seq, hash };
}
