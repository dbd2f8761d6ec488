import type { ComponentType } from 'react';
import type { CalculatorName } from '@cardinex/words/en/bench';
import { JackBench } from './clamp/JackBench';
import { NutsBench } from './clamp/NutsBench';
import { OrderBench } from './clamp/OrderBench';
import { PreloadBench } from './clamp/PreloadBench';
import { TraceBench } from './clamp/TraceBench';
import { TurnBench } from './clamp/TurnBench';
import { WhatIfBench } from './clamp/WhatIfBench';
import { FeelerBench } from './feelers/FeelerBench';
import { BoreBench } from './inspection/BoreBench';
import { ClearanceBench } from './inspection/ClearanceBench';
import { FloatBench } from './inspection/FloatBench';
import { HeadBench } from './inspection/HeadBench';
import { JournalBench } from './inspection/JournalBench';
import { RingBench } from './inspection/RingBench';
import { ArrangeBench } from './liners/ArrangeBench';
import { LinersBench } from './liners/LinersBench';
import { AdjustersBench } from './overhead/AdjustersBench';
import { HydraulicBench } from './overhead/HydraulicBench';
import { InjectorBench } from './overhead/InjectorBench';
import { ShimsBench } from './overhead/ShimsBench';
import { TrendBench } from './overhead/TrendBench';
import { ClockBench } from './pistons/ClockBench';
import { CompressionBench } from './pistons/CompressionBench';
import { GapBench } from './pistons/GapBench';
import { GasketBench } from './pistons/GasketBench';
import { HeatBench } from './pistons/HeatBench';
import { MassBench } from './pistons/MassBench';
import { RimBench } from './rim/RimBench';
import { ScrewBench } from './screw/ScrewBench';
import { LineBench } from './turning/LineBench';
import { MarksBench } from './turning/MarksBench';
import { TopBench } from './turning/TopBench';
import { TravelBench } from './turning/TravelBench';
import { ValvesBench } from './valves/ValvesBench';
import { WrenchBench } from './wrench/WrenchBench';

/** Every calculator of the bench, in the order they are laid out. */
export const CALCULATORS: Readonly<Record<CalculatorName, ComponentType>> = {
  wrench: WrenchBench,
  preload: PreloadBench,
  turn: TurnBench,
  jack: JackBench,
  nuts: NutsBench,
  order: OrderBench,
  whatIf: WhatIfBench,
  trace: TraceBench,
  feelers: FeelerBench,
  screw: ScrewBench,
  valves: ValvesBench,
  hydraulic: HydraulicBench,
  injector: InjectorBench,
  adjusters: AdjustersBench,
  shims: ShimsBench,
  trend: TrendBench,
  top: TopBench,
  marks: MarksBench,
  line: LineBench,
  travel: TravelBench,
  liners: LinersBench,
  rim: RimBench,
  head: HeadBench,
  bore: BoreBench,
  journal: JournalBench,
  clearance: ClearanceBench,
  float: FloatBench,
  ring: RingBench,
  arrange: ArrangeBench,
  gap: GapBench,
  clock: ClockBench,
  mass: MassBench,
  heat: HeatBench,
  gasket: GasketBench,
  compression: CompressionBench,
};
