import { fixed } from '@cardinex/words/kit';
import { View } from 'react-native';
import { screwTurn, type ScrewPlace, type ScrewTurn } from '@cardinex/core/overhead/screwTurn';
import { screwBench as w } from '@cardinex/words/bench';
import { screwSentence } from '@cardinex/words/cards/valves';
import { degrees } from '@cardinex/words/quantity';
import { Figure } from '../../../ui/Figure';
import { Body, Small } from '../../../ui/Words';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField } from '../readFigures';
import { OneOf } from '../OneOf';
import { TurnDrawing } from './TurnDrawing';

const FIELDS: readonly FigureField[] = [
  { key: 'measuredMm', label: w.measured, kind: 'gap' },
  { key: 'targetMm', label: w.target, kind: 'gap' },
  { key: 'pitchMm', label: w.pitch, kind: 'mm' },
  { key: 'rockerRatio', label: w.ratio, kind: 'number' },
];

const PLACES: readonly ScrewPlace[] = ['pushrod', 'valve', 'pivot'];

/** How far to turn an adjusting screw to bring a gap from what it is to what it should be. */
export const screwBench: CalculatorBench = {
  fields: FIELDS,
  starting: { pitchMm: '1', rockerRatio: '1.5', screwAt: 'pushrod', closes: 'closes' },
  answer: ({ figures }, values) => {
    const { measuredMm = 0, targetMm = 0, pitchMm = 0, rockerRatio = 0 } = figures;
    const screwAt = PLACES.find((place) => place === values.screwAt) ?? 'pushrod';
    const inCloses = values.closes !== 'opens';
    const found = screwTurn({ measuredMm, targetMm, pitchMm, rockerRatio, screwAt, inCloses });
    return <Turn found={found} />;
  },
  below: (values, set) => (
    <>
      <OneOf name="screwAt" label={w.at} labels={w.places} values={values} set={set} />
      <OneOf name="closes" label={w.closes} labels={w.closing} values={values} set={set} />
    </>
  ),
};

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
