import type { ActType, LoggedAct } from '../../core/job/act';
import { checkOf } from '../../core/job/checks/allChecks';
import type { Check } from '../../core/job/checks/check';
import type { JobSheet } from '../../core/job/scope';

/** What a thumb does on a job, by whether it could be spared. */
type TapKind =
  /** Every pull, angle, pressure, release, crank turned after a cap. */
  | 'pulls'
  /** Every gap as set and as locked. */
  | 'gaps'
  /** Every reading, mass and count, which is typed. */
  | 'readings'
  /** How each piece was found as it came off: picked, for none of it is taken for granted. */
  | 'found'
  /** What a wrench is set to before a stage, by the hand that pulls with it. */
  | 'settings'
  /** What is felt, tried or faces one way, and is never said of a row. */
  | 'singles'
  /** All other presses: handling, looks, what leads on. */
  | 'others';

const KIND_OF: Partial<Readonly<Record<ActType, TapKind>>> = {
  'bolt.pulled': 'pulls',
  'bolt.turned': 'pulls',
  'bolt.eased': 'pulls',
  'bolt.taken-out': 'pulls',
  'stud.tensioned': 'pulls',
  'step.done': 'pulls',
  'cap.turned': 'pulls',
  'piece.off': 'found',
  'stage.set': 'settings',
  'run.prepared': 'settings',
  'valve.read': 'gaps',
  'screw.set': 'gaps',
  'adjuster.read': 'gaps',
  'bridge.seen': 'singles',
  'push-rod.seen': 'singles',
  'injector.coded': 'readings',
  'shim.read': 'readings',
  'check.read': 'readings',
  'piece.weighed': 'readings',
  'liner.read': 'readings',
  'liner.sealed': 'singles',
  'bolts.counted': 'readings',
  'part.arrived': 'readings',
  'temporary-part.taken-out': 'singles',
};

/** Steps of checks that stay single, of kinds of which others are handling or looks. */
const SINGLE_STEPS: Partial<Readonly<Record<Check['kind'], readonly string[]>>> = {
  holes: ['dry', 'runs-down'],
  shells: ['tang', 'oil-hole', 'halves'],
  'on-rod': ['retained', 'piston-way', 'rod-way'],
  'rings-on': ['upper-face', 'stagger'],
  'in-bore': ['cap-own', 'turns'],
  'oil-jets': ['aimed'],
  'head-built': ['collets'],
  'head-on': ['gasket-way', 'sealing-ring'],
};

/** Checks all of whose steps stay single. */
const SINGLE_KINDS: readonly Check['kind'][] = [
  'thrust',
  'timing',
  'pump',
  'bearing',
  'shells-found',
];

/** Steps of a piece that goes on which stay single, by how their names begin. */
const SINGLE_FIT = [
  'nothing-left',
  'old-joint',
  'joint',
  'facing',
  'slides-in',
  'hides',
  'held',
  'by-manual',
  'proof',
];

/** How many taps of a job were of each kind: as many as acts of it, and the rest of them all. */
export function tapsByKind(
  sheet: JobSheet,
  acts: readonly LoggedAct[],
  taps: number,
): Readonly<Record<TapKind, number>> {
  const counts = {
    pulls: 0,
    gaps: 0,
    readings: 0,
    found: 0,
    settings: 0,
    singles: 0,
    others: 0,
  };
  for (const act of acts) {
    const kind = kindOf(sheet, act);
    if (kind !== null) counts[kind] += 1;
  }
  const spent = Object.values(counts).reduce((sum, count) => sum + count, 0);
  return { ...counts, others: taps - spent };
}

function kindOf(sheet: JobSheet, act: LoggedAct): TapKind | null {
  if (act.type !== 'check.seen') return KIND_OF[act.type] ?? null;
  const { check: id, item, step = '', count } = act.data;
  if (count !== undefined) return 'readings';
  const check = checkOf(sheet, id);
  // Each energy made dead.
  if (!check) return 'singles';
  const isSingle =
    SINGLE_KINDS.includes(check.kind) ||
    (SINGLE_STEPS[check.kind]?.includes(step) ?? false) ||
    (check.kind === 'fitted' && SINGLE_FIT.some((start) => step.startsWith(start))) ||
    // A last look at what is hidden for good, and that nothing is left in there.
    (check.kind === 'last-look' && (item.startsWith('hides-') || item === 'nothing-left'));
  return isSingle ? 'singles' : null;
}
