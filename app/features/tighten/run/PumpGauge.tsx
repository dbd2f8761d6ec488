import type { RunView } from '@cardinex/core/job/run/views';
import { useState } from 'react';
import { View } from 'react-native';
import { reachedVerdict } from '@cardinex/core/job/run/reached';
import { runKey } from '@cardinex/core/job/run/runKey';
import type { TightenAct } from '@cardinex/core/tightening/tightenPlan';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { pressure } from '@cardinex/words/quantity';
import type { InHand } from '../../../device/instrument/useInstrument';
import { useUnits } from '../../../device/preferences';
import { Mark } from '../../../ui/Mark';
import { Live } from './Live';

/**
 * What the gauge stood at when the pump was last stopped: all jacks are on one line, so it holds for
 * every stud of this stage.
 */
export function usePumped(view: RunView) {
  const [pumped, setPumped] = useState({ stage: '', bar: 0 });
  const stage = `${runKey(view.name)}/${view.current?.key ?? ''}`;
  return {
    bar: pumped.stage === stage ? pumped.bar : null,
    take: (bar: number) => setPumped({ stage, bar }),
  };
}

interface Props {
  readonly hand: InHand;
  readonly act: TightenAct;
  /** Where the pump was stopped; null while it has not been worked. */
  readonly bar: number | null;
}

/** The gauge of the pump, where one speaks to this device. */
export function PumpGauge({ hand, act, bar }: Props) {
  const units = useUnits();
  if (hand.standing === null) return null;
  const reads = bar === null ? '' : pressure(bar, units);
  const asked = pressure(act.bar ?? 0, units);
  const live = hand.live?.bar;
  return (
    <View className="gap-1 border-t border-rule px-3.5 py-2" testID="gauge">
      <Live hand={hand} shown={live === undefined ? null : pressure(live, units)} />
      {bar === null || live !== undefined ? null : reachedVerdict(act, bar) === 'within' ? (
        <Mark kind="within" word={w.pumpedTo(reads)} />
      ) : (
        <Mark kind="out" word={w.pumpedNotTo(reads, asked)} />
      )}
    </View>
  );
}
