import { format } from 'date-fns/format';
import { useEffect, useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import {
  numberOf,
  readKey,
  wrenchSettingNm,
  type BoltView,
  type RunState,
  type RunView,
} from '@cardinex/core/job/cards/tighten';
import { atLeast, atMost } from '@cardinex/core/quantity/withinLimits';
import type { TorqueUnit } from '@cardinex/core/quantity/units';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { SPOKEN_TORQUE, settingFigure, torque, torqueFigure } from '@cardinex/words/en/quantity';
import { usePreferences, useUnits } from '../../device/preferences';
import { useBench, useMemberName } from '../../session/SessionProvider';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { speak } from '../../ui/signal';
import { useActKeys } from '../../ui/useActKeys';
import { Body, Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { ActBar } from '../job/ActBar';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { KeyHelp } from '../job/KeyHelp';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { useUndo } from '../job/useUndo';
import { HeadMap } from './HeadMap';
import { NotSo } from './NotSo';
import { TightenBack } from './TightenBack';
import { TIGHTEN_ACTS } from './ownActs';

interface Props {
  readonly view: RunView;
  readonly prepared: NonNullable<RunState['prepared']>;
  readonly onChangeWrench: () => void;
}

/** One pull at a time: bolt, value, one large button. */
export function TightenRun({ view, prepared, onChangeWrench }: Props) {
  const { sheet, record } = useJob();
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
  const nm = bolt?.act.nm ?? 0;
  const setNm = wrenchSettingNm(nm, prepared);
  const { lowNm, highNm } = prepared.wrench;
  const inRange = atLeast(setNm, lowNm) && atMost(setNm, highNm);
  const number = bolt ? numberOf(view, bolt) : '';
  const spoken = w.spoken(number, torqueFigure(nm, units.torque), SPOKEN_TORQUE[units.torque]);
  useEffect(() => {
    if (speech && number !== '') speak(spoken);
  }, [speech, spoken, number]);

  const pull = useOnce(async () => {
    if (!bolt) return;
    setLookBackBy(0);
    setChosenId(null);
    await record('bolt.pulled', {
      key: bolt.act.key,
      pass: bolt.nextPass,
      nm,
      setNm,
      wrench: prepared.wrench.id,
    });
  });
  // A value the wrench cannot give is not pulled with it: another wrench first.
  const main = inRange ? pull : onChangeWrench;
  const undoable =
    last && (last.type === 'bolt.pulled' || last.type === 'bolt.failed') ? last : null;
  useActKeys({
    confirm: notSo ? undefined : main,
    undo: undoable && !notSo ? undo : undefined,
    lookBack: step,
    help: () => setHelp(!help),
  });
  if (!current || !bolt) return null;
  const stageNumber = view.stages.indexOf(current) + 1;
  const done = bolts.filter((b) => b.status === 'done').length;
  const toSweep = bolts.filter((b) => b.status === 'sweep').length;
  const open = bolts.filter((b) => b.status === 'open' || b.status === 'failed').length;
  const following = followingOf(bolts, bolt);
  const nextHint = following ? w.nextIs(numberOf(view, following)) : w.lastOfStage;
  const shown = lookedAt ?? bolt;
  const doneNumbers = bolts.filter((b) => b.status === 'done').map((b) => numberOf(view, b));
  const choose = (id: string): void => {
    setLookBackBy(0);
    setChosenId(id);
  };
  return (
    <CardFrame
      card="tighten"
      title={w.stageOf(stageNumber, view.stages.length)}
      aside={sweeping ? w.sweepCounts(toSweep, open) : w.counts(done, bolts.length - done)}
      back={<TightenBack view={view} />}
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
            label: inRange ? w.clicked : w.changeWrench,
            hint: inRange ? nextHint : w.outOfRange(torque(nm, units)),
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
      {sweeping && current.lastAt ? (
        <View className="gap-1 border-b border-rule bg-tab px-3.5 py-2.5" testID="sweep">
          <Mark kind="leftOpen" word={w.sweepTitle(ago(current.lastAt))} />
          <Body>{w.sweepWhy(stageNumber, torque(nm, units))}</Body>
        </View>
      ) : null}
      <View className="px-3 pt-2">
        <View className="flex-row items-center justify-between pb-1">
          <EndMark end={sheet.cylinder1End} />
          <Small>{w.seenFromAbove}</Small>
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
          <Small>{lookedAt ? w.lookBack : w.bolt}</Small>
          <Figure size="act" tone="blue" value={numberOf(view, shown)} testID="bolt" />
        </View>
        <View className="flex-1">
          <Small>{bolt.status === 'sweep' ? w.sweepTo : w.pullTo}</Small>
          <Figure
            size="act"
            value={torqueFigure(nm, units.torque)}
            unit={units.torque}
            testID="value"
          />
          <Small>
            {otherUnit(nm, units.torque, current.stage.torque.unit)}
            {w.asPrinted(current.stage.torque.text, pageOf(current.stage.torque.source))}
          </Small>
        </View>
      </View>
      {bolt.status === 'failed' ? (
        <View className="border-t border-rule px-3.5 py-2">
          <Mark kind="out" />
          <Body>{w.failedBolt(number)}</Body>
        </View>
      ) : null}
      <View className="flex-row items-center justify-between gap-2 border-t border-rule px-3.5 py-1.5">
        <Pressable
          role="button"
          onPress={onChangeWrench}
          className="min-h-[44px] flex-row items-center gap-2"
        >
          <Text className="font-strong text-[17px] text-ink underline">
            {w.wrenchSet(prepared.wrench.name)}
          </Text>
          <Figure size="small" value={settingFigure(setNm)} unit="N·m" />
        </Pressable>
        <Small className="shrink text-right">{view.set.treatment}</Small>
      </View>
      {lookedAt ? (
        <Body className="border-t border-rule px-3.5 py-2">
          {w.lookingBack(numberOf(view, lookedAt))}
        </Body>
      ) : null}
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
function otherUnit(nm: number, shown: TorqueUnit, printed: TorqueUnit): string {
  const other = shown === 'N·m' ? 'lbf·ft' : 'N·m';
  return other === printed ? '' : `${torque(nm, { length: 'mm', torque: other })} · `;
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
