import { atStart } from './kit';
import type { PistonRoute } from '@cardinex/core/sheet/spec/pistons';

const ROUTES: Readonly<Record<PistonRoute, string>> = {
  'into-block': 'piston into the block',
  'into-liner-on-bench': 'piston into the liner on the bench, both in together',
  'cylinder-over-piston': 'piston on its rod, its cylinder over it',
  'part-way-out': 'piston part-way out of its cylinder, pin through, then both home',
};

/** How pistons go in, said within a sentence. */
export function pistonRouteName(route: PistonRoute): string {
  return ROUTES[route];
}

/** What each way is good for, in one line. */
export const routeReasons: Readonly<Record<PistonRoute, string>> = {
  'into-block': 'From above, by the crown.',
  'into-liner-on-bench': 'Rings are seen all round as they go in.',
  'cylinder-over-piston': 'A helper holds the ring clamp while the cylinder comes over.',
  'part-way-out': 'Rings go in on the bench: no clamp between the fins, and one hand less.',
};

export const routeWords = {
  ask: 'How pistons go in',
  bySheet: 'As the sheet has it.',
  named: (route: PistonRoute) => atStart(pistonRouteName(route)),
} as const;
