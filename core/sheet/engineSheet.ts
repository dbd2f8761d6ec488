import type { LengthFigure, Statement } from '../quantity/figure';
import type { AssemblySpec } from './spec/assembly';
import type {
  BoreSpec,
  GasketSpec,
  HeadSpec,
  JournalSpec,
  LinerSpec,
  SealingRingSpec,
} from './spec/block';
import type { FastenedSet } from './spec/fastening';
import type { FillSpec, RenewSpec } from './spec/kit';
import type { CrankSpec, EngineEnd, FiringSpec, Layout, Naming, Rotation } from './spec/layout';
import type { OverheadSpec } from './spec/overhead';
import type { PistonSpec } from './spec/pistons';
import type { TimingSpec } from './spec/timing';
import type { VariantQuestion } from './spec/variants';

export const SHEET_FORMAT = 'engine-sheet/2';

/**
 * The maker's figures for one engine. A published revision never changes.
 *
 * Only what tells one engine from another and which end is which must be there: a thin sheet is
 * welcome, and what it lacks bars only the cards that need it.
 */
export interface EngineSheet {
  readonly format: typeof SHEET_FORMAT;
  readonly id: string;
  readonly revision: number;
  /** What changed with this revision. */
  readonly note?: string;
  readonly name: string;
  readonly description: string;
  /** The book it was entered from, with its revision. */
  readonly manual: string;
  /** Decides which cautions are shown and who may release. */
  readonly service: 'vehicle' | 'plant' | 'marine' | 'stationary' | 'aircraft';
  readonly fuel: 'diesel' | 'petrol' | 'gas';
  readonly strokes: 4 | 2;
  readonly layout: Layout;
  readonly cylinder1End: EngineEnd;
  readonly otherEnd: EngineEnd;
  /** Engines built in both hands have a sheet for each. */
  readonly hand?: 'left' | 'right';
  readonly sister?: string;
  readonly bore?: LengthFigure;
  readonly stroke?: LengthFigure;
  readonly naming?: Naming;
  readonly rotation?: Rotation;
  readonly firing?: FiringSpec;
  readonly crank?: CrankSpec;
  readonly liners?: LinerSpec;
  readonly bores?: BoreSpec;
  readonly journals?: readonly JournalSpec[];
  readonly pistons?: PistonSpec;
  readonly head?: HeadSpec;
  readonly gasket?: GasketSpec;
  readonly sealingRing?: SealingRingSpec;
  /** Only tools with a check in date may be used. */
  readonly calibratedTools?: Statement;
  readonly fastenedSets?: readonly FastenedSet[];
  readonly overhead?: OverheadSpec;
  /** The engine as pieces that come off and go on; the usual ones of its family when absent. */
  readonly assembly?: AssemblySpec;
  readonly renew?: readonly RenewSpec[];
  readonly timing?: TimingSpec;
  readonly fills?: readonly FillSpec[];
  /** Means to stop it at its first run, each tried before. */
  readonly stopping?: readonly Statement[];
  readonly variants?: readonly VariantQuestion[];
}

/**
 * Printed cylinder numbers in block order: bank by bank, each from the cylinder-1 end; of opposed banks those that face
 * each other follow one another, for they are worked on together.
 */
export function cylindersOf({ layout }: Pick<EngineSheet, 'layout'>): readonly number[] {
  const { banks, form } = layout;
  if (form !== 'opposed') return banks.flatMap((bank) => bank.cylinders);
  const longest = Math.max(...banks.map(({ cylinders }) => cylinders.length));
  return Array.from({ length: longest }, (_, at) => at).flatMap((at) =>
    banks.flatMap(({ cylinders }) => cylinders.slice(at, at + 1)),
  );
}
