import { View } from 'react-native';
import {
  feelerStack,
  type FeelerStack,
  type FeelerStacks,
} from '@cardinex/core/overhead/feelerStack';
import { feelerStackDrawing } from '@cardinex/drawings/bench/feelerStack';
import { feelersBench as w } from '@cardinex/words/bench';
import { feelerSentence, stackLeaves } from '@cardinex/words/feelers';
import { length, lengthFigure } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import { Figure } from '../../../ui/Figure';
import { Body, Small } from '../../../ui/Words';
import type { CalculatorBench } from '../CalculatorBench';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'targetMm', label: w.target, kind: 'gap' },
  { key: 'toleranceMm', label: w.tolerance, kind: 'gap' },
  { key: 'maxLeaves', label: w.most, kind: 'number' },
  { key: 'leavesMm', label: w.leaves, kind: 'gaps' },
];

const STARTING = {
  mm: {
    leavesMm: '0.05 0.10 0.15 0.20 0.25 0.30 0.35 0.40 0.45 0.50',
    toleranceMm: '0.01',
    maxLeaves: '3',
  },
  thou: { leavesMm: '2 3 4 5 6 8 10 12 15 20', toleranceMm: '0.5', maxLeaves: '3' },
};

const MOST_SHOWN = 4;

/** Which leaves of a set to lay together for a gap. */
export const feelerBench: CalculatorBench = {
  fields: FIELDS,
  starting: ({ length }) => STARTING[length],
  answer: ({ figures, lists }) => {
    const { targetMm = 0, toleranceMm = 0, maxLeaves = 0 } = figures;
    const leavesMm = lists.leavesMm ?? [];
    return <Stacks found={feelerStack({ leavesMm, targetMm, toleranceMm, maxLeaves })} />;
  },
};

function Stacks({ found }: { found: FeelerStacks }) {
  const units = useUnits();
  const figure = (mm: number): string => lengthFigure(mm, units.length);
  const [best, ...others] = found.stacks;
  const pair: [string, FeelerStack | null][] = [
    [w.below, found.nearestBelow],
    [w.above, found.nearestAbove],
  ];
  return (
    <View className="gap-2">
      {best ? (
        <>
          <Small>{w.best}</Small>
          <Figure
            size="large"
            value={stackLeaves(best, units)}
            unit={units.length}
            testID="result"
          />
          <DrawingView
            drawing={feelerStackDrawing({
              leavesMm: best.leavesMm,
              description: w.drawing(best.leavesMm.map(figure).join(', ')),
              figure,
            })}
            maxHeight={150}
          />
        </>
      ) : null}
      <Body>{feelerSentence(found, units)}</Body>
      {others.slice(0, MOST_SHOWN).map((stack) => (
        <Line key={stack.leavesMm.join()} name={w.others} stack={stack} />
      ))}
      {pair.map(([name, stack]) => (stack ? <Line key={name} name={name} stack={stack} /> : null))}
    </View>
  );
}

function Line({ name, stack }: { name: string; stack: FeelerStack }) {
  const units = useUnits();
  return (
    <View className="flex-row items-baseline justify-between gap-3 border-t border-rule pt-1">
      <Small>{name}</Small>
      <Body className="flex-1 font-strong">{stackLeaves(stack, units)}</Body>
      <Small>
        {length(stack.totalMm, units)} ({stack.errorMm > 0 ? '+' : ''}
        {lengthFigure(stack.errorMm, units.length)})
      </Small>
    </View>
  );
}
