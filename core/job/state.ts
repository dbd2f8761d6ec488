import type { AttitudeState } from './facts/attitude';
import type { CribState } from './crib';
import type { CauseState } from './facts/cause';
import type { CautionsState } from './facts/cautions';
import type { ChecksState } from './facts/checks';
import type { CrankState } from './facts/crank';
import type { GasketState } from './facts/gasket';
import type { HandsState } from './facts/hands';
import type { Heat } from './facts/heat';
import type { LayersState } from './facts/layers';
import type { LeftOutState } from './facts/leftOut';
import type { LinersState } from './facts/liners';
import type { MarksState } from './facts/marks';
import type { OldBoltsState } from './facts/oldBolts';
import type { OpenedState } from './facts/opened';
import type { Parking } from './facts/parked';
import type { OutOfOrderState } from './facts/outOfOrder';
import type { PartsState } from './facts/parts';
import type { PiecesState } from './facts/pieces';
import type { PhotographsState } from './facts/photographs';
import type { PistonRouteState } from './facts/pistonRoute';
import type { PutOffState } from './facts/putOff';
import type { RegisterState } from './facts/register';
import type { RemarksState } from './facts/remarks';
import type { RunsState } from './facts/runs';
import type { Scope } from './facts/scope';
import type { StruckState } from './facts/struck';
import type { TopState } from './facts/top';
import type { ValvesState } from './facts/valves';
import type { VariantState } from './facts/variant';
import type { PendingState } from './pendingState';

/** What follows from a job's log, slice by slice: each has its acts, its rules and its file under `facts/`. */
export interface JobSlices {
  readonly opened: OpenedState;
  readonly variant: VariantState;
  /** Leaflets and deviations, and what was decided between them and the sheet. */
  readonly layers: LayersState;
  /** How far it goes by now; null only until it is opened. */
  readonly scope: Scope | null;
  readonly leftOut: LeftOutState;
  /** Cards gone on with although something should have come first. */
  readonly outOfOrder: OutOfOrderState;
  readonly pistonRoute: PistonRouteState;
  readonly putOff: PutOffState;
  /** What is to be seen to later. */
  readonly remarks: RemarksState;
  readonly parked: Parking | null;
  readonly cause: CauseState;
  readonly checks: ChecksState;
  readonly marks: MarksState;
  readonly oldBolts: OldBoltsState;
  readonly register: RegisterState;
  /** What has come off the engine. */
  readonly pieces: PiecesState;
  readonly parts: PartsState;
  readonly photographs: PhotographsState;
  readonly liners: LinersState;
  readonly gasket: GasketState;
  readonly runs: RunsState;
  /** When the engine was last run to working heat. */
  readonly heat: Heat | null;
  readonly valves: ValvesState;
  /** How the engine stands in its stand. */
  readonly attitude: AttitudeState;
  readonly crank: CrankState;
  readonly top: TopState;
  readonly cautions: CautionsState;
  /** Who is known to have their hands in. */
  readonly hands: HandsState;
  /** Acts whose wrench is not in the crib as they say. */
  readonly crib: CribState;
}

/** Everything that follows from a job's log, and nothing of the log itself. Derived: at most a copy of it is stored. */
export interface JobState extends JobSlices {
  readonly struck: StruckState;
  /** Decisions made without knowing all, and what became of them. */
  readonly pending: PendingState;
}
