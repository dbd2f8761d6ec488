import type { Transaction } from 'sequelize';
import type { JobEvent } from '@cardinex/core/job/act';
import { EMPTY_STREAM, EventRow, Stream } from '../database/models';

/** Makes a job's stream, unless it is there. */
export async function beginStream(
  shopId: string,
  streamId: string,
  begunAt: Date,
  transaction: Transaction,
): Promise<void> {
  await Stream.bulkCreate([{ shopId, streamKind: 'job', streamId, ...EMPTY_STREAM, begunAt }], {
    ignoreDuplicates: true,
    transaction,
  });
}

/** Holds a job's stream until commit; null for one the shop does not have. */
export function lockStream(
  shopId: string,
  streamId: string,
  transaction: Transaction,
): Promise<Stream | null> {
  return Stream.findOne({
    where: { shopId, streamKind: 'job', streamId },
    lock: transaction.LOCK.UPDATE,
    transaction,
  });
}

/** Adds events to the end of a job's log, whose stream is held. */
export async function storeEvents(
  shopId: string,
  streamId: string,
  events: readonly JobEvent[],
  transaction: Transaction,
): Promise<void> {
  const last = events.at(-1);
  if (!last) return;
  const stream = { shopId, streamKind: 'job' as const, streamId };
  await EventRow.bulkCreate(
    events.map((event) => ({ ...stream, seq: event.seq, actId: event.id, event })),
    { transaction },
  );
  await Stream.update({ headSeq: last.seq, headHash: last.hash }, { where: stream, transaction });
}
