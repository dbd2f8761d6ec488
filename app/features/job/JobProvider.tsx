import type { KeptAct } from '../../ledger/kept';
import type { TrayCard } from '@cardinex/core/job/standing';
import { router } from 'expo-router';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type PropsWithChildren,
} from 'react';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import type { ActData, ActType } from '@cardinex/core/job/act';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { trayOf } from '@cardinex/core/job/tray';
import type { JobLog } from '@cardinex/core/job/log';
import type { JobState } from '@cardinex/core/job/state';
import type { JobSheet } from '@cardinex/core/job/scope';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { refusalSentence } from '@cardinex/words/refusals';
import { shared } from '@cardinex/words/screens';
import { storageWords } from '@cardinex/words/storage';
import type { NewAct, Recorded, Unkept } from '../../ledger/jobLedger';
import type { Away } from '../../ledger/outbox';
import { useUnits } from '../../device/preferences';
import { useActor, useBench } from '../../session/SessionProvider';
import { Notice } from '../../ui/Notice';
import { useRefusal } from '../../ui/Refusal';
import { signal } from '../../ui/signal';
import { useNow } from '../../ui/useNow';
import { NotKept } from './NotKept';

export interface OpenJob {
  readonly jobId: string;
  /** The figures this job runs on: the pinned revision with variant, deviations and leaflets over it. */
  readonly sheet: JobSheet;
  /** The revision as it was published. */
  readonly pinned: EngineSheet;
  readonly state: JobState;
  readonly log: JobLog;
  readonly tray: readonly TrayCard[];
  readonly now: string;
  readonly waiting: number;
  readonly away: Away;
  readonly refused: readonly KeptAct[];
  /** Records an act. Resolves to why it was not accepted, or null. One at a time: a second press waits. */
  readonly record: <T extends ActType>(type: T, data: ActData[T]) => Promise<string | null>;
  /** Records several acts, all or none. Resolves as `record` does. */
  readonly recordAll: (acts: readonly NewAct[]) => Promise<string | null>;
  /** Goes on by a newer revision of the sheet. Resolves as `record` does. */
  readonly takeSheet: (revision: SheetRevision, words: string) => Promise<string | null>;
}

/** How long a job that could not be fetched is left before it is asked for again. */
const ASK_AGAIN_MS = 3000;

const JobContext = createContext<OpenJob | null>(null);

/** Opens a job for the screens inside: its log on this device, folded, and the way to add to it. */
export function JobProvider({ jobId, children }: PropsWithChildren<{ jobId: string }>) {
  const { ledgers } = useBench();
  const actor = useActor();
  const ledger = useMemo(() => ledgers.job(jobId), [ledgers, jobId]);
  const view = useSyncExternalStore(ledger.subscribe, ledger.getView);
  const away = useSyncExternalStore(ledgers.subscribe, ledgers.getAway);
  const now = useNow();
  const { say, clear } = useRefusal();
  const [unkept, setUnkept] = useState<Unkept | null>(null);
  const units = useUnits();
  /** Says what came of it, for eyes and hands. */
  const textOf = useCallback(
    (verdict: Recorded): string | null => {
      if (verdict.ok) {
        signal('confirmed');
        clear();
        return null;
      }
      if ('unkept' in verdict) {
        signal('refused');
        setUnkept(verdict.unkept);
        return storageWords.title;
      }
      const sentence = refusalSentence(verdict.refusal, units);
      say(sentence);
      return sentence;
    },
    [say, clear, units],
  );
  const record = useCallback(
    async <T extends ActType>(type: T, data: ActData[T]) =>
      textOf(await ledger.record(type, data, actor)),
    [ledger, actor, textOf],
  );
  const recordAll = useCallback(
    async (acts: readonly NewAct[]) => textOf(await ledger.recordAll(acts, actor)),
    [ledger, actor, textOf],
  );
  const takeSheet = useCallback(
    async (revision: SheetRevision, words: string) =>
      textOf(await ledger.takeSheet(revision, words, actor)),
    [ledger, actor, textOf],
  );
  const { refused, waiting } = view;
  const { log, state } = view.job;
  const pinned = view.sheet?.sheet ?? null;
  const sheet = useMemo(() => pinned && sheetOfJob(pinned, state), [pinned, state]);
  // The tray looks at the clock; an act later than the last tick must not seem to lie in the future.
  const tray = useMemo(
    () => (pinned ? trayOf(pinned, state, latest(now, log)) : []),
    [pinned, state, log, now],
  );
  const job = useMemo(
    () =>
      sheet &&
      pinned && {
        jobId,
        sheet,
        pinned,
        takeSheet,
        state,
        log,
        tray,
        now: latest(now, log),
        waiting,
        away,
        refused,
        record,
        recordAll,
      },
    [
      jobId,
      sheet,
      pinned,
      takeSheet,
      state,
      log,
      tray,
      now,
      waiting,
      away,
      refused,
      record,
      recordAll,
    ],
  );
  const isUnreachable = view.status === 'unreachable';
  // A busy server answers in a moment: nobody stands at an engine pressing a button for it.
  useEffect(() => {
    if (!isUnreachable) return;
    const again = setInterval(() => void ledger.load(), ASK_AGAIN_MS);
    return () => clearInterval(again);
  }, [isUnreachable, ledger]);
  if (isUnreachable || view.status === 'missing') {
    const missing = view.status === 'missing';
    return (
      <Notice
        text={missing ? shared.notFound : (view.problem ?? shared.away)}
        action={missing ? shared.toBoard : shared.tryAgain}
        onAction={() => (missing ? router.replace('/') : void ledger.load())}
      />
    );
  }
  if (!job) return <Notice text={shared.loading} />;
  return (
    <JobContext.Provider value={job}>
      {children}
      {unkept ? (
        <NotKept ledger={ledger} sheet={job.sheet} unkept={unkept} onDone={setUnkept} />
      ) : null}
    </JobContext.Provider>
  );
}

/** A clock's time, or that of the log's last act where it is later: no act lies in the future. */
export function latest(now: string, { last }: JobLog): string {
  const at = last?.at;
  return at !== undefined && Date.parse(at) > Date.parse(now) ? at : now;
}

export function useJob(): OpenJob {
  const job = useContext(JobContext);
  if (!job) throw new Error('no job is open here');
  return job;
}
