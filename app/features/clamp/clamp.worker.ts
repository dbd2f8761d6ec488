import {
  clampSimulate,
  type ClampSimulate,
  type ClampSimulateInput,
} from '@cardinex/core/tightening/clampSimulate';
import { serveWork } from '../../device/worker/serveWork';

/** Two ways to tighten one deck, tried side by side. */
export interface Compared {
  readonly a: ClampSimulate;
  readonly b: ClampSimulate;
}

serveWork(({ a, b }: { a: ClampSimulateInput; b: ClampSimulateInput }, onShare): Compared => ({
  a: clampSimulate(a, (share) => onShare(share / 2)),
  b: clampSimulate(b, (share) => onShare(0.5 + share / 2)),
}));
