import type { TrayCard } from './standing';
import type { EngineSheet } from '../sheet/engineSheet';
import type { Job } from './job';
import { currentCard, isFinished, trayOf } from './tray';

/** A job as the board shows it. */
export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly serial: string;
  readonly why: string;
  readonly openedAt: string;
  readonly sheet: { readonly id: string; readonly revision: number; readonly name: string };
  readonly cylinder1End: EngineSheet['cylinder1End'];
  readonly tray: readonly TrayCard[];
  /** Which of the tray's cards is in hand, by its number. */
  readonly current: number | null;
  readonly finished: boolean;
  /** Left for a while: to be taken up again before anything is done on it. */
  readonly parked: boolean;
  /** The last event of its log: a device can tell whether its copy is behind. */
  readonly headSeq: number;
}

/**
 * A job in a few lines: where it stands, what is next, what waits.
 * @param now ISO time
 * @returns null for a log that opens no job
 */
export function summaryOf(
  id: string,
  sheet: EngineSheet,
  { log, state }: Job,
  now: string,
): JobSummary | null {
  const { opened } = state;
  if (!opened) return null;
  const tray = trayOf(sheet, state, now);
  return {
    id,
    name: opened.name,
    serial: opened.serial,
    why: opened.why ?? '',
    openedAt: opened.at,
    sheet: { id: sheet.id, revision: sheet.revision, name: sheet.name },
    cylinder1End: sheet.cylinder1End,
    tray,
    current: currentCard(tray)?.number ?? null,
    finished: isFinished(tray),
    parked: state.parked !== null,
    headSeq: log.headSeq,
  };
}
