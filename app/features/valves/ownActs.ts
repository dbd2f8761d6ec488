import type { ActType } from '@cardinex/core/job/act';

/** The acts made on the valves card and at its hot recheck. */
export const VALVES_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'crank.stood',
  'crank.doubted',
  'crank.overshot',
  'gaps.turned',
  'barring.chosen',
  'screw.set',
  'push-rod.seen',
  'bridge.seen',
  'cover.on',
  'shim.read',
  'shims.chosen',
  'adjuster.read',
  'injector.coded',
  'valve.read',
  'recheck.begun',
]);
