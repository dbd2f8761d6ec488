import type { CalculatorName } from '@cardinex/words/bench';
import { reachBench } from './assembly/reachBench';
import type { CalculatorBench } from './CalculatorBench';
import { drawDownBench } from './clamp/drawDownBench';
import { jackBench } from './clamp/jackBench';
import { nutsBench } from './clamp/nutsBench';
import { orderBench } from './clamp/orderBench';
import { preloadBench } from './clamp/preloadBench';
import { traceBench } from './clamp/traceBench';
import { turnBench } from './clamp/turnBench';
import { whatIfBench } from './clamp/whatIfBench';
import { feelerBench } from './feelers/feelerBench';
import { boreBench } from './inspection/boreBench';
import { clearanceBench } from './inspection/clearanceBench';
import { faceBench } from './inspection/faceBench';
import { floatBench } from './inspection/floatBench';
import { headBench } from './inspection/headBench';
import { journalBench } from './inspection/journalBench';
import { ringBench } from './inspection/ringBench';
import { arrangeBench } from './liners/arrangeBench';
import { linersBench } from './liners/linersBench';
import { adjustersBench } from './overhead/adjustersBench';
import { hydraulicBench } from './overhead/hydraulicBench';
import { injectorBench } from './overhead/injectorBench';
import { shimsBench } from './overhead/shimsBench';
import { trendBench } from './overhead/trendBench';
import { clockBench } from './pistons/clockBench';
import { compressionBench } from './pistons/compressionBench';
import { gapBench } from './pistons/gapBench';
import { gasketBench } from './pistons/gasketBench';
import { heatBench } from './pistons/heatBench';
import { massBench } from './pistons/massBench';
import { rimBench } from './rim/rimBench';
import { screwBench } from './screw/screwBench';
import { lineBench } from './turning/lineBench';
import { marksBench } from './turning/marksBench';
import { topBench } from './turning/topBench';
import { travelBench } from './turning/travelBench';
import { valvesBench } from './valves/valvesBench';
import { wrenchBench } from './wrench/wrenchBench';

/** Every calculator of the bench, in the order they are laid out. */
export const CALCULATORS: Readonly<Record<CalculatorName, CalculatorBench>> = {
  wrench: wrenchBench,
  preload: preloadBench,
  turn: turnBench,
  jack: jackBench,
  nuts: nutsBench,
  order: orderBench,
  reach: reachBench,
  drawDown: drawDownBench,
  whatIf: whatIfBench,
  trace: traceBench,
  feelers: feelerBench,
  screw: screwBench,
  valves: valvesBench,
  hydraulic: hydraulicBench,
  injector: injectorBench,
  adjusters: adjustersBench,
  shims: shimsBench,
  trend: trendBench,
  top: topBench,
  marks: marksBench,
  line: lineBench,
  travel: travelBench,
  liners: linersBench,
  rim: rimBench,
  head: headBench,
  face: faceBench,
  bore: boreBench,
  journal: journalBench,
  clearance: clearanceBench,
  float: floatBench,
  ring: ringBench,
  arrange: arrangeBench,
  gap: gapBench,
  clock: clockBench,
  mass: massBench,
  heat: heatBench,
  gasket: gasketBench,
  compression: compressionBench,
};
