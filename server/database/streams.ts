import type { Transaction } from 'sequelize';
import type { JobEvent } from '@cardinex/core/job/act';
import { chainText } from '@cardinex/core/job/chain';
import { sha256 } from '../sha256';
import { EMPTY_STREAM, EventRow, Stream, type StreamKind } from './models';

/** Which stream: of a job or of a tool. */
export interface StreamKey {
  readonly shopId: string;
  readonly streamKind: StreamKind;
  readonly streamId: string;
}

/** What every event of a log has, whatever it tells of. */
export interface ChainedEvent {
  readonly seq: number;
  readonly id: string;
  readonly hash: string;
}

/** Makes a stream, unless it is there. */
export async function beginStream(
  key: StreamKey,
  begunAt: Date,
  transaction: Transaction,
): Promise<void> {
  await Stream.bulkCreate([{ ...key, ...EMPTY_STREAM, begunAt }], {
    ignoreDuplicates: true,
    transaction,
  });
}

/** Holds a stream until commit; null for one the shop does not have. */
export function lockStream(key: StreamKey, transaction: Transaction): Promise<Stream | null> {
  return Stream.findOne({
    where: { ...key },
    lock: transaction.LOCK.UPDATE,
    transaction,
  });
}

/**
 * An event chained to the one before.
 * @param headHash the hash of that one
 */
export function chained<T extends object>(
  event: T,
  headHash: string,
): T & { readonly previousHash: string; readonly hash: string } {
  const unhashed = { ...event, previousHash: headHash };
  return { ...unhashed, hash: sha256(chainText(unhashed)) };
}

/** Adds events to the end of a log, whose stream is held. */
export async function storeEvents(
  key: StreamKey,
  events: readonly ChainedEvent[],
  transaction: Transaction,
): Promise<void> {
  const last = events.at(-1);
  if (!last) return;
  await EventRow.bulkCreate(
    // A column of JSON: what is in it is for whoever reads that kind of stream.
    events.map((event) => ({
      ...key,
      seq: event.seq,
      actId: event.id,
      event: event as unknown as JobEvent,
    })),
    { transaction },
  );
  await Stream.update(
    { headSeq: last.seq, headHash: last.hash },
    { where: { ...key }, transaction },
  );
}
