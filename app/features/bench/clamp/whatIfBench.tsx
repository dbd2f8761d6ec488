import { METHOD_SCATTER } from '@cardinex/core/sheet/clampPlanOf';
import type { ClampStage } from '@cardinex/core/tightening/clampSimulate';
import { orderPropose } from '@cardinex/core/tightening/orderPropose';
import { clampBench as w } from '@cardinex/words/clampBench';
import { WhatIf } from '../../clamp/WhatIf';
import type { CalculatorBench } from '../CalculatorBench';
import { OneOf } from '../OneOf';
import type { FigureField } from '../readFigures';
import { DECK_FIELDS, DECK_STARTING, deckOf, typedSet } from './deckOf';

const FIELDS: readonly FigureField[] = [
  ...DECK_FIELDS,
  { key: 'stages', label: w.stages, kind: 'numbers', hint: w.stagesHint },
];

const STARTING = { ...DECK_STARTING, stages: '25 45 60', method: 'torque' };

/** Two ways to tighten a deck that is on no sheet. */
export const whatIfBench: CalculatorBench = {
  fields: FIELDS,
  starting: STARTING,
  answer: ({ figures, lists }, values) => {
    const deck = deckOf(figures);
    const scatter = METHOD_SCATTER[values.method === 'tension' ? 'tension' : 'torque'];
    return (
      <WhatIf
        set={typedSet(deck)}
        order={orderPropose({ fasteners: deck.fasteners, pattern: 'spiral' })}
        stages={(lists.stages ?? []).map((kn): ClampStage => ({ kind: 'load', kn, scatter }))}
      />
    );
  },
  below: (values, set) => (
    <OneOf name="method" label={w.method} labels={w.methods} values={values} set={set} />
  ),
};
