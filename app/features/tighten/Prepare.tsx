import type { RunView } from '@cardinex/core/job/run/views';
import type { WrenchShown } from '@cardinex/core/job/facts/run';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { coveringView } from '@cardinex/core/job/cards/tighten/covering';
import { runCard } from '@cardinex/core/job/run/runCard';
import { cardOfRun } from '@cardinex/core/job/run/runKey';
import { isByTwo, isPrepared, preparedFor } from '@cardinex/core/job/run/preparedFor';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { isInDate } from '@cardinex/core/job/run/inDate';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { groupMark } from '@cardinex/core/sheet/groupMark';
import { treatmentOf } from '@cardinex/core/sheet/treatmentOf';
import type { FastenedSet, FastenerGroup } from '@cardinex/core/sheet/spec/fastening';
import { liesWell, tightenScreen as w } from '@cardinex/words/cards/tighten';
import { faultInWords } from '@cardinex/words/faults';
import { settingFigure, torque } from '@cardinex/words/quantity';
import { runName } from '@cardinex/words/runNames';
import { refusalSentence } from '@cardinex/words/refusals';
import { shared } from '@cardinex/words/screens';
import { toolsWords as tools } from '@cardinex/words/tools';
import { wrenchShown } from '@cardinex/core/tools/wrench';
import { reaches } from '@cardinex/core/tightening/wrenchChoose';
import { usePreferences, useUnits } from '../../device/preferences';
import { useTools } from '../../session/queries';
import { Button } from '../../ui/Button';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { useRefusal } from '../../ui/Refusal';
import { Body, Small } from '../../ui/Words';
import { GroupMap } from '../covering/GroupMap';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { ProveAgain } from '../job/ProveAgain';
import { EndChoice } from './run/Ends';
import { TightenBack } from './TightenBack';
import { WrenchInHand, type Hand } from './WrenchInHand';
import { BarRow } from '../../ui/BarRow';

interface Props {
  readonly view: RunView;
  /** Which head, cap or cylinder of the set, where there are several. */
  readonly instances: ReactNode;
  readonly onCancel?: (() => void) | undefined;
}

const needsProof = refusalSentence({ code: 'needs-fresh-proof' });

/** Before the first pull: head flush, thread treated, wrench and adapter in hand, and what to set it to. */
export function Prepare({ view, instances, onCancel }: Props) {
  const { record, sheet, state, now } = useJob();
  const { end } = usePreferences();
  const byTwo = isByTwo(view);
  const side = byTwo && end !== 'both' ? end : undefined;
  const before = byTwo ? (view.run.prepared[end] ?? null) : preparedFor(view.run, undefined);
  const crib = useTools().data?.tools ?? [];
  const [hand, setHand] = useState<Hand>({
    wrenchId: before?.wrench?.id ?? null,
    adapter: before?.adapter ?? null,
    override: '',
  });
  // A head that went on step by step is flush already; so is one that has been hot.
  const onSteps =
    cardOfRun(view.name) === 'after-heat' || coveringView(sheet, state, view.name, now) !== null;
  const [flush, setFlush] = useState(isPrepared(view.run) || onSteps);
  const [treated, setTreated] = useState(before !== null);
  const [safe, setSafe] = useState(before !== null);
  const lies = liesWell[view.set.kind];
  const tool = crib.find((candidate) => candidate.id === hand.wrenchId);
  const wrench = tool ? wrenchShown(tool) : null;
  const { adapter } = hand;
  const today = new Date().toISOString().slice(0, 10);
  const kinds = new Set(view.stages.map((stage) => stage.stage.kind));
  const byTorque = kinds.has('torque') || kinds.has('check');
  const hydraulic = kinds.has('hydraulic') || kinds.has('hydraulic-check');
  const settings = wrench && byTorque ? settingsFor(view, wrench, adapter, today) : null;
  const doubtful =
    wrench !== null &&
    (wrench.off === true || (sheet.calibratedTools !== undefined && !isInDate(wrench, today)));
  const override = hand.override.trim();
  const inHand = byTorque ? wrench !== null && settings?.fault === undefined : true;
  const missing = !flush
    ? w.confirmFirst(lies.confirm)
    : !treated
      ? w.confirmFirst(w.treatmentConfirm)
      : hydraulic && !safe
        ? w.confirmFirst(w.hydraulicsConfirm)
        : !inHand
          ? w.wrenchFirst
          : doubtful && override === ''
            ? w.overrideFirst
            : null;
  const refusal = useRefusal();
  const begin = useOnce(async () => {
    if (missing !== null) return refusal.say(missing);
    if (hydraulic && !state.cautions.hydraulics) {
      await record('caution.acknowledged', { caution: 'hydraulics' });
    }
    await record('run.prepared', {
      run: view.name,
      wrench: byTorque ? wrench : null,
      adapter: byTorque ? adapter : null,
      treatment: treatmentOf(view.set),
      ...(doubtful && override !== '' && { override }),
      ...(side && { side }),
    });
  });
  return (
    <CardFrame
      {...runCard(view.name, sheet)}
      title={w.prepareTitle}
      aside={runName(sheet, view.name)}
      back={<TightenBack view={view} />}
      actBar={
        <BarRow>
          {onCancel ? (
            <Button label={shared.cancel} kind="bench" tall onPress={onCancel} className="flex-1" />
          ) : null}
          <Button
            label={w.begin}
            kind="expected"
            tall
            onPress={begin}
            className="min-w-[8rem] flex-[2]"
          />
        </BarRow>
      }
    >
      {instances}
      <View className="gap-4 p-3.5">
        {byTwo ? (
          <View className="gap-2" testID="ends">
            <EndChoice together={false} />
            <Small>{w.ownWrench}</Small>
          </View>
        ) : null}
        {onSteps ? null : (
          <Confirm
            text={lies.text}
            label={lies.confirm}
            done={flush}
            onPress={() => setFlush(!flush)}
          />
        )}
        {view.set.groups.length > 1 ? <GroupMap set={view.set} end={sheet.cylinder1End} /> : null}
        <Confirm
          text={view.set.groups.map((group) => groupText(group, view.set)).join('\n')}
          label={w.treatmentConfirm}
          done={treated}
          onPress={() => setTreated(!treated)}
        />
        {hydraulic ? (
          <Confirm
            text={w.hydraulics}
            label={w.hydraulicsConfirm}
            done={safe}
            onPress={() => setSafe(!safe)}
          />
        ) : null}
        {byTorque ? (
          <WrenchInHand
            tools={crib}
            targetsNm={valuesLeft(view)}
            calibrated={sheet.calibratedTools !== undefined}
            hand={hand}
            onChange={setHand}
          />
        ) : null}
        {settings ? <Settings settings={settings} wrench={wrench} /> : null}
        {refusal.text === needsProof ? <ProveAgain onProved={refusal.clear} /> : null}
      </View>
    </CardFrame>
  );
}

function Confirm({
  text,
  label,
  done,
  onPress,
}: {
  text: string;
  label: string;
  done: boolean;
  onPress: () => void;
}) {
  return (
    <View className="gap-2">
      <Body>{text}</Body>
      <Button label={done ? `✓ ${label}` : label} selected={done} onPress={onPress} />
    </View>
  );
}

interface StageSetting {
  readonly stage: number;
  readonly nm: number;
  readonly setNm: number;
  readonly inRange: boolean;
}

interface SettingsResult {
  readonly stages: readonly StageSetting[];
  readonly fault?: string;
}

/** The values still to be pulled to, stage by stage: the wrench is chosen for them. */
function valuesLeft(view: RunView): readonly number[] {
  const left = view.stages.flatMap(({ bolts }) => [
    ...new Set(
      bolts.flatMap(({ act, status }) =>
        act.nm === undefined || status === 'done' ? [] : [act.nm],
      ),
    ),
  ]);
  return left.filter((nm, place) => nm !== left[place - 1]);
}

/** What to set for every value the programme pulls to, or why the adapter cannot be used. */
function settingsFor(
  view: RunView,
  wrench: WrenchShown,
  adapter: Hand['adapter'],
  at: string,
): SettingsResult {
  try {
    const stages = view.stages.flatMap((stage, place) =>
      [...new Set(stage.bolts.flatMap(({ act }) => (act.nm === undefined ? [] : [act.nm])))].map(
        (nm) => {
          const setNm = wrenchSettingNm(nm, { wrench, adapter, at });
          const inRange = reaches(wrench, setNm);
          return { stage: place + 1, nm, setNm, inRange };
        },
      ),
    );
    return { stages };
  } catch (error) {
    if (error instanceof ReckoningFault) return { stages: [], fault: faultInWords(error) };
    throw error;
  }
}

function groupText(group: FastenerGroup, set: FastenedSet): string {
  const { name, thread, length, spanner, treatment } = group;
  const size = [thread, length?.text].filter(Boolean).join(' × ');
  const fits = spanner === undefined ? '' : ` ${w.spannerIs(spanner)}.`;
  const whose = set.groups.length > 1 ? `${groupMark(set, group)}: ${name}. ` : '';
  return `${whose}${w.treatment}: ${treatment.says}. ${size}.${fits}`;
}

function Settings({
  settings: { stages, fault },
  wrench,
}: {
  settings: SettingsResult;
  wrench: WrenchShown | null;
}) {
  const units = useUnits();
  if (fault !== undefined) return <Mark kind="out" word={fault} />;
  const fifth = wrench ? wrench.lowNm + (wrench.highNm - wrench.lowNm) / 5 : 0;
  return (
    <View className="gap-1 border-t border-rule pt-2">
      {stages.map(({ stage, nm, setNm, inRange }) => (
        <View key={`${stage}-${nm}`} className="flex-row items-start justify-between gap-3">
          <View>
            <Body>{w.settingFor(stage)}</Body>
            {Math.abs(setNm - nm) < 0.05 ? null : <Small>{tools.asked(torque(nm, units))}</Small>}
          </View>
          <View className="shrink items-end">
            <Figure size="small" value={settingFigure(setNm, units.torque)} unit={units.torque} />
            {inRange ? null : <Mark kind="out" word={w.outOfRange(torque(nm, units))} />}
            {inRange && setNm < fifth ? <Small>{tools.lowInRange}</Small> : null}
          </View>
        </View>
      ))}
    </View>
  );
}
