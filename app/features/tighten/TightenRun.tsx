import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { HowRead } from '@cardinex/core/job/facts/run';
import type { RunState } from '@cardinex/core/job/facts/runs';
import { useEffect, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { cardOfRun } from '@cardinex/core/job/run/runKey';
import { isSwept, nextOf, numberOf, onSide, wasLeft } from '@cardinex/core/job/run/runView';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { STRIP } from '@cardinex/core/job/slackening';
import { printedFor } from '@cardinex/core/sheet/programmeOf';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import { isPause } from '@cardinex/core/tightening/programme';
import { reaches } from '@cardinex/core/tightening/wrenchChoose';
import { stripWords as strip } from '@cardinex/words/en/cards/strip';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { faultName } from '@cardinex/words/en/boltFaults';
import { setting, torque } from '@cardinex/words/en/quantity';
import { treatmentsSaid } from '@cardinex/words/en/treatments';
import { nextUnit, usePreferences, useUnits } from '../../device/preferences';
import { useInstrument } from '../../device/instrument/useInstrument';
import { Choice } from '../../ui/Choice';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { signal, speak } from '../../ui/signal';
import { pullPace } from '../../ui/hand/pullPace';
import { useRefusal } from '../../ui/Refusal';
import { Body, Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { useUndo } from '../job/useUndo';
import { HeadMap } from './HeadMap';
import { actFace, askOf } from './actFace';
import { adviceOf, type Known } from './NotSo';
import { asPrinted, otherUnit } from './run/asPrinted';
import { Ends, useEnd } from './run/Ends';
import { JackFacts, NutTravel } from './run/JackFacts';
import { LastPull } from './run/LastPull';
import { LookedBack } from './run/LookedBack';
import { Protractor } from './run/Protractor';
import { PumpGauge, usePumped } from './run/PumpGauge';
import { ReachedRow } from './run/ReachedRow';
import { recordDone } from './run/recordDone';
import { RunSlip, type PullSlip } from './run/RunSlip';
import { severalFrom } from './run/Several';
import { targetOf, traceFault } from './run/target';
import { TryBelow } from './run/TryBelow';
import { useLookBack } from './run/useLookBack';
import { judged, pumpFault, reachedKind, useReached, type Reached } from './run/useReached';
import { clock, useWait, WaitNotice } from './run/Waiting';
import { WrenchRow } from './run/WrenchRow';
import { TightenBack } from './TightenBack';
import { TreatmentKey } from './TreatmentKey';
import { TIGHTEN_ACTS } from './ownActs';

interface Props {
  readonly view: RunView;
  /** Null where nothing is set or treated: bolts are only let go. */
  readonly prepared: RunState['prepared'];
  readonly instances: ReactNode;
  /** At the foot of the card, below everything else. */
  readonly foot?: ReactNode;
  readonly onChangeWrench: () => void;
}

/** One pull at a time: bolt, value, one large button. */
export function TightenRun({ view, prepared, instances, foot, onChangeWrench }: Props) {
  const { sheet, record, now } = useJob();
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
  const { current, sweeping } = view;
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
  const leftMs = useWait(view.waitUntil, speech);
  const face = bolt ? actFace(bolt.act, number, units) : null;
  const spoken = face?.spoken ?? '';
  const quantity = face?.quantity;
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
  const keep = useOnce(async (got: Reached | null, read: HowRead, surely = false) => {
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
      void keep(judged(bolt.act, kind, value, units), 'instrument');
    },
  );
  const pull = (): void => void keep(reached.read(), 'typed');
  const waits = leftMs !== null && leftMs > 0;
  // A value the wrench cannot give is not pulled with it: another wrench first.
  const main = waits
    ? () => refusal.say(w.waitFirst(clock(leftMs)))
    : inRange
      ? pull
      : onChangeWrench;
  if (!current || !bolt || !face) return null;
  const asked = askOf(bolt.act, { slackens, again: bolt.status === 'sweep' });
  const stageNumber = view.stages.indexOf(current) + 1;
  const done = bolts.filter((b) => b.status === 'done').length;
  const toSweep = bolts.filter((b) => b.status === 'sweep').length;
  const open = bolts.filter((b) => b.status !== 'done' && b.status !== 'sweep').length;
  // What comes once this one is confirmed.
  const following = nextOf(own.filter((b) => b !== bolt));
  const ends = bolt.act.from && side !== 'both' ? w.lastOfSide : w.lastOfStage;
  const nextHint = following ? w.nextIs(numberOf(view, following)) : ends;
  const ahead = prepared ? severalFrom(view, bolt, side) : [];
  // Within one stage, where lengths differ, the last pull may have been at another setting.
  const before = view.last?.bolt.act;
  const otherValue =
    nm !== undefined &&
    setNm !== null &&
    before?.nm !== undefined &&
    before.stage === bolt.act.stage &&
    before.nm !== nm;
  const printed = printedFor(view.set, current.stage, bolt.act.fastener);
  const doneNumbers = bolts.filter((b) => b.status === 'done').map((b) => numberOf(view, b));
  const lastFault = bolt.status === 'failed' ? bolt.attempts.at(-1)?.fault : undefined;
  const askNotSo = (): void => {
    setTooSoon(null);
    setSlip({ kind: 'not-so', known: null });
  };
  const askSeveral = (): void => {
    setTooSoon(null);
    setSlip({ kind: 'several' });
  };
  const tellSeveral = ahead.length > 1 ? askSeveral : undefined;
  const choose = (id: string): void => {
    setChosenId(id);
    setTooSoon(null);
  };
  return (
    <CardFrame
      card={cardOfRun(view.name)}
      {...(!slackens && { set: view.set.id })}
      title={
        slackens ? strip.slackenTitle(view.set.name) : w.stageOf(stageNumber, view.stages.length)
      }
      aside={sweeping ? w.sweepCounts(toSweep, open) : w.counts(done, bolts.length - done)}
      back={slackens ? <BackOfCard says={strip.back} /> : <TightenBack view={view} />}
      foot={<LastPull view={view} />}
      acts={{
        undo,
        notSo: waits
          ? { label: w.cutShort, onPress: () => setSlip({ kind: 'cut-short' }) }
          : { label: w.notSo, onPress: askNotSo },
        confirm: {
          label: inRange ? asked.did : w.changeWrench,
          hint: waits
            ? `${clock(leftMs)} ${w.waitLeft}`
            : inRange
              ? nextHint
              : w.outOfRange(torque(nm ?? 0, units)),
          onPress: main,
          plain: waits || end === null,
        },
        asked:
          tooSoon === bolt.act.key
            ? {
                text: w.tooSoon(number),
                more: w.tooSoonWhy,
                kind: 'waiting',
                yes: { label: w.tooSoonYes, onPress: () => keep(null, 'typed', true) },
                no: { label: w.tooSoonNo, onPress: () => setTooSoon(null) },
                ...(tellSeveral && { else: { label: w.severalPulled, onPress: tellSeveral } }),
                testID: 'too-soon',
              }
            : null,
        lookBack: further,
        sayAgain: () => speak(spoken),
      }}
      past={
        lookedAt && {
          title: w.lookingBack(numberOf(view, lookedAt.bolt)),
          content: <LookedBack view={view} at={lookedAt} />,
          backTo: w.backToBolt(number),
          onReturn: back,
          onFurther: further,
        }
      }
      slip={
        slip && (
          <RunSlip
            slip={slip}
            view={view}
            bolt={bolt}
            number={number}
            prepared={prepared}
            onSeveral={tellSeveral}
            onClose={() => setSlip(null)}
          />
        )
      }
    >
      {instances}
      {!isSwept(bolt.act.kind) && current.lastAt && wasLeft(current, now) ? (
        <View className="border-b border-rule bg-tab px-3.5 py-2.5" testID="left">
          <Mark kind="leftOpen" word={w.marksNotTurned(ago(current.lastAt))} />
          <TryBelow view={view} />
        </View>
      ) : null}
      <NutTravel view={view} />
      {sweeping && current.lastAt ? (
        <View className="gap-1 border-b border-rule bg-tab px-3.5 py-2.5" testID="sweep">
          <Mark kind="leftOpen" word={w.sweepTitle(ago(current.lastAt))} />
          <Body>{w.sweepWhy(stageNumber, `${face.value} ${face.unit}`.trim())}</Body>
        </View>
      ) : null}
      <View className="px-3 pt-2">
        <View className="flex-row items-center justify-between gap-3 pb-1">
          <EndMark end={sheet.cylinder1End} />
          <Small className="shrink text-right">{view.set.map.seenFrom}</Small>
        </View>
        <HeadMap
          set={view.set}
          bolts={bolts.map((b) => ({ id: b.act.fastener, status: b.status }))}
          currentId={bolt.act.fastener}
          nextId={following?.act.fastener ?? null}
          label={[w.mapLabel(doneNumbers, number), slackens ? '' : treatmentsSaid(view.set)]
            .filter(Boolean)
            .join(' ')}
          onPress={choose}
          {...(!slackens && { treatments: treatmentsOf(view.set) })}
        />
        {slackens ? null : <TreatmentKey set={view.set} />}
      </View>
      <View className="flex-row gap-8 border-t border-rule px-3.5 py-2">
        <View>
          <Small>{isPause(bolt.act) ? w.step : w.bolt}</Small>
          <Figure size="act" tone="blue" value={number} testID="bolt" />
        </View>
        <View className="flex-1">
          <Small>{asked.ask}</Small>
          <Figure
            size="act"
            value={waits ? clock(leftMs) : face.value}
            unit={waits ? '' : face.unit}
            onUnit={quantity && (() => nextUnit(quantity))}
            testID="value"
          />
          <Small>
            {slackens
              ? strip.reverse
              : (nm === undefined ? '' : otherUnit(nm, units.torque, printed)) +
                asPrinted(printed, current.stage)}
          </Small>
        </View>
        {bolt.act.kind === 'angle' && bolt.act.deg !== undefined ? (
          <Protractor deg={bolt.act.deg} turned={hand.live?.deg ?? null} />
        ) : null}
      </View>
      {jacked ? <PumpGauge hand={hand} act={bolt.act} bar={pumped.bar} /> : null}
      {otherValue ? (
        <View className="border-t border-rule bg-tab px-3.5 py-2" testID="other-value">
          <Mark kind="waiting" word={w.valueChanges(setting(setNm, units))} />
        </View>
      ) : null}
      {kind === null ? null : (
        <ReachedRow
          kind={kind}
          text={reached.text}
          onText={(text) => {
            setFaulty(false);
            refusal.clear();
            reached.setText(text);
          }}
          onEnter={main}
          faulty={faulty}
          hand={hand}
        />
      )}
      {bolt.act.kind === 'angle' ? (
        <View className="border-t border-rule px-3.5 py-2">
          <Choice
            label={w.swungBy}
            value={byPower ? 'power' : 'hand'}
            options={[
              { value: 'hand', label: w.byHandSwung },
              { value: 'power', label: w.powerSwung },
            ]}
            onChange={(value) => setByPower(value === 'power')}
          />
        </View>
      ) : null}
      {lastFault ? (
        <View className="border-t border-rule px-3.5 py-2" testID="failed">
          <Mark kind="out" word={faultName(lastFault.kind)} />
          <Body>{w.failedBolt(number, adviceOf(view, bolt, lastFault.kind))}</Body>
        </View>
      ) : null}
      {view.waitUntil !== null && leftMs !== null ? (
        <WaitNotice until={view.waitUntil} leftMs={leftMs} />
      ) : null}
      <Ends view={view} bolt={bolt} end={end} />
      {bolt.act.kind === 'hydraulic' && bolt.act.bar !== undefined && !slackens ? (
        <JackFacts view={view} bar={bolt.act.bar} />
      ) : null}
      {slackens ? null : (
        <WrenchRow
          view={view}
          bolt={bolt}
          prepared={prepared}
          setNm={setNm}
          onChange={onChangeWrench}
        />
      )}
      {foot}
    </CardFrame>
  );
}

function isPullable(bolt: BoltView): boolean {
  return bolt.status !== 'done' && bolt.status !== 'contested';
}
