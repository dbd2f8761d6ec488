import type { Drawing } from '../shape';
import { benchSamples } from './samples/bench';
import { checkSamples } from './samples/checks';
import { crankSamples } from './samples/crank';
import { linerSamples } from './samples/liners';
import { pistonSamples } from './samples/pistons';
import { sheetSamples } from './samples/sheet';
import { tightenSamples } from './samples/tighten';
import { valveSamples } from './samples/valves';

/**
 * Every drawing at least once, on the demo shop's engines, in as many states as it has: what the tests walk
 * through, and what the page of all drawings shows. A file in `samples/` for each folder of drawings.
 */
export function sampleDrawings(): readonly Drawing[] {
  return [
    ...tightenSamples(),
    ...linerSamples(),
    ...crankSamples(),
    ...valveSamples(),
    ...pistonSamples(),
    ...checkSamples(),
    ...benchSamples(),
    ...sheetSamples(),
  ];
}
