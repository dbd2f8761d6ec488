import type { ActType } from './act';

/**
 * What an act is, which says what becomes of it where its sender had not seen the rest. A *fact* was
 * done or seen whatever anybody knew: it is kept. A *decision* rests on what was known: it has no
 * effect until someone who sees all confirms it. An *opening* happens once.
 */
export type Nature = 'fact' | 'decision' | 'opening';

/** Every kind of act; one that is missing does not compile. */
export const NATURE = {
  'job.opened': 'opening',
  'sheet.taken': 'decision',
  'variant.changed': 'decision',
  // What is printed on a paper, or has been done to an engine, is so whoever reads it.
  'leaflet.entered': 'fact',
  'deviation.entered': 'fact',
  'difference.decided': 'decision',
  'scope.widened': 'decision',
  'card.left-out': 'decision',
  'job.parked': 'decision',
  'job.resumed': 'decision',
  'photograph.taken': 'fact',
  'cause.answered': 'decision',
  'check.read': 'fact',
  'check.seen': 'fact',
  'check.decided': 'decision',
  'mark.made': 'fact',
  'bolts.counted': 'fact',
  'thing.put-in': 'fact',
  'thing.taken-out': 'fact',
  'part.arrived': 'fact',
  'work.sent': 'fact',
  'work.back': 'fact',
  'liner.read': 'fact',
  'liners.accepted': 'decision',
  'liners.placed': 'decision',
  'liner.sealed': 'fact',
  'cap.turned': 'fact',
  'piece.weighed': 'fact',
  'gasket.chosen': 'decision',
  'cards.taken': 'decision',
  // Which wrench was in the hand, though a lead may have let it be used.
  'run.prepared': 'fact',
  'wrench.let-back': 'fact',
  'bolt.pulled': 'fact',
  'bolts.reported': 'fact',
  'stage.set': 'fact',
  'bolt.turned': 'fact',
  'bolt.eased': 'fact',
  'stud.tensioned': 'fact',
  'step.done': 'fact',
  'bolt.taken-out': 'fact',
  'run.marked': 'fact',
  'bolt.failed': 'fact',
  'contest.decided': 'decision',
  'caution.acknowledged': 'fact',
  'crank.stood': 'fact',
  'crank.doubted': 'fact',
  'valve.read': 'fact',
  'top.found': 'fact',
  'crank.marked': 'fact',
  'crank.overshot': 'fact',
  'barring.chosen': 'decision',
  'gaps.turned': 'fact',
  'screw.set': 'fact',
  'push-rod.seen': 'fact',
  'bridge.seen': 'fact',
  'cover.on': 'fact',
  'shim.read': 'fact',
  'shims.chosen': 'decision',
  'adjuster.read': 'fact',
  'injector.coded': 'fact',
  'recheck.begun': 'fact',
  'heat.reached': 'fact',
  'crib.judged': 'fact',
  struck: 'decision',
  'pending.decided': 'decision',
} as const satisfies Readonly<Record<ActType, Nature>>;

/** The kinds of act that decide something. */
export type DecisionType = {
  [T in ActType]: (typeof NATURE)[T] extends 'decision' ? T : never;
}[ActType];

/** An act that decides something. */
export type Decision<A extends { readonly type: ActType }> = Extract<A, { type: DecisionType }>;

/** Does this act decide something? */
export function isDecision<A extends { readonly type: ActType }>(act: A): act is Decision<A> {
  return NATURE[act.type] === 'decision';
}
