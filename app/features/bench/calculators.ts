import type { ComponentType } from 'react';
import type { CalculatorName } from '@cardinex/words/en/bench';
import { FeelerBench } from './feelers/FeelerBench';
import { BoreBench } from './inspection/BoreBench';
import { ClearanceBench } from './inspection/ClearanceBench';
import { FloatBench } from './inspection/FloatBench';
import { HeadBench } from './inspection/HeadBench';
import { JournalBench } from './inspection/JournalBench';
import { RingBench } from './inspection/RingBench';
import { LinersBench } from './liners/LinersBench';
import { RimBench } from './rim/RimBench';
import { ScrewBench } from './screw/ScrewBench';
import { ValvesBench } from './valves/ValvesBench';
import { WrenchBench } from './wrench/WrenchBench';

/** Every calculator of the bench, in the order they are laid out. */
export const CALCULATORS: Readonly<Record<CalculatorName, ComponentType>> = {
  wrench: WrenchBench,
  feelers: FeelerBench,
  screw: ScrewBench,
  valves: ValvesBench,
  liners: LinersBench,
  rim: RimBench,
  head: HeadBench,
  bore: BoreBench,
  journal: JournalBench,
  clearance: ClearanceBench,
  float: FloatBench,
  ring: RingBench,
};
