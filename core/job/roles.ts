import type { ActType } from './act';

export type Role = 'mechanic' | 'inspector' | 'lead' | 'viewer';

/** Who may do what. The matrix in docs/roles.md is this table in words. */
const MAY: Readonly<Record<ActType, readonly Role[]>> = {
  'job.opened': ['mechanic', 'lead'],
  'sheet.taken': ['mechanic', 'lead'],
  'variant.changed': ['mechanic', 'lead'],
  'leaflet.entered': ['mechanic', 'inspector', 'lead'],
  'deviation.entered': ['mechanic', 'inspector', 'lead'],
  'difference.decided': ['mechanic', 'lead'],
  'scope.widened': ['mechanic', 'lead'],
  'card.left-out': ['mechanic', 'lead'],
  'job.parked': ['mechanic', 'lead'],
  'job.resumed': ['mechanic', 'lead'],
  'photograph.taken': ['mechanic', 'inspector', 'lead'],
  'cause.answered': ['mechanic', 'inspector', 'lead'],
  'check.read': ['mechanic', 'inspector', 'lead'],
  'check.seen': ['mechanic', 'inspector', 'lead'],
  'check.decided': ['mechanic', 'inspector', 'lead'],
  'mark.made': ['mechanic', 'lead'],
  'bolts.counted': ['mechanic', 'lead'],
  'thing.put-in': ['mechanic', 'inspector', 'lead'],
  'thing.taken-out': ['mechanic', 'inspector', 'lead'],
  'part.arrived': ['mechanic', 'inspector', 'lead'],
  'work.sent': ['mechanic', 'lead'],
  'work.back': ['mechanic', 'lead'],
  'liner.read': ['mechanic', 'inspector', 'lead'],
  'liners.accepted': ['mechanic', 'lead'],
  'liners.placed': ['mechanic', 'lead'],
  'liner.sealed': ['mechanic', 'lead'],
  'cap.turned': ['mechanic', 'lead'],
  'piece.weighed': ['mechanic', 'inspector', 'lead'],
  'gasket.chosen': ['mechanic', 'lead'],
  'cards.taken': ['mechanic', 'lead'],
  'run.prepared': ['mechanic', 'lead'],
  'wrench.let-back': ['mechanic', 'lead'],
  'bolt.pulled': ['mechanic', 'lead'],
  'bolts.reported': ['mechanic', 'lead'],
  'stage.set': ['mechanic', 'lead'],
  'bolt.turned': ['mechanic', 'lead'],
  'bolt.eased': ['mechanic', 'lead'],
  'stud.tensioned': ['mechanic', 'lead'],
  'step.done': ['mechanic', 'lead'],
  'bolt.taken-out': ['mechanic', 'lead'],
  'run.marked': ['mechanic', 'lead'],
  'bolt.failed': ['mechanic', 'inspector', 'lead'],
  'contest.decided': ['inspector', 'lead'],
  'caution.acknowledged': ['mechanic', 'lead'],
  'crank.stood': ['mechanic', 'lead'],
  'crank.doubted': ['mechanic', 'inspector', 'lead'],
  'valve.read': ['mechanic', 'inspector', 'lead'],
  'top.found': ['mechanic', 'lead'],
  'crank.marked': ['mechanic', 'lead'],
  'crank.overshot': ['mechanic', 'lead'],
  'barring.chosen': ['mechanic', 'lead'],
  'gaps.turned': ['mechanic', 'lead'],
  'screw.set': ['mechanic', 'inspector', 'lead'],
  'push-rod.seen': ['mechanic', 'inspector', 'lead'],
  'bridge.seen': ['mechanic', 'inspector', 'lead'],
  'cover.on': ['mechanic', 'lead'],
  'shim.read': ['mechanic', 'inspector', 'lead'],
  'shims.chosen': ['mechanic', 'lead'],
  'adjuster.read': ['mechanic', 'inspector', 'lead'],
  'injector.coded': ['mechanic', 'inspector', 'lead'],
  'recheck.begun': ['mechanic', 'lead'],
  'heat.reached': ['mechanic', 'lead'],
  // The server's own: what the crib says is not a device's to send.
  'crib.judged': [],
  struck: ['mechanic', 'inspector', 'lead'],
  // And whoever may make the decision itself.
  'pending.decided': ['mechanic', 'inspector', 'lead'],
};

/** May a member of this role do acts of this kind? */
export function mayAct(role: Role, type: ActType): boolean {
  return MAY[type].includes(role);
}

/** May this role publish engine sheets? */
export function mayPublish(role: Role): boolean {
  return role === 'mechanic' || role === 'lead';
}

/** May this role let something stand that the sheet's limits do not? */
export function mayOverride(role: Role): boolean {
  return role === 'lead';
}
