import type { EngineSheet } from './engineSheet';
import type { JournalSpec } from './spec/block';

/** The main bearings among the journals of a sheet; none where it has no figures of them. */
export function mainJournal({ journals }: Pick<EngineSheet, 'journals'>): JournalSpec | undefined {
  return journals?.find(({ id, name }) => id === 'mains' || /^main/i.test(name));
}
