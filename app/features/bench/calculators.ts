import type { ComponentType } from 'react';
import type { CalculatorName } from '@cardinex/words/en/bench';
import { FeelerBench } from './feelers/FeelerBench';
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
};
