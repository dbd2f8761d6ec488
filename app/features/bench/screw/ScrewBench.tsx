import { fixed } from '@cardinex/words/en/kit';
import { View } from 'react-native';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { screwTurn, type ScrewPlace, type ScrewTurn } from '@cardinex/core/overhead/screwTurn';
import { screwBench as w } from '@cardinex/words/en/bench';
import { screwSentence } from '@cardinex/words/en/cards/valves';
import { degrees } from '@cardinex/words/en/quantity';
import { useUnits } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Figure } from '../../../ui/Figure';
import { Body, Small } from '../../../ui/Words';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { readFigures, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';
import { TurnDrawing } from './TurnDrawing';

const FIELDS: readonly FigureField[] = [
  { key: 'measuredMm', label: w.measured, kind: 'gap' },
  { key: 'targetMm', label: w.target, kind: 'gap' },
  { key: 'pitchMm', label: w.pitch, kind: 'mm' },
  { key: 'rockerRatio', label: w.ratio, kind: 'number' },
];

const STARTING = { pitchMm: '1', rockerRatio: '1.5', screwAt: 'pushrod', closes: 'closes' };

/** How far to turn an adjusting screw to bring a gap from what it is to what it should be. */
export function ScrewBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('screw', STARTING);
  const read = readFigures(FIELDS, values, units);
  const { measuredMm = 0, targetMm = 0, pitchMm = 0, rockerRatio = 0 } = read.figures;
  const screwAt = (values.screwAt ?? 'pushrod') as ScrewPlace;
  const inCloses = values.closes !== 'opens';
  const found = read.complete
    ? reckoned(() => screwTurn({ measuredMm, targetMm, pitchMm, rockerRatio, screwAt, inCloses }))
    : null;
  return (
    <CalculatorFrame
      name="screw"
      onClear={clear}
      answer={found === null || found instanceof ReckoningFault ? found : <Turn found={found} />}
    >
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
      <Choice
        label={w.at}
        value={screwAt}
        options={(['pushrod', 'valve', 'pivot'] as const).map((value) => ({
          value,
          label: w.places[value],
        }))}
        onChange={(value) => set('screwAt', value)}
      />
      <Choice
        label={w.closes}
        value={inCloses ? 'closes' : 'opens'}
        options={(['closes', 'opens'] as const).map((value) => ({
          value,
          label: w.closing[value],
        }))}
        onChange={(value) => set('closes', value)}
      />
    </CalculatorFrame>
  );
}

function Turn({ found }: { found: ScrewTurn }) {
  return (
    <View className="flex-row items-center gap-4">
      <TurnDrawing deg={found.deg} direction={found.direction} />
      <View className="flex-1 gap-1">
        <Small>{w.turn}</Small>
        <Figure
          size="act"
          value={degrees(found.deg)}
          unit={w.way[found.direction]}
          testID="result"
        />
        <Body>{w.turns(fixed(found.turns, 2))}</Body>
        <Body>{screwSentence(found)}</Body>
      </View>
    </View>
  );
}
