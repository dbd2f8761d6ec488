import type { BoltView, RunView, StageView } from '@cardinex/core/job/run/views';
import type { HowRead, Side } from '@cardinex/core/job/facts/run';
import type { Prepared } from '@cardinex/core/job/facts/runs';
import { useEffect, useState } from 'react';
import { nextOf, numberOf, onSide } from '@cardinex/core/job/run/runView';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { STRIP } from '@cardinex/core/job/slackening';
import { isPause } from '@cardinex/core/tightening/programme';
import { reaches } from '@cardinex/core/tightening/wrenchChoose';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { torque } from '@cardinex/words/quantity';
import { usePreferences, useUnits } from '../../../device/preferences';
import { useInstrument, type InHand } from '../../../device/instrument/useInstrument';
import { pullPace } from '../../../ui/hand/pullPace';
import { signal, speak } from '../../../ui/signal';
import { useRefusal } from '../../../ui/Refusal';
import type { CardActs } from '../../job/ActBar';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { useUndo } from '../../job/useUndo';
import { actFace, askOf } from '../actFace';
import type { Known } from '../NotSo';
import { TIGHTEN_ACTS } from '../ownActs';
import { useEnd } from './Ends';
import { usePumped } from './PumpGauge';
import { recordDone } from './recordDone';
import type { PullSlip } from './RunSlip';
import { severalFrom } from './Several';
import { targetOf, traceFault } from './target';
import { useLookBack, type LookedAt } from './useLookBack';
import {
  judged,
  pumpFault,
  reachedKind,
  useReached,
  type Reached,
  type ReachedKind,
} from './useReached';
import { clock, useWait } from '../../../ui/wait/useWait';

interface Asked {
  readonly view: RunView;
  readonly prepared: Prepared | null;
  readonly onChangeWrench: () => void;
}

/** A run as it stands in the hand: one pull, how it is to be made, and what may be pressed. */
export interface RunInHandNow {
  readonly view: RunView;
  readonly prepared: Prepared | null;
  readonly stage: StageView;
  /** Counted from 1. */
  readonly stageNumber: number;
  readonly bolt: BoltView;
  /** As printed beside it. */
  readonly number: string;
  /** What comes once this one is confirmed. */
  readonly following: BoltView | null;
  readonly face: ReturnType<typeof actFace>;
  readonly asked: ReturnType<typeof askOf>;
  /** Bolts are only let go. */
  readonly slackens: boolean;
  /** What the wrench is set to; null where nothing is set. */
  readonly setNm: number | null;
  /** The last pull of the stage was at another setting. */
  readonly otherValue: boolean;
  /** Which end of it is held here; null where that is not said yet. */
  readonly end: Side | null | undefined;
  /** How long is still to be waited; null where nothing is waited for. */
  readonly leftMs: number | null;
  readonly waits: boolean;
  readonly reading: {
    /** What is typed beside the pull; null where nothing is. */
    readonly kind: ReachedKind | null;
    readonly text: string;
    readonly faulty: boolean;
    readonly type: (text: string) => void;
  };
  readonly hand: InHand;
  /** Where a pump was stopped; undefined where no jacks are on. */
  readonly pumpedBar: number | null | undefined;
  readonly byPower: boolean;
  readonly swing: (byPower: boolean) => void;
  readonly confirm: () => void;
  readonly choose: (fastener: string) => void;
  readonly acts: CardActs;
  readonly past: {
    readonly at: LookedAt;
    readonly back: () => void;
    readonly further: () => void;
  } | null;
  readonly slip: PullSlip | null;
  readonly closeSlip: () => void;
  /** Several were pulled before they could be tapped; undefined where only one is ahead. */
  readonly tellSeveral: (() => void) | undefined;
}

/**
 * Holds a run: which pull is in hand, what was typed or read beside it, and what a press, a key or an
 * instrument may do about it. Nothing of it is drawn here.
 * @returns null once nothing is left to pull
 */
export function useRun({ view, prepared, onChangeWrench }: Asked): RunInHandNow | null {
  const { record } = useJob();
  const units = useUnits();
  const { speech, end: side } = usePreferences();
  const { undo } = useUndo(TIGHTEN_ACTS);
  const refusal = useRefusal();
  const [slip, setSlip] = useState<PullSlip | null>(null);
  const [byPower, setByPower] = useState(false);
  const [faulty, setFaulty] = useState(false);
  /** The pull that followed too soon on the last, asked about. */
  const [tooSoon, setTooSoon] = useState<string | null>(null);
  const [chosenId, setChosenId] = useState<string | null>(null);
  const { current } = view;
  const bolts = current?.bolts ?? [];
  // Shared out between two, each is shown what is theirs to pull, and the other's while they wait.
  const own = onSide(bolts, side);
  const bolt =
    own.find((b) => b.act.fastener === chosenId && isPullable(b)) ?? nextOf(own) ?? view.next;
  const { lookedAt, further, back } = useLookBack(view);
  const number = bolt ? numberOf(view, bolt) : '';
  const nm = bolt?.act.nm;
  const setNm = nm === undefined || !prepared ? null : wrenchSettingNm(nm, prepared);
  const wrench = prepared?.wrench ?? null;
  const slackens = view.name.programme === STRIP;
  const inRange = setNm === null || (wrench !== null && reaches(wrench, setNm));
  const leftMs = useWait(view.waitUntil, speech ? w.waitOver : null);
  const face = bolt ? actFace(bolt.act, number, units) : null;
  const spoken = face?.spoken ?? '';
  useEffect(() => {
    if (speech && number !== '') speak(spoken);
  }, [speech, spoken, number]);

  const end = useEnd(bolt);
  const counts = view.set.tensioner?.holesPerTurn !== undefined && !slackens;
  const kind = bolt && !slackens ? reachedKind(bolt.act, counts) : null;
  const reached = useReached(bolt?.act ?? null, kind, units);
  const jacked = bolt?.act.bar !== undefined && !slackens;
  const pumped = usePumped(view);
  const refuse = (missed: Known): void => {
    signal('refused');
    setSlip({ kind: 'not-so', known: missed });
  };
  const save = useOnce(async (got: Reached | null, read: HowRead, surely = false) => {
    if (!bolt) return;
    if (end === null) return refusal.say(bolt.act.together ? w.otherEnd : w.otherSide);
    if (got?.ok === false) {
      // What cannot be read is typed again; what missed is not so.
      if (got.fault) return refuse(got);
      setFaulty(true);
      return refusal.say(got.says);
    }
    // A figure that was read is a pull of its own, however soon it comes.
    if (got === null && !surely && !isPause(bolt.act) && pullPace.isTooSoon()) {
      signal('refused');
      return setTooSoon(bolt.act.key);
    }
    const pumpedBar = jacked ? (pumped.bar ?? undefined) : undefined;
    const stopped = pumpedBar === undefined ? null : pumpFault(bolt.act, pumpedBar, units);
    if (stopped) {
      setTooSoon(null);
      return refuse(stopped);
    }
    setFaulty(false);
    back();
    setChosenId(null);
    const how = {
      setNm: setNm ?? 0,
      wrench: wrench?.id ?? '',
      side: end,
      read,
      byPower,
      pumpedBar,
    };
    const problem = await recordDone(record, bolt, { ...how, ...(got && { reached: got }) });
    setTooSoon(null);
    if (problem === null && !isPause(bolt.act)) pullPace.pulled();
  });
  const hand = useInstrument(
    jacked ? 'pump' : kind === null ? null : 'wrench',
    bolt ? targetOf(view, bolt) : null,
    (values, samples) => {
      if (!bolt) return;
      if (jacked && values.bar !== undefined) return pumped.take(values.bar);
      if (kind === null || kind === 'holes') return;
      const value = kind === 'torque' ? values.nm : values.deg;
      if (value === undefined) return;
      if (lookedAt) {
        back();
        return refusal.say(w.sentBehind);
      }
      const missed = traceFault(bolt.act, samples);
      if (missed) return refuse(missed);
      void save(judged(bolt.act, kind, value, units), 'instrument');
    },
  );
  if (!current || !bolt || !face) return null;

  const pull = (): void => void save(reached.read(), 'typed');
  const waits = leftMs !== null && leftMs > 0;
  // A value the wrench cannot give is not pulled with it: another wrench first.
  const confirm = waits
    ? () => refusal.say(w.waitFirst(clock(leftMs)))
    : inRange
      ? pull
      : onChangeWrench;
  const asked = askOf(bolt.act, { slackens, again: bolt.status === 'sweep' });
  const following = nextOf(own.filter((b) => b !== bolt));
  const ends = bolt.act.from && side !== 'both' ? w.lastOfSide : w.lastOfStage;
  const nextHint = following ? w.nextIs(numberOf(view, following)) : ends;
  const ahead = prepared ? severalFrom(view, bolt, side) : [];
  const open = (next: PullSlip) => (): void => {
    setTooSoon(null);
    setSlip(next);
  };
  const tellSeveral = ahead.length > 1 ? open({ kind: 'several' }) : undefined;
  return {
    view,
    prepared,
    stage: current,
    stageNumber: view.stages.indexOf(current) + 1,
    bolt,
    number,
    following,
    face,
    asked,
    slackens,
    setNm,
    otherValue: setNm !== null && isOtherValue(view, bolt),
    end,
    leftMs,
    waits,
    reading: {
      kind,
      text: reached.text,
      faulty,
      type: (text) => {
        setFaulty(false);
        refusal.clear();
        reached.setText(text);
      },
    },
    hand,
    pumpedBar: jacked ? pumped.bar : undefined,
    byPower,
    swing: setByPower,
    confirm,
    choose: (id) => {
      setChosenId(id);
      setTooSoon(null);
    },
    acts: {
      undo,
      notSo: waits
        ? { label: w.cutShort, onPress: () => setSlip({ kind: 'cut-short' }) }
        : { label: w.notSo, onPress: open({ kind: 'not-so', known: null }) },
      confirm: {
        label: inRange ? asked.did : w.changeWrench,
        hint: waits
          ? `${clock(leftMs)} ${w.waitLeft}`
          : inRange
            ? nextHint
            : w.outOfRange(torque(nm ?? 0, units)),
        onPress: confirm,
        plain: waits || end === null,
      },
      asked:
        tooSoon === bolt.act.key
          ? {
              text: w.tooSoon(number),
              more: w.tooSoonWhy,
              kind: 'waiting',
              yes: { label: w.tooSoonYes, onPress: () => save(null, 'typed', true) },
              no: { label: w.tooSoonNo, onPress: () => setTooSoon(null) },
              ...(tellSeveral && { else: { label: w.severalPulled, onPress: tellSeveral } }),
              testID: 'too-soon',
            }
          : null,
      lookBack: further,
      sayAgain: () => speak(spoken),
    },
    past: lookedAt && { at: lookedAt, back, further },
    slip,
    closeSlip: () => setSlip(null),
    tellSeveral,
  };
}

/** Within one stage, where lengths differ, the last pull may have been at another setting. */
function isOtherValue(view: RunView, { act }: BoltView): boolean {
  const before = view.last?.bolt.act;
  return before?.nm !== undefined && before.stage === act.stage && before.nm !== act.nm;
}

function isPullable(bolt: BoltView): boolean {
  return bolt.status !== 'done' && bolt.status !== 'contested';
}
