import type { PistonRoute } from '../../sheet/spec/pistons';

/** How pistons go in on a job, where another way was chosen than its sheet has first; null for the sheet's. */
export type PistonRouteState = PistonRoute | null;

export interface PistonRouteActs {
  /** Of the ways a sheet allows, the one by which pistons go in on this job. */
  'piston-route.chosen': { readonly route: PistonRoute };
}
