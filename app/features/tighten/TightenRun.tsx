import { format } from 'date-fns/format';
import { useEffect, useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import {
  isRunAct,
  isSwept,
  numberOf,
  readKey,
  wasLeft,
  wrenchSettingNm,
  type BoltView,
  type RunState,
  type RunView,
} from '@cardinex/core/job/cards/tighten';
import { doneBy } from '@cardinex/core/job/cards/tightenDecide';
import { atLeast, atMost } from '@cardinex/core/quantity/withinLimits';
import type { TorqueUnit } from '@cardinex/core/quantity/units';
import { STRIP } from '@cardinex/core/job/slackening';
import { groupOf, printedFor } from '@cardinex/core/sheet/programmeOf';
import type { SheetStage } from '@cardinex/core/sheet/spec/fastening';
import { isPause } from '@cardinex/core/tightening/programme';
import { stripWords as strip } from '@cardinex/words/en/cards/strip';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import {
  METRIC,
  printedSource,
  printedText,
  settingFigure,
  torque,
} from '@cardinex/words/en/quantity';
import { nextUnit, usePreferences, useUnits } from '../../device/preferences';
import { useBench, useMemberName } from '../../session/SessionProvider';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { speak } from '../../ui/signal';
import { useActKeys } from '../../ui/useActKeys';
import { Body, Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { ActBar } from '../job/ActBar';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { KeyHelp } from '../job/KeyHelp';
import { useJob, type OpenJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { useUndo } from '../job/useUndo';
import { HeadMap } from './HeadMap';
import { actFace, askOf } from './actFace';
import { NotSo } from './NotSo';
import { TightenBack } from './TightenBack';
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
  const { speech } = usePreferences();
  const { last, undo } = useUndo(TIGHTEN_ACTS);
  const [notSo, setNotSo] = useState(false);
  const [help, setHelp] = useState(false);
  const [lookBackBy, setLookBackBy] = useState(0);
  const [chosenId, setChosenId] = useState<string | null>(null);
  const { current, sweeping } = view;
  const bolts = current?.bolts ?? [];
  const bolt = bolts.find((b) => b.act.fastener === chosenId && isPullable(b)) ?? view.next;
  const { lookedAt, step } = useLookBack(view, lookBackBy, setLookBackBy);
  const number = bolt ? numberOf(view, bolt) : '';
  const nm = bolt?.act.nm;
  const setNm = nm === undefined || !prepared ? null : wrenchSettingNm(nm, prepared);
  const wrench = prepared?.wrench ?? null;
  const slackens = view.name.programme === STRIP;
  const inRange =
    setNm === null ||
    (wrench !== null && atLeast(setNm, wrench.lowNm) && atMost(setNm, wrench.highNm));
  const face = bolt ? actFace(bolt.act, number, units) : null;
  const spoken = face?.spoken ?? '';
  const quantity = face?.quantity;
  useEffect(() => {
    if (speech && number !== '') speak(spoken);
  }, [speech, spoken, number]);

  const pull = useOnce(async () => {
    if (!bolt) return;
    setLookBackBy(0);
    setChosenId(null);
    await recordDone(record, bolt, setNm ?? 0, wrench?.id ?? '');
  });
  // A value the wrench cannot give is not pulled with it: another wrench first.
  const main = inRange ? pull : onChangeWrench;
  const undoable = last && isRunAct(last) ? last : null;
  useActKeys({
    confirm: notSo ? undefined : main,
    undo: undoable && !notSo ? undo : undefined,
    lookBack: step,
    help: () => setHelp(!help),
  });
  if (!current || !bolt || !face) return null;
  const asked = askOf(bolt.act, { slackens, again: bolt.status === 'sweep' });
  const stageNumber = view.stages.indexOf(current) + 1;
  const done = bolts.filter((b) => b.status === 'done').length;
  const toSweep = bolts.filter((b) => b.status === 'sweep').length;
  const open = bolts.filter((b) => b.status === 'open' || b.status === 'failed').length;
  const following = followingOf(bolts, bolt);
  const nextHint = following ? w.nextIs(numberOf(view, following)) : w.lastOfStage;
  const shown = lookedAt ?? bolt;
  const printed = printedFor(view.set, current.stage, bolt.act.fastener);
  const fastener = view.set.fasteners.find((f) => f.id === bolt.act.fastener);
  const group = fastener && groupOf(view.set, fastener);
  const doneNumbers = bolts.filter((b) => b.status === 'done').map((b) => numberOf(view, b));
  const choose = (id: string): void => {
    setLookBackBy(0);
    setChosenId(id);
  };
  return (
    <CardFrame
      card={slackens ? 'strip' : 'tighten'}
      {...(!slackens && { set: view.set.id })}
      title={
        slackens ? strip.slackenTitle(view.set.name) : w.stageOf(stageNumber, view.stages.length)
      }
      aside={sweeping ? w.sweepCounts(toSweep, open) : w.counts(done, bolts.length - done)}
      back={slackens ? <BackOfCard says={strip.back} /> : <TightenBack view={view} />}
      foot={<LastPull view={view} />}
      actBar={
        <ActBar
          undo={
            undoable
              ? { what: w.boltNumber(numberOfKey(view, undoable.data.key)), onPress: undo }
              : null
          }
          notSo={{ label: w.notSo, onPress: () => setNotSo(true) }}
          confirm={{
            label: inRange ? asked.did : w.changeWrench,
            hint: inRange ? nextHint : w.outOfRange(torque(nm ?? 0, units)),
            onPress: main,
          }}
        />
      }
      slip={
        <>
          {notSo ? <NotSo bolt={bolt} number={number} onClose={() => setNotSo(false)} /> : null}
          {help ? <KeyHelp onClose={() => setHelp(false)} /> : null}
        </>
      }
    >
      {instances}
      {!isSwept(bolt.act.kind) && current.lastAt && wasLeft(current, now) ? (
        <View className="border-b border-rule bg-tab px-3.5 py-2.5" testID="left">
          <Mark kind="leftOpen" word={w.marksNotTurned(ago(current.lastAt))} />
        </View>
      ) : null}
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
          currentId={shown.act.fastener}
          nextId={following?.act.fastener ?? null}
          label={w.mapLabel(doneNumbers, number)}
          onPress={choose}
        />
      </View>
      <View className="flex-row gap-8 border-t border-rule px-3.5 py-2">
        <View>
          <Small>{lookedAt ? w.lookBack : isPause(shown.act) ? w.step : w.bolt}</Small>
          <Figure size="act" tone="blue" value={numberOf(view, shown)} testID="bolt" />
        </View>
        <View className="flex-1">
          <Small>{asked.ask}</Small>
          <Figure
            size="act"
            value={face.value}
            unit={face.unit}
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
      </View>
      {bolt.status === 'failed' ? (
        <View className="border-t border-rule px-3.5 py-2">
          <Mark kind="out" />
          <Body>{w.failedBolt(number)}</Body>
        </View>
      ) : null}
      {slackens ? null : (
        <View className="flex-row items-center justify-between gap-2 border-t border-rule px-3.5 py-1.5">
          <Pressable
            role="button"
            onPress={onChangeWrench}
            className="min-h-[44px] flex-row items-center gap-2"
          >
            <Text className="font-strong text-[17px] text-ink underline">
              {wrench && setNm !== null ? w.wrenchSet(wrench.name) : w.getReady}
            </Text>
            {wrench && setNm !== null ? (
              <Figure size="small" value={settingFigure(setNm)} unit="N·m" />
            ) : null}
          </Pressable>
          <Small className="shrink text-right">{group?.treatment.says ?? ''}</Small>
        </View>
      )}
      {lookedAt ? (
        <Body className="border-t border-rule px-3.5 py-2">
          {w.lookingBack(numberOf(view, lookedAt))}
        </Body>
      ) : null}
      {foot}
    </CardFrame>
  );
}

function isPullable(bolt: BoltView): boolean {
  return bolt.status === 'open' || bolt.status === 'failed' || bolt.status === 'sweep';
}

/** The bolt that comes after this one is confirmed. */
function followingOf(bolts: readonly BoltView[], bolt: BoltView): BoltView | null {
  const rest = bolts.filter((b) => b !== bolt);
  for (const status of ['sweep', 'open', 'failed'] as const) {
    const found = rest.find((b) => b.status === status);
    if (found) return found;
  }
  return null;
}

function numberOfKey(view: RunView, key: string): string {
  const { fastener } = readKey(key);
  return view.set.fasteners.find((f) => f.id === fastener)?.number ?? fastener;
}

/** The value once more for whoever thinks in the other system, unless the print says it already. */
function otherUnit(nm: number, shown: TorqueUnit, printed: ReturnType<typeof printedFor>): string {
  const other = shown === 'N·m' ? 'lbf·ft' : 'N·m';
  return printed && printedText(printed).includes(other)
    ? ''
    : `${torque(nm, { ...METRIC, torque: other })} · `;
}

/** As the book prints it, with its page; a step's own words where it has no figure. */
function asPrinted(printed: ReturnType<typeof printedFor>, stage: SheetStage): string {
  const says = 'says' in stage ? stage.says : '';
  if (!printed) return says;
  return [says, w.asPrinted(printedText(printed), pageOf(printedSource(printed)))]
    .filter(Boolean)
    .join(' ');
}

/** Says that a pull was made, in the words of its kind. */
function recordDone(
  record: OpenJob['record'],
  { act, nextPass: pass }: BoltView,
  setNm: number,
  wrench: string,
): Promise<string | null> {
  const { key } = act;
  switch (doneBy(act)) {
    case 'bolt.turned':
      return record('bolt.turned', { key, pass, deg: act.deg ?? 0 });
    case 'bolt.eased':
      return record('bolt.eased', { key, pass });
    case 'stud.tensioned':
      return record('stud.tensioned', { key, pass, bar: act.bar ?? 0 });
    case 'step.done':
      return record('step.done', { key, pass });
    default:
      return record('bolt.pulled', { key, pass, nm: act.nm ?? 0, setNm, wrench });
  }
}

/** Only the page on the front; the whole source stands on the back. */
function pageOf(source: string): string {
  return /, p\. \S+$/.exec(source)?.[0] ?? '';
}

/** PageUp walks back over the bolts done, without undoing anything. */
function useLookBack(view: RunView, by: number, setBy: (by: number) => void) {
  const doneInOrder = (view.current?.bolts ?? [])
    .filter((b) => b.attempts.length > 0)
    .sort(
      (a, b) => Date.parse(b.attempts.at(-1)?.at ?? '') - Date.parse(a.attempts.at(-1)?.at ?? ''),
    );
  return {
    lookedAt: by > 0 ? (doneInOrder[by - 1] ?? null) : null,
    step: () => setBy(by >= doneInOrder.length ? 0 : by + 1),
  };
}

function LastPull({ view }: { view: RunView }) {
  const { member } = useBench();
  const nameOf = useMemberName();
  if (!view.last) return <Small className="text-bench-soft">{w.nothingYet}</Small>;
  const { bolt, attempt } = view.last;
  const who = attempt.by === member.id ? w.you : nameOf(attempt.by);
  return (
    <Small className="py-2.5 text-[16px] text-bench-soft" testID="last">
      {w.last(numberOf(view, bolt), format(new Date(attempt.at), 'HH:mm'), who)}
    </Small>
  );
}
