import { DEMO_JOB } from '@cardinex/demo/jobs';

/**
 * SQL that puts a finished job of the demo there so many times more, each begun an hour before the last:
 * a board of years.
 */
export const moreFinished = (times: number): string => copiesOf(DEMO_JOB.ferryWinch, times);

/** SQL that puts a job there so many times more, each begun an hour before the last. */
export const copiesOf = (job: string, times: number): string => `
WITH copies AS (
  INSERT INTO streams (shop_id, stream_kind, stream_id, head_seq, head_hash, begun_at)
  SELECT shop_id, stream_kind, gen_random_uuid(), head_seq, head_hash, begun_at - n * interval '1 hour'
    FROM streams, generate_series(1, ${times}) AS n WHERE stream_id = '${job}'
  RETURNING *
)
INSERT INTO events (shop_id, stream_kind, stream_id, seq, act_id, event)
SELECT c.shop_id, c.stream_kind, c.stream_id, e.seq, gen_random_uuid(), e.event
  FROM copies c, events e WHERE e.stream_id = '${job}'`;
