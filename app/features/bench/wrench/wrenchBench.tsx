import { View } from 'react-native';
import { adapterSetting } from '@cardinex/core/tightening/adapterSetting';
import { wrenchChoose, type WrenchSetting } from '@cardinex/core/tightening/wrenchChoose';
import { wrenchDrawing } from '@cardinex/drawings/bench/wrench';
import { wrenchBench as w } from '@cardinex/words/bench';
import { degrees, setting as inUnit, settingFigure } from '@cardinex/words/quantity';
import { wrenchSentence } from '@cardinex/words/wrenches';
import { useUnits } from '../../../device/preferences';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import { Figure } from '../../../ui/Figure';
import { Body, Small } from '../../../ui/Words';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField, ReadFigures } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'targetNm', label: w.target, kind: 'torque' },
  { key: 'lowNm', label: w.low, kind: 'torque' },
  { key: 'highNm', label: w.high, kind: 'torque' },
  { key: 'stepNm', label: w.step, kind: 'torque', optional: true },
  { key: 'wrenchMm', label: w.arm, kind: 'mm', optional: true },
  { key: 'adapterMm', label: w.adapter, kind: 'mm', optional: true },
  { key: 'adapterDeg', label: w.angle, kind: 'deg', optional: true, hint: w.angleHint },
  { key: 'setNm', label: w.setA, kind: 'torque', optional: true },
  { key: 'trueNm', label: w.trueA, kind: 'torque', optional: true },
];

/** The wrench in hand counts as checked: what it was found to give is what was typed. */
const TODAY = '2000-01-01';
const TODAYS = { calibratedOn: TODAY, dueOn: TODAY };

interface Found {
  readonly setting: WrenchSetting;
  /** What the wrench itself must give, its adapter counted in. */
  readonly atWrenchNm: number;
}

/** What to set a wrench to: first the adapter, then what the wrench was found to give. */
export const wrenchBench: CalculatorBench = {
  fields: FIELDS,
  starting: { lowNm: '20', highNm: '100', wrenchMm: '420', adapterDeg: '0' },
  drawing: ({ figures: { adapterMm = 0, adapterDeg = 0, wrenchMm = 420 } }) => (
    <DrawingView
      drawing={wrenchDrawing({
        armMm: wrenchMm,
        adapterMm,
        adapterDeg,
        description: w.drawing(degrees(adapterDeg)),
        arm: `${Math.round(wrenchMm)} mm`,
      })}
    />
  ),
  answer: (read) => <Setting found={find(read)} />,
};

function find({ figures }: ReadFigures): Found {
  const {
    targetNm = 0,
    lowNm = 0,
    highNm = 0,
    stepNm,
    wrenchMm,
    adapterMm,
    adapterDeg = 0,
  } = figures;
  const { setNm, trueNm } = figures;
  const points = setNm !== undefined && trueNm !== undefined ? [{ setNm, trueNm }] : [];
  const atWrenchNm =
    adapterMm !== undefined && wrenchMm !== undefined
      ? adapterSetting({ targetNm, wrenchMm, adapterMm, adapterDeg }).settingNm
      : targetNm;
  const wrench = {
    id: 'it',
    lowNm,
    highNm,
    ...(stepNm !== undefined && { stepNm }),
    points,
    ...TODAYS,
  };
  const [setting] = wrenchChoose({ targetNm: atWrenchNm, on: TODAY, wrenches: [wrench] }).wrenches;
  if (!setting) throw new Error('one wrench in, one setting out');
  return { setting, atWrenchNm };
}

function Setting({ found: { setting, atWrenchNm } }: { found: Found }) {
  const units = useUnits();
  return (
    <View className="gap-1">
      <Small>{w.setTo}</Small>
      <Figure
        size="act"
        tone={setting.inRange ? 'ink' : 'red'}
        value={settingFigure(setting.settingNm, units.torque)}
        unit={units.torque}
        testID="result"
      />
      <Body>{w.fromAdapter(inUnit(atWrenchNm, units))}</Body>
      <Body>{wrenchSentence(setting, units)}</Body>
    </View>
  );
}
