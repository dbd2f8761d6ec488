import type { ItemKind } from '@cardinex/core/sheet/settingItems';
import type { OverheadSpec } from '@cardinex/core/sheet/spec/overhead';
import { leafDrawing } from '@cardinex/drawings/valves/leaf';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { DrawingView } from '../../../ui/drawing/DrawingView';

interface Props {
  readonly spec: Pick<OverheadSpec, 'gear' | 'actsOn'>;
  readonly kind: ItemKind;
  /** As the sheet says it. */
  readonly between: string;
}

/** Where the leaf goes: between the two faces the sheet names. */
export function LeafDrawing({ spec, kind, between }: Props) {
  const description = w.leafDrawing(between);
  return (
    <DrawingView
      drawing={leafDrawing({ spec, item: kind, description })}
      width={200}
      height={130}
    />
  );
}
