import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { asTheyAre } from '@cardinex/core/block/asTheyAre';
import { linerArrange, type LinerArrange } from '@cardinex/core/block/linerArrange';
import { serveWork } from '../../../device/worker/serveWork';

/** Both ways to have the liners: each in the bore it came from, and the best there is. */
export interface Arranged {
  readonly standing: LinerArrange | null;
  readonly best: LinerArrange;
}

serveWork((input: LinerArrangeInput, onShare): Arranged => ({
  standing: asTheyAre(input),
  best: linerArrange(input, onShare),
}));
