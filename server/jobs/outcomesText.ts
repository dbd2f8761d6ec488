import type { Outcomes } from '@cardinex/contract/acts/outcome';
import { eventText } from '../database/streams';

/** What came of a batch, as JSON: each event as it was written out to be hashed and stored. */
export function outcomesText({ outcomes, headSeq }: Outcomes): string {
  const texts = outcomes.map((outcome) =>
    outcome.status === 'refused'
      ? JSON.stringify(outcome)
      : `{"status":"${outcome.status}","id":${JSON.stringify(outcome.id)},"event":${eventText(outcome.event)}}`,
  );
  return `{"outcomes":[${texts.join(',')}],"headSeq":${headSeq}}`;
}
