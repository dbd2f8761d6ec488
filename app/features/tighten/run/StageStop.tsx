import type { Side } from '@cardinex/core/job/facts/run';
import type { RunView } from '@cardinex/core/job/run/views';
import type { Prepared } from '@cardinex/core/job/facts/runs';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { runCard } from '@cardinex/core/job/run/runCard';
import type { StageSetting } from '@cardinex/core/job/run/stageSet';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { inMillionths } from '@cardinex/core/quantity/withinLimits';
import { reaches } from '@cardinex/core/tightening/wrenchChoose';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { pressureFigure, settingFigure, torque, degrees } from '@cardinex/words/quantity';
import { nextUnit, useUnits } from '../../../device/preferences';
import { Figure } from '../../../ui/Figure';
import { Mark } from '../../../ui/Mark';
import { pullPace } from '../../../ui/hand/pullPace';
import { useRefusal } from '../../../ui/Refusal';
import { Body, Heading, Small } from '../../../ui/Words';
import { CardFrame } from '../../job/CardFrame';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { useSpoken } from '../../job/useSpoken';
import { useUndo } from '../../job/useUndo';
import { TIGHTEN_ACTS } from '../ownActs';
import { TightenBack } from '../TightenBack';
import { NutTravel } from './JackFacts';

interface Props {
  readonly view: RunView;
  readonly asked: StageSetting;
  /** From which side it is pulled, where two pull each with a wrench of their own. */
  readonly side: Side | undefined;
  readonly prepared: Prepared;
  readonly instances: ReactNode;
  readonly onChangeWrench: () => void;
}

/**
 * Between two stages the hand is stopped: what to set, take or change before the first bolt of the
 * next, in one press. The thumb that drummed the last stage through finds another card here.
 */
export function StageStop({ view, asked, side, prepared, instances, onChangeWrench }: Props) {
  const { record, sheet } = useJob();
  const units = useUnits();
  const { undo } = useUndo(TIGHTEN_ACTS);
  const { stage, kind, values, settingsNm } = asked;
  const refusal = useRefusal();
  const set = useOnce(async () => {
    // Nobody sets a wrench as fast as a thumb drums.
    if (pullPace.isTooSoon()) return refusal.say(w.setFirst);
    const own = { stage, values, settingsNm, ...(side && { side }) };
    await record('stage.set', { run: view.name, ...own });
  });
  const number = view.stages.findIndex(({ key }) => key === stage) + 1;
  const { wrench } = prepared;
  const outOfRange = values.filter(
    (nm) => settingsNm.length > 0 && wrench && !reaches(wrench, wrenchSettingNm(nm, prepared)),
  );
  const inRange = outOfRange.length === 0;
  const shown = values.map((value) => ({
    value,
    figure: figureOf(kind, value, prepared, units),
    groups: groupsAt(view, stage, value),
  }));
  useSpoken(
    `${TITLES[kind]} ${shown.map(({ figure }) => `${figure.value} ${figure.unit}`).join('. ')}`,
  );
  return (
    <CardFrame
      {...runCard(view.name, sheet)}
      title={w.stageBegins(number, view.stages.length)}
      aside={view.set.name}
      back={<TightenBack view={view} />}
      acts={{
        undo,
        ...(settingsNm.length > 0 && {
          notSo: { label: w.changeWrench, onPress: onChangeWrench },
        }),
        confirm: inRange
          ? { label: ANSWERS[kind], onPress: set }
          : {
              label: w.changeWrench,
              hint: w.outOfRange(torque(outOfRange[0] ?? 0, units)),
              onPress: onChangeWrench,
            },
      }}
    >
      {instances}
      <NutTravel view={view} />
      <View className="gap-3 border-l-[6px] border-brass px-4 py-5" testID="stage-stop">
        <View className="flex-row items-center gap-2.5">
          <Mark kind="waiting" size={28} />
          <Heading level={3} className="shrink text-big">
            {TITLES[kind]}
          </Heading>
        </View>
        {shown.map(({ value, figure, groups }) => (
          <View key={value}>
            {shown.length > 1 ? <Body className="font-strong">{groups}</Body> : null}
            <Figure
              size="act"
              value={figure.value}
              unit={figure.unit}
              onUnit={figure.quantity && (() => figure.quantity && nextUnit(figure.quantity))}
              testID="setting"
            />
            {figure.gives === undefined ? null : <Small>{w.atTheBolt(figure.gives)}</Small>}
          </View>
        ))}
        {wrench && settingsNm.length > 0 ? (
          <Body>{side ? w.wrenchAt(wrench.name, w.sides[side]) : wrench.name}</Body>
        ) : null}
        {kind === 'angle' ? <Body>{w.takeAngleSays}</Body> : null}
      </View>
    </CardFrame>
  );
}

const ANSWERS: Readonly<Record<StageSetting['kind'], string>> = {
  torque: w.itIsSet,
  check: w.itIsSet,
  angle: w.inMyHand,
  slacken: w.nowSlackenDone,
  hydraulic: w.itIsSet,
  'hydraulic-check': w.itIsSet,
  wait: '',
  'turn-crank': '',
  'draw-down': '',
};

const TITLES: Readonly<Record<StageSetting['kind'], string>> = {
  'draw-down': '',
  torque: w.setTo,
  check: w.setToCheck,
  angle: w.takeAngle,
  slacken: w.nowSlacken,
  hydraulic: w.setPump,
  'hydraulic-check': w.setPump,
  wait: '',
  'turn-crank': '',
};

interface Shown {
  readonly value: string;
  readonly unit: string;
  readonly quantity?: 'torque' | 'pressure';
  /** What the bolt gets, where the wrench is set to something else. */
  readonly gives?: string;
}

function figureOf(
  kind: StageSetting['kind'],
  value: number,
  prepared: Prepared,
  units: ReturnType<typeof useUnits>,
): Shown {
  switch (kind) {
    case 'hydraulic':
    case 'hydraulic-check':
      return {
        value: pressureFigure(value, units.pressure),
        unit: units.pressure,
        quantity: 'pressure',
      };
    case 'angle':
    case 'slacken':
      return { value: degrees(value), unit: '' };
    case 'torque':
    case 'check':
    case 'turn-crank':
    case 'draw-down':
    case 'wait': {
      const setNm = wrenchSettingNm(value, prepared);
      return {
        value: settingFigure(setNm, units.torque),
        unit: units.torque,
        quantity: 'torque',
        ...(inMillionths(setNm) !== inMillionths(value) && { gives: torque(value, units) }),
      };
    }
  }
}

/** Which groups get one of a stage's values. */
function groupsAt(view: RunView, stage: string, value: number): string {
  const bolts = view.stages.find(({ key }) => key === stage)?.bolts ?? [];
  const names = bolts.flatMap(({ act }) => {
    const fastener = view.set.fasteners.find(({ id }) => id === act.fastener);
    const asked = act.nm ?? act.deg ?? act.bar;
    return fastener && asked !== undefined && inMillionths(asked) === inMillionths(value)
      ? (groupOf(view.set, fastener)?.name ?? [])
      : [];
  });
  return [...new Set(names)].join(', ');
}
