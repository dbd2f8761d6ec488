import type { Scope } from './facts/scope';
import type { EngineSheet } from '../sheet/engineSheet';
import { memoizeByObject } from '../sheet/memoize';
import { pistonRoute, routesOf } from '../sheet/pistonRoute';
import type { PistonRoute } from '../sheet/spec/pistons';
import { variantOf } from '../sheet/variants';
import { layeredOn } from './differences';
import { scopedSheet, type JobSheet } from './scope';
import type { JobState } from './state';

/**
 * The figures a job runs on: the revision it is pinned to, with its variant, its deviations and its
 * leaflets laid over it, by the way its pistons go in, cut down to the job's scope. The same object
 * for the same layers, so that what is worked out from it is worked out once.
 */
export function sheetOfJob(
  pinned: EngineSheet,
  {
    variant,
    layers,
    scope,
    pistonRoute: route,
  }: Pick<JobState, 'variant' | 'layers' | 'scope' | 'pistonRoute'>,
): JobSheet {
  const { sheet } = layeredOn(variantOf(pinned, variant), layers);
  return scopedSheet(byRoute(sheet, route), scope ?? UNOPENED);
}

/** A sheet with another of the ways it allows for its pistons to go in; itself where none was chosen, or not that one. */
function byRoute(sheet: EngineSheet, route: PistonRoute | null): EngineSheet {
  const routes = routesOf(sheet);
  if (route === null || !routes.includes(route) || route === pistonRoute(sheet)) return sheet;
  const known = chosenOf(sheet);
  const before = known.get(route);
  if (before) return before;
  // What the sheet has first stays one of them.
  const alsoRoutes = routes.filter((other) => other !== route);
  const chosen = { ...sheet, pistons: { ...sheet.pistons, route, alsoRoutes } };
  known.set(route, chosen);
  return chosen;
}

const chosenOf = memoizeByObject((_: EngineSheet) => new Map<PistonRoute, EngineSheet>());

/** Before a job is opened nothing of its engine is left out of sight. */
const UNOPENED: Scope = { kind: 'everything' };
