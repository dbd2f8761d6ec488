import type { LoggedAct } from './act';
import type { CribState } from './crib';
import type { CauseState } from './facts/cause';
import type { CautionsState } from './facts/cautions';
import { NO_CHECKS, type ChecksState } from './facts/checks';
import { CRANK_UNKNOWN, type CrankState } from './facts/crank';
import type { GasketState } from './facts/gasket';
import type { Heat } from './facts/heat';
import { NO_LAYERS, type LayersState } from './facts/layers';
import type { LeftOutState } from './facts/leftOut';
import { NO_LINERS, type LinersState } from './facts/liners';
import type { MarksState } from './facts/marks';
import type { OldBoltsState } from './facts/oldBolts';
import type { OpenedState } from './facts/opened';
import type { Parking } from './facts/parked';
import { NO_PARTS, type PartsState } from './facts/parts';
import type { PhotographsState } from './facts/photographs';
import type { RegisterState } from './facts/register';
import type { RunsState } from './facts/runs';
import type { Scope } from './facts/scope';
import type { StruckState } from './facts/struck';
import { NO_TOP, type TopState } from './facts/top';
import { NO_VALVES, type ValvesState } from './facts/valves';
import type { VariantState } from './facts/variant';
import type { PendingState } from './pendingState';

/** What follows from a job's log, slice by slice: each has its acts, its rules and its file under `facts/`. */
export interface JobSlices {
  readonly opened: OpenedState;
  readonly variant: VariantState;
  /** Leaflets and deviations, and what was decided between them and the sheet. */
  readonly layers: LayersState;
  /** How far it goes by now; null on jobs opened before that was asked. */
  readonly scope: Scope | null;
  readonly leftOut: LeftOutState;
  readonly parked: Parking | null;
  readonly cause: CauseState;
  readonly checks: ChecksState;
  readonly marks: MarksState;
  readonly oldBolts: OldBoltsState;
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
  readonly cautions: CautionsState;
  /** Acts whose wrench is not in the crib as they say. */
  readonly crib: CribState;
}

/** Everything that follows from a job's log. Derived, never stored. */
export interface JobState extends JobSlices {
  /** Which cards it has: those there were when it was opened, and any taken since. */
  readonly cards: number;
  readonly struck: StruckState;
  /** Decisions made without knowing all, and what became of them. */
  readonly pending: PendingState;
  readonly log: readonly LoggedAct[];
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
