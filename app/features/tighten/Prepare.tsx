import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Wrench } from '@cardinex/contract/api';
import { wrenchSettingNm, type RunView } from '@cardinex/core/job/cards/tighten';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { atLeast, atMost } from '@cardinex/core/quantity/withinLimits';
import type { WrenchShown } from '@cardinex/core/job/act';
import type { FastenedSet, FastenerGroup } from '@cardinex/core/sheet/spec/fastening';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { faultSentence } from '@cardinex/words/en/faults';
import { settingFigure, torque } from '@cardinex/words/en/quantity';
import { shared } from '@cardinex/words/en/screens';
import { useUnits } from '../../device/preferences';
import { useWrenches } from '../../session/queries';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { Body, Heading } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { TightenBack } from './TightenBack';

interface Props {
  readonly view: RunView;
  /** Which head, cap or cylinder of the set, where there are several. */
  readonly instances: ReactNode;
  readonly onCancel?: (() => void) | undefined;
}

/** Before the first pull: head flush, thread treated, wrench and adapter in hand, and what to set it to. */
export function Prepare({ view, instances, onCancel }: Props) {
  const { record } = useJob();
  const before = view.run.prepared;
  const wrenches = useWrenches().data?.wrenches ?? [];
  const [wrenchId, setWrenchId] = useState(before?.wrench?.id ?? null);
  const [withAdapter, setWithAdapter] = useState(before?.adapter !== null && before !== null);
  const [mm, setMm] = useState(String(before?.adapter?.mm ?? ''));
  const [deg, setDeg] = useState(String(before?.adapter?.deg ?? ''));
  const [flush, setFlush] = useState(before !== null);
  const [treated, setTreated] = useState(before !== null);
  const [safe, setSafe] = useState(before !== null);
  const wrench = wrenches.find((candidate) => candidate.id === wrenchId) ?? null;
  const adapter = withAdapter ? { mm: number(mm), deg: number(deg) } : null;
  const kinds = new Set(view.stages.map((stage) => stage.stage.kind));
  const byTorque = kinds.has('torque') || kinds.has('check');
  const hydraulic = kinds.has('hydraulic') || kinds.has('hydraulic-check');
  const settings = wrench && byTorque ? settingsFor(view, wrench, adapter) : null;
  const inHand = byTorque ? wrench !== null && settings?.fault === undefined : true;
  const ready = flush && treated && (!hydraulic || safe) && inHand;
  const begin = useOnce(async () => {
    if (!ready) return;
    await record('run.prepared', {
      run: view.name,
      wrench: byTorque && wrench ? shown(wrench) : null,
      adapter: byTorque ? adapter : null,
      treatment: treatmentOf(view.set),
    });
  });
  const onHead = view.set.kind === 'head' || view.set.kind === 'cylinder-base';
  return (
    <CardFrame
      card="tighten"
      set={view.set.id}
      title={w.prepareTitle}
      aside={view.set.name}
      back={<TightenBack view={view} />}
      actBar={
        <View className="flex-row gap-3">
          {onCancel ? (
            <Button label={shared.cancel} kind="bench" tall onPress={onCancel} className="flex-1" />
          ) : null}
          <Button
            label={w.begin}
            kind="expected"
            tall
            disabled={!ready}
            onPress={begin}
            className="flex-[2]"
          />
        </View>
      }
    >
      {instances}
      <View className="gap-4 p-3.5">
        <Confirm
          text={onHead ? w.flush : w.caps}
          label={onHead ? w.flushConfirm : w.capsConfirm}
          done={flush}
          onPress={() => setFlush(!flush)}
        />
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
          <View className="gap-2">
            <Heading level={3}>{w.wrenchInHand}</Heading>
            <View className="gap-3">
              {wrenches.map((candidate) => (
                <Button
                  key={candidate.id}
                  label={candidate.name}
                  hint={`${candidate.lowNm} to ${candidate.highNm} N·m, ${candidate.square}`}
                  selected={candidate.id === wrenchId}
                  onPress={() => setWrenchId(candidate.id)}
                />
              ))}
            </View>
            <Choice
              label={w.adapter}
              value={withAdapter ? 'fitted' : 'none'}
              options={[
                { value: 'none', label: w.noAdapter },
                { value: 'fitted', label: w.adapterFitted },
              ]}
              onChange={(value) => setWithAdapter(value === 'fitted')}
            />
            {withAdapter ? (
              <View className="gap-2">
                <Field
                  label={w.adapterLength}
                  value={mm}
                  onChangeText={setMm}
                  inputMode="decimal"
                />
                <Field
                  label={w.adapterAngle}
                  value={deg}
                  onChangeText={setDeg}
                  inputMode="decimal"
                />
              </View>
            ) : null}
          </View>
        ) : null}
        {settings ? <Settings settings={settings} /> : null}
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

/** What to set for every value the programme pulls to, or why the adapter cannot be used. */
function settingsFor(
  view: RunView,
  wrench: Wrench,
  adapter: { mm: number; deg: number } | null,
): SettingsResult {
  try {
    const stages = view.stages.flatMap((stage, place) =>
      [...new Set(stage.bolts.flatMap(({ act }) => (act.nm === undefined ? [] : [act.nm])))].map(
        (nm) => {
          const setNm = wrenchSettingNm(nm, { wrench, adapter, at: '', by: '' });
          const inRange = atLeast(setNm, wrench.lowNm) && atMost(setNm, wrench.highNm);
          return { stage: place + 1, nm, setNm, inRange };
        },
      ),
    );
    return { stages };
  } catch (error) {
    if (error instanceof ReckoningFault) return { stages: [], fault: faultSentence(error) };
    throw error;
  }
}

/** A wrench as it is written on an act. */
function shown({ id, name, lowNm, highNm, lengthMm }: Wrench): WrenchShown {
  return { id, name, lowNm, highNm, lengthMm };
}

/** What goes on thread and head, group by group. */
function treatmentOf({ groups }: FastenedSet): string {
  const says = [...new Set(groups.map((group) => group.treatment.says))];
  return says.length === 1
    ? (says[0] ?? '')
    : groups
        .map(({ name, treatment }) => `${name}: ${treatment.says}`)
        .join('. ')
        .slice(0, 200);
}

function groupText(group: FastenerGroup, { groups }: FastenedSet): string {
  const { name, thread, length, spanner, treatment } = group;
  const size = [thread, length?.text].filter(Boolean).join(' × ');
  const fits = spanner === undefined ? '' : ` ${w.spannerIs(spanner)}.`;
  const whose = groups.length > 1 ? `${name}. ` : '';
  return `${whose}${w.treatment}: ${treatment.says.charAt(0).toLowerCase()}${treatment.says.slice(1)}. ${size}.${fits}`;
}

function Settings({ settings: { stages, fault } }: { settings: SettingsResult }) {
  const units = useUnits();
  if (fault !== undefined) return <Mark kind="out" word={fault} />;
  return (
    <View className="gap-1 border-t border-rule pt-2">
      {stages.map(({ stage, nm, setNm, inRange }) => (
        <View key={`${stage}-${nm}`} className="flex-row items-center justify-between">
          <Body>{w.settingFor(stage)}</Body>
          <View className="items-end">
            <Figure size="small" value={settingFigure(setNm)} unit="N·m" />
            {inRange ? null : <Mark kind="out" word={w.outOfRange(torque(nm, units))} />}
          </View>
        </View>
      ))}
    </View>
  );
}

function number(text: string): number {
  return Number(text.replace(',', '.')) || 0;
}
