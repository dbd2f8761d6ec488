import { clampedBy } from '../../../sheet/assembly/clamped';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { setOf } from '../../../sheet/programmeOf';
import { memoizeByObject } from '../../../sheet/memoize';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import { isBegun, runDone, runView } from '../../run/runView';
import type { RunView } from '../../run/views';
import { setsInScope, type JobSheet } from '../../scope';
import { STRIP } from '../../slackening';
import type { JobState } from '../../state';

/** One instance of a set that is slackened, and the pieces coming off that it clamps. */
export interface Loosening {
  readonly set: FastenedSet;
  readonly instance: string;
  readonly clamps: readonly string[];
}

/** Everything that is slackened on a job, in the order in which what it clamps comes off. */
export const looseningsOf = memoizeByObject((sheet: JobSheet): readonly Loosening[] => {
  const { order } = sheet.comesOff;
  const place = new Map(order.map((id, at) => [id, at]));
  const clamps = new Map<string, Set<string>>();
  for (const { set, instance, clamps: all } of clampedBy(sheet.whole)) {
    const key = `${set}/${instance}`;
    const known = clamps.get(key) ?? new Set<string>();
    all.filter((id) => place.has(id)).forEach((id) => known.add(id));
    clamps.set(key, known);
  }
  const firstPlace = ({ clamps: pieces }: Loosening): number =>
    Math.min(order.length, ...pieces.map((id) => place.get(id) ?? order.length));
  return [...setsInScope(sheet)]
    .reverse()
    .flatMap((set) =>
      set.instances.map((instance) => ({
        set,
        instance,
        clamps: [...(clamps.get(`${set.id}/${instance}`) ?? [])],
      })),
    )
    .sort((a, b) => firstPlace(a) - firstPlace(b));
});

/** What has to be slackened before a piece comes off, and is pulled down once it is on again. */
export function clampersOf(sheet: JobSheet, piece: string): readonly Loosening[] {
  return clampersIn(sheet).get(piece) ?? [];
}

const clampersIn = memoizeByObject(
  (sheet: JobSheet): ReadonlyMap<string, readonly Loosening[]> =>
    new Map(
      sheet.comesOff.order.map((id) => [
        id,
        looseningsOf(sheet).filter(({ clamps }) => clamps.includes(id)),
      ]),
    ),
);

/** The slackening run of one instance of a set; null where its sheet says nothing of it. */
export function looseningRun(
  sheet: JobSheet,
  { runs }: Pick<JobState, 'runs'>,
  { set, instance }: Loosening,
  now: string,
): RunView | null {
  return runView(sheet, { set: set.id, instance, programme: STRIP }, runs, now);
}

/** Is all that clamps a piece slackened, and out? */
export function isLoose(sheet: JobSheet, state: Pick<JobState, 'runs'>, piece: string): boolean {
  return clampersOf(sheet, piece).every((loosening) => {
    const run = looseningRun(sheet, state, loosening, '');
    return run === null || runDone(run);
  });
}

/**
 * Pieces that are still on and must be off before this is slackened: otherwise what it holds would hang on what
 * is not free yet. It is asked of the piece that comes off first by it, and of every one that nothing else holds
 * then; what it clamps comes free together.
 */
export function onBeforeLoosening(
  sheet: JobSheet,
  state: Pick<JobState, 'pieces' | 'runs'>,
  loosening: Loosening,
): readonly string[] {
  const { clamps } = loosening;
  const { comesOff, whole } = sheet;
  const { off } = state.pieces;
  const left = comesOff.order.filter((id) => clamps.includes(id) && !off[id]);
  const freed = left.filter((id, place) => place === 0 || !isHeldElse(id));
  const before = freed.flatMap((id) => comesOff.before.get(id) ?? []);
  // What lies between two pieces of it comes free with them: it cannot be off before the upper one.
  return [...new Set(before)].filter(
    (id) => !clamps.includes(id) && !off[id] && !isUnder(sheet, id, left),
  );

  function isHeldElse(id: string): boolean {
    const held = assemblyGraph(whole).pieceOf(id)?.heldBy ?? [];
    if (held.some(({ by }) => by !== 'what-lies-on-it')) return true;
    return clampersOf(sheet, id).some((entry) => {
      if (entry === loosening) return false;
      const run = looseningRun(sheet, state, entry, '');
      return run !== null && !runDone(run);
    });
  }
}

/** Does a piece come off only after one of these? */
function isUnder({ comesOff }: JobSheet, piece: string, others: readonly string[]): boolean {
  const seen = new Set<string>();
  const ahead = [piece];
  for (let id = ahead.pop(); id !== undefined; id = ahead.pop()) {
    if (seen.has(id)) continue;
    seen.add(id);
    const before = comesOff.before.get(id) ?? [];
    if (before.some((other) => others.includes(other))) return true;
    ahead.push(...before);
  }
  return false;
}

/** Has a piece that came off been put on again, and its fasteners begun to be pulled? */
export function isPulledAgain(
  sheet: JobSheet,
  { runs }: Pick<JobState, 'runs'>,
  piece: string,
): boolean {
  return clampersOf(sheet, piece).some(({ set, instance }) => {
    const programme = setOf(sheet, set.id)?.programme?.id ?? '';
    return isBegun(runs, { set: set.id, instance, programme });
  });
}
