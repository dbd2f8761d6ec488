import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { METHOD_SCATTER } from '@cardinex/core/sheet/clampPlanOf';
import type { ClampStage } from '@cardinex/core/tightening/clampSimulate';
import { orderPropose } from '@cardinex/core/tightening/orderPropose';
import { clampBench as w } from '@cardinex/words/en/clampBench';
import { useUnits } from '../../../device/preferences';
import { WhatIf } from '../../clamp/WhatIf';
import { CalculatorFrame } from '../CalculatorFrame';
import { Figures } from '../Figures';
import { OneOf } from '../OneOf';
import { readFigures, type FigureField } from '../readFigures';
import { reckoned } from '../reckoned';
import { useBenchValues } from '../useBenchValues';
import { DECK_FIELDS, DECK_STARTING, deckOf, typedSet } from './deckOf';

const FIELDS: readonly FigureField[] = [
  ...DECK_FIELDS,
  { key: 'stages', label: w.stages, kind: 'numbers', hint: w.stagesHint },
];

const STARTING = { ...DECK_STARTING, stages: '25 45 60', method: 'torque' };

/** Two ways to tighten a deck that is on no sheet. */
export function WhatIfBench() {
  const units = useUnits();
  const { values, set, clear } = useBenchValues('whatIf', STARTING);
  const read = readFigures(FIELDS, values, units);
  const deck = read.complete ? reckoned(() => deckOf(read.figures)) : null;
  const scatter = METHOD_SCATTER[values.method === 'tension' ? 'tension' : 'torque'];
  const stages = (read.lists.stages ?? []).map((kn): ClampStage => ({ kind: 'load', kn, scatter }));
  return (
    <CalculatorFrame
      name="whatIf"
      onClear={clear}
      answer={
        deck === null || deck instanceof ReckoningFault ? (
          deck
        ) : (
          <WhatIf
            set={typedSet(deck)}
            order={orderPropose({ fasteners: deck.fasteners, pattern: 'spiral' })}
            stages={stages}
          />
        )
      }
    >
      <Figures fields={FIELDS} values={values} read={read} onChange={set} />
      <OneOf name="method" label={w.method} labels={w.methods} values={values} set={set} />
    </CalculatorFrame>
  );
}
