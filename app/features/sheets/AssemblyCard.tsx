import { useState } from 'react';
import { View } from 'react-native';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Reference } from '@cardinex/core/sheet/spec/reference';
import { stack } from '@cardinex/words/drawn/stack';
import { stackReach, stackWords as w } from '@cardinex/words/stack';
import { Button } from '../../ui/Button';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Mark } from '../../ui/Mark';
import { TabbedCard } from '../../ui/TabbedCard';
import { Small } from '../../ui/Words';
import { StackOrders } from './StackOrders';
import { useArrowKeys } from './useArrowKeys';

interface Props {
  readonly sheet: EngineSheet;
  readonly wide: boolean;
}

/** The engine as its pieces: a touch, or the arrow keys, show what has to come off to get at one. */
export function AssemblyCard({ sheet, wide }: Props) {
  const [target, setTarget] = useState<Reference | null>(null);
  const { assembly } = assemblyGraph(sheet);
  const ids = assembly.pieces.map(({ id }) => id);
  const at = target === null ? -1 : ids.indexOf(headOf(target));
  const step = (by: 1 | -1): void => {
    const to = at < 0 ? (by === 1 ? 0 : ids.length - 1) : at + by;
    setTarget(ids[to] ?? null);
  };
  const keys = useArrowKeys({
    up: () => step(-1),
    down: () => step(1),
    out: () => setTarget(null),
  });
  const targets = target === null ? [] : [target];
  const found = target === null ? null : stackReach(sheet, targets);
  return (
    <TabbedCard tab={w.title}>
      <View className="gap-2" role="group" aria-label={w.title} {...keys}>
        {assembly.assumed ? <Mark kind="waiting" word={w.assumed} /> : null}
        <DrawingView
          drawing={stack(sheet, targets, wide)}
          onPress={(instance) => setTarget(instance === target ? null : instance)}
        />
        <Small>{found ? w.legend : w.hint}</Small>
        <View className="no-print flex-row gap-3">
          <Button label={w.before} onPress={() => step(-1)} className="flex-1" />
          <Button label={w.after} onPress={() => step(1)} className="flex-1" />
        </View>
        {found ? (
          <View className="gap-2" aria-live="polite">
            <StackOrders found={found} />
            <Button label={w.none} onPress={() => setTarget(null)} />
          </View>
        ) : null}
      </View>
    </TabbedCard>
  );
}
