import type { SheetFastener, SetMap } from '@cardinex/core/sheet/spec/fastening';
import { clampBench as w } from '@cardinex/words/clampBench';
import { HeadMap } from '../../tighten/HeadMap';
import { typedSet } from './deckOf';

interface Props {
  readonly map: Pick<SetMap, 'widthMm' | 'heightMm'>;
  readonly fasteners: readonly SheetFastener[];
  readonly order: readonly string[];
}

/** Every fastener with its place in the order. */
export function OrderedDeck({ map, fasteners, order }: Props) {
  const numbered = fasteners.map((fastener) => ({
    ...fastener,
    number: String(order.indexOf(fastener.id) + 1),
  }));
  const text = order
    .map((id) => fasteners.find((entry) => entry.id === id)?.number ?? id)
    .join(', ');
  return (
    <HeadMap
      set={typedSet({ map, fasteners: numbered })}
      bolts={[]}
      currentId={order[0] ?? null}
      nextId={order[1] ?? null}
      label={w.orderMap(text)}
    />
  );
}
