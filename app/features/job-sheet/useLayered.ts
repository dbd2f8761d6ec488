import { layeredOn, type Claim, type Layered } from '@cardinex/core/job/differences';
import { THE_SHEET } from '@cardinex/core/job/layers';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { variantOf } from '@cardinex/core/sheet/variants';
import { layerWords as w } from '@cardinex/words/jobSheet';
import { useJob } from '../job/JobProvider';

interface LayeredJob extends Layered {
  /** The sheet with its variant, before any leaflet. */
  readonly base: EngineSheet;
  /** What a source is called: the sheet, or a leaflet's own title. */
  readonly nameOf: (by: Claim['by']) => string;
}

/** This job's leaflets and deviations, held against its sheet. */
export function useLayered(): LayeredJob {
  const { pinned, state } = useJob();
  const base = variantOf(pinned, state.variant);
  const nameOf = (by: Claim['by']): string =>
    by === THE_SHEET
      ? w.sheetSays
      : (state.layers.layers.find((layer) => layer.id === by)?.title ?? by);
  return { ...layeredOn(base, state.layers), base, nameOf };
}
