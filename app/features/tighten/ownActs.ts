import type { ActType } from '@cardinex/core/job/act';

/** The acts made on the tightening card. */
export const TIGHTEN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'run.prepared',
  'wrench.let-back',
  'bolt.pulled',
  'bolts.reported',
  'stage.set',
  'bolt.turned',
  'bolt.eased',
  'stud.tensioned',
  'step.done',
  'bolt.failed',
  'contest.decided',
  'cap.turned',
  'bolt.taken-out',
  'run.marked',
  'heat.reached',
]);
