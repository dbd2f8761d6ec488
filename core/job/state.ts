import type { ActData, Caution, LoggedAct } from './act';
import type { Heat } from './afterHeat';
import { NO_CHECKS, type ChecksState } from './checks/state';
import type { BoltsCounted } from './cards/strip';
import type { MarksState } from './cards/mark';
import { NO_PARTS, type PartsState } from './cards/parts';
import type { LeaveOut, LeftOut } from './leaveOut';
import type { Parking } from './parking';
import type { PendingState } from './pending';
import type { PhotographsState } from './photographs';
import type { RegisterState } from './register';
import type { Scope } from './scope';
import type { CribState } from './crib';
import type { GasketState } from './cards/standOut';
import { NO_LINERS, type LinersState } from './cards/liners';
import { NO_LAYERS, type LayersState } from './layers';
import type { RunsState } from './run/runState';
import { NO_TOP, type TopState } from './top';
import type { VariantChoice } from '../sheet/variants';
import { CRANK_UNKNOWN, NO_VALVES, type CrankState, type ValvesState } from './cards/valvesState';

/** Everything that follows from a job's log. Derived, never stored. */
export interface JobState {
  readonly opened: (ActData['job.opened'] & { readonly at: string; readonly by: string }) | null;
  /** Which of the sheet's variants this engine is, by question. */
  readonly variant: VariantChoice;
  /** Leaflets and deviations, and what was decided between them and the sheet. */
  readonly layers: LayersState;
  /** How far it goes by now; null on jobs opened before that was asked. */
  readonly scope: Scope | null;
  /** Which cards it has: those there were when it was opened, and any taken since. */
  readonly cards: number;
  readonly leftOut: Readonly<Partial<Record<LeaveOut, LeftOut>>>;
  readonly parked: Parking | null;
  readonly cause: (ActData['cause.answered'] & Told) | null;
  readonly checks: ChecksState;
  readonly marks: MarksState;
  /** Old bolts counted into their bags, by set and group. */
  readonly oldBolts: Readonly<Record<string, BoltsCounted>>;
  readonly register: RegisterState;
  readonly parts: PartsState;
  readonly photographs: PhotographsState;
  readonly liners: LinersState;
  readonly gasket: GasketState;
  readonly runs: RunsState;
  /** When the engine was last run to working heat. */
  readonly heat: Heat | null;
  readonly valves: ValvesState;
  readonly crank: CrankState;
  readonly top: TopState;
  readonly cautions: Readonly<
    Partial<Record<Caution, { readonly by: string; readonly at: string }>>
  >;
  /** Acts struck, by the id of the act they were struck from. */
  readonly struck: Readonly<Record<string, Strike>>;
  /** Acts whose wrench is not in the crib as they say. */
  readonly crib: CribState;
  /** Decisions made without knowing all, and what became of them. */
  readonly pending: PendingState;
  readonly log: readonly LoggedAct[];
}

interface Told {
  readonly at: string;
  readonly by: string;
}

export interface Strike {
  readonly by: string;
  readonly at: string;
  /** Absent for a mis-tap undone by the one who made it. */
  readonly words?: string;
  readonly actId: string;
}

export const EMPTY_JOB: JobState = {
  opened: null,
  variant: {},
  layers: NO_LAYERS,
  scope: null,
  cards: 1,
  leftOut: {},
  parked: null,
  cause: null,
  checks: NO_CHECKS,
  marks: [],
  oldBolts: {},
  register: [],
  parts: NO_PARTS,
  photographs: [],
  liners: NO_LINERS,
  gasket: null,
  runs: {},
  heat: null,
  valves: NO_VALVES,
  crank: CRANK_UNKNOWN,
  top: NO_TOP,
  cautions: {},
  struck: {},
  crib: {},
  pending: {},
  log: [],
};

/** The last event of the log; 0 for an empty one. */
export function headSeq(state: JobState): number {
  return state.log.at(-1)?.seq ?? 0;
}
