import type { Scope } from './facts/scope';
import type { PendingState } from './pendingState';
import type { RunsState } from './facts/runs';
import { NO_TOP, type TopState } from './facts/top';
import type { LeaveOut, LeftOut } from './facts/leaveOut';
import { CRANK_UNKNOWN, type CrankState } from './facts/crank';
import { NO_VALVES, type ValvesState } from './facts/valves';
import type { BoltsCounted } from './facts/oldBolts';
import type { Heat } from './facts/heat';
import { NO_LAYERS, type LayersState } from './facts/layers';
import type { PhotographsState } from './facts/photographs';
import type { RegisterState } from './facts/register';
import type { Parking } from './facts/parking';
import { NO_CHECKS, type ChecksState } from './facts/checks';
import { NO_PARTS, type PartsState } from './facts/parts';
import type { MarksState } from './facts/marks';
import type { GasketState } from './facts/gasket';
import { NO_LINERS, type LinersState } from './facts/liners';
import type { ActData, Caution, LoggedAct } from './act';
import type { CribState } from './crib';
import type { VariantChoice } from '../sheet/variants';

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
